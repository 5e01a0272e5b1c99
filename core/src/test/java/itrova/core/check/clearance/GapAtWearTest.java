package itrova.core.check.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.WheelProfile;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What the section draws says no more than the check proves. */
class GapAtWearTest {
    private static AxleEnd end(double weights, double u) {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .length(Callout.WHEEL_WEIGHTS, Samples.mm(weights, u))
                .build();
    }

    private static GapAtWear barrel(AxleEnd end) {
        List<Finding> findings = FitEngine.report(Samples.axle(end), Samples.kit(), ShopSettings.DEFAULTS)
                .findings();
        CaliperInWheel placed = new CaliperInWheel(end, WheelProfile.of(end), Samples.kit());
        return GapAtWear.of(end, placed, ShopSettings.DEFAULTS, 0, findings).stream()
                .filter(g -> g.check() == CheckId.BARREL)
                .findFirst()
                .orElseThrow();
    }

    /** Weights as high as the gap leaves room for: by their value alone they just fit, with their doubt they do not. */
    @Test
    void theDoubtOfTheWeightsCounts() {
        GapAtWear free = barrel(end(0, 0.001));
        double room = free.gap().size().value() - free.required().value();
        double doubtOfGap = free.gap().size().minus(free.required()).expanded();
        double weights = room - doubtOfGap - 0.05;
        assertThat(barrel(end(weights, 0.001)).verdict()).isEqualTo(Verdict.FITS);
        GapAtWear doubtful = barrel(end(weights, 0.5));
        assertThat(doubtful.required().expanded()).isEqualTo(1.0, within(1e-9));
        assertThat(doubtful.verdict()).isEqualTo(Verdict.NOT_PROVEN);
    }

    @Test
    void weightsNobodyMeasuredProveNothing() {
        AxleEnd unread = new AxleEnd.Builder(
                        Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE))
                .length(Callout.WHEEL_BACKSPACING, Samples.mm(80, 0.2))
                .barrel(end(3, 0.1).barrel())
                .build();
        assertThat(barrel(unread).verdict()).isEqualTo(Verdict.NOT_PROVEN);
    }

    @Test
    void aMisfitIsShownOnlyWhereTheCheckProvesOne() {
        GapAtWear tooHigh = barrel(end(40, 0.1));
        assertThat(tooHigh.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        AxleEnd end = end(40, 0.1);
        CaliperInWheel placed = new CaliperInWheel(end, WheelProfile.of(end), Samples.kit());
        assertThat(GapAtWear.of(end, placed, ShopSettings.DEFAULTS, 0, List.of()))
                .noneMatch(g -> g.verdict() == Verdict.DOES_NOT_FIT);
    }

    /** The verdict of the whole wear is the worst over its states. */
    @Test
    void atNewPadsAFixedCaliperIsAsTheCheckSays() {
        AxleEnd end = end(3, 0.1);
        Finding whole = FitEngine.report(Samples.axle(end), Samples.kit(), ShopSettings.DEFAULTS).findings().stream()
                .filter(f -> f.check() == CheckId.BARREL)
                .findFirst()
                .orElseThrow();
        Measured margin = barrel(end).gap().size().minus(barrel(end).required());
        assertThat(margin.value())
                .isGreaterThanOrEqualTo(whole.margin().orElseThrow().value() - 1e-9);
        assertThat(barrel(end).verdict()).isEqualTo(whole.verdict());
    }
}
