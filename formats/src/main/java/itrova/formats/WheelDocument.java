package itrova.formats;

import itrova.core.quantity.Component;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.Station;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Wheels that could be bought, format {@code itrova-wheels/1}; schema in {@code docs/formats/itrova-wheels.schema.json}. Every
 * size carries one tolerance, the wheel's own.
 */
public final class WheelDocument {
    static final String FORMAT = "itrova-wheels/1";

    private WheelDocument() {}

    /**
     * Reads all wheels of a document.
     *
     * @param file name used in reports
     * @param text the JSON text
     * @throws DocumentException naming every fault; nothing is taken then
     */
    public static List<Wheel> read(String file, String text) {
        JsonNode root = Json.read(file, text, Json.WHEELS_SCHEMA);
        Json.Faults faults = new Json.Faults(file);
        List<Wheel> wheels = new ArrayList<>();
        Set<String> codes = new HashSet<>();
        for (Cursor c : new Cursor(root, 0, "", faults).entries("wheels", true)) {
            c.guarded((cursor, f) -> wheel(cursor)).ifPresent(wheels::add);
            if (!codes.add(c.text("code", ""))) {
                faults.add(c.row(), "code", "The code " + c.text("code", "") + " stands twice in this file.");
            }
        }
        faults.throwIfAny();
        return wheels;
    }

    static Wheel wheel(Cursor c) {
        String code = c.text("code", "");
        return new Wheel(
                code,
                c.text("name", ""),
                c.whole("lugs", 5),
                size(c, code, "circle_mm"),
                size(c, code, "stud_hole_mm"),
                size(c, code, "backspacing_mm"),
                c.at("overall_mm").isPresent() ? Optional.of(size(c, code, "overall_mm")) : Optional.empty(),
                c.at("rim_in").isPresent() ? OptionalInt.of(c.whole("rim_in", 0)) : OptionalInt.empty(),
                stations(c, code, "barrel_mm"),
                stations(c, code, "spokes_mm"),
                size(c, code, "pad_mm"),
                size(c, code, "bore_mm"),
                c.optional("seat", s -> s.node().asString()),
                c.at("rated_kg").isPresent()
                        ? OptionalDouble.of(c.at("rated_kg").quantity(Dimension.MASS))
                        : OptionalDouble.empty(),
                new Wheel.Offer(c.text("supplier", ""), c.cents("pair_price"), c.whole("lead_days", 0)));
    }

    private static Measured size(Cursor c, String code, String key) {
        return measured(c.length(key), tolerance(c), code, key);
    }

    private static double tolerance(Cursor c) {
        return c.length("tolerance_mm", 0.5);
    }

    private static Measured measured(double value, double tolerance, String code, String what) {
        return Measured.of(value, Component.rectangular(Source.named("wheel:" + code + ":" + what), tolerance));
    }

    private static List<Station> stations(Cursor c, String code, String key) {
        List<Station> stations = new ArrayList<>();
        for (Cursor pair : c.entries(key, false)) {
            double place = pair.node().get(0).asDouble();
            double size = pair.node().get(1).asDouble();
            stations.add(new Station(
                    measured(place, tolerance(c), code, key + "@" + place + ":place"),
                    measured(size, tolerance(c), code, key + "@" + place)));
        }
        return stations;
    }

    /** Writes wheels as a document that reads back to the same wheels. */
    public static String write(List<Wheel> wheels) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT);
        ArrayNode list = root.putArray("wheels");
        wheels.forEach(w -> list.add(node(w)));
        return Json.MAPPER.writeValueAsString(root);
    }

    static ObjectNode node(Wheel w) {
        ObjectNode n = Json.MAPPER
                .createObjectNode()
                .put("code", w.code())
                .put("name", w.name())
                .put("lugs", w.lugs())
                .put("circle_mm", w.circle().value())
                .put("stud_hole_mm", w.studHole().value())
                .put("backspacing_mm", w.backspacing().value())
                .put("pad_mm", w.pad().value())
                .put("bore_mm", w.bore().value())
                .put("tolerance_mm", round(w.circle().u() * Math.sqrt(3)));
        w.rimInches().ifPresent(in -> n.put("rim_in", in));
        w.overall().ifPresent(o -> n.put("overall_mm", o.value()));
        stations(n, "barrel_mm", w.barrel());
        stations(n, "spokes_mm", w.spokes());
        w.seat().ifPresent(s -> n.put("seat", s));
        w.ratedKg().ifPresent(kg -> n.put("rated_kg", kg));
        return n.put("supplier", w.offer().supplier())
                .put("pair_price", KitDocument.price(w.offer().pairCents()))
                .put("lead_days", w.offer().leadDays());
    }

    private static double round(double value) {
        return Math.round(value * 1e6) / 1e6;
    }

    private static void stations(ObjectNode n, String key, List<Station> stations) {
        ArrayNode array = n.putArray(key);
        stations.forEach(
                s -> array.addArray().add(s.place().value()).add(s.size().value()));
    }
}
