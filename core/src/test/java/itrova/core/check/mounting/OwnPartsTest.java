package itrova.core.check.mounting;

import static itrova.core.judge.Findings.find;
import static itrova.core.judge.Findings.found;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.FittingParts;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.kit.KitTerms;
import itrova.core.kit.OwnSpindle;
import itrova.core.kit.PaperFigure;
import itrova.core.order.OrderGate;
import itrova.core.placed.AxleCase;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.WheelDetails;
import itrova.core.vehicle.WheelDetails.DonorLook;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a kit brings replaces what goes, and what cannot be undone holds. */
class OwnPartsTest {
    private static AxleEnd.Builder end(AxleEndKind kind) {
        return Samples.end(Side.LEFT, kind);
    }

    /** A kit that cannot be taken back. */
    private static Kit oneWay() {
        Kit kit = Samples.kit();
        KitTerms t = kit.terms();
        return new Kit(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.fits(),
                kit.parts(),
                new KitTerms(
                        t.box(), t.contents(), t.missing(), t.priceCents(), t.leadDays(), t.returnable(), false, ""),
                kit.torques(),
                kit.notes(),
                kit.choices());
    }

    private static Kit spindled(OwnSpindle spindle) {
        return Samples.kit().withFitting(Samples.kit().fitting().withSpindle(spindle));
    }

    // --- a spindle of its own ---

    private static OwnSpindle spindle(double circle, double hubFace) {
        return new OwnSpindle(
                Map.of(
                        Callout.BRACKET_CIRCLE,
                        Figure.stated(circle, 0.1),
                        Callout.BRACKET_HOLE,
                        Figure.stated(11.6, 0.05),
                        Callout.HUB_FACE,
                        Figure.stated(hubFace, 0.1)),
                OptionalInt.of(4),
                Optional.of(Figure.stated(0, 0.2)),
                true);
    }

    /** The vehicle's own spindle has a circle of 101.6 and a hub face of 62.5 mm; neither counts any more. */
    @ParameterizedTest
    @CsvSource({"101.6, 62.5, FITS, FITS", "108, 62.5, DOES_NOT_FIT, FITS", "101.6, 71, FITS, DOES_NOT_FIT"})
    void theKitsSpindleCountsAndNotTheOldOne(double circle, double face, Verdict bracket, Verdict offset) {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).build();
        Kit kit = spindled(spindle(circle, face));
        assertThat(find(end, kit, CheckId.BRACKET).verdict()).isEqualTo(bracket);
        assertThat(find(end, kit, CheckId.AXLE_OFFSET).verdict()).isEqualTo(offset);
    }

    @Test
    void whatTheSpindlesPapersLeaveOutIsTheSuppliersToTell() {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).build();
        Kit silent = spindled(new OwnSpindle(Map.of(), OptionalInt.empty(), Optional.empty(), false));
        for (CheckId check : List.of(CheckId.BRACKET, CheckId.AXLE_OFFSET, CheckId.INBOARD, CheckId.TYRE_ROOM)) {
            Finding f = find(end, silent, check);
            assertThat(f.verdict()).as(check.title()).isEqualTo(Verdict.NOT_PROVEN);
        }
        assertThat(said(find(end, silent, CheckId.BRACKET).nextMove()))
                .contains("of the kit's own spindle", "ask the supplier");
        assertThat(find(end, silent, CheckId.BRACKET).missing()).isEmpty();
        assertThat(find(end, silent, CheckId.SWEEP).verdict())
                .as("places were measured from the old bracket face")
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    // --- disc and bracket belong together ---

    /** By hand: the bracket is made for a hub face of 62.5; with the hat 24 mm deeper it would want 86.5, 24 less 2 of shims away. */
    @Test
    void anOptionWithADeeperHatTakesTheDiscFromUnderTheCaliper() {
        Disc deeper = Samples.disc().but().hatDepth(Figure.stated(66, 0.2)).build();
        KitOption option = new KitOption(
                "D",
                "deeper hat",
                "disc",
                0,
                0,
                new KitOption.Change(
                        Optional.of(deeper),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
        Finding f =
                find(end(AxleEndKind.FRONT_SPINDLE).build(), Samples.kit().with(List.of(option)), CheckId.AXLE_OFFSET);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(2 - 24, within(1e-9));
    }

    /** By hand: hub face 62.5 less hat 42 puts the disc's middle at 20.5; shims reach 2 mm either way. */
    @ParameterizedTest
    @CsvSource({"20.5, FITS", "22.5, NOT_PROVEN", "24, DOES_NOT_FIT", "-3.5, DOES_NOT_FIT"})
    void whereTheBracketHoldsTheCaliperTheDiscMustStand(double plane, Verdict wanted) {
        Kit kit = Samples.kit();
        var b = kit.bracket();
        var m = b.mount();
        Kit told = kit.withBracket(b.but()
                .mount(new itrova.core.kit.BracketMount(
                        m.way(),
                        m.thickness(),
                        m.caliperClock(),
                        m.weldRange(),
                        m.oblong(),
                        m.shims(),
                        m.orientation(),
                        Optional.of(Figure.stated(plane, 0.1))))
                .build());
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).build();
        Finding f = find(end, told, CheckId.AXLE_OFFSET);
        // shims mend what lies further outboard
        assertThat(f.verdict() == Verdict.FITS_WITH_WORK ? Verdict.DOES_NOT_FIT : f.verdict())
                .isEqualTo(wanted);
        assertThat(find(end, Samples.contradicting(told, PaperFigure.BRACKET_CALIPER_PLANE), CheckId.AXLE_OFFSET)
                        .verdict())
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    // --- donor parts ---

    @Test
    void aDonorPartIsProvenBySomebodyWhoLookedAtIt() {
        FittingParts own = Samples.kit().fitting();
        Kit kit = Samples.kit()
                .withFitting(new FittingParts(
                        own.stack(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        own.drive(),
                        Set.of(),
                        List.of(),
                        List.of("a web between the arms", "54 mm cast in")));
        assertThat(find(looked(kit), kit, CheckId.DONOR).verdict()).isEqualTo(Verdict.NOT_PROVEN);
        DonorLook web = new DonorLook(kit.code(), "a web between the arms", true);
        assertThat(said(find(looked(kit, web), kit, CheckId.DONOR).nextMove())).contains("54 mm cast in");
        DonorLook size = new DonorLook(kit.code(), "54 mm cast in", true);
        assertThat(find(looked(kit, web, size), kit, CheckId.DONOR).verdict()).isEqualTo(Verdict.FITS);
        DonorLook other = new DonorLook("another kit", "54 mm cast in", true);
        assertThat(find(looked(kit, web, other), kit, CheckId.DONOR).verdict()).isEqualTo(Verdict.NOT_PROVEN);
        DonorLook not = new DonorLook(kit.code(), "54 mm cast in", false);
        assertThat(find(looked(kit, web, size, not), kit, CheckId.DONOR).verdict())
                .as("looked at again, and it is not so")
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    private static AxleEnd looked(Kit kit, DonorLook... looks) {
        WheelDetails details = Samples.NOTHING_AROUND.details();
        for (DonorLook look : looks) {
            details = details.with(look);
        }
        Surroundings around = Samples.NOTHING_AROUND.with(details);
        return end(AxleEndKind.FRONT_SPINDLE).around(around).build();
    }

    // --- back to drums ---

    private static AxleCase owner(AxleEnd end, boolean goesBack) {
        return new AxleCase(List.of(end), Optional.of(new AxleLoad(900, AxleLoad.Source.PLATE))).goingBack(goesBack);
    }

    @Test
    void aKitThatCannotGoBackHoldsWhereTheOwnerWantsTo() {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).build();
        Kit stays = oneWay();
        assertThat(found(owner(end, false), stays, CheckId.REVERSIBLE)).isEmpty();
        assertThat(found(owner(end, true), Samples.kit(), CheckId.REVERSIBLE))
                .map(Finding::verdict)
                .hasValue(Verdict.FITS);
        KitReport report = FitEngine.report(owner(end, true), stays, ShopSettings.DEFAULTS);
        assertThat(report.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        OrderGate gate = OrderGate.of(report);
        assertThat(gate.state()).as("the owner may give it up, signed").isEqualTo(OrderGate.State.HELD);
        assertThat(gate.holding()).extracting(Finding::check).containsExactly(CheckId.REVERSIBLE);
    }

    @Test
    void turningTheFlangeHoldsToo() {
        AxleEnd wide = end(AxleEndKind.REAR_LIVE_AXLE)
                .length(Callout.FLANGE, Samples.mm(153, 0.05))
                .build();
        KitReport free = FitEngine.report(owner(wide, false), Samples.kit(), ShopSettings.DEFAULTS);
        assertThat(free.works()).extracting(Work::kind).contains(WorkKind.TURN_FLANGE);
        assertThat(free.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        KitReport back = FitEngine.report(owner(wide, true), Samples.kit(), ShopSettings.DEFAULTS);
        assertThat(back.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(OrderGate.of(back).state()).isEqualTo(OrderGate.State.HELD);
        assertThat(back.findings())
                .filteredOn(f -> f.check() == CheckId.REVERSIBLE)
                .singleElement()
                .satisfies(f -> assertThat(said(f.explain().why())).contains("Turn the flange down"));
    }

    @Test
    void aMisfitBesideItShutsTheGate() {
        AxleEnd end = end(AxleEndKind.FRONT_SPINDLE).count(Callout.LUG_COUNT, 6).build();
        KitReport report = FitEngine.report(owner(end, true), oneWay(), ShopSettings.DEFAULTS);
        assertThat(OrderGate.of(report).state()).isEqualTo(OrderGate.State.SHUT);
        assertThat(OrderGate.of(report).holding()).extracting(Finding::check).doesNotContain(CheckId.REVERSIBLE);
    }

    // --- a second circle ---

    private static Kit drilled(double circle, double toEdge) {
        return Samples.kit()
                .withDisc(Samples.disc()
                        .but()
                        .patterns(List.of(new HolePattern(5, Figure.stated(circle, 0.1), Figure.stated(13.4, 0.1))))
                        .holeToEdge(toEdge > 0 ? Optional.of(Figure.stated(toEdge, 0.2)) : Optional.empty())
                        .build());
    }

    /** The studs stand on 114.3 mm. By hand at 108: edge 17 − 3.15 − 6.75 leaves 6.7 mm; with an edge of 15 some 4.7 mm. */
    @ParameterizedTest
    @CsvSource({"120.65, 14, FITS_WITH_WORK", "108, 17, FITS_WITH_WORK", "108, 15, DOES_NOT_FIT", "108, 0, DOES_NOT_FIT"
    })
    void whereOnlyTheCircleMissesASecondOneMayBeDrilled(double circle, double toEdge, Verdict wanted) {
        Finding f = find(end(AxleEndKind.FRONT_SPINDLE).build(), drilled(circle, toEdge), CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(wanted);
        if (wanted == Verdict.FITS_WITH_WORK) {
            assertThat(f.work().orElseThrow().kind()).isEqualTo(WorkKind.DRILL_CIRCLE);
            assertThat(f.work().orElseThrow().target()).isEqualTo(114.3, within(0.005));
        } else {
            assertThat(f.refused()).isPresent();
        }
    }

    @Test
    void holesThatWouldRunIntoTheOldOnesAreNotDrilled() {
        AxleEnd ten =
                end(AxleEndKind.FRONT_SPINDLE).count(Callout.LUG_COUNT, 10).build();
        Kit kit = Samples.kit()
                .withDisc(Samples.disc()
                        .but()
                        .patterns(List.of(new HolePattern(10, Figure.stated(120.65, 0.1), Figure.stated(13.4, 0.1))))
                        .holeToEdge(Optional.of(Figure.stated(20, 0.2)))
                        .build());
        Finding f = find(ten, kit, CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(f.refused().orElseThrow())).contains("must remain");
    }
}
