package itrova.core.work;

import itrova.core.table.Table;
import itrova.core.vehicle.Side;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

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
     * @param steps titles of the steps, each once, in their order
     */
    public record Wanted(SpecialTool tool, List<String> steps) {
        public Wanted {
            steps = List.copyOf(steps);
        }
    }

    /** All of them. */
    public static List<SpecialTool> all() {
        return ALL;
    }

    private static String onEitherSide(BenchStep step) {
        return Stream.of(Side.values())
                .map(side -> ", " + side.word())
                .filter(step.title()::endsWith)
                .findFirst()
                .map(end -> step.title().substring(0, step.title().length() - end.length()))
                .orElse(step.title());
    }

    /**
     * Those a plan wants and the shop has not.
     *
     * @param owned names of those it has
     */
    public static List<Wanted> lacking(BenchPlan plan, Set<String> owned) {
        Map<SpecialTool, List<String>> wanted = new LinkedHashMap<>();
        for (SpecialTool tool : ALL) {
            List<String> steps = plan.steps().stream()
                    .filter(s -> s.effort().tools().contains(tool.name()))
                    .map(SpecialTool::onEitherSide)
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
