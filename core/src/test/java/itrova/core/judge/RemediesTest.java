package itrova.core.judge;

import static itrova.core.judge.Findings.find;
import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.kit.KitStuds;
import itrova.core.kit.KitTerms;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PartKind;
import itrova.core.kit.TorqueSpec;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Work with its limits, and the checks that advise. */
class RemediesTest {
    private static final ShopSettings SETTINGS = ShopSettings.DEFAULTS;

    private static KitReport report(AxleEnd end, Kit kit) {
        return FitEngine.report(Samples.axle(end), kit, SETTINGS);
    }

    private static AxleEnd.Builder front() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE);
    }

    private static Disc disc(double hatInside, double fillet, Optional<Figure> lip) {
        return Samples.disc()
                .but()
                .hatInside(Figure.stated(hatInside, 0.05))
                .fillet(OptionalDouble.of(fillet))
                .wheelLip(lip)
                .build();
    }

    /** Spokes 14 mm nearer: 16.5 − 14 = 2.5 mm, 4 wanted. A spacer clears them and eats thread, so the studs grow too. */
    @Test
    void aSpacerCallsForLongerStuds() {
        AxleEnd end = front().spokes(List.of(
                        Samples.station(70, -6),
                        Samples.station(100, -6),
                        Samples.station(150, 12),
                        Samples.station(165, 14)))
                .length(Callout.STUD_STICK_OUT, Samples.mm(27, 0.1))
                .build();
        KitReport report = FitEngine.report(Samples.axle(end), Samples.kit(), SETTINGS.with(Limit.WHEEL_SPACERS, 1));
        assertThat(report.verdict()).as(report.findings().toString()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(report.works())
                .extracting(Work::kind)
                .containsExactlyInAnyOrder(WorkKind.WHEEL_SPACER, WorkKind.LONGER_STUDS);
        Finding studs = find(report, CheckId.NUT_ENGAGEMENT);
        assertThat(studs.margin().orElseThrow().value()).isPositive(); // as found, without the spacer
        KitReport without = report(end, Samples.kit());
        assertThat(said(find(without, CheckId.SPOKES).refused().orElseThrow())).contains("school");
    }

    /** Common practice: a hat 10 mm thicker wants studs 10 mm longer. */
    @Test
    void aHatTenThickerWantsStudsTenLonger() {
        double[] lacking = new double[2];
        for (int i = 0; i < 2; i++) {
            Disc hat = Samples.disc()
                    .but()
                    .hatThickness(Figure.stated(20 + 10 * i, 0.1))
                    .build();
            Finding f = find(report(front().build(), Samples.kit().withDisc(hat)), CheckId.NUT_ENGAGEMENT);
            lacking[i] = f.work().orElseThrow().target();
        }
        assertThat(lacking[1] - lacking[0]).isEqualTo(10, within(1e-9));
    }

    @Test
    void whereOnlyTheFilletIsInTheWayTheCornerIsRounded() {
        // 150 − 148 leaves 1 mm a side: enough for a flat seat, not for a fillet of 2 mm
        KitReport report = report(front().build(), Samples.kit().withDisc(disc(150, 2, Optional.empty())));
        Finding f = find(report, CheckId.HAT_FLANGE);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.work().orElseThrow().kind()).isEqualTo(WorkKind.ROUND_CORNER);
        assertThat(f.work().orElseThrow().target()).isEqualTo(2.6, within(1e-9));
    }

    @Test
    void aWheelTooSmallForTheLipIsOpenedToIt() {
        KitReport report =
                report(front().build(), Samples.kit().withDisc(disc(154, 2, Optional.of(Figure.stated(72, 0.03)))));
        Finding f = find(report, CheckId.WHEEL_CENTRING);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(f.work().orElseThrow().kind()).isEqualTo(WorkKind.BORE_WHEEL);
        assertThat(said(f.work().orElseThrow().mustRemain())).contains("still centred");
    }

    /** Common practice: equal shims on both bolts; they bring a bracket outboard only. */
    @Test
    void shimsUnderTheBracketAreEqualAndLimited() {
        AxleEnd out = Samples.end(Side.LEFT, AxleEndKind.REAR_LIVE_AXLE)
                .length(Callout.AXLE_OFFSET, Samples.mm(65.4, 0.05))
                .build();
        Finding f = find(report(out, Samples.kit()), CheckId.AXLE_OFFSET);
        assertThat(f.verdict()).isEqualTo(Verdict.FITS_WITH_WORK);
        assertThat(said(f.work().orElseThrow().sentence())).contains("the same stack on every bolt");
        AxleEnd in = Samples.end(Side.LEFT, AxleEndKind.REAR_LIVE_AXLE)
                .length(Callout.AXLE_OFFSET, Samples.mm(59, 0.05))
                .build();
        assertThat(said(find(report(in, Samples.kit()), CheckId.AXLE_OFFSET)
                        .refused()
                        .orElseThrow()))
                .contains("shims cannot do that");
    }

    @Test
    void byTheOtherSchoolStudsMayCentreTheWheel() {
        AxleEnd loose = front().length(Callout.REGISTER, Samples.mm(70.0, 0.01)).build();
        assertThat(find(report(loose, Samples.kit()), CheckId.REGISTER).verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        KitReport byStuds = FitEngine.report(Samples.axle(loose), Samples.kit(), SETTINGS.with(Limit.LUG_CENTRING, 1));
        assertThat(find(byStuds, CheckId.REGISTER).verdict()).isEqualTo(Verdict.FITS);
        assertThat(said(find(byStuds, CheckId.REGISTER).explain().why())).contains("school");
    }

    @Test
    void papersThatContradictThemselvesProveNothing() {
        Kit kit = Samples.kit();
        Kit clashing = Samples.contradicting(kit, PaperFigure.DISC_HAT_INSIDE, "154 mm", "6.00 in");
        Finding f = find(report(front().build(), clashing), CheckId.HAT_FLANGE);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("154 mm").contains("6.00 in").contains("which is correct");
        assertThat(find(report(front().build(), clashing), CheckId.REGISTER).verdict())
                .isEqualTo(Verdict.FITS);
    }

    private static Kit boxed(Map<PartKind, Integer> box, List<MissingPart> besides) {
        Kit kit = Samples.kit();
        return new Kit(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.fits(),
                kit.parts(),
                new KitTerms(List.of(), box, besides, 10_000, 5, true, true, ""),
                kit.torques(),
                kit.notes());
    }

    @Test
    void whatIsNeitherInTheBoxNorPricedHoldsTheKit() {
        Map<PartKind, Integer> box = new EnumMap<>(PartKind.class);
        for (PartKind kind :
                List.of(PartKind.CALIPER, PartKind.PAD_SET, PartKind.DISC, PartKind.BRACKET, PartKind.BRACKET_BOLTS)) {
            box.put(kind, kind.wanted());
        }
        box.put(PartKind.COPPER_WASHER, 2);
        List<MissingPart> besides = List.of(
                new MissingPart("hose", 2, 2000, "s", 3, Optional.of(PartKind.HOSE)),
                new MissingPart("fluid", 1, 1500, "s", 1, Optional.of(PartKind.FLUID)),
                new MissingPart("threadlocker", 1, 900, "s", 1, Optional.of(PartKind.THREADLOCKER)));
        KitReport report = report(front().build(), boxed(box, besides));
        Finding f = find(report, CheckId.CONTENTS);
        assertThat(f.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(f.nextMove())).contains("priced and ordered besides");
        assertThat(said(f.explain().why()))
                .contains("2 × banjo bolt")
                .contains("2 × copper washer")
                .doesNotContain("hose");
        assertThat(report.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        List<MissingPart> rest = new ArrayList<>(besides);
        rest.add(new MissingPart("banjo bolts", 2, 300, "s", 1, Optional.of(PartKind.BANJO_BOLT)));
        rest.add(new MissingPart("washers", 2, 60, "s", 1, Optional.of(PartKind.COPPER_WASHER)));
        assertThat(report(front().build(), boxed(box, rest)).verdict()).isEqualTo(Verdict.FITS);
        KitReport uncounted = report(front().build(), boxed(Map.of(), rest));
        assertThat(uncounted.verdict()).isEqualTo(Verdict.NOT_PROVEN);
    }

    /** 75 lbf·ft on 1/2-20 of grade 5: preload 101.7/(0.2·0.0127) = 40 kN of 60.5 kN proof: 66 %. */
    @Test
    void studClampIsAShareOfTheProofLoad() {
        Kit kit = Samples.kit();
        Kit studded = new Kit(
                        kit.code(),
                        kit.name(),
                        kit.supplier(),
                        kit.fits(),
                        kit.parts(),
                        kit.terms(),
                        List.of(new TorqueSpec("wheel nut", 101.686, Optional.of(Thread.parse("1/2-20")))),
                        kit.notes())
                .withStuds(new KitStuds(
                        Thread.parse("1/2-20"),
                        Figure.stated(12.6, 0.05),
                        Figure.stated(36, 0.2),
                        Optional.of(BoltGrade.SAE_5)));
        Finding f = find(report(front().build(), studded), CheckId.RATINGS);
        assertThat(said(f.explain().why())).contains("66 %");
        assertThat(f.verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void settingsOutOfBoundsAreRefusedByName() {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> SETTINGS.with(Limit.TURNING_GAP, 50))
                .hasMessageContaining("Turning wheel to caliper")
                .hasMessageContaining("20");
        assertThat(SETTINGS.with(Limit.TURNING_GAP, 5).of(Limit.TURNING_GAP)).isEqualTo(5);
        assertThat(SETTINGS.set()).isEmpty();
    }
}
