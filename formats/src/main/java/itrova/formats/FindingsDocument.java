package itrova.formats;

import itrova.core.brakes.BrakeFinding;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.KitBrakes;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.phrase.Amount;
import itrova.core.wording.Wording;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Findings as text and as JSON, format {@code itrova-findings/1}. */
public final class FindingsDocument {
    private FindingsDocument() {}

    /**
     * Reports of one axle's kits, best first.
     *
     * @param brakes what the vehicle's brakes do with each kit
     */
    public record AxleReports(String axle, List<KitReport> reports, KitBrakes brakes) {
        private Optional<BrakeReport> brakesWith(KitReport report) {
            return brakes.with(report.kit());
        }

        private Verdict brakesVerdict(KitReport report) {
            return brakesWith(report).map(BrakeReport::verdict).orElse(Verdict.NOT_PROVEN);
        }
    }

    /** Plain text, one line a finding with its reason and remedy below. */
    public static String text(List<AxleReports> axles, Wording wording) {
        StringBuilder out = new StringBuilder();
        for (AxleReports axle : axles) {
            out.append("== ").append(axle.axle()).append('\n');
            if (axle.reports().isEmpty()) {
                out.append("No kit is made for this kind of axle end.\n");
            }
            for (KitReport report : axle.reports()) {
                out.append(report.kit().code())
                        .append("  ")
                        .append(report.kit().name())
                        .append("  —  ")
                        .append(report.verdict().word())
                        .append("; brakes of the vehicle with it ")
                        .append(axle.brakesVerdict(report).word())
                        .append('\n');
                for (Finding f : report.findings()) {
                    append(out, f, wording);
                }
                axle.brakesWith(report).ifPresent(brakes -> brakes.findings().forEach(f -> append(out, f, wording)));
            }
        }
        return out.toString();
    }

    private static void append(StringBuilder out, Finding f, Wording wording) {
        Explanation e = f.explain();
        out.append(String.format(
                Locale.ROOT,
                "  %-5s %-19s %-14s %s%n",
                f.side().word(),
                wording.title(f.check()),
                f.verdict().word(),
                margin(f, wording)));
        out.append("        why: ").append(wording.say(e.why())).append('\n');
        if (!f.nextMove().isEmpty()) {
            out.append("        next: ").append(wording.say(f.nextMove())).append('\n');
        }
        out.append("        source: ").append(e.source()).append('\n');
    }

    private static void append(StringBuilder out, BrakeFinding f, Wording wording) {
        if (f.verdict() == Verdict.FITS) {
            return;
        }
        out.append(String.format(
                Locale.ROOT,
                "  brakes %-35s %-14s%s%n",
                wording.title(f.check()),
                f.verdict().word(),
                f.isCritical() ? "" : " (advises)"));
        out.append("        next: ").append(wording.say(f.next())).append('\n');
    }

    private static String margin(Finding f, Wording wording) {
        Amount.Kind kind = Amount.Kind.ofSymbol(f.unit());
        String counted = kind == Amount.Kind.NUMBER && !f.unit().isEmpty() ? " " + f.unit() : "";
        return f.margin()
                .map(m -> "margin " + wording.amount(new Amount(m.value(), kind, 2, true, true)) + " ± "
                        + wording.amount(new Amount(m.expanded(), kind, 2, false, false)) + counted)
                .orElse("margin unknown");
    }

    /** JSON, one object a finding. */
    public static String json(List<AxleReports> axles, Wording wording) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", "itrova-findings/1");
        ArrayNode kits = root.putArray("kits");
        ArrayNode findings = root.putArray("findings");
        ArrayNode brakes = root.putArray("brakes");
        for (AxleReports axle : axles) {
            for (KitReport report : axle.reports()) {
                kits.addObject()
                        .put("axle", axle.axle())
                        .put("kit", report.kit().code())
                        .put("verdict", report.verdict().word())
                        .put("brakes", axle.brakesVerdict(report).word())
                        .put(
                                "together",
                                report.verdict()
                                        .worst(axle.brakesVerdict(report))
                                        .word());
                axle.brakesWith(report).ifPresent(with -> BrakesDocument.findings(with, wording)
                        .forEach(f -> brakes.add(((ObjectNode) f)
                                .put("axle", axle.axle())
                                .put("kit", report.kit().code()))));
                report.findings().forEach(f -> findings.add(node(axle.axle(), report, f, wording)));
            }
        }
        return Json.MAPPER.writeValueAsString(root);
    }

    private static ObjectNode node(String axle, KitReport report, Finding f, Wording wording) {
        ObjectNode n = Json.MAPPER.createObjectNode();
        Explanation e = f.explain();
        n.put("axle", axle)
                .put("kit", report.kit().code())
                .put("side", f.side().word())
                .put("check", f.check().name().toLowerCase(Locale.ROOT))
                .put("verdict", f.verdict().word());
        f.margin().ifPresentOrElse(m -> n.put("margin", m.value()).put("uncertainty", m.expanded()), () -> n.putNull(
                        "margin")
                .putNull("uncertainty"));
        f.worked().ifPresent(m -> n.put("margin_after_work", m.value()).put("uncertainty_after_work", m.expanded()));
        return n.put("unit", f.unit())
                .put("reason", e.why().code())
                .put("why", wording.say(e.why()))
                .put("formula", e.formula())
                .put("remedy", wording.say(f.nextMove()))
                .put("source", e.source());
    }
}
