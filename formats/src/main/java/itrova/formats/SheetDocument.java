package itrova.formats;

import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.VehicleSheet;
import itrova.core.vehicle.VehicleSheet.BrakesFound;
import itrova.core.vehicle.VehicleSheet.Condition;
import itrova.core.vehicle.VehicleSheet.WhileApart;
import itrova.core.vehicle.VehicleSheet.Wishes;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A vehicle sheet as part of a job document; only what is known is written. */
public final class SheetDocument {
    private SheetDocument() {}

    /** Reads a sheet that stands alone, as it is stored. */
    public static VehicleSheet read(String text) {
        JsonNode root = Json.MAPPER.readTree(text);
        return read(new Cursor(root, 0, "", new Json.Faults("sheet")));
    }

    static VehicleSheet read(Cursor c) {
        if (!c.isPresent()) {
            return VehicleSheet.EMPTY;
        }
        Cursor brakes = c.at("brakes");
        Cursor wishes = c.at("wishes");
        return new VehicleSheet(
                choice(c, "use", VehicleSheet.EMPTY.use()),
                c.text("mass", ""),
                choice(c, "mass_source", AxleLoad.Source.ESTIMATE),
                c.text("wheelbase", ""),
                c.text("centre_height", ""),
                c.text("tyre", ""),
                new BrakesFound(
                        brakes.whole("circuits", 0),
                        brakes.text("master_bore", ""),
                        brakes.text("master_stroke", ""),
                        brakes.text("pedal_ratio", ""),
                        choice(brakes, "booster", VehicleSheet.Booster.NOT_LOOKED),
                        choice(brakes, "residual_valve", VehicleSheet.Seen.NOT_LOOKED),
                        choice(brakes, "valve", VehicleSheet.Valve.NOT_LOOKED),
                        choice(brakes, "isolates", VehicleSheet.Seen.NOT_LOOKED),
                        choice(brakes, "fluid", VehicleSheet.Fluid.NOT_LOOKED),
                        brakes.text("fittings", ""),
                        brakes.text("parking", ""),
                        choice(brakes, "breakaway", VehicleSheet.Seen.NOT_LOOKED),
                        brakes.text("line_pressure", "")),
                new Wishes(
                        wishes.text("pattern", ""),
                        wishes.at("budget").isPresent() ? wishes.cents("budget") : 0,
                        wishes.flag("parking_needed", false)),
                c.entries("conditions", false).stream()
                        .map(e -> new Condition(
                                e.text("what", ""), choice(e, "state", Condition.State.GOOD), e.text("note", "")))
                        .toList(),
                whileApart(c));
    }

    private static List<WhileApart> whileApart(Cursor c) {
        List<WhileApart> jobs = new java.util.ArrayList<>();
        c.node()
                .path("while_apart")
                .forEach(n -> jobs.add(WhileApart.valueOf(n.asString().toUpperCase(Locale.ROOT))));
        return jobs;
    }

    private static <E extends Enum<E>> E choice(Cursor c, String key, E otherwise) {
        return c.at(key).isPresent() ? c.choice(key, otherwise.getDeclaringClass()) : otherwise;
    }

    /** Writes a sheet that stands alone. */
    public static String write(VehicleSheet sheet) {
        return Json.MAPPER.writeValueAsString(node(sheet));
    }

    static ObjectNode node(VehicleSheet s) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        n.put("use", word(s.use()));
        text(n, "mass", s.mass());
        if (!s.mass().isBlank()) {
            n.put("mass_source", word(s.massFrom()));
        }
        text(n, "wheelbase", s.wheelbase());
        text(n, "centre_height", s.centreHeight());
        text(n, "tyre", s.tyre());
        ObjectNode b = n.putObject("brakes");
        BrakesFound brakes = s.brakes();
        if (brakes.circuits() > 0) {
            b.put("circuits", brakes.circuits());
        }
        text(b, "master_bore", brakes.masterBore());
        text(b, "master_stroke", brakes.masterStroke());
        text(b, "pedal_ratio", brakes.pedalRatio());
        b.put("booster", word(brakes.booster()))
                .put("residual_valve", word(brakes.residualValve()))
                .put("valve", word(brakes.valve()))
                .put("isolates", word(brakes.isolates()))
                .put("fluid", word(brakes.fluid()))
                .put("breakaway", word(brakes.breakaway()));
        text(b, "fittings", brakes.fittings());
        text(b, "parking", brakes.parking());
        text(b, "line_pressure", brakes.linePressure());
        ObjectNode w = n.putObject("wishes");
        text(w, "pattern", s.wishes().pattern());
        if (s.wishes().budgetCents() > 0) {
            w.put("budget", KitDocument.price(s.wishes().budgetCents()));
        }
        w.put("parking_needed", s.wishes().parkingNeeded());
        ArrayNode conditions = n.putArray("conditions");
        s.conditions().forEach(c -> conditions
                .addObject()
                .put("what", c.what())
                .put("state", word(c.state()))
                .put("note", c.note()));
        ArrayNode jobs = n.putArray("while_apart");
        s.whileApart().forEach(j -> jobs.add(word(j)));
        return n;
    }

    private static void text(ObjectNode n, String key, String value) {
        if (!value.isBlank()) {
            n.put(key, value);
        }
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
