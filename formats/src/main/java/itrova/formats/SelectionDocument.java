package itrova.formats;

import itrova.core.choice.Selection;
import itrova.core.finding.CheckId;
import itrova.core.judge.WorkPicks;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A selection in a job's document and in the data base: kit, edition, options, wheel and the work picked. */
public final class SelectionDocument {
    private SelectionDocument() {}

    /** The selection as text of its own. */
    public static String write(Selection s) {
        return Json.MAPPER.writeValueAsString(node(s));
    }

    /** A selection written by {@link #write}. */
    public static Selection readStored(String text) {
        return read(Json.MAPPER.readTree(text));
    }

    static ObjectNode node(Selection s) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("kit", s.kit());
        s.edition().ifPresent(e -> n.put("edition", e));
        ArrayNode options = n.putArray("options");
        s.options().forEach(options::add);
        s.wheel().ifPresent(w -> n.put("wheel", w));
        ArrayNode works = n.putArray("works");
        new TreeMap<>(s.works().bySide())
                .forEach((side, picks) -> new TreeMap<>(picks).forEach((check, kind) -> works.addObject()
                        .put("side", word(side))
                        .put("check", word(check))
                        .put("work", word(kind))));
        return n;
    }

    static Selection read(JsonNode n) {
        List<String> options = new ArrayList<>();
        n.path("options").forEach(o -> options.add(o.asString()));
        Map<Side, Map<CheckId, WorkKind>> works = new EnumMap<>(Side.class);
        n.path("works").forEach(w -> works.computeIfAbsent(
                        choice(Side.class, w.path("side")), s -> new EnumMap<>(CheckId.class))
                .put(choice(CheckId.class, w.path("check")), choice(WorkKind.class, w.path("work"))));
        return new Selection(
                n.path("kit").asString(),
                n.has("edition") ? OptionalInt.of(n.path("edition").asInt()) : OptionalInt.empty(),
                options,
                n.has("wheel") ? Optional.of(n.path("wheel").asString()) : Optional.empty(),
                new WorkPicks(works));
    }

    private static String word(Enum<?> choice) {
        return choice.name().toLowerCase(Locale.ROOT);
    }

    private static <E extends Enum<E>> E choice(Class<E> type, JsonNode word) {
        try {
            return Enum.valueOf(type, word.asString().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("“" + Json.shortened(word.asString()) + "” is none of "
                    + List.of(type.getEnumConstants()).toString().toLowerCase(Locale.ROOT) + ".");
        }
    }
}
