package itrova.server.parts;

import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Caliper;
import itrova.core.kit.CaliperShape;
import itrova.core.kit.Kit;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.formats.template.DxfTemplate;
import itrova.formats.template.KitTemplates;
import itrova.formats.template.PdfTemplate;
import itrova.formats.template.ProfileReader;
import itrova.formats.template.SvgTemplate;
import itrova.formats.template.Template;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.KitStore;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Templates of a kit's parts at true size, and a caliper's profile read in from a drawing. */
@RestController
@RequestMapping("/api/kits/{code}")
public class TemplateController {
    /** A profile taken off a part by hand is taken to be off by no more than this unless said otherwise (mm). */
    private static final String USUAL_TOLERANCE = "0.5 mm";

    /** A profile less true than this says nothing (mm). */
    private static final double MOST_TOLERANCE = 5;

    private final Workbench bench;
    private final KitStore kits;
    private final CurrentPerson me;

    TemplateController(Workbench bench, KitStore kits, CurrentPerson me) {
        this.bench = bench;
        this.kits = kits;
        this.me = me;
    }

    /** Which part a template is of. */
    public enum Part {
        CALIPER,
        BRACKET
    }

    /** What it is written in. */
    public enum Paper {
        PDF(MediaType.APPLICATION_PDF),
        SVG(MediaType.valueOf("image/svg+xml")),
        DXF(MediaType.valueOf("image/vnd.dxf"));

        private final MediaType type;

        Paper(MediaType type) {
            this.type = type;
        }
    }

    public record OutlineTaken(int points, double fromX, double toX, double fromR, double toR) {}

    @GetMapping("/template")
    public ResponseEntity<byte[]> template(
            @PathVariable String code, @RequestParam Part part, @RequestParam(defaultValue = "PDF") Paper as) {
        Kit kit = bench.kit(code);
        Optional<Template> template = part == Part.CALIPER ? KitTemplates.caliper(kit) : KitTemplates.bracket(kit);
        Template t = template.orElseThrow(() -> new ConflictException(
                part == Part.CALIPER
                        ? "The papers of kit " + code
                                + " give no outline of the caliper. Read one in, or ask the supplier."
                        : "The bracket of kit " + code + " is welded on and has no bolt holes."));
        String name = String.format(
                Locale.ROOT,
                "%s-%s.%s",
                code,
                part.name().toLowerCase(Locale.ROOT),
                as.name().toLowerCase(Locale.ROOT));
        return ResponseEntity.ok()
                .contentType(as.type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(written(t, as));
    }

    private static byte[] written(Template t, Paper as) {
        return switch (as) {
            case PDF -> PdfTemplate.write(t);
            case SVG -> SvgTemplate.write(t).getBytes(StandardCharsets.UTF_8);
            case DXF -> DxfTemplate.write(t).getBytes(StandardCharsets.US_ASCII);
        };
    }

    /** Reads a caliper's profile in: x from the disc's mid-plane, y from the wheel axis. */
    @PostMapping(value = "/outline", consumes = MediaType.TEXT_PLAIN_VALUE)
    public OutlineTaken outline(
            @PathVariable String code,
            @RequestParam ProfileReader.Format format,
            @RequestParam(defaultValue = USUAL_TOLERANCE) String tolerance,
            @RequestBody String text) {
        Kit kit = bench.kit(code);
        try {
            double half = ShopNotation.parse(tolerance, Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, me.units()))
                    .si();
            List<Point> points = ProfileReader.read(format, text);
            if (!(half >= 0 && half <= MOST_TOLERANCE)) {
                throw new IllegalArgumentException("The tolerance of an outline is 0 to " + MOST_TOLERANCE + " mm.");
            }
            Outline outline = new Outline(points);
            Caliper caliper = kit.caliper().withOutline(outline, half);
            CaliperShape.fault(caliper, kit.disc()).ifPresent(fault -> {
                throw new IllegalArgumentException(fault);
            });
            kits.save(List.of(kit.withCaliper(caliper)), me.get().id());
            return new OutlineTaken(points.size(), outline.minX(), outline.maxX(), outline.minR(), outline.maxR());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("file", format.name(), e.getMessage());
        }
    }
}
