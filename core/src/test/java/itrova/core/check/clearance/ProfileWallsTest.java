package itrova.core.check.clearance;

import static itrova.core.judge.Findings.find;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Requirement;
import itrova.core.finding.Verdict;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.Caliper;
import itrova.core.kit.Kit;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import itrova.core.vehicle.Station;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A wheel read here and there: what its walls prove, and what lies between them. */
class ProfileWallsTest {
    /** Mid-plane of the sample's disc in the wheel's frame (mm). */
    private static final double PLANE = -48.5;

    private static AxleEnd.Builder front() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE);
    }

    /** A caliper with one tooth, its tip at a depth of the barrel (mm) and a radius (mm), the wheel's backspacing being 80 mm. */
    private static Kit toothed(double depth, double radius) {
        double x = depth - 80 - PLANE;
        Outline tooth = new Outline(List.of(new Point(x - 20, 90), new Point(x + 20, 90), new Point(x, radius)));
        return Samples.kit(
                Samples.disc(),
                new Caliper(false, Optional.of(tooth), 0.1, 0, List.of(), Caliper.USUAL_SPAN, Samples.PLUMBING),
                1100);
    }

    /**
     * By hand: read 350 mm at 30 and 344 mm at 60, weights 3, deflection and run-out 1, room 3 mm: under the nearer wall a tip at
     * 165 mm is the last to clear, 344/2 − 7 = 165 mm; under the further one 350/2 − 7 = 168 mm.
     */
    @ParameterizedTest
    @CsvSource({"164, FITS", "166.5, NOT_PROVEN", "169, DOES_NOT_FIT"})
    void betweenTwoReadingsOnlyBothWallsProve(double tip, Verdict wanted) {
        AxleEnd end = front().barrel(List.of(
                        Samples.station(10, 362),
                        Samples.station(30, 350),
                        Samples.station(60, 344),
                        Samples.station(110, 344)))
                .build();
        Finding f = find(end, toothed(45, tip), CheckId.BARREL);
        assertThat(f.verdict()).isEqualTo(wanted);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(165 - tip, within(1e-9));
        if (wanted == Verdict.NOT_PROVEN) {
            assertThat(said(f.nextMove())).contains("barrel diameter at a depth between 30 and 60 mm");
            KitReport report = FitEngine.report(Samples.axle(end), toothed(45, tip), ShopSettings.DEFAULTS);
            assertThat(report.findings().stream().flatMap(x -> x.missing().stream()))
                    .as("what to take next goes by it")
                    .contains(Callout.WHEEL_BARREL);
        }
    }

    @Test
    void aReadingBetweenThemSettlesIt() {
        for (double read : new double[] {344, 350}) {
            AxleEnd end = front().barrel(List.of(
                            Samples.station(10, 362),
                            Samples.station(30, 350),
                            Samples.station(38, read),
                            Samples.station(52, read),
                            Samples.station(60, 344),
                            Samples.station(110, 344)))
                    .build();
            assertThat(find(end, toothed(45, 166.5), CheckId.BARREL).verdict())
                    .isEqualTo(read > 345 ? Verdict.FITS : Verdict.DOES_NOT_FIT);
        }
    }

    /** At a reading both walls pass through it: a ridge of 340 read between two of 350 is metal, not a guess. */
    @Test
    void metalThatWasReadProvesAMisfit() {
        AxleEnd end = front().barrel(List.of(
                        Samples.station(10, 362),
                        Samples.station(30, 350),
                        Samples.station(45, 340),
                        Samples.station(60, 350),
                        Samples.station(110, 350)))
                .build();
        assertThat(find(end, toothed(45, 166), CheckId.BARREL).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(find(end, toothed(75, 166), CheckId.BARREL).verdict()).isEqualTo(Verdict.FITS);
    }

    /** By hand: the sample's caliper comes to x = −8.5 mm at r 84 to 141; deflection, run-out and room take 4 mm. */
    @ParameterizedTest
    @CsvSource({"-3, -3, FITS", "-3, -6, NOT_PROVEN", "-6, -6, DOES_NOT_FIT"})
    void theSpokesHaveTwoWallsToo(double at100, double at150, Verdict wanted) {
        AxleEnd end = front().spokes(List.of(
                        Samples.station(70, 20),
                        Samples.station(90, 20),
                        Samples.station(91, at100),
                        Samples.station(150, at150),
                        Samples.station(151, 20),
                        Samples.station(165, 20)))
                .build();
        Finding f = find(end, Samples.kit(), CheckId.SPOKES);
        if (at150 < at100) {
            // only at r 150 is it known to stand so near, and there the caliper has ended
            assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
            assertThat(said(f.nextMove())).contains("between 91 and 150 mm");
        } else {
            assertThat(f.verdict()).isEqualTo(wanted);
        }
    }

    /** Weights read with much doubt belong to the gap before its least place is chosen. */
    @Test
    void whatIsTakenOffCountsBeforeTheLeastPlaceIsChosen() {
        Measured backspacing = Measured.of(80, Component.standard(Source.named("instrument:DEPTH_ROD"), 0.4));
        AxleEnd end = front().length(Callout.WHEEL_BACKSPACING, backspacing)
                .length(
                        Callout.WHEEL_WEIGHTS,
                        Measured.of(3, Component.standard(Source.named("instrument:DEPTH_ROD"), 0.4)))
                .barrel(List.of(
                        new Station(Measured.exact(10), Measured.exact(340)),
                        new Station(Measured.exact(20), Measured.exact(340)),
                        new Station(Measured.exact(20.01), Measured.exact(345)),
                        new Station(Measured.exact(110), Measured.exact(345))))
                .build();
        Finding f = find(end, toothed(24.2, 165), CheckId.BARREL);
        Requirement counts = f.requirements().get(0);
        double toFlat = 172.5 - 165 - 7 - 2 * Math.sqrt(0.4 * 0.4 + 2 * 0.1 * 0.1 / 3);
        assertThat(counts.left()).isLessThanOrEqualTo(toFlat + 1e-9);
    }

    // --- the shaft's float ---

    private static AxleEnd.Builder clip(double in, double out) {
        AxleEnd.Builder b = new AxleEnd.Builder(
                Side.LEFT,
                new AxleForm(
                        AxleEndKind.REAR_LIVE_AXLE,
                        BracketShape.CIRCLE,
                        SpindleNut.CASTLE,
                        Retention.C_CLIP,
                        false,
                        false,
                        false,
                        false));
        AxleEnd sample = Samples.end(Side.LEFT, AxleEndKind.REAR_LIVE_AXLE).build();
        for (Callout c : Callout.values()) {
            sample.length(c).ifPresent(v -> b.length(c, v));
        }
        return b.barrel(sample.barrel())
                .spokes(sample.spokes())
                .around(sample.around())
                .length(Callout.AXLE_OFFSET, Samples.mm(in, 0.05))
                .length(Callout.AXLE_OFFSET_OUT, Samples.mm(out, 0.05));
    }

    /** By hand: the kit shims 2 mm either way about 62.5; a float of 1.0 leaves 1.5 of it, a middle 1.0 off leaves 0.5. */
    @ParameterizedTest
    @CsvSource({"62, 63, FITS, 1.5", "63, 64, FITS, 0.5", "62, 66, DOES_NOT_FIT, -1.5"})
    void aFloatIsDeductedAtItsWorstEnd(double in, double out, Verdict wanted, double margin) {
        Finding f = find(clip(in, out).build(), Samples.kit(), CheckId.AXLE_OFFSET);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(margin, within(1e-9));
        assertThat(f.verdict()).isEqualTo(wanted);
    }

    @Test
    void oneEndOfTheFloatIsNotEnough() {
        AxleEnd both = clip(62, 63).build();
        AxleEnd.Builder one = new AxleEnd.Builder(Side.LEFT, both.form());
        for (Callout c : Callout.values()) {
            if (c != Callout.AXLE_OFFSET_OUT) {
                both.length(c).ifPresent(v -> one.length(c, v));
            }
        }
        Finding f = find(one.build(), Samples.kit(), CheckId.AXLE_OFFSET);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(f.missing()).containsExactly(Callout.AXLE_OFFSET_OUT);
    }

    /** The wheel floats past a caliper that stands still: by hand 16.5 − 4 mm to the spokes, less half of 2 mm. */
    @Test
    void theWheelFloatsPastTheCaliper() {
        double still = find(clip(62.5, 62.5).build(), Samples.kit(), CheckId.SPOKES)
                .margin()
                .orElseThrow()
                .value();
        double loose = find(clip(61.5, 63.5).build(), Samples.kit(), CheckId.SPOKES)
                .margin()
                .orElseThrow()
                .value();
        assertThat(still - loose).isEqualTo(1, within(1e-9));
    }
}
