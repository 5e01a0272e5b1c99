package itrova.server.parts;

import itrova.formats.KitDocument;
import itrova.formats.PartDocument;
import itrova.formats.Schemas;
import itrova.formats.WheelDocument;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.EditionStore;
import itrova.server.store.EditionStore.EditionRow;
import itrova.server.store.EditionStore.Shelf;
import itrova.server.store.KitStore;
import itrova.server.store.NotFoundException;
import itrova.server.store.PartStore;
import itrova.server.store.StaleVersionException;
import itrova.server.store.UseStore;
import itrova.server.store.WheelStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One kit, wheel or part of the wall: its document, its editions and the jobs that use it; made and changed as a whole. */
@RestController
@RequestMapping("/api/sheets/{wall}")
public class SheetController {
    private static final int LONGEST = 4_000_000;

    private final KitStore kits;
    private final WheelStore wheels;
    private final PartStore parts;
    private final EditionStore editions;
    private final UseStore uses;
    private final CurrentPerson me;
    private final JsonMapper json;

    SheetController(
            KitStore kits,
            WheelStore wheels,
            PartStore parts,
            EditionStore editions,
            UseStore uses,
            CurrentPerson me,
            JsonMapper json) {
        this.kits = kits;
        this.wheels = wheels;
        this.parts = parts;
        this.editions = editions;
        this.uses = uses;
        this.me = me;
        this.json = json;
    }

    /** A wall: what stands on it and how a document of it is called. */
    enum Wall {
        KITS(Shelf.KIT, "kit"),
        WHEELS(Shelf.WHEEL, "wheel"),
        PARTS(Shelf.PART, "part");

        private final Shelf shelf;
        private final String one;

        Wall(Shelf shelf, String one) {
            this.shelf = shelf;
            this.one = one;
        }

        String list() {
            return one + "s";
        }

        static Wall of(String name) {
            for (Wall wall : values()) {
                if (wall.list().equals(name)) {
                    return wall;
                }
            }
            throw new NotFoundException("Wall " + name);
        }
    }

    /** An edition: its document as it was, who made it so and when. */
    public record EditionView(int edition, String by, Instant at, String document) {}

    /** A job that uses it, and where. */
    public record UseInJob(long jobId, String job, String where) {}

    /** A thing with all its editions, newest first. */
    public record SheetView(String code, List<EditionView> editions, List<UseInJob> usedBy) {}

    /**
     * A thing as it shall be.
     *
     * @param seen the edition the sender saw; 0 for a thing that is new
     * @param document of the thing alone, as in a document of many
     */
    public record SheetForm(
            @Min(0) int seen, @NotBlank @Size(max = LONGEST) String document) {}

    /** What documents of a wall may say: a JSON schema. */
    @GetMapping(value = "/schema", produces = MediaType.APPLICATION_JSON_VALUE)
    public String schema(@PathVariable String wall) {
        return Schemas.text("itrova-" + Wall.of(wall).list());
    }

    @GetMapping("/{code}")
    public SheetView sheet(@PathVariable String wall, @PathVariable @Size(max = 40) String code) {
        return view(Wall.of(wall), code);
    }

    /** Makes a thing or changes it; a new edition, if anything differs. */
    @PutMapping("/{code}")
    @Transactional
    public SheetView keep(
            @PathVariable String wall, @PathVariable @Size(max = 40) String code, @Valid @RequestBody SheetForm body) {
        Wall on = Wall.of(wall);
        String document = wrapped(on, code, body.document());
        if (editions.newest(on.shelf, code) != body.seen()) {
            throw body.seen() == 0
                    ? BadInputException.of(
                            "code", code, "There is a " + on.one + " " + code + " already. Choose another code.")
                    : new StaleVersionException("The " + on.one + " " + code);
        }
        long person = me.get().id();
        switch (on) {
            case KITS -> kits.save(KitDocument.read(code, document), person);
            case WHEELS -> wheels.save(WheelDocument.read(code, document), person);
            case PARTS -> parts.save(PartDocument.read(code, document), person);
        }
        return view(on, code);
    }

    private String wrapped(Wall wall, String code, String document) {
        try {
            JsonNode one = json.readTree(document);
            if (!one.path("code").asString("").equals(code)) {
                throw BadInputException.of(
                        "code", one.path("code").asString(""), "The code is not that of the address, " + code + ".");
            }
            return "{\"format\":\"itrova-" + wall.list() + "/1\",\"" + wall.list() + "\":["
                    + json.writeValueAsString(one) + "]}";
        } catch (JacksonException e) {
            throw BadInputException.of("document", "", "This is no JSON. Load the page anew.");
        }
    }

    private SheetView view(Wall wall, String code) {
        List<EditionRow> all = editions.all(wall.shelf, code);
        if (all.isEmpty()) {
            throw new NotFoundException("The " + wall.one + " " + code);
        }
        return new SheetView(
                code,
                all.stream()
                        .map(e -> new EditionView(e.version(), e.by(), e.at(), alone(wall, e.document())))
                        .toList(),
                uses.of(wall.shelf, code).stream()
                        .map(u -> new UseInJob(u.jobId(), u.job(), u.where()))
                        .toList());
    }

    /** A thing alone, out of the document it is kept in. */
    private String alone(Wall wall, String document) {
        JsonNode root = json.readTree(document);
        JsonNode in = root.path(wall.list());
        return json.writeValueAsString(in.isArray() ? in.get(0) : root);
    }
}
