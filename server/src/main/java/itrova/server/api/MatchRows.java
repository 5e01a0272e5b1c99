package itrova.server.api;

import itrova.core.fit.CheckId;
import itrova.core.fit.Cost;
import itrova.core.fit.Finding;
import itrova.core.fit.KitReport;
import itrova.core.fit.Search;
import itrova.core.fit.ShopSettings;
import itrova.core.fit.Verdict;
import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Side;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.KitStore;
import itrova.server.store.ReadingStore;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The rows of the match table, best first. They are worked out once for a state of the axle, the catalogue and the shop's limits
 * and kept for the few axles looked at last, so that narrowing and paging ten thousand kits costs nothing anew.
 */
@Component
class MatchRows {
    private static final int AXLES_KEPT = 4;

    private final Workbench bench;
    private final ReadingStore readings;
    private final KitStore kits;
    private final Map<Long, Kept> kept = new LinkedHashMap<>(AXLES_KEPT, 0.75f, true);

    MatchRows(Workbench bench, ReadingStore readings, KitStore kits) {
        this.bench = bench;
        this.readings = readings;
        this.kits = kits;
    }

    private record Kept(String stamp, List<RowView> rows) {}

    /** One check of a kit: the worse of its sides. */
    record CellView(
            CheckId check,
            Side side,
            Verdict verdict,
            @Nullable Double margin,
            @Nullable Double doubt,
            String unit,
            boolean sidesDiffer) {}

    record RowView(
            String code,
            String name,
            String supplier,
            long priceCents,
            long fullCents,
            int leadDays,
            int workMinutes,
            boolean reversible,
            Verdict verdict,
            @Nullable CheckId heldBy,
            List<CellView> cells) {}

    /** Changes whenever a row could. */
    String stamp(AxleRow row) {
        ShopSettings settings = bench.settings();
        return row.version() + "/" + readings.stamp(row.id()) + "/" + kits.stamp() + "/"
                + settings.set().hashCode();
    }

    /** All rows, best first. */
    List<RowView> of(AxleRow row) {
        String stamp = stamp(row);
        synchronized (kept) {
            Kept known = kept.get(row.id());
            if (known != null && known.stamp().equals(stamp)) {
                return known.rows();
            }
        }
        List<RowView> rows = bench.match(row).stream().map(MatchRows::row).toList();
        synchronized (kept) {
            kept.put(row.id(), new Kept(stamp, rows));
            if (kept.size() > AXLES_KEPT) {
                kept.remove(kept.keySet().iterator().next());
            }
        }
        return rows;
    }

    static RowView row(KitReport report) {
        Kit kit = report.kit();
        List<CellView> cells = new ArrayList<>();
        for (CheckId id : CheckId.values()) {
            List<Finding> sides =
                    report.findings().stream().filter(f -> f.check() == id).toList();
            sides.stream()
                    .max(Comparator.comparing(Finding::verdict)
                            .thenComparing(
                                    Comparator.comparingDouble(Finding::score).reversed()))
                    .ifPresent(f -> cells.add(cell(id, sides, f)));
        }
        Cost cost = Search.fullCost(report);
        return new RowView(
                kit.code(),
                kit.name(),
                kit.supplier(),
                kit.terms().priceCents(),
                cost.cents(),
                cost.leadDays(),
                cost.minutes(),
                kit.terms().reversible(),
                report.verdict(),
                cells.stream()
                        .filter(c ->
                                c.check().isCritical() && !c.verdict().isProven() && c.verdict() == report.verdict())
                        .map(CellView::check)
                        .findFirst()
                        .orElse(null),
                List.copyOf(cells));
    }

    private static CellView cell(CheckId id, List<Finding> sides, Finding f) {
        return new CellView(
                id,
                f.side(),
                f.verdict(),
                f.margin().map(Measured::value).orElse(null),
                f.margin().map(Measured::expanded).orElse(null),
                f.unit(),
                sides.stream().map(Finding::verdict).distinct().count() > 1);
    }
}
