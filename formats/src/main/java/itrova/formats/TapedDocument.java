package itrova.formats;

import itrova.core.vehicle.KingPinTape;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.Taped;
import itrova.core.vehicle.TapedThing;
import itrova.core.vehicle.TapedThing.Beside;
import itrova.core.vehicle.TapedThing.OnVehicle;
import itrova.core.vehicle.ThingKind;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What was taken around a wheel by tape, as part of a side's surroundings: as read, not as placed. */
final class TapedDocument {
    private TapedDocument() {}

    static Taped read(Cursor c) {
        List<TapedThing> things =
                c.entries("taped", false).stream().map(TapedDocument::thing).toList();
        return new Taped(things, c.optional("king_pin_taped", TapedDocument::kingPin));
    }

    private static TapedThing thing(Cursor c) {
        ThingKind kind = c.choice("kind", ThingKind.class);
        String name = c.text("name", kind.title());
        return c.at("clock_deg").isPresent()
                ? new Beside(
                        kind,
                        name,
                        c.at("clock_deg").node().asDouble(),
                        c.length("across_mm"),
                        c.length("near_mm"),
                        length(c, "far_mm"),
                        c.length("in_mm"),
                        length(c, "in_far_mm"),
                        length(c, "may_be_ground_mm"))
                : new OnVehicle(
                        kind,
                        name,
                        c.choice("from", TapeFace.class),
                        c.length("in_mm"),
                        length(c, "in_far_mm"),
                        length(c, "rear_mm"),
                        length(c, "front_mm"),
                        length(c, "low_mm"),
                        length(c, "high_mm"));
    }

    private static KingPinTape kingPin(Cursor c) {
        return new KingPinTape(
                c.length("lower_in_mm"),
                c.length("lower_down_mm"),
                c.length("upper_in_mm"),
                c.length("upper_up_mm"),
                length(c, "lower_ahead_mm"),
                length(c, "upper_ahead_mm"),
                c.at("lock_in_deg").node().asDouble(),
                c.at("lock_out_deg").node().asDouble());
    }

    private static OptionalDouble length(Cursor c, String key) {
        return c.at(key).isPresent() ? OptionalDouble.of(c.length(key)) : OptionalDouble.empty();
    }

    static void write(ObjectNode side, Taped taped) {
        if (!taped.things().isEmpty()) {
            ArrayNode array = side.putArray("taped");
            taped.things().forEach(t -> array.add(node(t)));
        }
        taped.kingPin().ifPresent(k -> side.set("king_pin_taped", node(k)));
    }

    private static ObjectNode node(TapedThing thing) {
        ObjectNode n = Json.MAPPER
                .createObjectNode()
                .put("kind", thing.kind().name().toLowerCase(Locale.ROOT))
                .put("name", thing.name());
        if (thing instanceof Beside b) {
            n.put("clock_deg", b.clock())
                    .put("across_mm", b.across())
                    .put("near_mm", b.near())
                    .put("in_mm", b.in());
            put(n, "far_mm", b.far());
            put(n, "in_far_mm", b.inFar());
            put(n, "may_be_ground_mm", b.mayBeGround());
        } else if (thing instanceof OnVehicle v) {
            n.put("from", v.from().name().toLowerCase(Locale.ROOT)).put("in_mm", v.in());
            put(n, "in_far_mm", v.inFar());
            put(n, "rear_mm", v.rear());
            put(n, "front_mm", v.front());
            put(n, "low_mm", v.low());
            put(n, "high_mm", v.high());
        }
        return n;
    }

    private static ObjectNode node(KingPinTape k) {
        ObjectNode n = Json.MAPPER
                .createObjectNode()
                .put("lower_in_mm", k.lowerIn())
                .put("lower_down_mm", k.lowerDown())
                .put("upper_in_mm", k.upperIn())
                .put("upper_up_mm", k.upperUp())
                .put("lock_in_deg", k.lockIn())
                .put("lock_out_deg", k.lockOut());
        put(n, "lower_ahead_mm", k.lowerAhead());
        put(n, "upper_ahead_mm", k.upperAhead());
        return n;
    }

    private static void put(ObjectNode n, String key, OptionalDouble value) {
        value.ifPresent(v -> n.put(key, v));
    }
}
