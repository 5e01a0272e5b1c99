package itrova.core.check.load;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.bearing.WheelBearings;
import itrova.core.bearing.WheelBearings.Rating;
import itrova.core.bearing.WheelBearings.Standing;
import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.kit.KitStuds;
import itrova.core.kit.RotorHub;
import itrova.core.kit.TorqueSpec;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.WheelDetails;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Wheel, tyre, bearings and studs against what the axle carries, each on both sides of its limit. */
class RatingsTest {
    private static Surroundings rated(double wheel, double tyre) {
        Surroundings s = Samples.NOTHING_AROUND;
        return new Surroundings(
                s.inboard(),
                s.chassis(),
                s.steering(),
                s.travel(),
                Optional.of(
                        new Surroundings.Tyre(165, 634, tyre > 0 ? OptionalDouble.of(tyre) : OptionalDouble.empty())),
                s.hose(),
                s.joints(),
                wheel > 0 ? WheelDetails.UNSEEN.withRating(wheel) : WheelDetails.UNSEEN);
    }

    private static AxleEnd.Builder end(AxleEndKind kind) {
        return Samples.end(Side.LEFT, kind);
    }

    private static Finding find(AxleEnd end, Kit kit, AxleLoad load) {
        return FitEngine.report(new AxleCase(List.of(end), Optional.of(load)), kit, ShopSettings.DEFAULTS)
                .findings()
                .stream()
                .filter(f -> f.check() == CheckId.RATINGS)
                .findFirst()
                .orElseThrow();
    }

    private static Finding find(AxleEnd end, Kit kit) {
        return find(end, kit, new AxleLoad(900, AxleLoad.Source.PLATE));
    }

    /** By hand: 450 kg a wheel, shared alike to 3 %: u = 0.03/√3, so U = 3.5 % of the load. */
    @ParameterizedTest
    @CsvSource({
        "600, 470, FITS",
        "600, 460, NOT_PROVEN",
        "600, 440, NOT_PROVEN",
        "600, 430, DOES_NOT_FIT",
        "470, 600, FITS",
        "430, 600, DOES_NOT_FIT",
        "0, 600, NOT_PROVEN",
        "600, 0, NOT_PROVEN"
    })
    void wheelAndTyreCarryTheirShare(double wheel, double tyre, Verdict wanted) {
        Finding f =
                find(end(AxleEndKind.FRONT_SPINDLE).around(rated(wheel, tyre)).build(), Samples.kit());
        assertThat(f.verdict()).isEqualTo(wanted);
        assertThat(f.check().isCritical()).isTrue();
        f.margin().ifPresent(m -> assertThat(m.u()).isPositive());
    }

    @Test
    void howTheLoadIsKnownCounts() {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).around(rated(600, 490)).build();
        assertThat(find(end, Samples.kit()).verdict()).isEqualTo(Verdict.FITS);
        assertThat(find(end, Samples.kit(), new AxleLoad(900, AxleLoad.Source.ESTIMATE))
                        .verdict())
                .as("an estimate is doubtful by 10 %")
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    /** A trailer's axle may carry a tenth over its share: by hand 495 kg a wheel of 900 kg. */
    @Test
    void aTrailersImbalanceCounts() {
        AxleEnd trailer =
                end(AxleEndKind.TRAILER_SPINDLE).around(rated(600, 480)).build();
        AxleEnd front = end(AxleEndKind.FRONT_SPINDLE).around(rated(600, 480)).build();
        assertThat(find(front, Samples.kit()).verdict()).isEqualTo(Verdict.FITS);
        Finding f = find(trailer, Samples.kit());
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(480 / 495.0 - 1, within(1e-12));
    }

    private static Kit studded(double torque, Optional<BoltGrade> grade) {
        Kit kit = Samples.kit()
                .withStuds(new KitStuds(
                        Thread.parse("1/2-20"), Figure.stated(12.65, 0.05), Figure.stated(36, 0.2), grade));
        return new Kit(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.fits(),
                kit.parts(),
                kit.terms(),
                torque > 0 ? List.of(new TorqueSpec("wheel nut", torque, Optional.empty())) : List.of(),
                kit.notes());
    }

    /**
     * By hand: 1/2-20 has 0.1600 in² (ASME B1.1), grade 8 proves 120 ksi (SAE J429): 85.4 kN. T = 0.20·12.7 mm·share·85.4 kN is 217 N·m
     * at a share of 1; 25 % of friction leave 0.4 to 0.9 to shares from 0.563 to 0.698.
     */
    @ParameterizedTest
    @CsvSource({
        "136, FITS",
        "118, NOT_PROVEN",
        "60, DOES_NOT_FIT",
        "158, NOT_PROVEN",
        "280, DOES_NOT_FIT",
        "0, NOT_PROVEN"
    })
    void theStudsClampEnoughAndNotTooMuch(double torque, Verdict wanted) {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).build();
        assertThat(find(end, studded(torque, Optional.of(BoltGrade.SAE_8))).verdict())
                .isEqualTo(wanted);
    }

    @Test
    void studsOfUnknownStrengthAreNotProven() {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).build();
        Finding f = find(end, studded(136, Optional.empty()));
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("strength grade");
    }

    // --- the bearings of the kit's own hub ---

    private static Kit hub(Optional<RotorHub.Rating> rating, double face) {
        RotorHub hub = new RotorHub(
                new RotorHub.Seat(Figure.stated(59.131, 0.01), Optional.of("L68149/L68110"), rating),
                new RotorHub.Seat(Figure.stated(50.292, 0.01), Optional.of("L44649/L44610"), rating),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(Figure.stated(70.9, 0.05)),
                Optional.of(Figure.stated(face, 0.2)),
                Optional.empty());
        return Samples.kit().withHub(hub);
    }

    private static final Optional<RotorHub.Rating> STRONG = Optional.of(new RotorHub.Rating(40_000, 0.4, 1.5));

    private static AxleEnd spindle(double backspacing) {
        return end(AxleEndKind.FRONT_SPINDLE)
                .length(Callout.SHOULDER, Samples.mm(24, 0.1))
                .length(Callout.BEARING_SPREAD, Samples.mm(56, 0.1))
                .length(Callout.WHEEL_BACKSPACING, Samples.mm(backspacing, 0.2))
                .build();
    }

    private static double life(Finding f, String way) {
        return 1
                + f.requirements().stream()
                        .filter(r -> said(r.name()).equals("bearing life, side load " + way))
                        .findFirst()
                        .orElseThrow()
                        .margin()
                        .value();
    }

    /**
     * By hand at 80 mm of backspacing: face 42 out of the shoulder, hat 6.5, offset 80 − 82.5 = −2.5: the wheel's middle stands 51 mm
     * outboard of the large bearing. With 4413 N, 441 N of side load outwards and a radius of 317 mm the small bearing takes
     * (4413·51 + 441·317)/56 = 6517 N, the large one −2104 N.
     */
    @Test
    void theLifeHangsOnWhereTheWheelStandsAndOnTheWorseSideLoad() {
        Finding f = find(spindle(80), hub(STRONG, 42));
        WheelBearings pair = new WheelBearings(new Rating(40_000, 0.4, 1.5), new Rating(40_000, 0.4, 1.5));
        double wheel = 450 * 9.80665;
        double outer = (wheel * 51 + 0.1 * wheel * 317) / 56;
        assertThat(outer).isEqualTo(6517, within(1.0));
        // thrusts of the tapers: 0.5·6517/1.5 = 2172 N less 441 N exceed 0.5·2104/1.5 = 701 N, so the small bearing
        // carries its own 2172 N along the axis, a third of its radial load and under e = 0.4: P = Fr
        double p = outer;
        double road = Math.pow(40_000 / p, 10.0 / 3) * Math.PI * 634;
        assertThat(life(f, "outwards") * 150_000).isEqualTo(road, within(road * 1e-9));
        assertThat(pair.road(new Standing(wheel, -0.1 * wheel, 51, 56, 634))).isEqualTo(road, within(road * 1e-9));
        assertThat(life(f, "outwards")).isLessThan(life(f, "inwards"));
        double last = Double.POSITIVE_INFINITY;
        for (double backspacing : new double[] {104, 80, 52}) {
            double now = life(find(spindle(backspacing), hub(STRONG, 42)), "outwards");
            assertThat(now)
                    .as("a wheel further outboard loads the small bearing more")
                    .isLessThan(last);
            last = now;
        }
    }

    @Test
    void aBearingTooWeakIsFoundAndAnUnratedOneIsNotProven() {
        Finding weak = find(spindle(80), hub(Optional.of(new RotorHub.Rating(18_000, 0.4, 1.5)), 42));
        assertThat(weak.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        Finding unrated = find(spindle(80), hub(Optional.empty(), 42));
        assertThat(unrated.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(unrated.nextMove())).contains("load ratings C, e and Y");
        Finding strong = find(spindle(104), hub(Optional.of(new RotorHub.Rating(60_000, 0.4, 1.5)), 42));
        assertThat(strong.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(strong.missingInWords())
                .as("all but the studs it should bring")
                .singleElement()
                .asString()
                .contains("studs");
    }

    @Test
    void whatPlacesTheWheelIsWanted() {
        AxleEnd whole = spindle(80);
        for (Callout left : List.of(Callout.SHOULDER, Callout.BEARING_SPREAD, Callout.WHEEL_OVERALL)) {
            AxleEnd end = whole.toBuilder().without(java.util.Set.of(left)).build();
            Finding f = find(end, hub(STRONG, 42));
            assertThat(f.verdict()).as(left.title()).isEqualTo(Verdict.NOT_PROVEN);
            assertThat(f.missing()).contains(left);
        }
    }
}
