package itrova.core.order;

import itrova.core.order.SupplierOrder.Line;
import itrova.core.order.SupplierOrder.State;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What was ordered for an axle and has not come. What was cancelled is still wanted until somebody else sends it. */
public final class StillToCome {
    private StillToCome() {}

    /** Each open line in words, with who sends it; empty if everything came. */
    public static List<String> of(List<SupplierOrder> orders) {
        Set<String> onTheWay = orders.stream()
                .filter(o -> o.state() != State.CANCELLED)
                .flatMap(o -> o.lines().stream())
                .filter(l -> l.awaited() > 0 || l.goneBack() == 0)
                .map(Line::item)
                .collect(Collectors.toSet());
        return orders.stream()
                .flatMap(o -> o.lines().stream().flatMap(l -> open(o, l, onTheWay)))
                .toList();
    }

    /** What of a line the supplier sends, and what nobody does; the latter not where another order brings the same. */
    private static Stream<String> open(SupplierOrder order, Line line, Set<String> onTheWay) {
        boolean isCancelled = order.state() == State.CANCELLED;
        int sent = isCancelled ? 0 : line.awaited();
        int unsent = line.open() - sent;
        List<String> words = new ArrayList<>();
        if (sent > 0) {
            words.add(sent + " × " + line.item() + " (" + order.supplier() + ")");
        }
        if (unsent > 0 && !onTheWay.contains(line.item())) {
            words.add(unsent + " × " + line.item() + " (" + order.supplier()
                    + (isCancelled ? ", cancelled" : ", went back") + ": nobody sends it)");
        }
        return words.stream();
    }
}
