package itrova.core.judge;

import static itrova.core.judge.Findings.find;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Bracket;
import itrova.core.kit.Caliper;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FitEngineTest {
    private static final ShopSettings SETTINGS = ShopSettings.DEFAULTS;

    private static KitReport report(AxleEnd end, Kit kit) {
        return FitEngine.report(Samples.axle(end), kit, SETTINGS);
    }

    private static AxleEnd front() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE).build();
    }

    private static AxleEnd with(Callout callout, double value, double u) {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .length(callout, Samples.mm(value, u))
                .build();
    }

    @Test
    void theSampleFitsOnEveryCheck() {
        KitReport report = FitEngine.report(Samples.axle(AxleEndKind.REAR_LIVE_AXLE), Samples.kit(), SETTINGS);
        assertThat(report.findings())
                .filteredOn(f -> f.check().isCritical())
                .hasSize(20)
                .allSatisfy(f -> assertThat(f.verdict()).as(f.check().title()).isEqualTo(Verdict.FITS));
        assertThat(report.verdict()).isEqualTo(Verdict.FITS);
        assertThat(report.score()).isPositive();
    }

    private static Bracket withoutOffset(Bracket b) {
        return b.but().axleOffset(Optional.empty()).build();
    }

    @Test
    void theHubFaceAKitIsMadeForMustBeToldAndMet() {
        Kit silent = Samples.kit().withBracket(withoutOffset(Samples.kit().bracket()));
        Finding untold = find(report(front(), silent), CheckId.AXLE_OFFSET);
        assertThat(untold.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(untold.nextMove())).contains("the hub face the kit is made for");
        AxleEnd off = Samples.end(Side.LEFT, AxleEndKind.REAR_LIVE_AXLE)
                .length(Callout.AXLE_OFFSET, Samples.mm(71, 0.1))
                .build();
        Finding f = find(report(off, Samples.kit()), CheckId.AXLE_OFFSET);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(-6.5, within(1e-9)); // 2 − |71 − 62.5|
    }

    /** ISO 14253-1: with a guard band U, proven at m − U ≥ 0, proven not at m + U < 0, else not proven. */
    @Test
    void guardBandOnTheRegister() {
        // play 0.10 in the window 0 to 0.20 leaves a margin of 0.10
        assertThat(find(report(with(Callout.REGISTER, 70.8, 0.01), Samples.kit()), CheckId.REGISTER)
                        .verdict())
                .isEqualTo(Verdict.FITS);
        assertThat(find(report(with(Callout.REGISTER, 70.8, 0.06), Samples.kit()), CheckId.REGISTER)
                        .verdict())
                .isEqualTo(Verdict.NOT_PROVEN);
        assertThat(find(report(with(Callout.REGISTER, 70.95, 0.06), Samples.kit()), CheckId.REGISTER)
                        .verdict())
                .isEqualTo(Verdict.NOT_PROVEN);
        assertThat(find(report(with(Callout.REGISTER, 71.4, 0.02), Samples.kit()), CheckId.REGISTER)
                        .verdict())
                .isEqualTo(Verdict.FITS_WITH_WORK);
    }

    @Test
    void aTightBoreIsBoredToTheRegister() {
        Finding f = find(report(with(Callout.REGISTER, 71.2, 0.01), Samples.kit()), CheckId.REGISTER);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.work().orElseThrow().kind()).isEqualTo(WorkKind.BORE_DISC);
        assertThat(f.work().orElseThrow().target()).isEqualTo(71.30, within(1e-9));
        assertThat(f.worked().orElseThrow().value() - f.worked().orElseThrow().expanded())
                .isNotNegative();
    }

    @Test
    void aWideBoreTakesARingOrNothing() {
        assertThat(find(report(with(Callout.REGISTER, 66, 0.01), Samples.kit()), CheckId.REGISTER)
                        .work()
                        .orElseThrow()
                        .kind())
                .isEqualTo(WorkKind.CENTRING_RING);
        Finding thin = find(report(with(Callout.REGISTER, 69.5, 0.01), Samples.kit()), CheckId.REGISTER);
        assertThat(thin.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(thin.nextMove())).contains("ring");
    }

    @Test
    void aWheelBoreSmallerThanTheLipDoesNotPass() {
        Disc lipped = Samples.disc()
                .but()
                .wheelLip(Optional.of(Figure.stated(75, 0.05)))
                .build();
        Finding f = find(report(front(), Samples.kit().withDisc(lipped)), CheckId.WHEEL_CENTRING);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(-3.8, within(1e-9));
    }

    @Test
    void anotherPatternDoesNotFit() {
        Finding f = find(
                report(
                        Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                                .boltCircle(Samples.mm(120.65, 0.05))
                                .build(),
                        Samples.kit()),
                CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(f.margin().orElseThrow().value()).isEqualTo((13.4 - 12.6) / 2 - (120.65 - 114.3) / 2, within(1e-9));
    }

    @Test
    void aTapeDoesNotProveThePattern() {
        AxleEnd byTape = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .boltCircle(Samples.mm(114.3, 0.6))
                .build();
        Finding f = find(report(byTape, Samples.kit()), CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(f.margin()).isPresent();
    }

    @Test
    void aDoubleDrilledDiscTakesEitherPattern() {
        Disc d = Samples.disc();
        Disc both = d.but()
                .patterns(List.of(
                        new HolePattern(5, Figure.stated(120.65, 0.1), Figure.stated(13.4, 0.1)),
                        d.patterns().get(0)))
                .build();
        assertThat(find(report(front(), Samples.kit().withDisc(both)), CheckId.PATTERN)
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    @Test
    void sixStudsOnFiveHoles() {
        AxleEnd six = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .count(Callout.LUG_COUNT, 6)
                .build();
        Finding f = find(report(six, Samples.kit()), CheckId.PATTERN);
        assertThat(f.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(f.unit()).isEqualTo("studs");
    }

    /** A 7/16 in stud can carry a 1/2 in shoulder and keep the disc from seating (common practice). */
    @Test
    void aShoulderIsDrilledForWhileTheEdgeAllows() {
        AxleEnd shoulder = with(Callout.STUD_SHOULDER, 14.4, 0.02);
        Finding f = find(report(shoulder, Samples.kit()), CheckId.STUD_HOLES);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.work().orElseThrow().target()).isEqualTo(14.9, within(1e-9));

        Disc thin = Samples.disc()
                .but()
                .holeToEdge(Optional.of(Figure.stated(11, 0.3)))
                .build();
        Finding refused = find(report(shoulder, Samples.kit().withDisc(thin)), CheckId.STUD_HOLES);
        assertThat(refused.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(said(refused.nextMove())).contains("must remain");
        assertThat(find(report(with(Callout.STUD_SHOULDER, 16.5, 0.02), Samples.kit()), CheckId.STUD_HOLES)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    /** By hand: 36 − 6.5 − 5 − 1.27 = 23.23 mm of thread, a 1/2 in stud wants 12.7: margin 10.53. */
    @Test
    void nutEngagement() {
        Finding f = find(report(front(), Samples.kit()), CheckId.NUT_ENGAGEMENT);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(10.53, within(1e-9));
        assertThat(said(f.explain().why())).contains("turns");
    }

    /** A hat 10 mm thicker wants studs 10 mm longer (common practice). */
    @Test
    void aThickerHatWantsLongerStuds() {
        AxleEnd tight = with(Callout.STUD_STICK_OUT, 26, 0.1);
        Disc thick = Samples.disc().but().hatThickness(Figure.stated(16.5, 0.1)).build();
        double before = find(report(tight, Samples.kit()), CheckId.NUT_ENGAGEMENT)
                .margin()
                .orElseThrow()
                .value();
        Finding f = find(report(tight, Samples.kit().withDisc(thick)), CheckId.NUT_ENGAGEMENT);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(before - 10, within(1e-9));
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.work().orElseThrow().kind()).isEqualTo(WorkKind.LONGER_STUDS);
        assertThat(f.work().orElseThrow().target() - f.work().orElseThrow().before())
                .isGreaterThanOrEqualTo(9.4 - 0.01);
    }

    @Test
    void aFlangeIsTurnedDownButNotIntoTheStuds() {
        Finding turned = find(report(with(Callout.FLANGE, 153.5, 0.05), Samples.kit()), CheckId.HAT_FLANGE);
        assertThat(turned.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(turned.work().orElseThrow().target())
                .isEqualTo(149.1, within(1e-9)); // 153.7 − 2·(2 + 0.3), down to a tenth
        AxleEnd wide = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .length(Callout.FLANGE, Samples.mm(153.5, 0.05))
                .boltCircle(Samples.mm(130, 0.05))
                .build();
        assertThat(said(find(report(wide, Samples.kit()), CheckId.HAT_FLANGE).nextMove()))
                .contains("outside the studs");
    }

    @Test
    void bracketHolesHaveTheirPlay() {
        // play (11.6 − 11)/2 + (11.6 − 11)/2 = 0.6
        assertThat(find(report(front(), Samples.kit()), CheckId.BRACKET)
                        .margin()
                        .orElseThrow()
                        .value())
                .isEqualTo(0.6, within(1e-9));
        assertThat(find(report(with(Callout.BRACKET_CIRCLE, 104, 0.08), Samples.kit()), CheckId.BRACKET)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(find(report(with(Callout.BRACKET_HOLE, 10.5, 0.03), Samples.kit()), CheckId.BRACKET)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        AxleEnd six = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .count(Callout.BRACKET_COUNT, 6)
                .build();
        assertThat(find(report(six, Samples.kit()), CheckId.BRACKET).unit()).isEqualTo("holes");
    }

    /** By hand: caliper top r 155 under the step 172 of the barrel: gap 17; less 3 weights, 0.5 deflection, 0.5 run-out, 3 least gap: 10.0. */
    @Test
    void barrelGapByHand() {
        Finding f = find(report(front(), Samples.kit()), CheckId.BARREL);
        assertThat(f.margin().orElseThrow().value()).isEqualTo(10.0, within(1e-9));
        Caliper tall = new Caliper(
                false,
                Optional.of(new Outline(List.of(new Point(-40, 90), new Point(30, 90), new Point(20, 172.5)))),
                0.3,
                0);
        Finding overlap = find(report(front(), Samples.kit(Samples.disc(), tall, 1100)), CheckId.BARREL);
        assertThat(overlap.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(overlap.margin().orElseThrow().value()).isEqualTo(-7.5, within(1e-9));
        assertThat(said(overlap.nextMove())).contains("larger inside");
    }

    /** By hand: caliper front at −48.5 + 40 = −8.5, spokes from x = 8 at r 70 to 100: gap 16.5 less 4 is 12.5. */
    @Test
    void spokeGapByHand() {
        assertThat(find(report(front(), Samples.kit()), CheckId.SPOKES)
                        .margin()
                        .orElseThrow()
                        .value())
                .isEqualTo(12.5, within(1e-9));
    }

    @Test
    void wornPadsAreLookedAtToo() {
        // The barrel's narrow part ends inboard of the caliper; moved inboard by 60 mm it comes under it.
        AxleEnd stepped = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .length(Callout.WHEEL_BACKSPACING, Samples.mm(170, 0.2))
                .barrel(List.of(
                        Samples.station(5, 330),
                        Samples.station(30, 330),
                        Samples.station(30.5, 360),
                        Samples.station(200, 360)))
                .build();
        Caliper fixed = Samples.caliper(Optional.of(Samples.outline()), 0);
        Caliper sliding = Samples.caliper(Optional.of(Samples.outline()), 60);
        double asNew = find(report(stepped, Samples.kit(Samples.disc(), fixed, 1100)), CheckId.BARREL)
                .margin()
                .orElseThrow()
                .value();
        double worn = find(report(stepped, Samples.kit(Samples.disc(), sliding, 1100)), CheckId.BARREL)
                .margin()
                .orElseThrow()
                .value();
        assertThat(worn).isLessThan(asNew - 5);
    }

    @Test
    void noOutlineIsNotProven() {
        Kit blind = Samples.kit(Samples.disc(), Samples.caliper(Optional.empty(), 0), 1100);
        Finding f = find(report(front(), blind), CheckId.BARREL);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(f.margin()).isEmpty();
        assertThat(said(f.nextMove())).contains("outline");
    }

    @Test
    void anUnreadPartOfTheBarrelIsAskedFor() {
        AxleEnd shallow = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .barrel(List.of(Samples.station(10, 362), Samples.station(45, 344)))
                .build();
        Finding f = find(report(shallow, Samples.kit()), CheckId.BARREL);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("depth of 72 mm");
    }

    @Test
    void loadAgainstTheRating() {
        assertThat(find(
                                FitEngine.report(Samples.axle(AxleEndKind.FRONT_SPINDLE), Samples.kit(), SETTINGS),
                                CheckId.LOAD)
                        .margin()
                        .orElseThrow()
                        .value())
                .isEqualTo(200, within(1e-9));
        Finding trailer = find(
                FitEngine.report(Samples.axle(AxleEndKind.TRAILER_SPINDLE), Samples.kit(), SETTINGS), CheckId.LOAD);
        assertThat(trailer.margin().orElseThrow().value()).isEqualTo(110, within(1e-9)); // 1100 − 900·1.1
        AxleCase guessed = new AxleCase(List.of(front()), Optional.of(new AxleLoad(1050, AxleLoad.Source.ESTIMATE)));
        assertThat(find(FitEngine.report(guessed, Samples.kit(), SETTINGS), CheckId.LOAD)
                        .verdict())
                .isEqualTo(Verdict.NOT_PROVEN);
        AxleCase unknown = new AxleCase(List.of(front()), Optional.empty());
        assertThat(find(FitEngine.report(unknown, Samples.kit(), SETTINGS), CheckId.LOAD)
                        .margin())
                .isEmpty();
    }

    @Test
    void nothingReadIsNeverProven() {
        AxleEnd empty = new AxleEnd.Builder(
                        Side.LEFT,
                        AxleForm.defaultFor(AxleEndKind.REAR_LIVE_AXLE, itrova.core.vehicle.BracketShape.CIRCLE))
                .build();
        KitReport report = FitEngine.report(new AxleCase(List.of(empty), Optional.empty()), Samples.kit(), SETTINGS);
        assertThat(report.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(report.findings())
                // these two hang on the papers alone
                .filteredOn(f -> f.check() != CheckId.NIPPLE && f.check() != CheckId.CONTENTS)
                .allSatisfy(f -> {
                    assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
                    // the bracket's own bolt and hole are known from its papers alone
                    assertThat(f.margin().isEmpty()).isEqualTo(f.check() != CheckId.BRACKET);
                    assertThat(said(f.nextMove())).isNotBlank();
                    assertThat(said(f.explain().why())).isNotBlank();
                });
    }

    @Test
    void theWorseSideDecides() {
        AxleEnd left = front();
        AxleEnd right = Samples.end(Side.RIGHT, AxleEndKind.FRONT_SPINDLE)
                .boltCircle(Samples.mm(120.65, 0.05))
                .build();
        AxleCase axle = new AxleCase(List.of(left, right), Optional.of(new AxleLoad(900, AxleLoad.Source.PLATE)));
        assertThat(FitEngine.report(axle, Samples.kit(), SETTINGS).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
    }

    @Test
    void workOnOneCheckIsNotTakenIfItSpoilsAnother() {
        // Longer studs never spoil; turning the flange needs the bolt circle, which stays. So: everything else keeps
        // its verdict.
        KitReport report = report(with(Callout.FLANGE, 153.5, 0.05), Samples.kit());
        assertThat(report.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(report.works()).hasSize(1);
        assertThat(report.findings())
                .filteredOn(f -> f.check().isCritical() && f.check() != CheckId.HAT_FLANGE)
                .allSatisfy(f -> assertThat(f.verdict()).isEqualTo(Verdict.FITS));
    }

    @Test
    void rankingPutsProvenFirstThenRoomThenPrice() {
        AxleCase axle = Samples.axle(front());
        Kit blind = Samples.kit(Samples.disc(), Samples.caliper(Optional.empty(), 0), 1100);
        List<KitReport> ranked = FitEngine.match(axle, List.of(blind, Samples.kit()), SETTINGS);
        assertThat(ranked).extracting(KitReport::verdict).containsExactly(Verdict.FITS, Verdict.NOT_PROVEN);
    }

    @Test
    void everyMarginSaysWhy() {
        KitReport report = report(front(), Samples.kit());
        assertThat(report.findings()).allSatisfy(f -> {
            Explanation e = f.explain();
            assertThat(said(e.why())).isNotBlank();
            assertThat(e.source()).isNotBlank();
            f.margin().ifPresent(m -> assertThat(e.formula()).contains("="));
        });
    }
}
