package itrova.server.work;

import itrova.core.bench.BearingSchool;
import itrova.core.bench.DiscIndexing;
import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldReading;
import itrova.core.bench.HoldWanted;
import itrova.core.bench.NutSteps;
import itrova.core.fastener.ShimSize;
import itrova.core.fastener.ShimStack;
import itrova.core.fastener.Thread;
import itrova.core.fastener.Tightening;
import itrova.core.finding.Verdict;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Helpers inside a step: worked out from what is typed, nothing is kept. Figures as typed, in the asking page's units where bare. */
@RestController
@RequestMapping("/api/bench-help")
public class BenchHelpController {
    private static final int MOST_READINGS = 36;

    private final StepReadings readings;
    private final CurrentPerson me;

    BenchHelpController(StepReadings readings, CurrentPerson me) {
        this.readings = readings;
        this.me = me;
    }

    /** Limits in the kind's unit as the step states them; without any, common practice. */
    public record HoldReadingForm(
            @NotNull HoldKind kind,
            @Nullable Double min,
            @Nullable Double max,
            @NotNull @Size(max = MOST_READINGS) List<@NotNull @Size(max = 40) String> readings) {}

    public record JudgedReading(Verdict verdict, String said) {}

    public record IndexingForm(
            @NotNull @Size(max = MOST_READINGS) List<@NotNull @Size(max = 40) String> hub,
            @NotNull @Size(max = 40) String hubRadius,
            @NotNull @Size(max = MOST_READINGS) List<@NotNull @Size(max = 40) String> disc,
            @NotNull @Size(max = 40) String discRadius,
            @Min(3) @Max(12) int studs) {}

    /** Every position of the disc, the best first; run-out in mm. */
    public record IndexingView(List<DiscIndexing.Position> positions) {}

    /**
     * @param pitch of the nut's thread; of an inch thread the inch over its threads, such as 1/16 in
     * @param positions positions in a turn in which the lock goes in
     * @param min least end play wanted (mm), as the step states it; without, common practice
     * @param max most end play wanted (mm)
     */
    public record NutForm(
            @NotNull @Size(max = 40) String measured,
            @NotNull @Size(max = 40) String pitch,
            @Min(1) @Max(60) int positions,
            @Nullable Double min,
            @Nullable Double max) {}

    /** Slots to turn, positive to loosen; lengths in mm. */
    public record NutView(int slots, double play, boolean within, double travel, double min, double max) {}

    /**
     * @param torque wanted at the bolt
     * @param length of the wrench, grip to square
     * @param extension of crowfoot or extension
     * @param angle between both: 0 in line, 90 changes nothing
     */
    public record WrenchForm(
            @NotNull @Size(max = 40) String torque,
            @NotNull @Size(max = 40) String length,
            @NotNull @Size(max = 40) String extension,
            @Min(0) @Max(180) int angle) {}

    public record WrenchView(double setNm) {}

    /** Shims of one thickness, as many as there are for both sides. */
    public record ShimsForm(
            @NotNull @Size(max = 40) String thickness,
            @Min(1) @Max(200) int count) {}

    /**
     * @param wanted thickness that centres the caliper
     * @param bolts bolts that each get the same stack, both sides together
     */
    public record StackForm(
            @NotNull @Size(max = 40) String wanted,
            @NotNull @Size(min = 1, max = 12) List<@Valid @NotNull ShimsForm> sizes,
            @Min(1) @Max(16) int bolts) {}

    /** Pieces under each bolt, thickest first, their sum and what is left to the wanted; mm. */
    public record StackView(List<Double> pieces, double thickness, double off) {}

    @PostMapping("/shims")
    public StackView shims(@Valid @RequestBody StackForm body) {
        double wanted = length("wanted", body.wanted());
        try {
            ShimStack stack = ShimStack.nearest(
                    wanted,
                    body.sizes().stream()
                            .map(s -> new ShimSize(length("sizes", s.thickness()), s.count()))
                            .toList(),
                    body.bolts());
            return new StackView(stack.pieces(), stack.thickness(), wanted - stack.thickness());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("sizes", "", e.getMessage());
        }
    }

    /**
     * @param turns whole and part turns the nut takes from its first thread to tight
     * @param thread of the stud
     */
    public record EngagementForm(
            @DecimalMin("0.5") @DecimalMax("40") double turns,
            @NotNull @Size(max = 40) String thread) {}

    /** Thread engaged and what is wanted of it, once the stud's diameter (common practice); mm. */
    public record EngagementView(double engaged, double wanted, double turnsWanted, boolean enough) {}

    @PostMapping("/engagement")
    public EngagementView engagement(@Valid @RequestBody EngagementForm body) {
        try {
            Thread thread = Thread.parse(body.thread());
            Tightening.Engagement e = Tightening.engagement(body.turns(), thread);
            return new EngagementView(e.engaged(), e.wanted(), e.turnsWanted(), e.isEnough());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("thread", body.thread(), e.getMessage());
        }
    }

    /** A school of adjusting a hub's bearings, in words. */
    public record SchoolView(BearingSchool school, String title, String told) {}

    @GetMapping("/bearing-schools")
    public List<SchoolView> schools() {
        return Arrays.stream(BearingSchool.values())
                .map(s -> new SchoolView(s, me.wording().title(s), me.wording().say(s.told())))
                .toList();
    }

    @PostMapping("/reading")
    public JudgedReading reading(@Valid @RequestBody HoldReadingForm body) {
        HoldReading judged = readings.judge(wanted(body.kind(), body.min(), body.max()), body.readings());
        return new JudgedReading(judged.verdict(), me.wording().say(judged.said()));
    }

    private static HoldWanted wanted(HoldKind kind, @Nullable Double min, @Nullable Double max) {
        return min == null && max == null
                ? HoldWanted.byDefault(kind)
                : HoldWanted.byPapers(kind, limit(min), limit(max));
    }

    private static OptionalDouble limit(@Nullable Double typed) {
        return typed == null ? OptionalDouble.empty() : OptionalDouble.of(typed);
    }

    @PostMapping("/indexing")
    public IndexingView indexing(@Valid @RequestBody IndexingForm body) {
        try {
            return new IndexingView(DiscIndexing.of(
                            body.hub().stream().map(t -> length("hub", t)).toList(),
                            length("hubRadius", body.hubRadius()),
                            body.disc().stream().map(t -> length("disc", t)).toList(),
                            length("discRadius", body.discRadius()),
                            body.studs())
                    .positions());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("indexing", "", e.getMessage());
        }
    }

    @PostMapping("/nut")
    public NutView nut(@Valid @RequestBody NutForm body) {
        HoldWanted wanted = wanted(HoldKind.END_PLAY, body.min(), body.max());
        double min = wanted.min().orElse(0);
        double max = wanted.max().orElseThrow(() -> BadInputException.of("max", "", "Say both limits or none."));
        try {
            NutSteps steps = NutSteps.to(
                    length("measured", body.measured()), min, max, length("pitch", body.pitch()), body.positions());
            return new NutView(steps.slots(), steps.play(), steps.isWithin(), steps.travel(), min, max);
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("nut", "", e.getMessage());
        }
    }

    @PostMapping("/wrench")
    public WrenchView wrench(@Valid @RequestBody WrenchForm body) {
        try {
            double torque = ShopNotation.parse(
                            body.torque(), Dimension.TORQUE, Unit.defaultFor(Dimension.TORQUE, me.units()))
                    .si();
            return new WrenchView(Tightening.wrenchSetting(
                    torque,
                    length("length", body.length()),
                    length("extension", body.extension()),
                    Math.toRadians(body.angle())));
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("wrench", "", e.getMessage());
        }
    }

    private double length(String field, String text) {
        try {
            return ShopNotation.parse(text, Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, me.units()))
                    .si();
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(field, text, e.getMessage());
        }
    }
}
