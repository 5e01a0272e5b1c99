package itrova.core.check.mounting;

import static itrova.core.judge.Findings.find;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.Figure;
import itrova.core.kit.FittingParts;
import itrova.core.kit.HousingStack;
import itrova.core.kit.Kit;
import itrova.core.kit.KitStuds;
import itrova.core.kit.NutSeat;
import itrova.core.kit.RotorHub;
import itrova.core.kit.WheelNuts;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Joint;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Checks 4, 8, 10, 11, 12 and 13: parts that must meet parts. */
class FittingPartsTest {
    private static AxleEnd.Builder end(AxleEndKind kind) {
        return Samples.end(Side.LEFT, kind);
    }

    private static Kit with(Set<DriveStyle> drive, List<Joint> joints, List<String> donor) {
        return Samples.kit()
                .withFitting(new FittingParts(
                        HousingStack.PLAIN,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        drive,
                        Set.of(),
                        joints,
                        donor));
    }

    @Test
    void oldNutsStayOnOldStudsAndOldWheel() {
        AxleEnd seatUnread = end(AxleEndKind.FRONT_SPINDLE).build();
        assertThat(find(seatUnread, Samples.kit(), CheckId.NUT_SEAT).verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void newStudsOfAnotherThreadWantNewNuts() {
        Kit metric = Samples.kit()
                .withStuds(new KitStuds(Thread.parse("M12x1.5"), Figure.stated(12.4, 0.05), Figure.stated(40, 0.2)));
        Finding f = find(end(AxleEndKind.FRONT_SPINDLE).build(), metric, CheckId.NUT_SEAT);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(said(f.nextMove())).contains("M12x1.5").contains("60° cone");
        assertThat(said(f.explain().why())).contains("1/2-20");
    }

    @Test
    void nutsOfAnotherSeatThanTheWheelsWorkLoose() {
        Kit ball = Samples.kit().withNuts(new WheelNuts(Thread.parse("1/2-20"), NutSeat.BALL, OptionalDouble.empty()));
        Finding f = find(end(AxleEndKind.FRONT_SPINDLE).build(), ball, CheckId.NUT_SEAT);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK); // nuts of the wheel's own seat mend it
        assertThat(said(f.explain().why())).contains("ball").contains("60° cone");
    }

    /** By hand: 36 mm of stud less 6.5 hat and 5 wheel stands 24.5 mm out; a closed nut 22 mm deep less 1.27 pitch bottoms. */
    @Test
    void aClosedNutThatBottomsShowsTorqueWithoutClamp() {
        Kit closed =
                Samples.kit().withNuts(new WheelNuts(Thread.parse("1/2-20"), NutSeat.CONE_60, OptionalDouble.of(22)));
        Finding f = find(end(AxleEndKind.FRONT_SPINDLE).build(), closed, CheckId.NUT_ENGAGEMENT);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(22 - 1.27 - 24.5, within(1e-9));
        assertThat(f.work().orElseThrow().kind()).isEqualTo(WorkKind.OTHER_NUTS);
        Kit deep =
                Samples.kit().withNuts(new WheelNuts(Thread.parse("1/2-20"), NutSeat.CONE_60, OptionalDouble.of(30)));
        assertThat(find(end(AxleEndKind.FRONT_SPINDLE).build(), deep, CheckId.NUT_ENGAGEMENT)
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    /** By hand: 36 − 8 bracket − 6 retainer − 0 plate − 25.4/24 pitch − 9.525 diameter = 11.417 mm left. */
    @Test
    void theStackOnTheTBoltsByHand() {
        Finding f = find(end(AxleEndKind.REAR_LIVE_AXLE).build(), Samples.kit(), CheckId.HOUSING_STACK);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(36 - 8 - 6 - 25.4 / 24 - 9.525, within(1e-9));
        assertThat(f.verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void shortTBoltsAreChangedForLongerOnesInSteps() {
        AxleEnd tooShort = end(AxleEndKind.REAR_LIVE_AXLE)
                .length(Callout.T_BOLT_LENGTH, Samples.mm(22, 0.1))
                .build();
        Finding f = find(tooShort, Samples.kit(), CheckId.HOUSING_STACK);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.work().orElseThrow().target()).isEqualTo(27, within(1e-9));
        AxleEnd hopeless = end(AxleEndKind.REAR_LIVE_AXLE)
                .length(Callout.RETAINER, Samples.mm(60, 0.1))
                .build();
        assertThat(said(find(hopeless, Samples.kit(), CheckId.HOUSING_STACK)
                        .refused()
                        .orElseThrow()))
                .contains("allowed");
    }

    private static RotorHub hub(String inner, String outer, double innerCup, double outerCup) {
        return new RotorHub(
                new RotorHub.Seat(Figure.stated(innerCup, 0.01), Optional.of(inner), Optional.empty()),
                new RotorHub.Seat(Figure.stated(outerCup, 0.01), Optional.of(outer), Optional.empty()),
                Optional.of(Figure.stated(50, 0.1)),
                Optional.empty(),
                Optional.of(Figure.stated(44, 0.1)),
                Optional.of(Figure.stated(70, 0.05)),
                Optional.of(Figure.stated(40, 0.2)),
                Optional.empty());
    }

    private static final Kit USUAL_HUB =
            Samples.kit().withHub(hub("L68149/L68110", "L44649/L44610", 2.3280 * 25.4, 1.98 * 25.4));

    private static AxleEnd.Builder spindle(double inner, double outer) {
        return end(AxleEndKind.TRAILER_SPINDLE)
                .length(Callout.INNER_JOURNAL, Samples.mm(inner, 0.004))
                .length(Callout.OUTER_JOURNAL, Samples.mm(outer, 0.004))
                .length(Callout.SEAL_JOURNAL, Samples.mm(44.1, 0.02))
                .length(Callout.BEARING_SPREAD, Samples.mm(50.3, 0.1))
                .length(Callout.SHOULDER, Samples.mm(30, 0.1))
                .length(Callout.WHEEL_STUD_HOLE, Samples.mm(14.5, 0.03));
    }

    /** Sizes of ABMA 19.2, from memory: L68149/L68110 1.3775 x 2.3280 in, L44649/L44610 1.0625 x 1.9800 in. */
    @Test
    void aHubOfTheKitOnTheOldSpindle() {
        Kit kit = USUAL_HUB;
        Finding f = find(spindle(1.3775 * 25.4 - 0.02, 1.0625 * 25.4 - 0.02).build(), kit, CheckId.BEARINGS);
        assertThat(f.verdict()).as(said(f.explain().why())).isEqualTo(Verdict.FITS);
    }

    /** Bores 1.3775 and 1.3750 in differ by 0.064 mm: the wrong cone does not go over the journal, another standard one does. */
    @Test
    void theWrongConeIsChangedForAStandardOneThatJoinsSpindleAndHub() {
        Kit kit = Samples.kit().withHub(hub("LM48548/LM48510", "L44643/L44610", 2.5625 * 25.4, 1.98 * 25.4));
        AxleEnd end = spindle(1.3750 * 25.4 - 0.02, 1.0625 * 25.4 - 0.02).build();
        Finding f = find(end, kit, CheckId.BEARINGS);
        assertThat(f.verdict()).as(said(f.explain().why())).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(said(f.work().orElseThrow().sentence())).contains("L44649/L44610");
    }

    /** By hand: a cone slips on with −0.01 to 0.06 mm of play; the bore is 34.9885 mm. */
    @ParameterizedTest
    @CsvSource({"34.94, FITS", "34.927, NOT_PROVEN", "34.90, DOES_NOT_FIT", "34.995, NOT_PROVEN", "35.02, DOES_NOT_FIT"
    })
    void aConeIsNeitherTightNorLoose(double journal, Verdict wanted) {
        Kit kit = USUAL_HUB;
        assertThat(asFound(spindle(journal, 26.97).build(), kit)).isEqualTo(wanted);
    }

    /** By hand: the seal runs on 44 mm, 0.4 either way. */
    @ParameterizedTest
    @CsvSource({"44.2, FITS", "43.8, FITS", "44.4, NOT_PROVEN", "44.6, DOES_NOT_FIT", "43.4, DOES_NOT_FIT"})
    void aSealRunsOnItsOwnDiameter(double land, Verdict wanted) {
        Kit kit = USUAL_HUB;
        AxleEnd end = spindle(34.97, 26.97)
                .length(Callout.SEAL_JOURNAL, Samples.mm(land, 0.02))
                .build();
        assertThat(asFound(end, kit)).isEqualTo(wanted);
    }

    /** By hand: the seats are made for 50 mm apart, the nut takes up 1 mm either way. */
    @ParameterizedTest
    @CsvSource({"50.5, FITS", "51.0, NOT_PROVEN", "51.4, DOES_NOT_FIT", "48.6, DOES_NOT_FIT"})
    void theSeatsStandAsFarApartAsTheHubWants(double spread, Verdict wanted) {
        Kit kit = USUAL_HUB;
        AxleEnd end = spindle(34.97, 26.97)
                .length(Callout.BEARING_SPREAD, Samples.mm(spread, 0.1))
                .build();
        assertThat(asFound(end, kit)).isEqualTo(wanted);
    }

    private static Verdict asFound(AxleEnd end, Kit kit) {
        return find(end, kit, CheckId.BEARINGS).verdict();
    }

    @Test
    void aBearingInNoTableIsNotProven() {
        Kit kit = Samples.kit().withHub(hub("X123", "L44649/L44610", 60, 1.98 * 25.4));
        Finding f = find(spindle(35, 26.97).build(), kit, CheckId.BEARINGS);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("X123");
    }

    @Test
    void aHubOfTheKitMovesTheChainToTheBearingShoulder() {
        Kit kit = USUAL_HUB;
        KitReport report = FitEngine.report(Samples.axle(spindle(34.97, 26.97).build()), kit, ShopSettings.DEFAULTS);
        assertThat(report.findings())
                .extracting(Finding::check)
                .doesNotContain(CheckId.REGISTER, CheckId.STUD_HOLES, CheckId.HAT_FLANGE)
                .contains(CheckId.PATTERN, CheckId.WHEEL_CENTRING);
        // 30 shoulder + 40 face − 42 hat depth: the disc stands 28 mm from the bracket face
        Finding inboard = find(spindle(34.97, 26.97).build(), kit, CheckId.INBOARD);
        assertThat(inboard.explain().inputs())
                .filteredOn(i -> i.name().startsWith("disc's mid-plane"))
                .singleElement()
                .satisfies(i -> assertThat(i.value().value()).isEqualTo(28, within(1e-9)));
    }

    @Test
    void aLockingHubHeldByARingIsLostWhereTheKitDropsTheRing() {
        AxleEnd ring = end(AxleEndKind.CLOSED_KNUCKLE)
                .word(Callout.DRIVE_STYLE, "locking hub, snap ring")
                .build();
        Kit onePiece = with(Set.of(DriveStyle.LOCKING_HUB_ONE_PIECE), List.of(), List.of());
        Finding f = find(ring, onePiece, CheckId.DRIVE);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.work().orElseThrow().kind()).isEqualTo(WorkKind.ONE_PIECE_HUB);
        Kit flangeOnly = with(Set.of(DriveStyle.DRIVE_FLANGE), List.of(), List.of());
        assertThat(find(ring, flangeOnly, CheckId.DRIVE).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        Kit silent = with(Set.of(), List.of(), List.of());
        assertThat(find(ring, silent, CheckId.DRIVE).verdict()).isEqualTo(Verdict.NOT_PROVEN);
    }

    @Test
    void everyJointOfTheChainIsHeldAgainstTheKit() {
        Kit kit = with(
                Set.of(DriveStyle.DRIVE_FLANGE),
                List.of(new Joint("lower ball joint", "taper 1:8, 17.0 mm"), new Joint("tie-rod end", "M14x1.5")),
                List.of());
        AxleEnd.Builder end = end(AxleEndKind.FRONT_SPINDLE);
        assertThat(said(find(end.build(), kit, CheckId.JOINTS).nextMove())).contains("tie-rod end");
        assertThat(find(end.around(joints("M14x1.5")).build(), kit, CheckId.JOINTS)
                        .verdict())
                .isEqualTo(Verdict.FITS);
        Finding other = find(end.around(joints("M16x1.5")).build(), kit, CheckId.JOINTS);
        assertThat(other.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(other.explain().why())).contains("M16x1.5").contains("M14x1.5");
    }

    private static Surroundings joints(String tieRod) {
        Surroundings none = Samples.NOTHING_AROUND;
        return new Surroundings(
                none.inboard(),
                none.chassis(),
                none.steering(),
                none.travel(),
                none.tyre(),
                none.hose(),
                List.of(new Joint("Lower ball joint", "Taper 1:8, 17.0 mm"), new Joint("tie-rod end", tieRod)));
    }

    @Test
    void donorPartsAreProvenByTheEyeAlone() {
        Kit kit =
                with(Set.of(DriveStyle.DRIVE_FLANGE), List.of(), List.of("a cross-member between the bracket's arms"));
        Finding f = find(end(AxleEndKind.FRONT_SPINDLE).build(), kit, CheckId.DONOR);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("cross-member");
    }
}
