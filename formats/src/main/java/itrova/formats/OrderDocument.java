package itrova.formats;

import itrova.core.judge.KitReport;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderLine;
import itrova.core.order.OrderSheet;
import itrova.core.wording.Wording;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Orders of axles as text and as JSON ({@code docs/formats/itrova-order.schema.json}). */
public final class OrderDocument {
    private OrderDocument() {}

    /**
     * The order of one axle.
     *
     * @param axle its name
     * @param selection what was chosen, in words
     */
    public record AxleOrder(String axle, String selection, KitReport report, OrderGate gate, OrderSheet sheet) {}

    /** Plain text: per axle the gate, what holds it, the lines and their sum. */
    public static String text(List<AxleOrder> orders, Wording wording) {
        StringBuilder out = new StringBuilder();
        for (AxleOrder o : orders) {
            out.append(o.axle())
                    .append(": ")
                    .append(o.selection())
                    .append(", ")
                    .append(o.report().verdict().word())
                    .append("; gate ")
                    .append(o.gate().state().name().toLowerCase(Locale.ROOT))
                    .append('\n');
            o.gate().holding().forEach(f -> out.append("  held by ")
                    .append(f.check().title())
                    .append(", ")
                    .append(f.side().word())
                    .append(": ")
                    .append(f.verdict().word())
                    .append(". ")
                    .append(wording.say(f.nextMove()))
                    .append('\n'));
            o.gate().brakes().forEach(b -> out.append("  held by ")
                    .append(b.title())
                    .append(", brakes of the vehicle: ")
                    .append(b.verdict().word())
                    .append(". ")
                    .append(wording.say(b.next()))
                    .append('\n'));
            for (OrderLine line : o.sheet().lines()) {
                out.append("  ")
                        .append(line.quantity())
                        .append(" × ")
                        .append(wording.say(line.item()))
                        .append(" | ")
                        .append(line.supplier())
                        .append(" | ")
                        .append(line.leadDays())
                        .append(" days | ")
                        .append(price(line.totalCents()))
                        .append(" | ")
                        .append(wording.say(line.remark()))
                        .append('\n');
            }
            out.append("  total ")
                    .append(price(o.sheet().totalCents()))
                    .append(", last delivery after ")
                    .append(o.sheet().longestLeadDays())
                    .append(" working days\n");
        }
        return out.toString();
    }

    private static String price(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }

    /** JSON; prices as decimal texts. */
    public static String json(List<AxleOrder> orders, Wording wording) {
        ObjectNode root = Json.MAPPER.createObjectNode().put("format", "itrova-order/1");
        ArrayNode axles = root.putArray("axles");
        for (AxleOrder o : orders) {
            ObjectNode n = axles.addObject()
                    .put("axle", o.axle())
                    .put("kit", o.report().kit().code())
                    .put("selection", o.selection())
                    .put("verdict", o.report().verdict().word())
                    .put("gate", o.gate().state().name().toLowerCase(Locale.ROOT));
            ArrayNode holding = n.putArray("held_by");
            o.gate().holding().forEach(f -> holding.addObject()
                    .put("check", f.check().name().toLowerCase(Locale.ROOT))
                    .put("side", f.side().word())
                    .put("verdict", f.verdict().word())
                    .put("next", wording.say(f.nextMove())));
            ArrayNode brakes = n.putArray("held_by_brakes");
            o.gate().brakes().forEach(b -> brakes.addObject()
                    .put("check", b.title())
                    .put("verdict", b.verdict().word())
                    .put("next", wording.say(b.next())));
            ArrayNode lines = n.putArray("lines");
            for (OrderLine line : o.sheet().lines()) {
                ObjectNode l = lines.addObject()
                        .put("kind", line.kind().name().toLowerCase(Locale.ROOT))
                        .put("supplier", line.supplier())
                        .put("item", wording.say(line.item()))
                        .put("quantity", line.quantity())
                        .put("unit_price", price(line.unitCents()))
                        .put("total", price(line.totalCents()))
                        .put("lead_days", line.leadDays())
                        .put("remark", wording.say(line.remark()));
                line.part().ifPresent(part -> l.put("part", part.key()));
            }
            n.put("total", price(o.sheet().totalCents()))
                    .put("lead_days", o.sheet().longestLeadDays());
        }
        return Json.MAPPER.writeValueAsString(root) + "\n";
    }
}
