package itrova.formats;

import itrova.core.fastener.Fitting;
import itrova.core.kit.Figure;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.part.PartTrait;
import itrova.core.quantity.Dimension;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Parts that can be bought besides kits and wheels, format {@code itrova-parts/1}; schema in {@code docs/formats/itrova-parts.schema.json}.
 */
public final class PartDocument {
    static final String FORMAT = "itrova-parts/1";

    private PartDocument() {}

    /**
     * Reads all parts of a document.
     *
     * @param file name used in reports
     * @param text the JSON text
     * @throws DocumentException naming every fault; nothing is taken then
     */
    public static List<Part> read(String file, String text) {
        JsonNode root = Json.read(file, text, Json.PARTS_SCHEMA);
        Json.Faults faults = new Json.Faults(file);
        List<Part> parts = new ArrayList<>();
        Set<String> codes = new HashSet<>();
        for (Cursor c : new Cursor(root, 0, "", faults).entries("parts", true)) {
            c.guarded((cursor, f) -> part(cursor)).ifPresent(parts::add);
            if (!codes.add(c.text("code", ""))) {
                faults.add(c.row(), "code", "The code " + c.text("code", "") + " stands twice in this file.");
            }
        }
        faults.throwIfAny();
        return parts;
    }

    /** Reads one part that stands alone, as it is stored. */
    public static Part readOne(String text) {
        Json.Faults faults = new Json.Faults("part");
        Part part = part(new Cursor(Json.MAPPER.readTree(text), 1, "", faults));
        faults.throwIfAny();
        return part;
    }

    private static Part part(Cursor c) {
        return new Part(
                c.text("code", ""),
                c.choice("sort", PartSort.class),
                c.text("name", ""),
                c.text("size", ""),
                figures(c.at("figures")),
                fittings(c, "ports"),
                fittings(c, "ends"),
                traits(c),
                new Part.Offer(c.text("supplier", ""), c.cents("price"), c.whole("lead_days", 0)));
    }

    private static Map<PartQuantity, Figure> figures(Cursor c) {
        Map<PartQuantity, Figure> figures = new EnumMap<>(PartQuantity.class);
        c.node().properties().forEach(e -> {
            PartQuantity quantity = PartQuantity.named(e.getKey()).orElseThrow();
            figures.put(quantity, figure(c.at(e.getKey()), quantity));
        });
        return figures;
    }

    private static Figure figure(Cursor c, PartQuantity quantity) {
        boolean withTolerance = c.node().isObject();
        double value = value(withTolerance ? c.at("value") : c, quantity);
        if (withTolerance) {
            return Figure.stated(value, value(c.at("tolerance"), quantity));
        }
        return quantity.assumed(value);
    }

    private static double value(Cursor c, PartQuantity quantity) {
        return switch (quantity.unit()) {
            case "mm" -> c.quantity(Dimension.LENGTH);
            case "MPa" -> c.quantity(Dimension.PRESSURE);
            default -> c.node().asDouble();
        };
    }

    private static List<Fitting> fittings(Cursor c, String key) {
        return c.entries(key, false).stream()
                .map(f -> Fitting.parse(f.node().asString()))
                .toList();
    }

    private static Set<PartTrait> traits(Cursor c) {
        Set<PartTrait> traits = EnumSet.noneOf(PartTrait.class);
        c.entries("traits", false)
                .forEach(t -> traits.add(PartTrait.valueOf(t.node().asString().toUpperCase(Locale.ROOT))));
        return traits;
    }

    /** Writes parts as a document that reads back to the same parts. */
    public static String write(List<Part> parts) {
        ObjectNode root = Json.MAPPER.createObjectNode().put("format", FORMAT);
        ArrayNode list = root.putArray("parts");
        parts.forEach(p -> list.add(node(p)));
        return Json.MAPPER.writeValueAsString(root);
    }

    /** Writes one part that stands alone. */
    public static String writeOne(Part part) {
        return Json.MAPPER.writeValueAsString(node(part));
    }

    private static ObjectNode node(Part p) {
        ObjectNode n = Json.MAPPER
                .createObjectNode()
                .put("code", p.code())
                .put("sort", p.sort().key())
                .put("name", p.name());
        if (!p.size().isEmpty()) {
            n.put("size", p.size());
        }
        if (!p.figures().isEmpty()) {
            ObjectNode figures = n.putObject("figures");
            new TreeMap<>(p.figures()).forEach((quantity, f) -> {
                if (f.assumed()) {
                    figures.put(quantity.key(), f.value());
                } else {
                    figures.putObject(quantity.key()).put("value", f.value()).put("tolerance", f.tolerance());
                }
            });
        }
        fittings(n, "ports", p.ports());
        fittings(n, "ends", p.ends());
        if (!p.traits().isEmpty()) {
            ArrayNode traits = n.putArray("traits");
            p.traits().forEach(t -> traits.add(t.key()));
        }
        return n.put("supplier", p.offer().supplier())
                .put("price", KitDocument.price(p.offer().cents()))
                .put("lead_days", p.offer().leadDays());
    }

    private static void fittings(ObjectNode n, String key, List<Fitting> fittings) {
        if (!fittings.isEmpty()) {
            ArrayNode list = n.putArray(key);
            fittings.forEach(f -> list.add(f.words()));
        }
    }
}
