package itrova.formats;

import itrova.core.identity.Families;
import itrova.core.identity.Family;
import itrova.core.identity.Feature;
import itrova.core.identity.Nominal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Families a shop adds to the reference tables: as JSON, format {@code itrova-families/1}, or as CSV with the columns table,
 * name, figures, source. Figures are written like {@code circle=101.6 +-0.2; count=4}.
 */
public final class FamiliesDocument {
    private static final List<String> HEADER = List.of("table", "name", "figures", "source");

    private FamiliesDocument() {}

    /** Figures of a family as text that reads back to the same. */
    public static String figures(Family family) {
        Map<Feature, Nominal> sorted = new TreeMap<>(family.figures());
        return sorted.entrySet().stream()
                .map(e -> e.getKey() == Feature.COUNT
                        ? "count=" + Math.round(e.getValue().centre())
                        : e.getKey().word() + "=" + plain(e.getValue().centre()) + " +-"
                                + plain(e.getValue().halfWidth()))
                .collect(Collectors.joining("; "));
    }

    private static String plain(double value) {
        return java.math.BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    /**
     * Reads families from JSON or CSV, told apart by the first character.
     *
     * @param file name used in reports
     * @throws DocumentException naming every row that cannot be taken; nothing is taken then
     */
    public static List<Family> read(String file, String text) {
        return text.stripLeading().startsWith("{") ? readJson(file, text) : readCsv(file, text);
    }

    private static List<Family> readJson(String file, String text) {
        JsonNode root = Json.read(file, text, Json.FAMILIES_SCHEMA);
        Json.Faults faults = new Json.Faults(file);
        List<Family> families = new ArrayList<>();
        for (Cursor c : new Cursor(root, 0, "", faults).entries("families", true)) {
            c.guarded((cursor, f) -> family(
                            c.text("table", ""), c.text("name", ""), c.text("figures", ""), c.text("source", "")))
                    .ifPresent(families::add);
        }
        faults.throwIfAny();
        return families;
    }

    private static List<Family> readCsv(String file, String text) {
        List<Family> families = new ArrayList<>();
        CsvTable.read(
                file,
                text,
                HEADER,
                (number, row) -> families.add(family(
                        CsvTable.text(row, "table"),
                        CsvTable.text(row, "name"),
                        CsvTable.text(row, "figures"),
                        CsvTable.text(row, "source"))));
        return families;
    }

    private static Family family(String table, String name, String figures, String source) {
        return new Family(kind(table), name.strip(), Families.figures(figures), source.strip());
    }

    private static Family.Kind kind(String table) {
        try {
            return Family.Kind.valueOf(table.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("“" + Json.shortened(table)
                    + "” is not a table. Use pattern, housing_end, spindle, bearing, thread or rim.");
        }
    }

    /** Families as JSON. */
    public static String writeJson(List<Family> families) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", "itrova-families/1");
        ArrayNode list = root.putArray("families");
        families.forEach(f -> list.addObject()
                .put("table", f.table().name().toLowerCase(Locale.ROOT))
                .put("name", f.name())
                .put("figures", figures(f))
                .put("source", f.source()));
        return Json.MAPPER.writeValueAsString(root);
    }

    /** Families as CSV with a heading line. */
    public static String writeCsv(List<Family> families) {
        return CsvTable.write(
                HEADER,
                families.stream()
                        .map(f -> List.of(f.table().name().toLowerCase(Locale.ROOT), f.name(), figures(f), f.source()))
                        .toList());
    }
}
