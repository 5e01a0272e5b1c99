package itrova.core.judge;

import static itrova.core.judge.Findings.find;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Bracket;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.kit.KitStuds;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.RotorHub;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Obstacle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ways a wrong part once passed, each on both sides of its limit. */
class NoUnsafeFitTest {
    private static AxleEnd.Builder end() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE);
    }

    private static Verdict verdict(AxleEnd end, Kit kit, CheckId check) {
        return find(end, kit, check).verdict();
    }

    private static Disc disc(double diameter) {
        return Samples.disc().but().diameter(Figure.stated(diameter, 0.3)).build();
    }

    // --- the disc in the wheel ---

    /** By hand: the barrel is 344 mm at the disc, 3 mm weights and 3 mm room are kept: 344/2 − 3 − 3 = 166 mm, a disc of 332. */
    @ParameterizedTest
    @CsvSource({"330, FITS, 1", "332, NOT_PROVEN, 0", "334, DOES_NOT_FIT, -1", "380, DOES_NOT_FIT, -24"})
    void theDiscHasRoomInTheBarrel(double diameter, Verdict wanted, double margin) {
        AxleEnd straight = end().barrel(List.of(
                        Samples.station(10, 362),
                        Samples.station(20, 344),
                        Samples.station(80, 344),
                        Samples.station(110, 348)))
                .build();
        Finding f = find(straight, Samples.kit().withDisc(disc(diameter)), CheckId.DISC_IN_WHEEL);
        assertThat(f.verdict()).isEqualTo(wanted);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(margin, within(1e-9));
        assertThat(said(f.explain().why())).contains("barrel");
        assertThat(f.check().isCritical()).isTrue();
        if (wanted == Verdict.DOES_NOT_FIT) {
            assertThat(said(f.nextMove())).contains("more room");
        }
    }

    /** By hand: the hat's face lies 6.5 mm behind the mounting face; a hat 4 mm deep puts the disc's outer face 0.5 mm behind it. */
    @Test
    void theDiscHasRoomBehindTheSpokes() {
        AxleEnd flat = end().spokes(List.of(Samples.station(70, 2), Samples.station(165, 2)))
                .build();
        for (double depth : new double[] {4, 16}) {
            Disc shallow =
                    Samples.disc().but().hatDepth(Figure.stated(depth, 0.2)).build();
            assertThat(verdict(flat, Samples.kit().withDisc(shallow), CheckId.DISC_IN_WHEEL))
                    .as("hat " + depth)
                    .isEqualTo(depth < 10 ? Verdict.DOES_NOT_FIT : Verdict.FITS);
        }
    }

    @Test
    void whatOfTheBarrelBesideTheDiscWasNotReadIsWanted() {
        AxleEnd shallow = end().barrel(List.of(Samples.station(60, 344), Samples.station(110, 348)))
                .build();
        Finding f = find(shallow, Samples.kit(), CheckId.DISC_IN_WHEEL);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("barrel diameter at a depth of");
    }

    // --- figures the papers contradict themselves in ---

    @ParameterizedTest
    @CsvSource({
        "DISC_DIAMETER, DISC_IN_WHEEL",
        "DISC_DIAMETER, INBOARD",
        "DISC_THICKNESS, DISC_IN_WHEEL",
        "DISC_HAT_DEPTH, BARREL",
        "DISC_HAT_INSIDE, HAT_FLANGE",
        "DISC_FILLET, HAT_FLANGE",
        "DISC_BORE, REGISTER",
        "DISC_HOLE, STUD_HOLES",
        "CALIPER_OUTLINE, BARREL",
        "CALIPER_OUTLINE, SPOKES",
        "CALIPER_WEAR_TRAVEL, BARREL",
        "CALIPER_WEAR_TRAVEL, INBOARD",
        "BRACKET_SHIM_RANGE, AXLE_OFFSET",
        "BRACKET_AXLE_OFFSET, AXLE_OFFSET",
        "BRACKET_BOLT, BRACKET",
        "BRACKET_HOLE, BRACKET"
    })
    void aContradictedFigureProvesNothing(PaperFigure figure, CheckId check) {
        assertThat(verdict(end().build(), Samples.kit(), check)).as("said once").isEqualTo(Verdict.FITS);
        Finding f = find(end().build(), Samples.contradicting(Samples.kit(), figure), check);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains(figure.title());
    }

    @Test
    void aContradictedFigureProvesNoMisfitEither() {
        Kit huge = Samples.kit().withDisc(disc(380));
        assertThat(verdict(end().build(), huge, CheckId.DISC_IN_WHEEL)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(
                        end().build(), Samples.contradicting(huge, PaperFigure.DISC_DIAMETER), CheckId.DISC_IN_WHEEL))
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    @Test
    void aFilletNobodyStatesAndBoltsNobodyCountsProveNothing() {
        Disc silent = Samples.disc().but().fillet(OptionalDouble.empty()).build();
        Finding hat = find(end().build(), Samples.kit().withDisc(silent), CheckId.HAT_FLANGE);
        assertThat(hat.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(hat.nextMove())).contains("fillet");
        AxleEnd wide = end().length(Callout.FLANGE, Samples.mm(160, 0.05)).build();
        assertThat(find(wide, Samples.kit().withDisc(silent), CheckId.HAT_FLANGE)
                        .verdict())
                .as("too wide whatever the fillet")
                .isNotEqualTo(Verdict.NOT_PROVEN);
        Bracket b = Samples.kit().bracket();
        Kit uncounted =
                Samples.kit().withBracket(b.but().count(Bracket.COUNT_UNKNOWN).build());
        Finding bolts = find(end().build(), uncounted, CheckId.BRACKET);
        assertThat(bolts.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(bolts.nextMove())).contains("how many bolts");
    }

    // --- a sliding caliper ---

    @ParameterizedTest
    @ValueSource(strings = {"BARREL", "SPOKES", "INBOARD"})
    void aSlidingCaliperOfWhichNobodySaysHowFarItMovesIsNotProven(CheckId check) {
        Kit silent = Samples.kit().withCaliper(sliding(Samples.outline(), 0));
        Finding f = find(end().build(), silent, check);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("sliding caliper");
        Kit told = Samples.kit().withCaliper(sliding(Samples.outline(), 8));
        assertThat(verdict(end().build(), told, check)).isEqualTo(Verdict.FITS);
    }

    private static itrova.core.kit.Caliper sliding(Outline outline, double wear) {
        return new itrova.core.kit.Caliper(
                true, Optional.of(outline), 0.3, wear, List.of(), itrova.core.kit.Caliper.USUAL_SPAN, Samples.PLUMBING);
    }

    private static Outline outline(double... xr) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < xr.length; i += 2) {
            corners.add(new Point(xr[i], xr[i + 1]));
        }
        return new Outline(corners);
    }

    /** A tooth on the caliper's inside stands clear of a peg with new pads (6 mm) and with worn ones (4 mm), and runs into it between. */
    @Test
    void betweenNewAndWornPadsCountsAsWell() {
        Outline toothed = outline(-48, 100, -10, 100, -10, 84, -6, 84, -6, 100, 40, 100, 40, 155, -48, 155);
        double plane = 62.5 - 42;
        AxleEnd pegged = end().around(beside(
                        new Obstacle("peg", ClockWindow.ALL, plane - 18, plane - 16, 0, 95, 0, OptionalDouble.empty())))
                .build();
        Finding between = find(pegged, Samples.kit().withCaliper(sliding(toothed, 16)), CheckId.INBOARD);
        assertThat(between.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(between.margin().orElseThrow().value()).isLessThan(-3);
        assertThat(said(between.explain().why())).contains("worn");
        Finding before = find(pegged, Samples.kit().withCaliper(sliding(toothed, 0.5)), CheckId.INBOARD);
        assertThat(before.verdict()).as("it never gets there").isEqualTo(Verdict.FITS);
    }

    private static Surroundings beside(Obstacle obstacle) {
        return new Surroundings(
                Seen.all(List.of(obstacle)),
                Seen.nothing(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    /** The same in the wheel: a ridge of the barrel 2 mm long, passed by a tooth on the caliper's back. */
    @Test
    void aRidgeOfTheBarrelPassedMidwayIsFound() {
        Outline toothed = outline(-40, 90, 40, 90, 40, 150, 3.5, 150, 3.5, 170, -0.5, 170, -0.5, 150, -40, 150);
        AxleEnd ridged = end().barrel(List.of(
                        Samples.station(2, 362),
                        Samples.station(20, 362),
                        Samples.station(21, 332),
                        Samples.station(22, 362),
                        Samples.station(110, 362)))
                .build();
        // by hand: the ridge lies at x −60 to −58, the tooth at −49 to −45 with new pads and at −73 to −69 with worn
        // ones: 9 mm clear of it
        Kit passing = Samples.kit().withCaliper(sliding(toothed, 24));
        assertThat(verdict(ridged, passing, CheckId.BARREL)).isEqualTo(Verdict.DOES_NOT_FIT);
        Kit before = Samples.kit().withCaliper(sliding(toothed, 1));
        assertThat(verdict(ridged, before, CheckId.BARREL)).isEqualTo(Verdict.FITS);
    }

    // --- bolts, studs and the kit's own hub ---

    private static Kit bracket(double hole, double bolt) {
        Bracket b = Samples.kit().bracket();
        return Samples.kit()
                .withBracket(b.but()
                        .hole(Figure.stated(hole, 0.05))
                        .bolt(Figure.stated(bolt, 0.05))
                        .build());
    }

    @Test
    void theBoltPassesTheBracketsOwnHole() {
        assertThat(verdict(end().build(), bracket(11.6, 11.1), CheckId.BRACKET)).isEqualTo(Verdict.FITS);
        assertThat(verdict(end().build(), bracket(10.6, 11.1), CheckId.BRACKET)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(verdict(end().build(), bracket(11.12, 11.1), CheckId.BRACKET))
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    /**
     * By hand: bolt 11.0, holes 11.6 and 11.6 leave 1.2 mm of play; H off by 0.8 and V by 0.6 is 1.0 mm off in all, of which 0.8 and
     * 0.6 of each doubt count: u² = 0.8²u_H² + 0.6²u_V², not u_H² + u_V².
     */
    @Test
    void aRectanglesDoubtCountsAlongTheWayItIsOff() {
        Bracket round = Samples.kit().bracket();
        Kit kit = Samples.kit()
                .withBracket(round.but()
                        .shape(itrova.core.vehicle.BracketShape.RECTANGLE)
                        .count(4)
                        .across(Optional.of(Figure.stated(90, 0)))
                        .up(Optional.of(Figure.stated(60, 0)))
                        .circle(Optional.empty())
                        .hole(Figure.stated(11.6, 0))
                        .bolt(Figure.stated(11, 0))
                        .build());
        AxleEnd end = new AxleEnd.Builder(
                        Side.LEFT,
                        itrova.core.vehicle.AxleForm.defaultFor(
                                AxleEndKind.FRONT_SPINDLE, itrova.core.vehicle.BracketShape.RECTANGLE))
                .length(
                        Callout.BRACKET_ACROSS,
                        itrova.core.quantity.Measured.of(
                                90.8, itrova.core.quantity.Component.standard(Source.named("h"), 0.05)))
                .length(
                        Callout.BRACKET_UP,
                        itrova.core.quantity.Measured.of(
                                60.6, itrova.core.quantity.Component.standard(Source.named("v"), 0.05)))
                .length(Callout.BRACKET_HOLE, itrova.core.quantity.Measured.exact(11.6))
                .build();
        Finding f = find(end, kit, CheckId.BRACKET);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(0.1, within(1e-9));
        assertThat(f.margin().orElseThrow().u()).isEqualTo(0.05 / 2, within(1e-9));
        assertThat(f.verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void newStudsPassTheWheelsHoles() {
        Kit thick = Samples.kit()
                .withDisc(Samples.disc().withHoles(5, Figure.stated(17, 0.1)))
                .withStuds(new KitStuds(Thread.parse("5/8-18"), Figure.stated(16, 0.05), Figure.stated(40, 0.2)));
        AxleEnd tight =
                end().length(Callout.WHEEL_STUD_HOLE, Samples.mm(14.6, 0.05)).build();
        assertThat(verdict(tight, thick, CheckId.PATTERN)).isEqualTo(Verdict.DOES_NOT_FIT);
        AxleEnd wide =
                end().length(Callout.WHEEL_STUD_HOLE, Samples.mm(17, 0.05)).build();
        assertThat(verdict(wide, thick, CheckId.PATTERN)).isEqualTo(Verdict.FITS);
        assertThat(verdict(end().build(), thick, CheckId.PATTERN))
                .as("hole not read")
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    private static Disc drilled(HolePattern... patterns) {
        return Samples.disc().but().patterns(List.of(patterns)).build();
    }

    private static AxleEnd.Builder counted() {
        return new AxleEnd.Builder(Side.LEFT, AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE))
                .count(Callout.LUG_COUNT, 5);
    }

    /** The studs are 12.65 mm at their shoulder: only the wide holes let them through, and only the circle says which are meant. */
    @Test
    void ofTwoPatternsTheCircleSaysWhichHolesAreMeant() {
        HolePattern narrow = new HolePattern(5, Figure.stated(114.3, 0.1), Figure.stated(12.2, 0.05));
        HolePattern wide = new HolePattern(5, Figure.stated(120.65, 0.1), Figure.stated(14, 0.05));
        Kit doubly = Samples.kit().withDisc(drilled(wide, narrow));
        assertThat(verdict(end().build(), doubly, CheckId.STUD_HOLES))
                .as("to be drilled out")
                .isEqualTo(Verdict.FITS_WITH_WORK);
        AxleEnd larger = end().boltCircle(Samples.mm(120.65, 0.05)).build();
        assertThat(verdict(larger, doubly, CheckId.STUD_HOLES)).isEqualTo(Verdict.FITS);

        AxleEnd unread = counted()
                .length(Callout.STUD_MAJOR, Samples.mm(12.6, 0.02))
                .length(Callout.STUD_SHOULDER, Samples.mm(12.65, 0.02))
                .build();
        for (Kit kit : List.of(doubly, Samples.kit().withDisc(drilled(narrow, wide)))) {
            Finding open = find(unread, kit, CheckId.STUD_HOLES);
            assertThat(open.verdict()).isEqualTo(Verdict.NOT_PROVEN);
            assertThat(open.missing()).containsExactly(Callout.STUD_OVER_SKIP_ONE);
        }
        assertThat(verdict(unread, Samples.kit().withDisc(drilled(wide)), CheckId.STUD_HOLES))
                .as("one pattern only")
                .isEqualTo(Verdict.FITS);
    }

    @Test
    void aCircleReadOverStudsOfUnknownSizeWantsTheStudNotTheReadingAgain() {
        AxleEnd over = counted()
                .length(Callout.STUD_OVER_SKIP_ONE, Samples.mm(121.3, 0.05))
                .build();
        Finding f = find(over, Samples.kit(), CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(f.missing()).contains(Callout.STUD_MAJOR).doesNotContain(Callout.STUD_OVER_SKIP_ONE);
    }

    private static Kit withHub(Optional<Figure> face) {
        Kit kit = Samples.kit();
        RotorHub.Seat seat = new RotorHub.Seat(Figure.bore(59.1), Optional.empty(), Optional.empty());
        RotorHub hub = new RotorHub(
                seat,
                seat,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(Figure.bore(70.8)),
                face,
                Optional.empty());
        return kit.withHub(hub);
    }

    /** By hand: shoulder at 30 mm and face 25.1 mm from it lie at 55.1 mm, the kit is made for 62.5: 7.4 mm short, shims give 2. */
    @Test
    void theKitsOwnHubReplacesTheOldHubsFace() {
        AxleEnd end = end().length(Callout.SHOULDER, Samples.mm(30, 0.05)).build();
        Finding off = find(end, withHub(Optional.of(Figure.stated(25.1, 0.1))), CheckId.AXLE_OFFSET);
        assertThat(off.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(off.margin().orElseThrow().value()).isEqualTo(2 - 7.4, within(1e-9));
        assertThat(verdict(end, withHub(Optional.of(Figure.stated(32.5, 0.1))), CheckId.AXLE_OFFSET))
                .isEqualTo(Verdict.FITS);
        Finding untold = find(end, withHub(Optional.empty()), CheckId.AXLE_OFFSET);
        assertThat(untold.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(untold.nextMove())).contains("kit's hub");
    }

    @Test
    void theOldHubsStudsProveNothingForTheKitsHub() {
        Kit hub = withHub(Optional.of(Figure.stated(32.5, 0.1)));
        Finding f = find(end().build(), hub, CheckId.NUT_ENGAGEMENT);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("studs of the kit's hub");
        Kit studded =
                hub.withStuds(new KitStuds(Thread.parse("1/2-20"), Figure.stated(12.7, 0.05), Figure.stated(36, 0.2)));
        assertThat(verdict(end().build(), studded, CheckId.NUT_ENGAGEMENT)).isEqualTo(Verdict.FITS);
    }
}
