package itrova.core.order;

import itrova.core.order.SupplierOrder.Line;
import itrova.core.order.SupplierOrder.State;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What was ordered for an axle and has not come. What was cancelled is still wanted until somebody else sends it. */
public final class StillToCome {
    private StillToCome() {}

    /** Each open line in words, with who sends it; empty if everything came. */
    public static List<String> of(List<SupplierOrder> orders) {
        Set<String> onTheWay = orders.stream()
                .filter(o -> o.state() != State.CANCELLED)
                .flatMap(o -> o.lines().stream())
                .map(Line::item)
                .collect(Collectors.toSet());
        return orders.stream()
                .flatMap(o -> o.lines().stream()
                        .filter(l -> l.open() > 0)
                        .filter(l -> o.state() != State.CANCELLED || !onTheWay.contains(l.item()))
                        .map(l -> words(o, l)))
                .toList();
    }

    private static String words(SupplierOrder order, Line line) {
        String what = line.open() + " × " + line.item() + " (" + order.supplier();
        return order.state() == State.CANCELLED ? what + ", cancelled: nobody sends it)" : what + ")";
    }
}
