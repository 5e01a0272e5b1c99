package itrova.server.parts;

import itrova.core.kit.Kit;
import itrova.core.vehicle.AxleEndKind;
import itrova.formats.KitDocument;
import itrova.server.api.CurrentPerson;
import itrova.server.api.Page;
import itrova.server.store.KitStore;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The parts wall: the catalogue, in and out as a document. */
@RestController
@RequestMapping("/api/kits")
public class KitsController {
    private final KitStore kits;
    private final CurrentPerson me;

    KitsController(KitStore kits, CurrentPerson me) {
        this.kits = kits;
        this.me = me;
    }

    /** Studs on a circle (mm). */
    public record PatternView(int count, double circle) {}

    public record KitView(
            String code,
            String name,
            String supplier,
            List<AxleEndKind> fits,
            List<PatternView> patterns,
            double discMm,
            double ratedLoadKg,
            long priceCents,
            int leadDays,
            boolean reversible,
            boolean hasOutline,
            int missingParts,
            List<String> notes) {}

    public record ImportView(int taken) {}

    public record KitsView(int total, List<KitView> kits) {}

    /** The kits whose code, name or supplier holds a text, page by page. */
    @GetMapping
    public KitsView all(
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "100") int limit) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        List<Kit> found = kits.all().stream()
                .filter(k -> (k.code() + " " + k.name() + " " + k.supplier())
                        .toLowerCase(Locale.ROOT)
                        .contains(wanted))
                .toList();
        return new KitsView(
                found.size(),
                Page.of(found, offset, limit).stream().map(KitsController::view).toList());
    }

    private static KitView view(Kit k) {
        return new KitView(
                k.code(),
                k.name(),
                k.supplier(),
                k.fits().stream().sorted().toList(),
                k.disc().patterns().stream()
                        .map(p -> new PatternView(p.count(), p.circle().value()))
                        .toList(),
                k.disc().diameter().value(),
                k.ratedLoadKg(),
                k.terms().priceCents(),
                k.terms().leadDays(),
                k.terms().reversible(),
                k.caliper().hasShape(),
                k.terms().missing().size(),
                k.notes());
    }

    @GetMapping(value = "/document", produces = MediaType.APPLICATION_JSON_VALUE)
    public ResponseEntity<String> document() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"kits.json\"")
                .body(KitDocument.write(kits.all()));
    }

    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    public ImportView take(@RequestParam(defaultValue = "kits.json") String file, @RequestBody String text) {
        List<Kit> taken = KitDocument.read(file, text);
        kits.save(taken, me.get().id());
        return new ImportView(taken.size());
    }
}
