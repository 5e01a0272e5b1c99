package itrova.server.parts;

import itrova.core.part.Part;
import itrova.core.part.PartSort;
import itrova.formats.PartDocument;
import itrova.server.api.CurrentPerson;
import itrova.server.store.PartStore;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Parts that can be bought besides kits and wheels. */
@RestController
@RequestMapping("/api/parts")
public class CatalogueController {
    private static final int PAGE = 200;

    private final PartStore parts;
    private final CurrentPerson me;

    CatalogueController(PartStore parts, CurrentPerson me) {
        this.parts = parts;
        this.me = me;
    }

    /** A part; what it tells, in words. */
    public record PartView(
            String code,
            PartSort sort,
            String sortTitle,
            String name,
            String size,
            List<String> tells,
            String supplier,
            long cents,
            int leadDays) {}

    public record PartsTaken(int taken) {}

    @GetMapping
    public List<PartView> page(
            @RequestParam(required = false) @Nullable PartSort sort,
            @RequestParam(defaultValue = "") @Size(max = 60) String text,
            @RequestParam(defaultValue = "") @Size(max = 40) String after,
            @RequestParam(defaultValue = "50") @Min(1) @Max(PAGE) int limit) {
        return parts.page(Optional.ofNullable(sort), text.strip(), after, limit).stream()
                .map(CatalogueController::view)
                .toList();
    }

    private static PartView view(Part p) {
        List<String> tells = Stream.of(
                        p.figures().entrySet().stream()
                                .map(e ->
                                        e.getKey().title() + " " + e.getValue().value() + " ± "
                                                + Math.round(e.getValue().tolerance() * 1000) / 1000.0 + " "
                                                + e.getKey().unit()),
                        p.ports().stream().map(f -> "port " + f.words()),
                        p.ends().stream().map(f -> "end " + f.words()),
                        p.traits().stream().map(t -> t.key().replace('_', ' ')))
                .flatMap(s -> s)
                .map(String::strip)
                .toList();
        return new PartView(
                p.code(),
                p.sort(),
                p.sort().title(),
                p.name(),
                p.size(),
                tells,
                p.offer().supplier(),
                p.offer().cents(),
                p.offer().leadDays());
    }

    @GetMapping(value = "/document", produces = MediaType.APPLICATION_JSON_VALUE)
    public ResponseEntity<String> document() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"parts.json\"")
                .body(PartDocument.write(parts.all()));
    }

    /** Takes a document of parts in, all or none. */
    @PostMapping("/import")
    public PartsTaken take(@RequestParam(defaultValue = "parts.json") String file, @RequestBody String text) {
        List<Part> taken = PartDocument.read(file, text);
        parts.save(taken, me.get().id());
        return new PartsTaken(taken.size());
    }
}
