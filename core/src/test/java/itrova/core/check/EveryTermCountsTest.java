package itrova.core.check;

import static itrova.core.judge.Findings.find;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Requirement;
import itrova.core.finding.Verdict;
import itrova.core.geometry.Point3;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.Bracket;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Hose;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.order.OrderGate;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.HoseEnd;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import itrova.core.vehicle.Surroundings.Tyre;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Single terms of rules, each by hand: one left out or of the wrong sign shows. */
class EveryTermCountsTest {
    /** A wall beside the wheel, its face 50 mm inboard of the bracket face, taller and longer than anything that moves. */
    private static final Box WALL = new Box("wall", new Point3(-400, -900, -900), new Point3(-50, 900, 900), 2);

    private static final Steering UPRIGHT = new Steering(new Point3(0, 0, -100), new Point3(0, 0, 100), 30, 30, 1);

    private static AxleEnd.Builder beside(AxleEndKind kind, Optional<Tyre> tyre, Optional<Steering> steering) {
        return Samples.end(Side.LEFT, kind)
                .around(new Surroundings(
                        Seen.nothing(),
                        Seen.all(List.of(WALL)),
                        steering,
                        Optional.of(new Travel(60, 70, 0)),
                        tyre,
                        Optional.empty(),
                        List.of()));
    }

    private static double margin(AxleEnd end, Kit kit, CheckId check) {
        return find(end, kit, check).margin().orElseThrow().value();
    }

    // --- the sweep ---

    /** By hand: the caliper's inboard face stands at 20.5 − 48 = −27.5, 22.5 mm from the wall, 6 wanted; worn pads take their travel. */
    @ParameterizedTest
    @CsvSource({"0, 16.5", "7, 9.5", "12, 4.5"})
    void wornPadsComeNearerToTheChassis(double wear, double wanted) {
        AxleEnd end = beside(AxleEndKind.REAR_LIVE_AXLE, Optional.empty(), Optional.empty())
                .build();
        Kit kit = Samples.kit(Samples.disc(), Samples.caliper(Optional.of(Samples.outline()), wear), 1100);
        assertThat(margin(end, kit, CheckId.SWEEP)).isEqualTo(wanted, within(1e-6));
    }

    /** By hand: the tyre's middle stands at 62.5 + 6.5 + 2.5 = 71.5, its side at −11: 39 mm from the wall, 12 wanted. */
    @Test
    void theTyreStandsWhereHatAndOffsetPutIt() {
        Optional<Tyre> tyre = Optional.of(Samples.TYRE);
        AxleEnd end = beside(AxleEndKind.REAR_LIVE_AXLE, tyre, Optional.empty()).build();
        assertThat(margin(end, Samples.kit(), CheckId.SWEEP)).isEqualTo(16.5, within(1e-6)); // the caliper is nearer
        AxleEnd wide = beside(
                        AxleEndKind.REAR_LIVE_AXLE,
                        Optional.of(new Tyre(245, 634, tyre.get().ratedKg())),
                        Optional.empty())
                .build();
        double plain = margin(wide, Samples.kit(), CheckId.SWEEP);
        assertThat(plain).isEqualTo(71.5 - 122.5 + 50 - 12, within(1e-6));
        Disc thick = Samples.disc().but().hatThickness(Figure.stated(11.5, 0.1)).build();
        assertThat(margin(wide, Samples.kit().withDisc(thick), CheckId.SWEEP))
                .as("a hat 5 mm thicker takes the tyre 5 mm away")
                .isEqualTo(plain + 5, within(1e-6));
    }

    /** The tyre's plane is searched in steps: what it is off by is taken off, never given. */
    @ParameterizedTest
    @CsvSource({"79.8", "80.0", "80.1", "80.2", "80.24", "80.3"})
    void aPlaneBetweenTwoStepsIsNeverTakenForFurtherAway(double backspacing) {
        AxleEnd end = beside(
                        AxleEndKind.REAR_LIVE_AXLE,
                        Optional.of(new Tyre(245, 634, Samples.TYRE.ratedKg())),
                        Optional.empty())
                .length(Callout.WHEEL_BACKSPACING, Samples.mm(backspacing, 0.2))
                .build();
        double truth = 62.5 + 6.5 - (backspacing - 82.5) - 122.5 + 50 - 12;
        assertThat(margin(end, Samples.kit(), CheckId.SWEEP))
                .isLessThanOrEqualTo(truth + 1e-9)
                .isGreaterThan(truth - 0.51);
    }

    /** By hand: both ends of the axis are off by 1 mm either way: u = 1/√3 · steering there in radians · √2. */
    @Test
    void theKingPinsPlaceCountsByHowFarTheWheelIsTurned() {
        AxleEnd end = beside(AxleEndKind.FRONT_SPINDLE, Optional.empty(), Optional.of(UPRIGHT))
                .build();
        Finding f = find(end, Samples.kit(), CheckId.SWEEP);
        double steer = f.explain().inputs().stream()
                .filter(i -> i.name().equals("steering there"))
                .findFirst()
                .orElseThrow()
                .value()
                .value();
        assertThat(Math.abs(steer)).isGreaterThan(5);
        assertThat(effect(f, "around:left:king-pin"))
                .isEqualTo(Math.toRadians(Math.abs(steer)) * Math.sqrt(2) / Math.sqrt(3), within(1e-9));
        assertThat(effect(f, "around:left:arc of travel")).isEqualTo(0.02 * 70 / Math.sqrt(3), within(1e-9));
    }

    private static double effect(Finding f, String source) {
        return f.margin().orElseThrow().components().stream()
                .filter(c -> c.source().id().equals(source))
                .mapToDouble(Component::effect)
                .findFirst()
                .orElseThrow();
    }

    /** The doubt of backspacing and width is the tyre's, not the caliper's: u² = hub face² + backspacing² + (width/2)² + wall². */
    @Test
    void theWheelsOwnDoubtCountsWhereTheTyreIsNearest() {
        AxleEnd end = beside(
                        AxleEndKind.REAR_LIVE_AXLE,
                        Optional.of(new Tyre(245, 634, Samples.TYRE.ratedKg())),
                        Optional.empty())
                .length(
                        Callout.WHEEL_BACKSPACING,
                        Measured.of(80, Component.standard(Source.named("backspacing"), 0.7)))
                .length(Callout.WHEEL_OVERALL, Measured.of(165, Component.standard(Source.named("overall"), 0.8)))
                .build();
        Finding f = find(end, Samples.kit(), CheckId.SWEEP);
        assertThat(Math.abs(effect(f, "backspacing"))).isEqualTo(0.7, within(1e-6));
        assertThat(Math.abs(effect(f, "overall"))).isEqualTo(0.4, within(1e-6));
    }

    // --- tyre room ---

    /** By hand: hat 6.5 for a drum face of 6 takes the wheel 0.5 mm outboard: 45 − 0.5 − 12 to the fender, 50 + 0.5 − 12 to the frame. */
    @Test
    void aWheelFurtherOutboardIsNearerToTheFenderAndFurtherFromTheFrame() {
        Finding f = find(Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE).build(), Samples.kit(), CheckId.TYRE_ROOM);
        assertThat(requirement(f, "tyre to fender").margin().value()).isEqualTo(32.5, within(1e-9));
        assertThat(requirement(f, "tyre to frame").margin().value()).isEqualTo(38.5, within(1e-9));
    }

    private static Requirement requirement(Finding f, String name) {
        return f.requirements().stream()
                .filter(r -> said(r.name()).equals(name))
                .findFirst()
                .orElseThrow();
    }

    // --- the hose ---

    /** By hand: ±2 mm of the hose and ±2 mm of its end on the vehicle, both rectangular: u = √(4/3 + 4/3). */
    @Test
    void theHosesEndOnTheVehicleIsDoubtful() {
        AxleEnd end = beside(AxleEndKind.REAR_LIVE_AXLE, Optional.of(Samples.TYRE), Optional.empty())
                .build();
        Surroundings s = end.around();
        AxleEnd hosed = end.toBuilder()
                .around(new Surroundings(
                        s.inboard(),
                        s.chassis(),
                        s.steering(),
                        s.travel(),
                        s.tyre(),
                        Optional.of(new HoseEnd(new Point3(-220, 60, 120), Optional.of(Thread.parse("3/8-24")))),
                        s.joints()))
                .build();
        Kit kit = Samples.kit()
                .withHose(new Hose(Figure.stated(420, 2), 10.5, 52, Thread.parse("3/8-24"), Thread.parse("M10x1.0")));
        Finding f = find(hosed, kit, CheckId.HOSE);
        assertThat(requirement(f, "long enough").margin().u()).isEqualTo(Math.sqrt(8.0 / 3), within(1e-9));
        Measured bend = requirement(f, "bend").margin();
        // a longer hose bends less sharply, ends further apart less sharply still: both doubts are there, neither
        // cancels the other
        assertThat(bend.components()).hasSize(2);
        assertThat(bend.u()).isGreaterThan(Math.abs(bend.components().get(0).effect()));
        // with chains the tyre stands nearer by them
        AxleEnd chained = hosed.toBuilder()
                .around(new Surroundings(
                        s.inboard(),
                        s.chassis(),
                        s.steering(),
                        s.travel(),
                        Optional.of(Samples.TYRE.withChains(20)),
                        hosed.around().hose(),
                        s.joints()))
                .build();
        double plain = requirement(f, "hose to tyre").margin().value();
        double withChains = requirement(find(chained, kit, CheckId.HOSE), "hose to tyre with chains")
                .margin()
                .value();
        // the hose starts inside the rim, where chains over the side come nearer by little
        assertThat(plain - withChains).isBetween(0.1, 20.5);
    }

    // --- gate and options ---

    /** A box that lacks parts advises; it neither holds nor shuts the order. */
    @Test
    void whatOnlyAdvisesHoldsNothing() {
        KitReport report =
                FitEngine.report(Samples.axle(AxleEndKind.FRONT_SPINDLE), Samples.kit(), ShopSettings.DEFAULTS);
        assertThat(report.findings())
                .filteredOn(f -> !f.check().isCritical())
                .extracting(Finding::verdict)
                .contains(Verdict.NOT_PROVEN);
        assertThat(OrderGate.of(report).state()).isEqualTo(OrderGate.State.OPEN);
        assertThat(OrderGate.of(report).holding()).isEmpty();
    }

    @Test
    void aBracketChosenAsAnOptionIsTheOneJudged() {
        Bracket b = Samples.kit().bracket();
        Bracket other = b.but().circle(Optional.of(Figure.stated(120, 0.1))).build();
        KitOption option = new KitOption(
                "B",
                "other bracket",
                "bracket",
                0,
                0,
                new KitOption.Change(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(other),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
        Kit chosen = Samples.kit().with(List.of(option));
        assertThat(chosen.bracket()).isEqualTo(other);
        AxleEnd end = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE).build();
        assertThat(find(end, Samples.kit(), CheckId.BRACKET).verdict()).isEqualTo(Verdict.FITS);
        assertThat(find(end, chosen, CheckId.BRACKET).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
    }
}
