package itrova.core.check.clearance;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Point3;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Hose;
import itrova.core.kit.Kit;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.HoseEnd;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import itrova.core.vehicle.Surroundings.Tyre;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Checks 15 to 18: what stands around the wheel. In the samples the disc's mid-plane lies 62.5 − 42 = 20.5 mm from the face. */
class AroundTheWheelTest {
    private static final ShopSettings SETTINGS = ShopSettings.DEFAULTS;

    private static Finding find(AxleEnd end, Kit kit, CheckId check) {
        return find(end, kit, check, SETTINGS);
    }

    private static Finding find(AxleEnd end, Kit kit, CheckId check, ShopSettings settings) {
        return FitEngine.report(Samples.axle(end), kit, settings).findings().stream()
                .filter(f -> f.check() == check)
                .findFirst()
                .orElseThrow();
    }

    private static AxleEnd.Builder front() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE);
    }

    private static Surroundings with(Obstacle obstacle) {
        Surroundings none = Samples.NOTHING_AROUND;
        return new Surroundings(
                Seen.all(List.of(obstacle)),
                none.chassis(),
                none.steering(),
                none.travel(),
                none.tyre(),
                none.hose(),
                List.of());
    }

    private static Obstacle arm(double outTo, ClockWindow window, OptionalDouble mayBeGround) {
        return new Obstacle("steering arm", window, -60, outTo, 90, 140, 0.3, mayBeGround);
    }

    private static Kit sliding(double wear) {
        return Samples.kit(Samples.disc(), Samples.caliper(Optional.of(Samples.outline()), wear), 1100);
    }

    /** By hand: the caliper's inboard face is at 20.5 − 48 = −27.5, 12 mm of wear bring it to −39.5; an arm out to −45 leaves 5.5. */
    @Test
    void wornPadsBringASlidingCaliperToTheArm() {
        AxleEnd end = front().around(with(arm(-45, ClockWindow.ALL, OptionalDouble.empty())))
                .build();
        Finding worn = find(end, sliding(12), CheckId.INBOARD);
        assertThat(worn.margin().orElseThrow().value()).isEqualTo(5.5 - 3, within(1e-9));
        assertThat(said(worn.explain().why())).contains("worn pads");
        Finding fixed = find(end, sliding(0), CheckId.INBOARD);
        assertThat(fixed.margin().orElseThrow().value()).isEqualTo(17.5 - 3, within(1e-9));
    }

    @Test
    void onlyWhatStandsInTheCalipersClockRangeCounts() {
        // The caliper stands at the front, 45 to 135 degrees; an arm at the rear is none of its business, the disc
        // passes it.
        AxleEnd rear = front().around(with(arm(-30, new ClockWindow(240, 300), OptionalDouble.empty())))
                .build();
        assertThat(find(rear, sliding(12), CheckId.INBOARD).verdict()).isEqualTo(Verdict.FITS);
        AxleEnd ahead = front().around(with(arm(-30, new ClockWindow(60, 120), OptionalDouble.empty())))
                .build();
        assertThat(find(ahead, sliding(12), CheckId.INBOARD).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
    }

    @Test
    void nothingIsGroundOffAnArmAndNothingIsBent() {
        AxleEnd end = front().around(with(arm(-35, ClockWindow.ALL, OptionalDouble.empty())))
                .build();
        Finding f = find(end, sliding(12), CheckId.INBOARD);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(f.refused().orElseThrow()))
                .contains("Nothing may be ground")
                .contains("never heated or bent");
        for (WorkKind kind : WorkKind.values()) {
            assertThat(kind.title().toLowerCase(java.util.Locale.ROOT)).doesNotContain("heat", "bend");
        }
    }

    @Test
    void aRibIsGroundWithinItsLimitAndNoFurther() {
        // The rib as read reaches r 60; made taller than the caliper's inner radius it comes before its face.
        AxleEnd near = front().length(Callout.KNUCKLE_RIB, Samples.mm(-38.5, 0.1))
                .length(Callout.KNUCKLE_RIB_RADIUS, Samples.mm(120, 0.3))
                .build();
        Finding f = find(near, sliding(8), CheckId.INBOARD); // −27.5 − 8 = −35.5: 3 mm away, doubt makes it open
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        Finding ground = find(near, sliding(9.3), CheckId.INBOARD); // 1.7 mm away, 3 wanted
        assertThat(ground.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(ground.work().orElseThrow().kind()).isEqualTo(WorkKind.GRIND_RIB);
        assertThat(said(ground.work().orElseThrow().kind().hold())).contains("crack-test");
        // A rib all the way round is left standing beside the caliper, 45 to 135 degrees and 2 for its place.
        assertThat(said(ground.work().orElseThrow().mustRemain())).contains("a trough from clock 43° to 137°");
        Finding tooMuch = find(near, sliding(14), CheckId.INBOARD);
        assertThat(said(tooMuch.refused().orElseThrow())).contains("3.0 mm are allowed");
        Finding never = find(near, sliding(9.3), CheckId.INBOARD, SETTINGS.with(Limit.GRIND_KNUCKLE, 0));
        assertThat(never.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
    }

    @Test
    void anObstacleThatMayBeGroundIsGroundBack() {
        AxleEnd end = front().around(with(arm(-41, new ClockWindow(60, 120), OptionalDouble.of(6))))
                .build();
        Finding f = find(end, sliding(12), CheckId.INBOARD);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.worked().orElseThrow().value()).isGreaterThan(0);
        assertThat(said(f.work().orElseThrow().mustRemain())).contains("a flat");
        AxleEnd across = front().around(with(arm(-41, new ClockWindow(0, 120), OptionalDouble.of(6))))
                .build();
        assertThat(said(find(across, sliding(12), CheckId.INBOARD)
                        .work()
                        .orElseThrow()
                        .mustRemain()))
                .contains("a trough");
    }

    @Test
    void withoutALookAroundNothingIsProven() {
        AxleEnd unseen = front().around(Surroundings.UNSEEN).build();
        for (CheckId check : List.of(CheckId.INBOARD, CheckId.SWEEP)) {
            Finding f = find(unseen, sliding(12), check);
            assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
            assertThat(said(f.nextMove())).contains("look all round");
        }
    }

    /** What somebody saw in passing proves that it stands in the way; that nothing does is proven only by looking all round. */
    @Test
    void whatWasSeenInPartProvesAMisfitAndNeverAFit() {
        Surroundings none = Samples.NOTHING_AROUND;
        Obstacle inTheWay = arm(-30, new ClockWindow(60, 120), OptionalDouble.empty());
        Obstacle farOff = arm(-60, ClockWindow.ALL, OptionalDouble.empty());
        for (boolean isAll : new boolean[] {true, false}) {
            assertThat(find(front().around(seen(inTheWay, isAll, none)).build(), sliding(12), CheckId.INBOARD)
                            .verdict())
                    .isEqualTo(Verdict.DOES_NOT_FIT);
            assertThat(find(front().around(seen(farOff, isAll, none)).build(), sliding(12), CheckId.INBOARD)
                            .verdict())
                    .isEqualTo(isAll ? Verdict.FITS : Verdict.NOT_PROVEN);
        }
        Box rail = new Box("frame rail", new Point3(-420, -600, -60), new Point3(-200, 600, 60), 2);
        Surroundings close = moving(rail, KING_PIN, Optional.empty());
        Surroundings inPart = new Surroundings(
                close.inboard(),
                new Seen<>(List.of(rail), false),
                close.steering(),
                close.travel(),
                close.tyre(),
                close.hose(),
                close.joints());
        AxleEnd.Builder wide = front().length(Callout.WHEEL_OVERALL, Samples.mm(140, 0.4));
        assertThat(find(wide.around(close).build(), Samples.kit(), CheckId.SWEEP)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(find(wide.around(inPart).build(), Samples.kit(), CheckId.SWEEP)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    private static Surroundings seen(Obstacle obstacle, boolean isAll, Surroundings s) {
        return new Surroundings(
                new Seen<>(List.of(obstacle), isAll),
                s.chassis(),
                s.steering(),
                s.travel(),
                s.tyre(),
                s.hose(),
                List.of());
    }

    private static Surroundings moving(Box box, Steering steering, Optional<HoseEnd> hose) {
        return new Surroundings(
                Seen.nothing(),
                Seen.all(List.of(box)),
                Optional.of(steering),
                Optional.of(new Travel(60, 70, 0)),
                Optional.of(new Tyre(165, 620, OptionalDouble.empty())),
                hose,
                List.of());
    }

    private static final Steering KING_PIN = new Steering(new Point3(-20, 0, -110), new Point3(-30, 0, 120), 35, 30, 1);

    @Test
    void lockToLockIsSweptAndSaysWhere() {
        Box near = new Box("frame rail", new Point3(-420, -600, -60), new Point3(-280, 600, 60), 2);
        AxleEnd end = front().length(Callout.WHEEL_OVERALL, Samples.mm(140, 0.4))
                .around(moving(near, KING_PIN, Optional.empty()))
                .build();
        Finding f = find(end, Samples.kit(), CheckId.SWEEP);
        assertThat(said(f.explain().why()))
                .contains("tyre")
                .contains("frame rail")
                .contains("° of steering");
        assertThat(f.margin()).isPresent();
        Box far = new Box("frame rail", new Point3(-900, -600, -60), new Point3(-800, 600, 60), 2);
        AxleEnd clear = front().length(Callout.WHEEL_OVERALL, Samples.mm(140, 0.4))
                .around(moving(far, KING_PIN, Optional.empty()))
                .build();
        assertThat(find(clear, Samples.kit(), CheckId.SWEEP).verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void aSteeredWheelWithoutItsKingPinAxisIsNotProven() {
        Surroundings s = moving(
                new Box("frame", new Point3(-900, -1, -1), new Point3(-800, 1, 1), 2), KING_PIN, Optional.empty());
        AxleEnd end = front().around(new Surroundings(
                        s.inboard(), s.chassis(), Optional.empty(), s.travel(), s.tyre(), s.hose(), s.joints()))
                .build();
        assertThat(said(find(end, Samples.kit(), CheckId.SWEEP).nextMove())).contains("king-pin axis");
    }

    private static Kit hosed(double length, String chassisEnd) {
        return Samples.kit()
                .withHose(new Hose(
                        Figure.stated(length, 2), 10.5, 52, Thread.parse(chassisEnd), Thread.parse("M10x1.0")));
    }

    private static AxleEnd hoseAt(double x) {
        Box far = new Box("frame rail", new Point3(-900, -600, -60), new Point3(-800, 600, 60), 2);
        HoseEnd at = new HoseEnd(new Point3(x, 60, 120), Optional.of(Thread.parse("3/8-24")));
        return front().length(Callout.WHEEL_OVERALL, Samples.mm(140, 0.4))
                .around(moving(far, KING_PIN, Optional.of(at)))
                .build();
    }

    @Test
    void aHoseTooShortAtFullLockIsMadeLongerOrRefused() {
        Finding shortHose = find(hoseAt(-220), hosed(250, "3/8-24"), CheckId.HOSE);
        assertThat(shortHose.verdict()).as(said(shortHose.explain().why())).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(shortHose.work().orElseThrow().kind()).isEqualTo(WorkKind.OTHER_HOSE);
        Finding longHose = find(hoseAt(-220), hosed(420, "3/8-24"), CheckId.HOSE);
        assertThat(longHose.verdict()).as(said(longHose.explain().why())).isEqualTo(Verdict.FITS);
    }

    @Test
    void aHoseOfAnotherThreadIsAdapted() {
        Finding f = find(hoseAt(-220), hosed(420, "M10x1.0"), CheckId.HOSE);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(said(f.work().orElseThrow().sentence())).contains("3/8-24").contains("M10x1.0");
    }

    /** Common practice: half an inch more of upright a side is an inch of track. */
    @Test
    void halfAnInchASideIsAnInchOfTrack() {
        Disc thick =
                Samples.disc().but().hatThickness(Figure.stated(6 + 12.7, 0.1)).build();
        Finding f = find(front().build(), Samples.kit().withDisc(thick), CheckId.TYRE_ROOM);
        assertThat(said(f.explain().why())).contains("12.7 mm outboard").contains("+25.4 mm");
        // 45 mm to the fender less 12.7 less 12 wanted
        assertThat(f.requirements())
                .filteredOn(r -> said(r.name()).equals("tyre to fender"))
                .singleElement()
                .satisfies(r -> assertThat(r.margin().value()).isEqualTo(45 - 12.7 - 12, within(1e-9)));
    }

    @Test
    void theKingPinAxisTellsWhatBecomesOfTheScrubRadius() {
        Box far = new Box("frame rail", new Point3(-900, -600, -60), new Point3(-800, 600, 60), 2);
        AxleEnd end = front().around(moving(far, KING_PIN, Optional.empty())).build();
        // axis from (−20, −110) to (−30, 120): at z = −310 it stands at −20 + 10·200/230 = −11.3
        assertThat(said(find(end, Samples.kit(), CheckId.TYRE_ROOM).explain().why()))
                .contains("−11 mm");
    }

    /** By hand: caliper at 90°, bore in its middle r 120, d 54: top at 27 mm; nipple at 65°, r 130: 130·cos 65° = 54.94 mm. */
    @Test
    void theNippleStandsOverTheBores() {
        Finding f = find(front().build(), Samples.kit(), CheckId.NIPPLE);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(130 * Math.cos(Math.toRadians(65)) - 27, within(1e-9));
    }

    @Test
    void behindTheAxleTheSameCaliperHasItsNippleBelow() {
        Finding f = find(front().build(), clocked(OptionalDouble.of(270), Optional.empty()), CheckId.NIPPLE);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(f.explain().why())).contains("under").contains("swapped");
    }

    @Test
    void aWeldOnBracketIsSetWhereTheNippleIsHighest() {
        Kit weld = clocked(OptionalDouble.empty(), Optional.of(new ClockWindow(60, 120)));
        Finding f = find(front().build(), weld, CheckId.NIPPLE);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS);
        assertThat(said(f.explain().why())).contains("tenth of a degree");
        KitReport report = FitEngine.report(Samples.axle(front().build()), weld, SETTINGS);
        assertThat(report.findings()).extracting(Finding::check).doesNotContain(CheckId.BRACKET);
    }

    private static Kit clocked(OptionalDouble clock, Optional<ClockWindow> range) {
        Kit kit = Samples.kit();
        var b = kit.bracket();
        return kit.withBracket(b.but()
                .mount(new BracketMount(
                        range.isPresent() ? BracketMount.Way.WELD_ON : BracketMount.Way.BOLT_ON,
                        b.mount().thickness(),
                        clock,
                        range,
                        false,
                        List.of(),
                        ""))
                .build());
    }
}
