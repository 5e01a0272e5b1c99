package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldWanted;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.PartKind;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Effort;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.Minutes;
import itrova.core.work.PlanCase;
import itrova.core.work.StepKind;
import itrova.core.work.StepName;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

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
                        StepName.of(StepKind.LIFT),
                        Phrase.all(StepKind.LIFT),
                        WHOLE,
                        StepKind.LIFT.caution(),
                        Phrase.NOTHING,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(),
                        Effort.UNSAID),
                new BenchStep(
                        StepName.parse("nuts"),
                        Phrase.given("Nuts"),
                        Phrase.given("crosswise"),
                        Phrase.NOTHING,
                        Phrase.given("all tight"),
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

    /** A plan that was frozen when steps held words and not phrases: nothing of it is told as changed. */
    @Test
    void aPlanFrozenAsWordsHasNotChanged() {
        Set<StepKind> seen = EnumSet.noneOf(StepKind.class);
        for (Job job : DemoData.jobs()) {
            for (AxleRecord axle : job.axles()) {
                for (KitReport report :
                        FitEngine.match(axle.toCase(List.of(Side.values())), DemoData.kits(), ShopSettings.DEFAULTS)) {
                    BenchPlan live = BenchPlan.of(PlanCase.alone(report, axle.form()));
                    live.steps().forEach(s -> seen.add(s.kind()));
                    assertThat(PlanDocument.readStored(asWords(live))).isEqualTo(live);
                }
            }
        }
        assertThat(seen).contains(StepKind.WORK, StepKind.WELD, StepKind.HUB_ON).hasSizeGreaterThan(25);
    }

    /** As it was frozen before steps held phrases. */
    private static String asWords(BenchPlan plan) {
        ArrayNode steps = (ArrayNode) Json.MAPPER.readTree(PlanDocument.write(plan));
        for (JsonNode step : steps) {
            for (String said : List.of("title", "caution", "hold")) {
                ((ObjectNode) step).put(said, Wording.METRIC.say(PhraseDocument.read(step.path(said))));
            }
        }
        return Json.MAPPER.writeValueAsString(steps);
    }

    /** A list that is left out would be read back as a name in English. */
    @Test
    void aPhraseIsReadBackFromEveryList() throws IOException {
        Pattern list = Pattern.compile("enum (\\w+) implements Titled");
        Set<String> all = new TreeSet<>();
        try (Stream<Path> files = Files.walk(Path.of("../core/src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                String type = file.getFileName().toString().replace(".java", "");
                list.matcher(Files.readString(file))
                        .results()
                        .map(m -> m.group(1).equals(type) ? type : type + "." + m.group(1))
                        .forEach(all::add);
            }
        }
        assertThat(all).contains("Side", "ShaftOrder.Piece", "WorkedPart.Piece");
        assertThat(PhraseDocument.lists()).containsExactlyInAnyOrderElementsOf(all);
        Phrase held = Phrase.of("hub-held.kit-made-for", HubHeld.KEYED_TAPER, HubHeld.KEYED_TAPER.caution());
        assertThat(PhraseDocument.read(PhraseDocument.node(held))).isEqualTo(held);
    }

    /** What no edition knows any more is said as it was frozen. */
    @Test
    void aStepNobodyKnowsAnyMoreKeepsItsWords() {
        String frozen = """
                [{"id":"left-lining-riveted","title":"Lining riveted, left","caution":"Copper rivets only.","hold":"","text":{"code":"","values":[{"given":"as it was"}]},"after":[]}]""";
        BenchStep step = PlanDocument.readStored(frozen).steps().get(0);
        assertThat(step.id()).isEqualTo("left-lining-riveted");
        assertThat(step.kind()).isEqualTo(StepKind.EARLIER);
        assertThat(step.side()).contains(Side.LEFT);
        assertThat(Wording.METRIC.say(step.title())).isEqualTo("Lining riveted, left");
        assertThat(Wording.METRIC.say(step.caution())).isEqualTo("Copper rivets only.");
        assertThat(step.hold().isEmpty()).isTrue();
    }

    /** Earlier plans name the kind of reading only; it is judged by practice. */
    @Test
    void aReadingOfAnEarlierEditionIsJudgedByPractice() {
        String frozen = """
                [{"id":"left-disc","title":"Disc","caution":"","hold":"Run-out.","reading":"run_out","text":{"code":"bench-plan.lock-lock","values":[]},"after":[]}]""";
        assertThat(PlanDocument.readStored(frozen).steps().get(0).reading())
                .contains(HoldWanted.byDefault(HoldKind.RUN_OUT));
    }

    @Test
    void aFrozenSentenceIsSaidInTheReadersUnits() {
        Phrase back =
                PhraseDocument.read(PhraseDocument.node(Phrase.of("hat-flange.past-hat-s-fillet", Amount.mm(2.54, 1))));
        assertThat(Wording.english(UnitSystem.INCH).say(back)).isEqualTo("past the hat's fillet of 0.100 in");
        assertThat(Wording.METRIC.say(back)).isEqualTo("past the hat's fillet of 2.5 mm");
    }
}
