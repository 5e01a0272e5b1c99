package itrova.formats;

import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeQuantity;
import itrova.core.brakes.CircuitSheet;
import itrova.core.brakes.CircuitSheet.AxleSheet;
import itrova.core.brakes.CircuitSheet.Changes;
import itrova.core.brakes.CircuitSheet.SeenSheet;
import itrova.core.brakes.Equipment.Actuator;
import itrova.core.brakes.Equipment.Seen;
import itrova.core.brakes.Equipment.StopLamp;
import itrova.core.brakes.FittedPart;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.lines.LinePoint;
import itrova.core.lines.LineRun;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The part {@code vehicle.circuit} of a job document: brakes of the whole vehicle, as found and as planned. */
public final class CircuitDocument {
    private CircuitDocument() {}

    static CircuitSheet read(Cursor c) {
        if (!c.isPresent()) {
            return CircuitSheet.UNSEEN;
        }
        List<AxleSheet> axles = new ArrayList<>();
        for (Cursor axle : c.entries("axles", false)) {
            axle.guarded((cursor, f) -> new AxleSheet(
                            cursor.text("name", ""),
                            cursor.text("brakes", "").equals("disc")
                                    ? Optional.empty()
                                    : Optional.of(
                                            cursor.at("shoes").isPresent()
                                                    ? cursor.choice("shoes", DrumBrake.Kind.class)
                                                    : DrumBrake.Kind.LEADING_TRAILING),
                            choice(cursor, "residual", Residual.class),
                            figures(cursor.at("figures"))))
                    .ifPresent(axles::add);
        }
        Cursor planned = c.at("planned");
        return new CircuitSheet(
                c.at("split").isPresent() ? c.choice("split", Split.class) : Split.NOT_LOOKED,
                c.at("parking").isPresent() ? c.choice("parking", Parking.class) : Parking.NOT_LOOKED,
                new SeenSheet(
                        c.at("stop_lamp").isPresent() ? c.choice("stop_lamp", StopLamp.class) : StopLamp.NOT_LOOKED,
                        c.at("actuator").isPresent() ? c.choice("actuator", Actuator.class) : Actuator.NOT_LOOKED,
                        c.at("reverse_lock_out").isPresent()
                                ? c.choice("reverse_lock_out", Seen.class)
                                : Seen.NOT_LOOKED,
                        c.at("warning").isPresent() ? c.choice("warning", Seen.class) : Seen.NOT_LOOKED,
                        c.text("line_end", "")),
                figures(c.at("figures")),
                axles,
                runs(c),
                planned.isPresent()
                        ? new Changes(
                                choice(planned, "booster", Booster.class),
                                choice(planned, "split", Split.class),
                                choice(planned, "residual", Residual.class),
                                choice(planned, "fluid", Fluid.class),
                                choice(planned, "parking", Parking.class),
                                outlets(planned.at("outlets")),
                                runs(planned),
                                planned.entries("parts", false).stream()
                                        .map(p -> new FittedPart(p.text("code", ""), p.optional("axle", a -> a.node()
                                                .asString())))
                                        .toList(),
                                figures(planned.at("figures")))
                        : Changes.NONE);
    }

    /** Reads a circuit that stands alone, as it is stored. */
    public static CircuitSheet read(String text) {
        Json.Faults faults = new Json.Faults("circuit");
        CircuitSheet sheet = read(new Cursor(Json.MAPPER.readTree(text), 0, "", faults));
        faults.throwIfAny();
        return sheet;
    }

    /** Writes a circuit that stands alone. */
    public static String write(CircuitSheet sheet) {
        return Json.MAPPER.writeValueAsString(node(sheet));
    }

    private static Map<String, Residual> outlets(Cursor c) {
        Map<String, Residual> outlets = new TreeMap<>();
        c.node().properties().forEach(e -> outlets.put(e.getKey(), c.choice(e.getKey(), Residual.class)));
        return outlets;
    }

    private static List<LineRun> runs(Cursor c) {
        List<LineRun> runs = new ArrayList<>();
        for (Cursor entry : c.entries("lines", false)) {
            entry.guarded((run, f) -> new LineRun(
                            LinePoint.of(run.text("from", "")),
                            LinePoint.of(run.text("to", "")),
                            asTyped(run.at("length").node()),
                            run.at("bore").isPresent() ? asTyped(run.at("bore").node()) : ""))
                    .ifPresent(runs::add);
        }
        return runs;
    }

    private static void put(ObjectNode owner, List<LineRun> runs) {
        if (runs.isEmpty()) {
            return;
        }
        ArrayNode lines = owner.putArray("lines");
        for (LineRun run : runs) {
            ObjectNode one = lines.addObject()
                    .put("from", run.from().key())
                    .put("to", run.to().key())
                    .put("length", run.length());
            if (!run.bore().isBlank()) {
                one.put("bore", run.bore());
            }
        }
    }

    private static <E extends Enum<E>> Optional<E> choice(Cursor c, String key, Class<E> type) {
        return c.at(key).isPresent() ? Optional.of(c.choice(key, type)) : Optional.empty();
    }

    private static Map<BrakeQuantity, String> figures(Cursor c) {
        Map<BrakeQuantity, String> figures = new EnumMap<>(BrakeQuantity.class);
        c.node()
                .properties()
                .forEach(e -> figures.put(BrakeQuantity.named(e.getKey()).orElseThrow(), asTyped(e.getValue())));
        return figures;
    }

    private static String asTyped(JsonNode node) {
        return node.isNumber() ? node.decimalValue().toPlainString() : node.asString();
    }

    static ObjectNode node(CircuitSheet s) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("split", word(s.split())).put("parking", word(s.parking()));
        n.put("stop_lamp", word(s.seen().stopLamp()))
                .put("actuator", word(s.seen().actuator()))
                .put("reverse_lock_out", word(s.seen().reverseLockOut()))
                .put("warning", word(s.seen().warning()));
        if (!s.seen().lineEnd().isBlank()) {
            n.put("line_end", s.seen().lineEnd());
        }
        n.set("figures", node(s.figures()));
        ArrayNode axles = n.putArray("axles");
        for (AxleSheet axle : s.axles()) {
            ObjectNode a = axles.addObject().put("name", axle.name());
            a.put("brakes", axle.shoes().isPresent() ? "drum" : "disc");
            axle.shoes().ifPresent(kind -> a.put("shoes", word(kind)));
            axle.outlet().ifPresent(outlet -> a.put("residual", word(outlet)));
            a.set("figures", node(axle.figures()));
        }
        put(n, s.runs());
        Changes planned = s.planned();
        if (!planned.equals(Changes.NONE)) {
            ObjectNode p = n.putObject("planned");
            planned.booster().ifPresent(e -> p.put("booster", word(e)));
            planned.split().ifPresent(e -> p.put("split", word(e)));
            planned.residual().ifPresent(e -> p.put("residual", word(e)));
            planned.fluid().ifPresent(e -> p.put("fluid", word(e)));
            planned.parking().ifPresent(e -> p.put("parking", word(e)));
            if (!planned.outlets().isEmpty()) {
                ObjectNode outlets = p.putObject("outlets");
                planned.outlets().forEach((axle, outlet) -> outlets.put(axle, word(outlet)));
            }
            put(p, planned.runs());
            if (!planned.parts().isEmpty()) {
                ArrayNode parts = p.putArray("parts");
                planned.parts().forEach(part -> {
                    ObjectNode one = parts.addObject().put("code", part.code());
                    part.axle().ifPresent(axle -> one.put("axle", axle));
                });
            }
            p.set("figures", node(planned.figures()));
        }
        return n;
    }

    private static ObjectNode node(Map<BrakeQuantity, String> figures) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        figures.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> n.put(e.getKey().key(), e.getValue()));
        return n;
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
