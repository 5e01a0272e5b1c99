package itrova.formats;

import itrova.core.choice.Selection;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.kit.KitOption;
import itrova.core.phrase.Phrase;
import itrova.core.search.Combination;
import itrova.core.search.Search;
import itrova.core.search.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a search found, kept until it is looked at: its sentences with their quantities, so that each reader gets his own units. */
public final class SearchDocument {
    private SearchDocument() {}

    /**
     * A combination found.
     *
     * @param name of the kit
     * @param options names of the options taken
     * @param wheel code and name of the wheel put on, if one is
     * @param rank money with days, hours and irreversible work weighed in (cents)
     * @param onFront whether none beats it in everything
     */
    public record Found(
            Selection selection,
            String name,
            List<String> options,
            Optional<String> wheel,
            Verdict verdict,
            List<Phrase> works,
            long cents,
            int leadDays,
            int minutes,
            int irreversible,
            double rank,
            boolean onFront) {}

    /**
     * What was found.
     *
     * @param nearest where nothing is proven, what is nearest to it
     * @param steps what would prove the nearest
     * @param complete whether the search ran to its end
     */
    public record Result(
            List<Found> best, List<Found> front, Optional<Found> nearest, List<Phrase> steps, boolean complete) {}

    /** The outcome of a search as text. */
    public static String write(Search.Outcome outcome, Weights weights) {
        Set<String> front = outcome.front().stream().map(Combination::key).collect(Collectors.toSet());
        ObjectNode root = Json.MAPPER.createObjectNode();
        ArrayNode best = root.putArray("best");
        outcome.best().forEach(c -> best.add(node(c, weights, front.contains(c.key()))));
        ArrayNode onFront = root.putArray("front");
        outcome.front().forEach(c -> onFront.add(node(c, weights, true)));
        outcome.nearest().ifPresent(c -> {
            root.set("nearest", node(c, weights, false));
            ArrayNode steps = root.putArray("steps");
            steps(c).forEach(s -> steps.add(PhraseDocument.node(s)));
        });
        root.put("complete", outcome.complete());
        return Json.MAPPER.writeValueAsString(root);
    }

    /** What would prove a combination, each step once. */
    private static List<Phrase> steps(Combination c) {
        return c.report().findings().stream()
                .filter(f -> f.check().isCritical() && !f.verdict().isProven())
                .map(SearchDocument::step)
                .distinct()
                .toList();
    }

    private static Phrase step(Finding f) {
        return Phrase.of("search.step", f.check(), f.side(), f.nextMove());
    }

    private static ObjectNode node(Combination c, Weights weights, boolean onFront) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.set("selection", SelectionDocument.node(Selection.of(c)));
        n.put("name", c.report().kit().name());
        ArrayNode options = n.putArray("options");
        c.options().stream().map(KitOption::name).forEach(options::add);
        c.wheel().ifPresent(w -> n.put("wheel", w.code() + " " + w.name()));
        n.put("verdict", c.report().verdict().name());
        ArrayNode works = n.putArray("works");
        c.report().works().forEach(w -> works.add(PhraseDocument.node(w.sentence())));
        return n.put("cents", c.cost().cents())
                .put("days", c.cost().leadDays())
                .put("minutes", c.cost().minutes())
                .put("irreversible", c.cost().irreversible())
                .put("rank", weights.of(c.cost()))
                .put("front", onFront);
    }

    /** A result written by {@link #write}. */
    public static Result readStored(String text) {
        JsonNode root = Json.MAPPER.readTree(text);
        return new Result(
                list(root.path("best"), SearchDocument::found),
                list(root.path("front"), SearchDocument::found),
                root.has("nearest") ? Optional.of(found(root.path("nearest"))) : Optional.empty(),
                list(root.path("steps"), PhraseDocument::read),
                root.path("complete").asBoolean());
    }

    private static Found found(JsonNode n) {
        return new Found(
                SelectionDocument.read(n.path("selection")),
                n.path("name").asString(),
                list(n.path("options"), JsonNode::asString),
                n.has("wheel") ? Optional.of(n.path("wheel").asString()) : Optional.empty(),
                Verdict.valueOf(n.path("verdict").asString()),
                list(n.path("works"), PhraseDocument::read),
                n.path("cents").asLong(),
                n.path("days").asInt(),
                n.path("minutes").asInt(),
                n.path("irreversible").asInt(),
                n.path("rank").asDouble(),
                n.path("front").asBoolean());
    }

    private static <T> List<T> list(JsonNode array, Function<JsonNode, T> read) {
        List<T> list = new ArrayList<>();
        array.forEach(n -> list.add(read.apply(n)));
        return List.copyOf(list);
    }
}
