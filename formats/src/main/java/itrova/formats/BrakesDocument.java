package itrova.formats;

import itrova.core.brakes.BrakeFigure;
import itrova.core.brakes.BrakeFinding;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.MasterRank;
import itrova.core.brakes.PlanSearch;
import itrova.core.brakes.QuantityAt;
import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.wording.Wording;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Brake reports before and after, as text and as JSON ({@code docs/formats/itrova-brakes.schema.json}). */
public final class BrakesDocument {
    private BrakesDocument() {}

    /**
     * Both states.
     *
     * @param kits put in, by the axle's name
     * @param parts put in besides
     * @param masters of the catalogue, the best first
     * @param proposal the cheapest parts that leave less open, where some do
     */
    public record Both(
            BrakeReport before,
            BrakeReport after,
            Map<String, Kit> kits,
            List<Part> parts,
            List<MasterRank> masters,
            Optional<PlanSearch.Proposal> proposal) {}

    /** Plain text: figures side by side, then the findings of both states. */
    public static String text(Both both, Wording wording) {
        StringBuilder out = new StringBuilder();
        new TreeMap<>(both.kits()).forEach((axle, kit) -> out.append(axle)
                .append(": kit ")
                .append(kit.code())
                .append(" ")
                .append(kit.name())
                .append('\n'));
        both.parts().forEach(p -> out.append("part ")
                .append(p.code())
                .append(" ")
                .append(p.name())
                .append('\n'));
        append(out, "as found", both.before(), wording);
        append(out, "as planned", both.after(), wording);
        if (!both.masters().isEmpty()) {
            out.append("\nmasters of the catalogue in this plan, the best first:\n");
        }
        both.masters().forEach(m -> out.append("  [")
                .append(m.verdict().word())
                .append("] ")
                .append(m.part().code())
                .append(" ")
                .append(m.part().name())
                .append(": pedal for 0.5 g ")
                .append(amount(m.pedalForce(), "N", wording))
                .append("; stroke left ")
                .append(amount(m.stroke(), "mm", wording))
                .append(". ")
                .append(wording.say(m.reason()))
                .append('\n'));
        both.proposal().ifPresent(p -> {
            out.append("\nproposal: parts that leave less open, the cheapest\n");
            p.parts().forEach(part -> out.append("  ")
                    .append(part.code())
                    .append(part.axle().map(a -> " on the " + a).orElse(""))
                    .append('\n'));
            p.settings().forEach((q, text) -> out.append("  ")
                    .append(wording.title(q))
                    .append(" = ")
                    .append(text)
                    .append(" ")
                    .append(q.unit())
                    .append('\n'));
            out.append("  cost ").append(KitDocument.price(p.cents())).append("; ");
            Phrase left = p.report().summary();
            out.append(left.isEmpty() ? "every critical finding is proven" : wording.say(left))
                    .append('\n');
        });
        return out.toString();
    }

    private static void append(StringBuilder out, String state, BrakeReport report, Wording wording) {
        out.append("\n").append(state).append(":\n");
        for (BrakeFigure f : report.figures()) {
            out.append("  ")
                    .append(wording.title(f.kind()))
                    .append(": ")
                    .append(amount(f.value(), f.kind().unit(), wording));
            f.mostDoubtful().ifPresent(at -> out.append("; most doubt: ").append(wording.say(at.words())));
            if (!f.missing().isEmpty()) {
                out.append("; wanted: ").append(words(f.missing(), wording));
            }
            out.append('\n');
        }
        for (BrakeFinding f : report.findings()) {
            out.append("  [")
                    .append(f.verdict().word())
                    .append("] ")
                    .append(wording.title(f.check()))
                    .append(f.isCritical() ? "" : " (advises)")
                    .append(": margin ")
                    .append(amount(f.margin(), f.unit(), wording))
                    .append('\n')
                    .append("      why: ")
                    .append(wording.say(f.why()))
                    .append('\n');
            if (!f.next().isEmpty()) {
                out.append("      next: ").append(wording.say(f.next())).append('\n');
            }
            out.append("      source: ").append(f.source()).append('\n');
        }
        List<QuantityAt> assumed = report.figures().stream()
                .flatMap(f -> f.assumed().stream())
                .distinct()
                .sorted(Comparator.comparing(at -> wording.say(at.words())))
                .toList();
        if (!assumed.isEmpty()) {
            out.append("  assumed, for nobody said:\n");
        }
        for (QuantityAt at : assumed) {
            out.append("      ")
                    .append(wording.say(at.words()))
                    .append(": ")
                    .append(plain(at.quantity().defaultValue().orElseThrow()))
                    .append(" ± ")
                    .append(plain(at.quantity().defaultHalfLimit()))
                    .append(
                            at.quantity().unit().isEmpty()
                                    ? ""
                                    : " " + at.quantity().unit())
                    .append(" (")
                    .append(at.quantity().source())
                    .append(")\n");
        }
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    private static String words(Collection<QuantityAt> all, Wording wording) {
        return String.join(
                ", ", all.stream().map(at -> wording.say(at.words())).sorted().toList());
    }

    private static String amount(Optional<Measured> value, String unit, Wording wording) {
        return value.map(m -> number(m.value(), unit, wording) + " ± " + number(m.expanded(), unit, wording))
                .orElse("not known");
    }

    private static String number(double value, String unit, Wording wording) {
        if (!Double.isFinite(value)) {
            return "without bound";
        }
        Amount amount = Amount.inUnit(value, unit);
        String said = wording.amount(amount);
        return amount.kind() == Amount.Kind.NUMBER && !unit.isEmpty() ? said + " " + unit : said;
    }

    /** JSON: figures and findings of both states. Values in the unit named; null where not known. */
    public static String json(Both both, Wording wording) {
        ObjectNode root = Json.MAPPER.createObjectNode().put("format", "itrova-brakes/1");
        ObjectNode kits = root.putObject("kits");
        new TreeMap<>(both.kits()).forEach((axle, kit) -> kits.put(axle, kit.code()));
        root.set("before", node(both.before(), wording));
        root.set("after", node(both.after(), wording));
        ArrayNode parts = root.putArray("parts");
        both.parts().forEach(p -> parts.add(p.code()));
        ArrayNode masters = root.putArray("masters");
        for (MasterRank m : both.masters()) {
            ObjectNode one = masters.addObject()
                    .put("part", m.part().code())
                    .put("verdict", m.verdict().word());
            value(one, "pedal_force_for_0_5_g_N", "pedal_force_uncertainty_N", m.pedalForce());
            value(one, "stroke_left_mm", "stroke_uncertainty_mm", m.stroke());
            one.put("reason", m.reason().code()).put("why", wording.say(m.reason()));
        }
        both.proposal().ifPresent(p -> {
            ObjectNode one = root.putObject("proposal");
            ArrayNode put = one.putArray("parts");
            p.parts().forEach(part -> {
                ObjectNode each = put.addObject().put("code", part.code());
                part.axle().ifPresent(axle -> each.put("axle", axle));
            });
            ObjectNode settings = one.putObject("settings");
            p.settings().forEach((q, text) -> settings.put(q.key(), text));
            one.put("price", KitDocument.price(p.cents()))
                    .put("proven", p.report().isProven());
        });
        root.put("proven", both.after().isProven());
        return Json.MAPPER.writeValueAsString(root) + "\n";
    }

    private static ObjectNode node(BrakeReport report, Wording wording) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        ArrayNode figures = n.putArray("figures");
        for (BrakeFigure f : report.figures()) {
            ObjectNode one = figures.addObject()
                    .put("figure", f.kind().key())
                    .put("unit", f.kind().unit());
            value(one, "value", "uncertainty", f.value());
            f.mostDoubtful().ifPresent(at -> one.put("most_doubt", wording.say(at.words())));
            lists(one, f.missing(), f.assumed(), wording);
        }
        n.set("findings", findings(report, wording));
        return n;
    }

    /** Findings of one state as JSON. */
    static ArrayNode findings(BrakeReport report, Wording wording) {
        ArrayNode findings = Json.MAPPER.createArrayNode();
        for (BrakeFinding f : report.findings()) {
            ObjectNode one = findings.addObject()
                    .put("check", f.check().name().toLowerCase(java.util.Locale.ROOT))
                    .put("critical", f.isCritical())
                    .put("verdict", f.verdict().word())
                    .put("unit", f.unit());
            value(one, "margin", "uncertainty", f.margin());
            one.put("reason", f.why().code())
                    .put("why", wording.say(f.why()))
                    .put("next", wording.say(f.next()))
                    .put("source", f.source());
            lists(one, f.missing(), f.assumed(), wording);
        }
        return findings;
    }

    private static void value(ObjectNode n, String name, String doubt, Optional<Measured> value) {
        Optional<Measured> finite = value.filter(m -> Double.isFinite(m.value()));
        if (finite.isEmpty()) {
            n.putNull(name).putNull(doubt);
            return;
        }
        n.put(name, finite.get().value());
        double u = finite.get().expanded();
        if (Double.isFinite(u)) {
            n.put(doubt, u);
        } else {
            n.putNull(doubt);
        }
    }

    private static void lists(
            ObjectNode n, Collection<QuantityAt> missing, Collection<QuantityAt> assumed, Wording wording) {
        ArrayNode wanted = n.putArray("wanted");
        missing.stream().map(at -> wording.say(at.words())).sorted().forEach(wanted::add);
        ArrayNode taken = n.putArray("assumed");
        assumed.stream().map(at -> wording.say(at.words())).sorted().forEach(taken::add);
    }
}
