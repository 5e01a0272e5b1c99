package itrova.server.match;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.judge.Matcher;
import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
import itrova.core.search.Cost;
import itrova.core.search.Search;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Rows of the match table, made from reports. */
public final class MatchRows {
    private MatchRows() {}

    /** One check of a kit: the worse of its sides. */
    public record CellView(
            CheckId check,
            Side side,
            Verdict verdict,
            @Nullable Double margin,
            @Nullable Double doubt,
            String unit,
            boolean sidesDiffer) {}

    public record RowView(
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
            boolean awaitsSweep,
            List<CellView> cells) {}

    /** The row of a kit judged by every check. */
    public static RowView finished(KitReport report) {
        List<CellView> cells = cells(report);
        return row(report, report.verdict(), held(cells, report.verdict()), false, cells);
    }

    /** The row of a kit not yet looked at lock to lock and over the travel: what is proven so far is not proven yet. */
    public static RowView unfinished(KitReport quick) {
        if (!Matcher.isUnfinished(quick)) {
            return finished(quick);
        }
        List<CellView> cells = cells(quick);
        return quick.verdict().isProven()
                ? row(quick, Verdict.NOT_PROVEN, CheckId.SWEEP, true, cells)
                : row(quick, quick.verdict(), held(cells, quick.verdict()), true, cells);
    }

    private static @Nullable CheckId held(List<CellView> cells, Verdict verdict) {
        return cells.stream()
                .filter(c -> c.check().isCritical() && !c.verdict().isProven() && c.verdict() == verdict)
                .map(CellView::check)
                .findFirst()
                .orElse(null);
    }

    private static RowView row(
            KitReport report, Verdict verdict, @Nullable CheckId heldBy, boolean awaitsSweep, List<CellView> cells) {
        Kit kit = report.kit();
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
                verdict,
                heldBy,
                awaitsSweep,
                cells);
    }

    private static List<CellView> cells(KitReport report) {
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
        return List.copyOf(cells);
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
