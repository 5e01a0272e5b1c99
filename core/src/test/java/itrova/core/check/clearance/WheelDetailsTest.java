package itrova.core.check.clearance;

import static itrova.core.judge.Findings.find;
import static itrova.core.judge.Findings.found;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.check.completeness.NotChecked;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.Figure;
import itrova.core.kit.FittingParts;
import itrova.core.kit.HousingStack;
import itrova.core.kit.Kit;
import itrova.core.kit.KitParts;
import itrova.core.kit.KitStuds;
import itrova.core.kit.RotorHub;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import itrova.core.vehicle.WheelDetails;
import itrova.core.vehicle.WheelDetails.CapRoom;
import itrova.core.vehicle.WheelDetails.Spare;
import itrova.core.vehicle.WheelDetails.Valve;
import itrova.core.wording.Said;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.PlanCase;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Valve, spare, cap, and how the hub is held: judged as soon as somebody looked. */
class WheelDetailsTest {
    private static AxleEnd end(WheelDetails details) {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .around(Samples.NOTHING_AROUND.with(details))
                .build();
    }

    private static AxleEnd withValve(double depth, double height) {
        return end(new WheelDetails(
                Optional.empty(), Optional.of(new Valve(depth, height, 1)), Optional.empty(), Optional.empty()));
    }

    private static AxleEnd withSpare(Spare spare) {
        return end(new WheelDetails(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(spare)));
    }

    private static AxleEnd held(HubHeld held) {
        return end(new WheelDetails(Optional.of(held), Optional.empty(), Optional.empty(), Optional.empty()));
    }

    private static Kit madeFor(Set<HubHeld> held) {
        KitParts p = Samples.kit().parts();
        FittingParts fitting = new FittingParts(
                HousingStack.PLAIN,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of(DriveStyle.DRIVE_FLANGE),
                held,
                List.of(),
                List.of());
        Kit model = Samples.kit();
        return new Kit(
                "H",
                "made for a hub",
                "supplier",
                model.fits(),
                new KitParts(p.disc(), p.caliper(), p.bracket(), p.studs(), p.ratedLoadKg(), fitting),
                model.terms(),
                List.of(),
                List.of());
    }

    private static Kit withHub(Optional<Figure> reach) {
        return Samples.kit()
                .withHub(new RotorHub(
                        new RotorHub.Seat(Figure.stated(59, 0.01), Optional.empty(), Optional.empty()),
                        new RotorHub.Seat(Figure.stated(45, 0.01), Optional.empty(), Optional.empty()),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(Figure.stated(70, 0.05)),
                        Optional.of(Figure.stated(40, 0.2)),
                        reach));
    }

    private static Wheel spare(double barrel, double circle) {
        return new Wheel(
                "S-1",
                "spare",
                5,
                Samples.mm(circle, 0.05),
                Samples.mm(14.6, 0.03),
                Samples.mm(80, 0.2),
                Optional.of(Samples.mm(165, 0.3)),
                OptionalInt.of(14),
                List.of(Samples.station(10, barrel), Samples.station(60, barrel), Samples.station(110, barrel)),
                List.of(Samples.station(70, 8), Samples.station(100, 14), Samples.station(165, 28)),
                Samples.mm(5, 0.05),
                Samples.mm(71.2, 0.03),
                Optional.of("60 deg cone"),
                OptionalDouble.empty(),
                new Wheel.Offer("", 0, 0));
    }

    /** The caliper's top stands at r 155; the barrel there at 172, so a valve 10 mm high leaves 7, less 1 and 3. */
    @Test
    void theCaliperPassesUnderAShortValve() {
        Finding f = find(withValve(50, 10), Samples.kit(), CheckId.VALVE);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(3, within(1e-9));
        assertThat(said(f.explain().why())).contains("7.0 mm");
    }

    @Test
    void aLongValveRunsIntoTheCaliperAndSaysHowFar() {
        Finding f = find(withValve(50, 20), Samples.kit(), CheckId.VALVE);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(f.explain().why())).contains("3.0 mm into the caliper");
        assertThat(FitEngine.quickReport(Samples.axle(withValve(50, 20)), Samples.kit(), ShopSettings.DEFAULTS)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    /** Beyond the caliper's outboard end the same valve is out of its way. */
    @Test
    void aValveBeyondTheCaliperIsNotInTheWay() {
        Finding f = find(withValve(108, 20), Samples.kit(), CheckId.VALVE);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS);
        assertThat(f.margin().orElseThrow().value()).isGreaterThan(10);
    }

    @Test
    void whereNoneStandsInsideOrNobodyLookedThereIsNothingToJudge() {
        assertThat(found(Samples.axle(withValve(0, 0)), Samples.kit(), CheckId.VALVE))
                .isEmpty();
        assertThat(found(Samples.axle(end(WheelDetails.UNSEEN)), Samples.kit(), CheckId.VALVE))
                .isEmpty();
    }

    @Test
    void anotherWheelHasItsValveElsewhere() {
        AxleEnd other = withValve(50, 20).withWheel(spare(360, 114.3));
        assertThat(found(Samples.axle(other), Samples.kit(), CheckId.VALVE)).isEmpty();
    }

    @Test
    void aRoomySpareFitsANarrowOneDoesNot() {
        assertThat(find(withSpare(Spare.of(spare(350, 114.3))), Samples.kit(), CheckId.SPARE)
                        .verdict())
                .isEqualTo(Verdict.FITS);
        Finding narrow = find(withSpare(Spare.of(spare(320, 114.3))), Samples.kit(), CheckId.SPARE);
        assertThat(narrow.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        // r 160 − 155 leaves 5; weights 3, deflection and run-out 1, least gap 3
        assertThat(narrow.margin().orElseThrow().value()).isEqualTo(-2, within(1e-9));
        assertThat(said(narrow.explain().why())).startsWith("Spare S-1.");
    }

    @Test
    void aSpareOfAnotherPatternDoesNotGoOn() {
        assertThat(find(withSpare(Spare.of(spare(350, 120.65))), Samples.kit(), CheckId.SPARE)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    /** A spare like the wheels found fits as they do; it is judged on its own once others are put on the road. */
    @Test
    void aSpareLikeTheWheelsFoundIsJudgedWhenOthersArePutOn() {
        AxleEnd same = withSpare(Spare.SAME);
        assertThat(found(Samples.axle(same), Samples.kit(), CheckId.SPARE)).isEmpty();
        AxleEnd narrowFound = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .barrel(List.of(Samples.station(10, 320), Samples.station(110, 320)))
                .around(Samples.NOTHING_AROUND.with(same.around().details()))
                .build();
        AxleEnd onOthers = narrowFound.withWheel(spare(360, 114.3));
        assertThat(find(onOthers, Samples.kit(), CheckId.BARREL).verdict()).isEqualTo(Verdict.FITS);
        Finding f = find(onOthers, Samples.kit(), CheckId.SPARE);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(f.explain().why())).startsWith("Spare, like the wheels found.");
    }

    @Test
    void theWheelFoundGoesBackOnWithAllItsFigures() {
        AxleEnd found = end(WheelDetails.UNSEEN);
        AxleEnd back = found.withWheel(spare(360, 114.3)).withWheelFound();
        assertThat(back.otherWheel()).isEmpty();
        assertThat(back.barrel()).isEqualTo(found.barrel());
        assertThat(back.spokes()).isEqualTo(found.spokes());
        assertThat(back.wheelShift()).map(Measured::value).hasValue(0.0);
        assertThat(found.withWheelFound()).isSameAs(found);
    }

    @Test
    void noSpareIsNothingToJudge() {
        assertThat(found(Samples.axle(withSpare(Spare.NONE)), Samples.kit(), CheckId.SPARE))
                .isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> new Spare(Spare.Kind.ANOTHER, Optional.empty()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Spare(Spare.Kind.NONE, Optional.of(spare(350, 114.3))));
    }

    @Test
    void theCapGoesOnOverAHubThatStandsOutLess() {
        AxleEnd capped = end(new WheelDetails(
                Optional.empty(), Optional.empty(), Optional.of(new CapRoom(50, 1)), Optional.empty()));
        Finding room = find(capped, withHub(Optional.of(Figure.stated(40, 0.3))), CheckId.HUB_CAP);
        assertThat(room.verdict()).isEqualTo(Verdict.FITS);
        assertThat(room.margin().orElseThrow().value()).isEqualTo(10, within(1e-9));
        Finding tight = find(capped, withHub(Optional.of(Figure.stated(60, 0.3))), CheckId.HUB_CAP);
        assertThat(tight.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(tight.check().isCritical()).isFalse();
        assertThat(said(find(capped, withHub(Optional.empty()), CheckId.HUB_CAP).nextMove()))
                .contains("ask the supplier");
        assertThat(found(Samples.axle(capped), Samples.kit(), CheckId.HUB_CAP))
                .as("the old hub stays")
                .isEmpty();
    }

    @Test
    void aHubOnATaperWantsAKitMadeForIt() {
        AxleEnd taper = held(HubHeld.KEYED_TAPER);
        assertThat(find(taper, Samples.kit(), CheckId.HUB_HELD).verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(find(taper, Samples.kit(), CheckId.HUB_HELD).nextMove()))
                .contains("keyed taper");
        Finding made = find(taper, madeFor(Set.of(HubHeld.KEYED_TAPER, HubHeld.FULL_FLOATING)), CheckId.HUB_HELD);
        assertThat(made.verdict()).isEqualTo(Verdict.FITS);
        assertThat(said(made.explain().why())).contains("puller");
        Finding other = find(taper, madeFor(Set.of(HubHeld.CENTRE_LOCK)), CheckId.HUB_HELD);
        assertThat(other.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(other.explain().why())).contains("centre-lock");
    }

    @Test
    void aKitForATaperDoesNotGoOnAPlainFlange() {
        assertThat(find(held(HubHeld.PLAIN_FLANGE), madeFor(Set.of(HubHeld.KEYED_TAPER)), CheckId.HUB_HELD)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(found(Samples.axle(held(HubHeld.PLAIN_FLANGE)), Samples.kit(), CheckId.HUB_HELD))
                .isEmpty();
    }

    /** Common practice: swaged studs are lost when the drum comes off. */
    @Test
    void swagedStudsWantNewOnesAndAreCutFree() {
        AxleEnd swaged = held(HubHeld.SWAGED_STUDS);
        assertThat(said(find(swaged, Samples.kit(), CheckId.HUB_HELD).nextMove()))
                .contains("new studs");
        Kit studs = Samples.kit()
                .withStuds(new KitStuds(Thread.parse("1/2-20"), Figure.stated(12.75, 0.05), Figure.stated(36, 0.3)));
        Finding f = find(swaged, studs, CheckId.HUB_HELD);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS);
        assertThat(said(f.explain().why())).contains("Cut the swage away");
        assertThat(find(swaged, withHub(Optional.empty()), CheckId.HUB_HELD).verdict())
                .isEqualTo(Verdict.FITS);
        BenchPlan plan = BenchPlan.of(PlanCase.alone(
                FitEngine.report(Samples.axle(swaged), studs, ShopSettings.DEFAULTS),
                AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE)));
        assertThat(plan.steps())
                .filteredOn(s -> s.id().equals("left-held"))
                .singleElement()
                .satisfies(s -> assertThat(said(s.text())).contains("Cut the swage away"));
        assertThat(plan.steps())
                .as("own hours leave no step out")
                .allMatch(s -> s.effort().minutes().isPresent());
        assertThat(plan.steps()).extracting(BenchStep::id).doesNotHaveDuplicates();
    }

    private static List<String> notChecked(List<AxleEnd> ends) {
        return NotChecked.on(ends).stream().map(Said::said).toList();
    }

    @Test
    void whatNobodyLookedAtStaysOnTheListOfWhatIsCheckedByHand() {
        assertThat(notChecked(List.of(end(WheelDetails.UNSEEN)))).contains("valve stem", "spare wheel");
        AxleEnd looked = end(new WheelDetails(
                Optional.of(HubHeld.PLAIN_FLANGE),
                Optional.of(new Valve(0, 0, 1)),
                Optional.empty(),
                Optional.of(Spare.NONE)));
        assertThat(notChecked(List.of(looked)))
                .doesNotContain("valve stem", "spare wheel", "how hub and wheel are held")
                .contains("steering tapers crack-tested");
        assertThat(notChecked(List.of(looked, end(WheelDetails.UNSEEN))))
                .as("one side looked at is not both")
                .contains("valve stem");
    }

    @Test
    void impossibleFiguresAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Valve(-1, 5, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Valve(50, 90, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new CapRoom(900, 1));
    }
}
