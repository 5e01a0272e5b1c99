package itrova.formats;

import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.kit.PartKind;
import itrova.core.measure.Instrument;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A phrase as JSON: its code and its values with their units, so that it can be said in other words and units later. */
public final class PhraseDocument {
    private static final List<Class<? extends Titled>> LISTS = List.of(
            Callout.class, CheckId.class, Instrument.class, PartKind.class, Side.class, Verdict.class, WorkKind.class);

    private PhraseDocument() {}

    static ObjectNode node(Phrase phrase) {
        ObjectNode n = Json.MAPPER.createObjectNode().put("code", phrase.code());
        ArrayNode values = n.putArray("values");
        for (Object value : phrase.values()) {
            values.add(value(value));
        }
        return n;
    }

    private static JsonNode value(Object value) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        if (value instanceof Phrase phrase) {
            return node(phrase);
        }
        if (value instanceof Amount a) {
            return n.put("amount", a.value())
                    .put("unit", a.kind().metric())
                    .put("kind", a.kind().name())
                    .put("decimals", a.decimals())
                    .put("bare", a.bare())
                    .put("signed", a.signed());
        }
        if (value instanceof Titled titled) {
            return n.put("list", titled.getClass().getSimpleName()).put("name", titled.name());
        }
        return value instanceof Number number
                ? n.put("count", number.longValue())
                : n.put("given", String.valueOf(value));
    }

    static Phrase read(JsonNode n) {
        List<Object> values = new ArrayList<>();
        for (JsonNode v : n.path("values")) {
            values.add(valueOf(v));
        }
        return new Phrase(n.path("code").asString(), values);
    }

    private static Object valueOf(JsonNode v) {
        if (v.has("code")) {
            return read(v);
        }
        if (v.has("amount")) {
            return new Amount(
                    v.path("amount").asDouble(),
                    Amount.Kind.valueOf(v.path("kind").asString()),
                    v.path("decimals").asInt(),
                    v.path("bare").asBoolean(),
                    v.path("signed").asBoolean());
        }
        if (v.has("list")) {
            return titled(v.path("list").asString(), v.path("name").asString());
        }
        return v.has("count") ? v.path("count").asLong() : v.path("given").asString();
    }

    /** One of a list that is not known any more is said by its name. */
    private static Object titled(String list, String name) {
        Optional<Titled> found = LISTS.stream()
                .filter(type -> type.getSimpleName().equals(list))
                .flatMap(type -> List.of(type.getEnumConstants()).stream())
                .map(Titled.class::cast)
                .filter(t -> t.name().equals(name))
                .findFirst();
        return found.isPresent() ? found.get() : name;
    }
}
