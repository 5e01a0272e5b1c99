package itrova.formats;

import itrova.core.bench.HoldWanted;
import itrova.core.order.OrderGate;
import itrova.core.phrase.Amount;
import itrova.core.wording.Wording;
import itrova.core.work.BenchPlan;
import itrova.core.work.BenchStep;
import itrova.core.work.CriticalPath;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Steps of the work told to people and other programs ({@code docs/formats/itrova-plan.schema.json}). */
public final class StepsDocument {
    private StepsDocument() {}

    /**
     * The plan of one axle.
     *
     * @param axle its name
     * @param selection what was chosen, in words
     * @param gate whether it may be ordered; else the plan is only what it would be
     */
    public record AxlePlan(String axle, String selection, OrderGate gate, BenchPlan plan) {}

    /** Plain text, a step with what it comes after, what holds it and its torque. */
    public static String text(List<AxlePlan> plans, Wording wording) {
        StringBuilder out = new StringBuilder();
        for (AxlePlan p : plans) {
            out.append(p.axle())
                    .append(": ")
                    .append(p.selection())
                    .append("; gate ")
                    .append(p.gate().state().name().toLowerCase(Locale.ROOT))
                    .append('\n');
            for (BenchStep s : p.plan().steps()) {
                out.append("  ")
                        .append(s.id())
                        .append(": ")
                        .append(wording.say(s.title()))
                        .append('\n');
                out.append("      ").append(wording.say(s.text())).append('\n');
                if (!s.after().isEmpty()) {
                    out.append("      after: ")
                            .append(String.join(", ", s.after()))
                            .append('\n');
                }
                s.tighten().ifPresent(t -> out.append("      torque: ")
                        .append(wording.amount(Amount.newtonMetres(t.torque(), 0)))
                        .append('\n'));
                line(out, "tools", String.join(", ", s.effort().tools()));
                s.effort()
                        .minutes()
                        .ifPresent(m -> out.append(String.format(
                                Locale.ROOT,
                                "      minutes: %.0f, %.0f, %.0f; people: %d%n",
                                m.low(),
                                m.likely(),
                                m.high(),
                                s.effort().people())));
                line(out, "outside", s.effort().outside());
                line(out, "hold", wording.say(s.hold()));
                s.reading().ifPresent(r -> line(out, "read", read(r, wording)));
                line(out, "caution", wording.say(s.caution()));
            }
            CriticalPath path = CriticalPath.of(p.plan());
            out.append(String.format(
                    Locale.ROOT,
                    "  critical path, %.0f min ± %.0f: %s%n",
                    path.minutes(),
                    2 * path.sigma(),
                    String.join(", ", path.ids())));
        }
        return out.toString();
    }

    private static String read(HoldWanted r, Wording wording) {
        String from = r.min().isPresent() ? "from " + r.min().getAsDouble() : "";
        String to = r.max().isPresent() ? "to " + r.max().getAsDouble() : "";
        return (wording.title(r.kind()) + " " + from + " " + to)
                        .replace("  ", " ")
                        .strip() + " " + r.kind().unit() + " (" + r.source() + ")";
    }

    private static void line(StringBuilder out, String name, String text) {
        if (!text.isEmpty()) {
            out.append("      ").append(name).append(": ").append(text).append('\n');
        }
    }

    /** JSON; torque in N·m. */
    public static String json(List<AxlePlan> plans, Wording wording) {
        ObjectNode root = Json.MAPPER.createObjectNode().put("format", "itrova-plan/1");
        ArrayNode axles = root.putArray("axles");
        for (AxlePlan p : plans) {
            ObjectNode n = axles.addObject()
                    .put("axle", p.axle())
                    .put("selection", p.selection())
                    .put("gate", p.gate().state().name().toLowerCase(Locale.ROOT));
            ArrayNode steps = n.putArray("steps");
            for (BenchStep s : p.plan().steps()) {
                ObjectNode step = steps.addObject()
                        .put("id", s.id())
                        .put("title", wording.say(s.title()))
                        .put("text", wording.say(s.text()))
                        .put("hold", wording.say(s.hold()))
                        .put("caution", wording.say(s.caution()));
                ArrayNode after = step.putArray("after");
                s.after().forEach(after::add);
                s.reading().ifPresent(r -> {
                    ObjectNode reading = step.putObject("reading")
                            .put("kind", r.kind().key())
                            .put("unit", r.kind().unit())
                            .put("readings", r.kind().readings())
                            .put("doubt", r.kind().doubt())
                            .put("source", r.source());
                    r.min().ifPresent(min -> reading.put("least", min));
                    r.max().ifPresent(max -> reading.put("most", max));
                });
                s.tighten().ifPresent(t -> step.put("torque_Nm", t.torque()));
                ArrayNode tools = step.putArray("tools");
                s.effort().tools().forEach(tools::add);
                s.effort().minutes().ifPresent(m -> step.putObject("minutes")
                        .put("low", m.low())
                        .put("likely", m.likely())
                        .put("high", m.high()));
                step.put("people", s.effort().people())
                        .put("outside", s.effort().outside())
                        .put("source", s.effort().source());
            }
            CriticalPath path = CriticalPath.of(p.plan());
            ObjectNode critical = n.putObject("critical_path");
            ArrayNode ids = critical.putArray("steps");
            path.ids().forEach(ids::add);
            critical.put("minutes", path.minutes()).put("sigma_minutes", path.sigma());
        }
        return Json.MAPPER.writeValueAsString(root) + "\n";
    }
}
