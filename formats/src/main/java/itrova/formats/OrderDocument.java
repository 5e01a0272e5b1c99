package itrova.formats;

import itrova.core.judge.KitReport;
import itrova.core.order.Bill;
import itrova.core.order.CostRange;
import itrova.core.order.FullCost;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderLine;
import itrova.core.order.OrderSheet;
import itrova.core.order.WorkedPart;
import itrova.core.wording.Wording;
import itrova.core.work.SpecialTool;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
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
     * @param bill everything the plan's steps take
     * @param cost in full
     * @param tools tools not every shop has that the plan's steps want
     * @param worked what a machine shop works, with the dimensions of its drawing
     */
    public record AxleOrder(
            String axle,
            String selection,
            KitReport report,
            OrderGate gate,
            OrderSheet sheet,
            Bill bill,
            FullCost cost,
            List<SpecialTool.Wanted> tools,
            List<WorkedPart> worked) {
        /** Whether the gate is open and everything needed has a price. */
        public boolean mayGo() {
            return gate.state() == OrderGate.State.OPEN && bill.open().isEmpty();
        }
    }

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
                    .append(wording.title(f.check()))
                    .append(", ")
                    .append(f.side().word())
                    .append(": ")
                    .append(f.verdict().word())
                    .append(". ")
                    .append(wording.say(f.nextMove()))
                    .append('\n'));
            o.gate().brakes().forEach(b -> out.append("  held by ")
                    .append(wording.say(b.title()))
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
            for (Bill.Line line : o.bill().lines()) {
                out.append("  takes ")
                        .append(line.needed())
                        .append(" × ")
                        .append(line.what())
                        .append(" for ")
                        .append(line.step().key())
                        .append(": ")
                        .append(words(line))
                        .append('\n');
            }
            for (SpecialTool.Wanted w : o.tools()) {
                out.append("  wants a ")
                        .append(w.tool().name())
                        .append(" for ")
                        .append(w.steps().stream().map(wording::title).collect(Collectors.joining(", ")))
                        .append(": ")
                        .append(w.tool().ways())
                        .append('\n');
            }
            CostRange full = o.cost().total();
            out.append("  in full with own hours ")
                    .append(price(full.low()))
                    .append(" to ")
                    .append(price(full.high()))
                    .append(", likely ")
                    .append(price(full.likely()))
                    .append('\n');
            out.append("  total ")
                    .append(price(o.sheet().totalCents()))
                    .append(", last delivery after ")
                    .append(o.sheet().longestLeadDays())
                    .append(" working days\n");
        }
        return out.toString();
    }

    private static String words(Bill.Line line) {
        String from = line.from().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return from
                + (line.inBox() > 0 ? ", " + line.inBox() + " in the box" : "")
                + (line.onShelf() > 0 ? ", " + line.onShelf() + " on the shelf" : "")
                + (line.toBuy() > 0 ? ", " + line.toBuy() + " to buy" : "")
                + line.cost()
                        .filter(c -> c.high() > 0)
                        .map(c -> ", " + price(c.low()) + " to " + price(c.high()))
                        .orElse("");
    }

    private static ObjectNode range(CostRange c) {
        return Json.MAPPER
                .createObjectNode()
                .put("low", price(c.low()))
                .put("likely", price(c.likely()))
                .put("high", price(c.high()));
    }

    private static String price(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }

    private static void put(ObjectNode node, WorkedPart part) {
        node.put("piece", part.piece().name().toLowerCase(Locale.ROOT))
                .put("side", part.work().side().word())
                .put("work", part.work().kind().name().toLowerCase(Locale.ROOT));
        ArrayNode dimensions = node.putArray("dimensions");
        for (WorkedPart.Dimension d : part.dimensions()) {
            ObjectNode one = dimensions
                    .addObject()
                    .put("of", d.of().name().toLowerCase(Locale.ROOT))
                    .put("made", d.isMade())
                    .put("value_mm", d.value());
            if (d.isMade()) {
                one.put("tolerance_mm", d.tolerance());
            }
        }
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
                    .put("check", wording.say(b.title()))
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
            ArrayNode bill = n.putArray("bill");
            for (Bill.Line line : o.bill().lines()) {
                ObjectNode b = bill.addObject()
                        .put("what", line.what())
                        .put("step", line.step().key())
                        .put("needed", line.needed())
                        .put("in_box", line.inBox())
                        .put("on_shelf", line.onShelf())
                        .put("to_buy", line.toBuy())
                        .put("from", line.from().name().toLowerCase(Locale.ROOT))
                        .put("used_up", line.isUsedUp());
                line.code().ifPresent(code -> b.put("code", code));
                line.cost().ifPresentOrElse(c -> b.set("cost", range(c)), () -> b.putNull("cost"));
            }
            ArrayNode open = n.putArray("held_by_bill");
            o.bill().open().forEach(line -> open.add(line.what()));
            ArrayNode tools = n.putArray("special_tools");
            for (SpecialTool.Wanted w : o.tools()) {
                ArrayNode steps = tools.addObject()
                        .put("tool", w.tool().name())
                        .put("ways", w.tool().ways())
                        .putArray("steps");
                w.steps().forEach(what -> steps.add(wording.title(what)));
            }
            ArrayNode machined = n.putArray("machine_shop");
            o.worked().forEach(part -> put(machined.addObject(), part));
            ObjectNode cost = n.putObject("full_cost");
            cost.set("bought", range(o.cost().bought()));
            cost.set("besides", range(o.cost().besides()));
            cost.set("hours", range(o.cost().hours()));
            cost.set("total", range(o.cost().total()));
            n.put("total", price(o.sheet().totalCents()))
                    .put("lead_days", o.sheet().longestLeadDays());
        }
        return Json.MAPPER.writeValueAsString(root) + "\n";
    }
}
