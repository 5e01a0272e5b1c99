package itrova.formats;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** What two editions of a document say differently, figure by figure. */
public final class DocumentDifferences {
    private DocumentDifferences() {}

    /**
     * One thing that differs.
     *
     * @param field its path, such as {@code disc.bore_mm}
     * @param before what the one says; empty if it says nothing
     * @param after what the other says; empty if it says nothing
     */
    public record Difference(String field, String before, String after) {}

    /** All that differs, in the order of the later document. */
    public static List<Difference> between(String before, String after) {
        List<Difference> found = new ArrayList<>();
        compare("", Json.MAPPER.readTree(before), Json.MAPPER.readTree(after), found);
        return found;
    }

    private static void compare(String path, JsonNode before, JsonNode after, List<Difference> found) {
        if (before.isContainer() && before.getNodeType() == after.getNodeType()) {
            Set<String> names = new LinkedHashSet<>(after.propertyNames());
            names.addAll(before.propertyNames());
            for (String name : names) {
                compare(path.isEmpty() ? name : path + "." + name, before.path(name), after.path(name), found);
            }
            for (int i = 0; i < Math.max(before.size(), after.size()) && after.isArray(); i++) {
                compare(path + "[" + (i + 1) + "]", before.path(i), after.path(i), found);
            }
        } else if (!before.equals(after)) {
            found.add(new Difference(path, said(before), said(after)));
        }
    }

    private static String said(JsonNode node) {
        if (node.isMissingNode() || node.isNull()) {
            return "";
        }
        return node.isContainer() ? Json.COMPACT.writeValueAsString(node) : node.asString();
    }
}
