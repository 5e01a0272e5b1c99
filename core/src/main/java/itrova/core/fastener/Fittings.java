package itrova.core.fastener;

import itrova.core.table.Table;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Adapters between brake fittings, and the shortest chain of them. The resource {@code fittings.psv} lists what is common. */
public final class Fittings {
    /** A chain has no more adapters than this; every joint is a place to leak (common practice). */
    private static final int MOST = 2;

    private static final List<String[]> ADAPTERS = Table.rows(Fittings.class, "fittings.psv", 3);

    private Fittings() {}

    /** The shortest chain of adapters from one thread to another, in words; absent if there is none short enough. */
    public static Optional<String> chain(Thread from, Thread to) {
        Map<String, String> came = new HashMap<>();
        Deque<String> open = new ArrayDeque<>(List.of(from.designation()));
        Map<String, Integer> steps = new HashMap<>(Map.of(from.designation(), 0));
        came.put(from.designation(), "");
        while (!open.isEmpty()) {
            String at = open.remove();
            if (at.equals(to.designation())) {
                return Optional.of(came.get(at));
            }
            if (steps.get(at) == MOST) {
                continue;
            }
            for (String[] adapter : ADAPTERS) {
                for (int way = 0; way < 2; way++) {
                    String next = adapter[1 - way];
                    if (adapter[way].equals(at) && !came.containsKey(next)) {
                        String before = came.get(at);
                        came.put(next, before.isEmpty() ? adapter[2] : before + ", then " + adapter[2]);
                        steps.put(next, steps.get(at) + 1);
                        open.add(next);
                    }
                }
            }
        }
        return Optional.empty();
    }
}
