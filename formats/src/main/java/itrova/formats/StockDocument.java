package itrova.formats;

import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** What a shop has on its shelf, format {@code itrova-stock/1}; schema in {@code docs/formats/itrova-stock.schema.json}. */
public final class StockDocument {
    private StockDocument() {}

    /**
     * How many of each part there are, by its code.
     *
     * @throws DocumentException naming every fault; nothing is taken then
     */
    public static Map<String, Integer> read(String file, String text) {
        JsonNode root = Json.read(file, text, Json.STOCK_SCHEMA);
        Json.Faults faults = new Json.Faults(file);
        Map<String, Integer> stock = new LinkedHashMap<>();
        for (Cursor c : new Cursor(root, 0, "", faults).entries("stock", true)) {
            if (stock.put(c.text("code", ""), c.whole("quantity", 0)) != null) {
                faults.add(c.row(), "code", "The code " + c.text("code", "") + " stands twice in this file.");
            }
        }
        faults.throwIfAny();
        return stock;
    }
}
