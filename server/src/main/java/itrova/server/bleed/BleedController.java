package itrova.server.bleed;

import itrova.core.bench.BleedLog;
import itrova.core.bench.BleedOrder.School;
import itrova.core.bench.TroubleTree;
import itrova.core.bench.TroubleTree.Complaint;
import itrova.core.brakes.AirEstimate;
import itrova.core.brakes.AirEstimate.PedalReading;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Measured;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Side;
import itrova.core.work.BleedPlan;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.bleed.BleedBay.Bay;
import itrova.server.bleed.BleedBay.Kept;
import itrova.server.store.Decision.Bled;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bleed bay of a job. */
@RestController
public class BleedController {
    private final BleedBay bay;
    private final CurrentPerson me;

    BleedController(BleedBay bay, CurrentPerson me) {
        this.bay = bay;
        this.me = me;
    }

    /** Pipe in mm, absent where no line was drawn. */
    public record BleedPointView(
            String key, String name, @Nullable Double pipe, List<String> notes, BleedLog.State state) {}

    public record BleedJointView(
            String key, String title, @Nullable Boolean dry) {}

    public record BleedEntry(long id, Instant at, String by, String said) {}

    /** Fluid in cm³; absent where nobody told what the reservoir holds. */
    public record ReservoirView(
            @Nullable Double holds, double drawn, @Nullable Double left, double total) {}

    public record BayView(
            long jobId,
            String title,
            School school,
            Side driver,
            boolean measured,
            List<String> before,
            List<BleedPointView> points,
            ReservoirView reservoir,
            List<BleedJointView> joints,
            List<BleedEntry> entries) {}

    public record BleedPointForm(
            @NotBlank @Size(max = 40) String point,
            @NotBlank @Size(max = 40) String way,
            int strokes,
            boolean bubbles,
            double fluid) {}

    public record ReservoirForm(boolean dry) {}

    public record BleedJointForm(@NotBlank @Size(max = 60) String joint, boolean dry) {}

    /** Force at the pad and its travel from rest, as typed. */
    public record PressForm(
            @NotBlank @Size(max = 40) String force,
            @NotBlank @Size(max = 40) String travel) {}

    public record PedalForm(
            @NotNull @Valid PressForm low, @NotNull @Valid PressForm high) {}

    /** Air in cm³ with its doubt; absent where it cannot be told, and why. */
    public record AirView(@Nullable Double air, @Nullable Double doubt, String why, List<String> wanted) {}

    public record TroubleForm(
            @NotNull Complaint complaint,
            @NotNull @Size(max = 20) Map<@NotBlank @Size(max = 40) String, @NotNull Boolean> answers) {}

    public record SuspectView(String id, String title, String remedy, double probability) {}

    public record TrialView(String id, String question, double minutes, double bits) {}

    public record ComplaintView(Complaint id, String title) {}

    public record TroubleView(List<SuspectView> suspects, List<TrialView> next) {}

    @GetMapping("/api/jobs/{jobId}/bleed")
    public BayView look(
            @PathVariable long jobId,
            @RequestParam(defaultValue = "FARTHEST_FIRST") School school,
            @RequestParam(defaultValue = "LEFT") Side driver) {
        Bay b = bay.of(jobId, school, driver);
        BleedLog log = b.log();
        Map<String, Boolean> dry = b.joints();
        List<BleedEntry> entries =
                new ArrayList<>(b.entries().stream().map(k -> view(b.plan(), k)).toList());
        Collections.reverse(entries);
        return new BayView(
                jobId,
                b.job().title(),
                school,
                driver,
                b.plan().isMeasured(),
                me.said(b.plan().before()),
                b.plan().points().stream().map(p -> view(p, log)).toList(),
                new ReservoirView(
                        b.reservoir().isPresent() ? b.reservoir().getAsDouble() : null,
                        log.drawn(),
                        log.left(b.reservoir()).isPresent()
                                ? log.left(b.reservoir()).getAsDouble()
                                : null,
                        log.total()),
                b.plan().fittings().stream()
                        .map(j -> new BleedJointView(j.key(), j.title(), dry.get(j.key())))
                        .toList(),
                entries);
    }

    private BleedPointView view(BleedPlan.Point p, BleedLog log) {
        return new BleedPointView(
                p.wheel().key(),
                p.name(),
                p.pipe().isPresent() ? p.pipe().getAsDouble() : null,
                me.said(p.notes()),
                log.state(p.wheel().key()));
    }

    private static BleedEntry view(BleedPlan plan, Kept k) {
        return new BleedEntry(k.event().id(), k.event().at(), k.event().by(), said(plan, k.bled()));
    }

    private static String said(BleedPlan plan, Bled bled) {
        Map<String, String> told = bled.told();
        return switch (bled.what()) {
            case POINT ->
                plan.points().stream()
                                .filter(p -> p.wheel().key().equals(told.get("point")))
                                .map(BleedPlan.Point::name)
                                .findFirst()
                                .orElse(told.get("point"))
                        + ": " + told.get("strokes") + " strokes, "
                        + (Boolean.parseBoolean(told.get("bubbles")) ? "bubbles still came" : "no more bubbles") + ", "
                        + told.get("fluid") + " cm³, " + told.get("way");
            case TOPPED_UP -> "Reservoir filled to its mark";
            case RAN_DRY -> "Reservoir ran dry: everything begins anew";
            case JOINT ->
                told.get("joint") + (Boolean.parseBoolean(told.get("dry")) ? ": dry under full pressure" : ": WET");
            case PEDAL ->
                "Pedal " + told.get("low") + ", " + told.get("high") + ": "
                        + (told.containsKey("air")
                                ? String.format(
                                        java.util.Locale.ROOT,
                                        "%.1f ± %.1f cm³ of air",
                                        Double.parseDouble(told.get("air")),
                                        Double.parseDouble(told.get("doubt")))
                                : told.get("why"));
            case TAKEN_BACK -> "taken back";
        };
    }

    @PostMapping("/api/jobs/{jobId}/bleed/points")
    public BayView point(@PathVariable long jobId, @Valid @RequestBody BleedPointForm body) {
        try {
            bay.point(
                    jobId,
                    new BleedLog.Bled(body.point(), body.strokes(), body.bubbles(), body.fluid()),
                    body.way().strip(),
                    me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("point", body.point(), e.getMessage());
        }
        return now(jobId);
    }

    @PostMapping("/api/jobs/{jobId}/bleed/reservoir")
    public BayView reservoir(@PathVariable long jobId, @Valid @RequestBody ReservoirForm body) {
        bay.reservoir(jobId, body.dry(), me.get().id());
        return now(jobId);
    }

    @PostMapping("/api/jobs/{jobId}/bleed/joints")
    public BayView joint(@PathVariable long jobId, @Valid @RequestBody BleedJointForm body) {
        bay.joint(jobId, body.joint(), body.dry(), me.get().id());
        return now(jobId);
    }

    @PostMapping("/api/jobs/{jobId}/bleed/pedal")
    public AirView pedal(@PathVariable long jobId, @Valid @RequestBody PedalForm body) {
        AirEstimate air;
        try {
            air = bay.pedal(
                    jobId, pressed(body.low()), pressed(body.high()), me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("pedal", "", e.getMessage());
        }
        return new AirView(
                air.volume().map(Measured::value).orElse(null),
                air.volume().map(Measured::expanded).orElse(null),
                air.why(),
                air.missing().stream()
                        .map(at -> me.wording().say(at.words()))
                        .sorted()
                        .toList());
    }

    private PedalReading pressed(PressForm form) {
        return new PedalReading(
                force(form.force()),
                ShopNotation.parse(form.travel(), Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, me.units()))
                        .si());
    }

    /** NIST SP 811. */
    private static final double NEWTON_PER_POUND = 4.448221615;

    private double force(String text) {
        String told = text.strip().toLowerCase(java.util.Locale.ROOT).replace(',', '.');
        boolean isPounds = told.endsWith("lbf") || told.endsWith("lb");
        boolean isNewton = told.endsWith("n");
        String number = told.replaceAll("(lbf|lb|n)$", "").strip();
        try {
            double value = Double.parseDouble(number);
            return isPounds || !isNewton && me.units() == UnitSystem.INCH ? value * NEWTON_PER_POUND : value;
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("“" + text + "” is no force. Write it like 30 N or 7 lbf.");
        }
    }

    @DeleteMapping("/api/jobs/{jobId}/bleed/entries/{id}")
    public BayView takeBack(@PathVariable long jobId, @PathVariable long id) {
        bay.takeBack(jobId, id, me.get().id());
        return now(jobId);
    }

    private BayView now(long jobId) {
        return look(jobId, School.FARTHEST_FIRST, Side.LEFT);
    }

    /** What may be complained of. */
    @GetMapping("/api/troubles")
    public List<ComplaintView> complaints() {
        return java.util.Arrays.stream(Complaint.values())
                .map(c -> new ComplaintView(c, c.title()))
                .toList();
    }

    /** What is behind a complaint by what was tried, and what tells most next. Keeps nothing. */
    @PostMapping("/api/bench-help/trouble")
    public TroubleView trouble(@Valid @RequestBody TroubleForm body) {
        try {
            return new TroubleView(
                    TroubleTree.suspects(body.complaint(), body.answers()).stream()
                            .map(s -> new SuspectView(
                                    s.cause().id(), s.cause().title(), s.cause().remedy(), s.probability()))
                            .toList(),
                    TroubleTree.next(body.complaint(), body.answers()).stream()
                            .map(a -> new TrialView(
                                    a.trial().id(),
                                    a.trial().question(),
                                    a.trial().minutes(),
                                    a.bits()))
                            .toList());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("answers", "", e.getMessage());
        }
    }
}
