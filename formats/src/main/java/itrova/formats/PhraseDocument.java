package itrova.formats;

import itrova.core.bench.BearingSchool;
import itrova.core.bench.HoldKind;
import itrova.core.brakes.BrakeCheck;
import itrova.core.brakes.BrakeFigureKind;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.clearance.MovingPart;
import itrova.core.fastener.BoltGrade;
import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.identity.Feature;
import itrova.core.identity.Subject;
import itrova.core.kit.DriveStyle;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.NutSeat;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PartKind;
import itrova.core.measure.Instrument;
import itrova.core.order.WorkedPart;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.receive.HandTrial;
import itrova.core.receive.IncomingFigure;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.ThingKind;
import itrova.core.work.LooseItem;
import itrova.core.work.ShaftOrder;
import itrova.core.work.StepKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A phrase as JSON: its code and its values with their units, so that it can be said in other words and units later. */
public final class PhraseDocument {
    /** Every list there is: a test looks that none is left out. */
    private static final Map<String, Titled[]> LISTS = Stream.<Titled[]>of(
                    BearingSchool.values(),
                    HoldKind.values(),
                    BrakeCheck.values(),
                    BrakeFigureKind.values(),
                    BrakeQuantity.values(),
                    MovingPart.values(),
                    BoltGrade.values(),
                    CheckId.values(),
                    Verdict.values(),
                    Feature.values(),
                    Subject.values(),
                    DriveStyle.values(),
                    KitNeeds.ToneRing.values(),
                    NutSeat.values(),
                    PaperFigure.values(),
                    PartKind.values(),
                    Instrument.values(),
                    WorkedPart.Of.values(),
                    WorkedPart.Piece.values(),
                    PartQuantity.values(),
                    PartSort.values(),
                    HandTrial.values(),
                    IncomingFigure.values(),
                    WorkKind.values(),
                    Callout.values(),
                    HubHeld.values(),
                    Retention.values(),
                    Side.values(),
                    TapeFace.values(),
                    ThingKind.values(),
                    LooseItem.values(),
                    ShaftOrder.Piece.values(),
                    StepKind.values())
            .collect(Collectors.toUnmodifiableMap(all -> all[0].list(), all -> all));

    /** Names of the lists a phrase is read back from. */
    static Set<String> lists() {
        return LISTS.keySet();
    }

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
            return n.put("list", titled.list()).put("name", titled.name());
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
        Optional<Titled> found = Arrays.stream(LISTS.getOrDefault(list, new Titled[0]))
                .filter(t -> t.name().equals(name))
                .findFirst();
        return found.isPresent() ? found.get() : name;
    }
}
