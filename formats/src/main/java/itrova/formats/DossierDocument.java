package itrova.formats;

import itrova.core.record.Job;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The whole record of a job, format {@code itrova-dossier/1}; schema in {@code docs/formats/itrova-dossier.schema.json}.
 *
 * <p>The log is chained: each entry's hash is the SHA-256 of the hash before it, a line feed and the entry in canonical JSON (keys sorted, no
 * spaces); the first follows the hash of the format's name, a line feed and everything else of the document. The last hash is the head. A
 * chain shows tampering only against a head kept elsewhere: it is printed on the paper and signed there.
 */
public final class DossierDocument {
    static final String FORMAT = "itrova-dossier/1";
    private static final String LOG = "log";
    private static final String HEAD = "head";
    private static final String HASH = "hash";

    private DossierDocument() {}

    /**
     * What is found of a dossier.
     *
     * @param head the head its content gives
     * @param faults what was changed, taken out or moved, as far as the document itself tells
     */
    public record Found(String head, List<String> faults) {
        public Found {
            faults = List.copyOf(faults);
        }
    }

    /** Writes a job's dossier. */
    public static String write(Job job) {
        ObjectNode told = (ObjectNode) Json.MAPPER.readTree(JobDocument.write(job));
        ArrayNode entries = Json.MAPPER.createArrayNode();
        if (told.get("trail") instanceof ObjectNode trail && trail.remove(LOG) instanceof ArrayNode log) {
            entries = log;
        }
        ObjectNode root = Json.MAPPER.createObjectNode().put("format", FORMAT);
        root.set("job", told);
        String hash = start(root);
        ArrayNode chained = root.putArray(LOG);
        for (JsonNode entry : entries) {
            hash = next(hash, entry);
            chained.add(((ObjectNode) entry).put(HASH, hash));
        }
        root.put(HEAD, hash);
        return Json.MAPPER.writeValueAsString(root);
    }

    /** Head of a dossier as it stands in the document. */
    public static String head(String dossier) {
        return Json.MAPPER.readTree(dossier).path(HEAD).asString("");
    }

    /**
     * Works a dossier's chain out anew.
     *
     * @param file name used in reports
     * @param kept the head kept elsewhere, if one was
     * @throws DocumentException if it is no dossier
     */
    public static Found verify(String file, String text, Optional<String> kept) {
        ObjectNode root = dossier(file, text);
        List<String> faults = new ArrayList<>();
        JsonNode log = root.path(LOG);
        String hash = start(root);
        int number = 0;
        for (JsonNode each : log) {
            number++;
            if (!(each instanceof ObjectNode entry)) {
                faults.add("Entry " + number + " of the log is no entry.");
                continue;
            }
            ObjectNode bare = entry.deepCopy();
            bare.remove(HASH);
            hash = next(hash, bare);
            if (!hash.equals(entry.path(HASH).asString("")) && faults.isEmpty()) {
                faults.add("Entry " + number + " of the log ("
                        + entry.path("kind").asString("without kind") + ", "
                        + entry.path("at").asString("without time")
                        + "): it, or what stands before it, was changed, taken out or moved.");
            }
        }
        if (!hash.equals(root.path(HEAD).asString("")) && faults.isEmpty()) {
            faults.add(
                    "The head written in the document is not the one its content gives: content or head was changed, or the"
                            + " end of the log was taken out.");
        }
        if (kept.isPresent() && !kept.get().strip().equalsIgnoreCase(hash)) {
            faults.add("The head kept is not the one this content gives: this is not the record it was written under.");
        }
        return new Found(hash, faults);
    }

    private static ObjectNode dossier(String file, String text) {
        Json.Faults faults = new Json.Faults(file);
        JsonNode root = null;
        try {
            root = Json.MAPPER.readTree(text);
        } catch (JacksonException e) {
            faults.add(0, "", "This is no JSON: " + e.getOriginalMessage() + ". Take the file as it was written.");
        }
        if (root != null && !FORMAT.equals(root.path("format").asString(""))) {
            faults.add(0, "format", "This is no dossier of the format " + FORMAT + ".");
        }
        faults.throwIfAny();
        return (ObjectNode) java.util.Objects.requireNonNull(root);
    }

    private static String start(ObjectNode root) {
        ObjectNode rest = root.deepCopy();
        rest.remove(LOG);
        rest.remove(HEAD);
        return ReportSeal.of(FORMAT + "\n" + canonical(rest));
    }

    private static String next(String before, JsonNode entry) {
        return ReportSeal.of(before + "\n" + canonical(entry));
    }

    /** JSON with sorted keys and no spaces; figures as they were written. */
    static String canonical(JsonNode node) {
        StringBuilder out = new StringBuilder();
        append(out, node);
        return out.toString();
    }

    private static void append(StringBuilder out, JsonNode node) {
        if (node.isObject()) {
            Map<String, JsonNode> sorted = new TreeMap<>();
            node.properties().forEach(e -> sorted.put(e.getKey(), e.getValue()));
            out.append('{');
            Iterator<Map.Entry<String, JsonNode>> all = sorted.entrySet().iterator();
            while (all.hasNext()) {
                Map.Entry<String, JsonNode> each = all.next();
                out.append(quoted(each.getKey())).append(':');
                append(out, each.getValue());
                out.append(all.hasNext() ? "," : "");
            }
            out.append('}');
        } else if (node.isArray()) {
            out.append('[');
            for (int i = 0; i < node.size(); i++) {
                out.append(i == 0 ? "" : ",");
                append(out, node.get(i));
            }
            out.append(']');
        } else if (node.isString()) {
            out.append(quoted(node.asString()));
        } else {
            out.append(node.isNumber() ? node.decimalValue().toString() : node.toString());
        }
    }

    private static String quoted(String text) {
        return Json.MAPPER.getNodeFactory().stringNode(text).toString();
    }
}
