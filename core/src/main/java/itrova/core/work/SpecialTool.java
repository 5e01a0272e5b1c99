package itrova.core.work;

import itrova.core.phrase.Titled;
import itrova.core.table.Table;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A tool not every shop has, and how one that has none comes by it.
 *
 * @param name as the steps name it
 * @param ways buy, borrow or outside work, in words; common practice
 */
public record SpecialTool(String name, String ways) {
    private static final int COLUMNS = 2;
    private static final List<SpecialTool> ALL = Table.rows(SpecialTool.class, "tools.psv", COLUMNS).stream()
            .map(c -> new SpecialTool(c[0], c[1]))
            .toList();

    /**
     * A tool the plan's steps want.
     *
     * @param steps what is done with it, each once, in its order
     */
    public record Wanted(SpecialTool tool, List<Titled> steps) {
        public Wanted {
            steps = List.copyOf(steps);
        }
    }

    /** All of them. */
    public static List<SpecialTool> all() {
        return ALL;
    }

    /**
     * Those a plan wants and the shop has not.
     *
     * @param owned names of those it has
     */
    public static List<Wanted> lacking(BenchPlan plan, Set<String> owned) {
        Map<SpecialTool, List<Titled>> wanted = new LinkedHashMap<>();
        for (SpecialTool tool : ALL) {
            List<Titled> steps = plan.steps().stream()
                    .filter(s -> s.effort().tools().contains(tool.name()))
                    .map(s -> s.name().what())
                    .distinct()
                    .toList();
            if (!steps.isEmpty() && !owned.contains(tool.name())) {
                wanted.put(tool, steps);
            }
        }
        return wanted.entrySet().stream()
                .map(e -> new Wanted(e.getKey(), e.getValue()))
                .toList();
    }
}
