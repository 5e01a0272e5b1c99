package itrova.core.order;

import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.kit.MissingPart;
import itrova.core.remedy.Work;
import java.util.ArrayList;
import java.util.List;

/**
 * What to buy and have done for one axle with one kit.
 *
 * @param lines kit, missing parts, outside work
 */
public record OrderSheet(List<OrderLine> lines) {
    /** Days a machine shop takes for a piece of work (common practice). */
    private static final int WORK_LEAD_DAYS = 3;

    public OrderSheet {
        lines = List.copyOf(lines);
    }

    /** The sheet for a report's kit with the work proven for it. */
    public static OrderSheet of(KitReport report) {
        Kit kit = report.kit();
        List<OrderLine> lines = new ArrayList<>();
        lines.add(new OrderLine(
                OrderLine.Kind.KIT,
                kit.supplier(),
                kit.code() + " " + kit.name(),
                1,
                kit.terms().priceCents(),
                kit.terms().leadDays(),
                kit.terms().returnable() ? "may be sent back unused" : "cannot be sent back"));
        for (MissingPart part : kit.terms().missing()) {
            lines.add(new OrderLine(
                    OrderLine.Kind.PART,
                    part.supplier(),
                    part.name(),
                    part.quantity(),
                    part.unitCents(),
                    part.leadDays(),
                    "not in the kit's box"));
        }
        for (Work work : report.works()) {
            lines.add(new OrderLine(
                    work.kind().isPart() ? OrderLine.Kind.PART : OrderLine.Kind.WORK,
                    work.kind().who(),
                    work.sentence(),
                    1,
                    work.kind().cents(),
                    WORK_LEAD_DAYS,
                    work.kind().isReversible() ? "can be undone" : "cannot be undone"));
        }
        return new OrderSheet(lines);
    }

    /** Sum of all lines (cents). */
    public long totalCents() {
        return lines.stream().mapToLong(OrderLine::totalCents).sum();
    }

    /** Working days until the last line is there. */
    public int longestLeadDays() {
        return lines.stream().mapToInt(OrderLine::leadDays).max().orElse(0);
    }
}
