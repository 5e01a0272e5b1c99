package itrova.formats;

import itrova.core.brakes.BrakeCheck;
import itrova.core.brakes.KitBrakes;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.choice.BrakesOverturned;
import itrova.core.choice.Overturned.Kept;
import itrova.core.choice.Selection;
import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.record.AxleRecord;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was signed or ordered, kept as it was, format {@code itrova-release/1}: selection, kit, limits in force, readings of both sides
 * and every finding. Keys and entries always come in the same order, so that the same release has the same text on every machine.
 */
public final class ReleaseDocument {
    private static final String FORMAT = "itrova-release/1";

    private ReleaseDocument() {}

    /** The document of a report a selection was released by. */
    public static String write(
            Selection selection, AxleRecord axle, ShopSettings settings, KitReport report, PlannedVehicle vehicle) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT);
        root.set("selection", SelectionDocument.node(selection));
        root.set("kit", Json.MAPPER.readTree(KitDocument.write(List.of(report.kit()))));
        ObjectNode limits = root.putObject("limits");
        for (Limit limit : Limit.values()) {
            limits.put(limit.name().toLowerCase(Locale.ROOT), settings.of(limit));
        }
        ArrayNode readings = root.putArray("readings");
        axle.readings().forEach(r -> readings.add(JobDocument.node(r)));
        JsonNode found = Json.MAPPER.readTree(FindingsDocument.json(
                List.of(new FindingsDocument.AxleReports(
                        axle.name(), List.of(report), new KitBrakes(vehicle, axle.name()))),
                Wording.METRIC));
        root.set("findings", found.path("findings"));
        root.set("brakes", found.path("brakes"));
        return Json.MAPPER.writeValueAsString(root);
    }

    /** The verdicts a release was given by. A check this edition does not know any more is left out. */
    public static List<Kept> verdicts(String document) {
        List<Kept> kept = new ArrayList<>();
        for (JsonNode f : Json.MAPPER.readTree(document).path("findings")) {
            Arrays.stream(CheckId.values())
                    .filter(id -> id.name().equalsIgnoreCase(f.path("check").asString()))
                    .forEach(id -> kept.add(new Kept(id, side(f), verdict(f))));
        }
        return kept;
    }

    /** The verdicts about the vehicle's brakes a release was given by. */
    public static List<BrakesOverturned.Kept> brakes(String document) {
        List<BrakesOverturned.Kept> kept = new ArrayList<>();
        for (JsonNode f : Json.MAPPER.readTree(document).path("brakes")) {
            Arrays.stream(BrakeCheck.values())
                    .filter(c -> c.name().equalsIgnoreCase(f.path("check").asString()))
                    .forEach(c -> kept.add(new BrakesOverturned.Kept(c, verdict(f))));
        }
        return kept;
    }

    private static Side side(JsonNode finding) {
        return Side.valueOf(finding.path("side").asString().toUpperCase(Locale.ROOT));
    }

    private static Verdict verdict(JsonNode finding) {
        return Arrays.stream(Verdict.values())
                .filter(v -> v.word().equals(finding.path("verdict").asString()))
                .findFirst()
                .orElseThrow();
    }
}
