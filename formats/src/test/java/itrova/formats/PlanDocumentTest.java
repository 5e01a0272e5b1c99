package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldWanted;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.kit.PartKind;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.UnitSystem;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Effort;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.Minutes;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A frozen plan is read back whole, its sentences with their quantities and not as words of one unit system. */
class PlanDocumentTest {
    private static final Phrase WHOLE = Phrase.of(
            "work.from-to-target",
            WorkKind.BORE_DISC,
            Side.LEFT,
            Amount.mm(70.6, 2).asBare(),
            Amount.mm(70.9, 2).asSigned(),
            Amount.newtonMetres(75, 0),
            Phrase.all("both discs, “as bought”", " ", CheckId.REGISTER, 12L, PartKind.FLUID, Phrase.NOTHING));

    @Test
    void stepsAreReadBackAsTheyWereFrozen() {
        BenchPlan plan = new BenchPlan(List.of(
                new BenchStep(
                        "lift",
                        "Lift",
                        WHOLE,
                        "Stands.",
                        "",
                        Optional.empty(),
                        Optional.empty(),
                        List.of(),
                        Effort.UNSAID),
                new BenchStep(
                        "nuts",
                        "Nuts",
                        Phrase.given("crosswise"),
                        "",
                        "all tight",
                        Optional.of(
                                HoldWanted.byPapers(HoldKind.RUN_OUT, OptionalDouble.empty(), OptionalDouble.of(0.05))),
                        Optional.of(new Tighten(75, Optional.of(Thread.parse("1/2-20")))),
                        List.of("lift"),
                        new Effort(
                                List.of("torque wrench"),
                                Optional.of(new Minutes(1, 2, 4)),
                                2,
                                "a lathe shop",
                                "common practice"))));
        assertThat(PlanDocument.readStored(PlanDocument.write(plan))).isEqualTo(plan);
    }

    /** Plans frozen before steps told what they take are still read. */
    @Test
    void aPlanOfAnEarlierEditionIsReadBack() {
        String frozen = """
                [{"id":"lift","title":"Lift","caution":"","hold":"","text":{"code":"bench-plan.lock-lock","values":[]},"after":[]}]""";
        assertThat(PlanDocument.readStored(frozen).steps().get(0).effort()).isEqualTo(Effort.UNSAID);
    }

    /** Earlier plans name the kind of reading only; it is judged by practice. */
    @Test
    void aReadingOfAnEarlierEditionIsJudgedByPractice() {
        String frozen = """
                [{"id":"left-disc","title":"Disc","caution":"","hold":"Run-out.","reading":"run_out","text":{"code":"bench-plan.lock-lock","values":[]},"after":[]}]""";
        assertThat(PlanDocument.readStored(frozen).steps().get(0).reading())
                .contains(HoldWanted.usual(HoldKind.RUN_OUT));
    }

    @Test
    void aFrozenSentenceIsSaidInTheReadersUnits() {
        Phrase back =
                PhraseDocument.read(PhraseDocument.node(Phrase.of("hat-flange.past-hat-s-fillet", Amount.mm(2.54, 1))));
        assertThat(Wording.english(UnitSystem.INCH).say(back)).isEqualTo("past the hat's fillet of 0.100 in");
        assertThat(Wording.METRIC.say(back)).isEqualTo("past the hat's fillet of 2.5 mm");
    }
}
