package itrova.formats;

import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldWanted;
import itrova.core.fastener.Thread;
import itrova.core.phrase.Phrase;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.BenchStep.Effort;
import itrova.core.work.BenchStep.Tighten;
import itrova.core.work.Minutes;
import itrova.core.work.StepName;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The steps of a plan as they were frozen. */
public final class PlanDocument {
    private PlanDocument() {}

    /** The steps as text. */
    public static String write(BenchPlan plan) {
        ArrayNode steps = Json.MAPPER.createArrayNode();
        for (BenchStep s : plan.steps()) {
            ObjectNode n = steps.addObject().put("id", s.id());
            n.set("title", PhraseDocument.node(s.title()));
            n.set("text", PhraseDocument.node(s.text()));
            n.set("caution", PhraseDocument.node(s.caution()));
            n.set("hold", PhraseDocument.node(s.hold()));
            s.reading().ifPresent(r -> n.set("reading", node(r)));
            s.tighten().ifPresent(t -> {
                n.put("torque_nm", t.torque());
                t.thread().ifPresent(thread -> n.put("thread", thread.designation()));
            });
            ArrayNode after = n.putArray("after");
            s.after().forEach(after::add);
            Effort effort = s.effort();
            ArrayNode tools = n.putArray("tools");
            effort.tools().forEach(tools::add);
            effort.minutes()
                    .ifPresent(m ->
                            n.putArray("minutes").add(m.low()).add(m.likely()).add(m.high()));
            n.put("people", effort.people()).put("outside", effort.outside()).put("source", effort.source());
        }
        return Json.MAPPER.writeValueAsString(steps);
    }

    /** A plan written by {@link #write}. */
    public static BenchPlan readStored(String text) {
        List<BenchStep> steps = new ArrayList<>();
        for (JsonNode n : Json.MAPPER.readTree(text)) {
            List<String> after = new ArrayList<>();
            n.path("after").forEach(a -> after.add(a.asString()));
            steps.add(new BenchStep(
                    StepName.parse(n.path("id").asString()),
                    phrase(n.path("title")),
                    PhraseDocument.read(n.path("text")),
                    phrase(n.path("caution")),
                    phrase(n.path("hold")),
                    reading(n.path("reading")),
                    n.has("torque_nm")
                            ? Optional.of(new Tighten(
                                    n.path("torque_nm").asDouble(),
                                    n.has("thread")
                                            ? Optional.of(Thread.parse(
                                                    n.path("thread").asString()))
                                            : Optional.empty()))
                            : Optional.empty(),
                    after,
                    effort(n)));
        }
        return new BenchPlan(steps);
    }

    /** A phrase; plans frozen by earlier editions hold its words. */
    private static Phrase phrase(JsonNode n) {
        return n.isString() ? StepWords.said(n.asString()) : PhraseDocument.read(n);
    }

    private static ObjectNode node(HoldWanted r) {
        ObjectNode n =
                Json.MAPPER.createObjectNode().put("kind", r.kind().key()).put("source", r.source());
        r.min().ifPresent(min -> n.put("least", min));
        r.max().ifPresent(max -> n.put("most", max));
        return n;
    }

    /** What is read at a hold; plans frozen by earlier editions name only its kind, judged by common practice. */
    private static Optional<HoldWanted> reading(JsonNode n) {
        String kind = n.isObject() ? n.path("kind").asString() : n.asString("");
        return Arrays.stream(HoldKind.values())
                .filter(k -> k.key().equals(kind))
                .findFirst()
                .map(k -> n.isObject()
                        ? new HoldWanted(
                                k,
                                limit(n, "least"),
                                limit(n, "most"),
                                n.path("source").asString())
                        : HoldWanted.byDefault(k));
    }

    private static OptionalDouble limit(JsonNode n, String key) {
        return n.has(key) ? OptionalDouble.of(n.path(key).asDouble()) : OptionalDouble.empty();
    }

    /** What a step takes; plans frozen by earlier editions do not say. */
    private static Effort effort(JsonNode n) {
        List<String> tools = new ArrayList<>();
        n.path("tools").forEach(t -> tools.add(t.asString()));
        JsonNode m = n.path("minutes");
        return new Effort(
                tools,
                m.size() == 3
                        ? Optional.of(new Minutes(
                                m.get(0).asDouble(),
                                m.get(1).asDouble(),
                                m.get(2).asDouble()))
                        : Optional.empty(),
                Math.max(1, n.path("people").asInt(1)),
                n.path("outside").asString(""),
                n.path("source").asString(""));
    }
}
