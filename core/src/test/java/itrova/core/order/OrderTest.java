package itrova.core.order;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.kit.Bracket;
import itrova.core.kit.Caliper;
import itrova.core.kit.Disc;
import itrova.core.kit.DiscMake;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.kit.KitParts;
import itrova.core.kit.KitTerms;
import itrova.core.kit.MissingPart;
import itrova.core.kit.TorqueSpec;
import itrova.core.phrase.Phrase;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.PlanCase;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

class OrderTest {
    private static final Work BORE =
            new Work(WorkKind.BORE_DISC, Side.LEFT, 70.6, 70.9, Phrase.given("both discs"), Optional.empty());

    private static Finding finding(Verdict verdict, Optional<Work> work) {
        return new Finding(
                CheckId.REGISTER,
                Side.LEFT,
                verdict,
                Optional.empty(),
                "mm",
                List.of(),
                List.of(),
                List.of(),
                () -> new Explanation(Phrase.NOTHING, "", List.of(), ""),
                work,
                Optional.empty(),
                Optional.empty());
    }

    private static KitReport report(Finding... findings) {
        Disc disc = new Disc(
                Figure.general(280),
                Figure.general(20),
                Figure.bore(70.6),
                Figure.general(150),
                Figure.general(6),
                Figure.general(40),
                OptionalDouble.of(2),
                List.of(new HolePattern(5, Figure.general(114.3), Figure.general(13))),
                Optional.empty(),
                Optional.empty(),
                DiscMake.PLAIN);
        Bracket bracket = new Bracket(
                BracketShape.CIRCLE,
                4,
                Optional.empty(),
                Optional.empty(),
                Optional.of(Figure.general(100)),
                Figure.general(11),
                Figure.general(10),
                Optional.empty(),
                0);
        Kit kit = new Kit(
                "K-1",
                "sample",
                "Supplier A",
                Set.of(AxleEndKind.FRONT_SPINDLE),
                new KitParts(disc, new Caliper(false, Optional.empty(), 0.5, 0), bracket, Optional.empty(), 1000),
                new KitTerms(
                        List.of(),
                        List.of(new MissingPart("hose", 2, 2450, "Supplier B", 9)),
                        30_000,
                        4,
                        true,
                        true,
                        ""),
                List.of(new TorqueSpec("bracket bolt", 75, Optional.empty())),
                List.of());
        return new KitReport(kit, List.of(findings), Verdict.FITS, 1);
    }

    /** 55 lbf·in is what the papers of a slip say, 550 lbf·ft what a wrench may read: neither is for a 7/16 bolt. */
    @Test
    void atTheBenchATorqueThatCannotBeForTheBoltIsAskedAbout() {
        Optional<itrova.core.fastener.Thread> bolt = Optional.of(itrova.core.fastener.Thread.parse("7/16-20"));
        assertThat(new Tighten(75, bolt).question(75)).isEmpty();
        assertThat(new Tighten(75, bolt).question(81)).isEmpty();
        assertThat(new Tighten(75, bolt).question(84))
                .hasValueSatisfying(q -> assertThat(q).contains("papers want"));
        assertThat(new Tighten(6.2, bolt).question(6.2))
                .as("set as the papers say, and the papers slipped")
                .hasValueSatisfying(q -> assertThat(q).contains("too little", "unit has slipped"));
        assertThat(new Tighten(746, bolt).question(746))
                .hasValueSatisfying(q -> assertThat(q).contains("more than stands"));
        assertThat(new Tighten(6.2, Optional.empty()).question(6.2)).isEmpty();
    }

    @Test
    void theGateOpensOnlyWhenAllIsProven() {
        assertThat(OrderGate.of(report(finding(Verdict.FITS, Optional.empty()))).state())
                .isEqualTo(OrderGate.State.OPEN);
        assertThat(OrderGate.of(report(finding(Verdict.FITS_WITH_WORK, Optional.of(BORE))))
                        .state())
                .isEqualTo(OrderGate.State.OPEN);
        assertThat(OrderGate.of(report(finding(Verdict.NOT_PROVEN, Optional.empty())))
                        .state())
                .isEqualTo(OrderGate.State.HELD);
    }

    @Test
    void provenNotShutsItEvenBesideNotProven() {
        OrderGate gate = OrderGate.of(
                report(finding(Verdict.NOT_PROVEN, Optional.empty()), finding(Verdict.DOES_NOT_FIT, Optional.empty())));
        assertThat(gate.state()).isEqualTo(OrderGate.State.SHUT);
        assertThat(gate.holding()).hasSize(1);
    }

    @Test
    void theSheetAddsKitPartsAndWork() {
        OrderSheet sheet = OrderSheet.of(report(finding(Verdict.FITS_WITH_WORK, Optional.of(BORE))));
        assertThat(sheet.lines())
                .extracting(OrderLine::kind)
                .containsExactly(OrderLine.Kind.KIT, OrderLine.Kind.PART, OrderLine.Kind.WORK);
        assertThat(sheet.totalCents())
                .isEqualTo(30_000 + 2 * 2450 + WorkKind.BORE_DISC.defaultTerms().cents());
        assertThat(sheet.longestLeadDays()).isEqualTo(9);
    }

    @Test
    void onePieceOfWorkThatMendsTwoChecksIsPaidOnce() {
        OrderSheet sheet = OrderSheet.of(report(
                finding(Verdict.FITS_WITH_WORK, Optional.of(BORE)),
                finding(Verdict.FITS_WITH_WORK, Optional.of(BORE))));
        assertThat(sheet.lines().stream().filter(l -> l.kind() == OrderLine.Kind.WORK))
                .hasSize(1);
    }

    @Test
    void theBenchPlanHoldsWorkTorqueAndCautions() {
        BenchPlan plan = BenchPlan.of(PlanCase.alone(
                report(finding(Verdict.FITS_WITH_WORK, Optional.of(BORE))),
                AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE)));
        assertThat(plan.steps())
                .extracting(BenchStep::id)
                .doesNotHaveDuplicates()
                .startsWith("lift")
                .contains("left-work-bore-disc")
                .doesNotContain("right-work-bore-disc");
        BenchStep bracket = plan.steps().stream()
                .filter(s -> s.id().equals("left-bracket"))
                .findFirst()
                .orElseThrow();
        assertThat(bracket.tighten())
                .hasValueSatisfying(t -> assertThat(t.torque()).isEqualTo(75));
        assertThat(plan.steps().stream().filter(s -> s.id().endsWith("-strip")))
                .allSatisfy(s -> assertThat(said(s.caution())).contains("asbestos"));
    }
}
