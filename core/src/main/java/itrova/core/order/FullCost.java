package itrova.core.order;

import itrova.core.work.BenchPlan;
import itrova.core.work.Minutes;
import java.util.function.ToDoubleFunction;

/**
 * What a conversion of one axle costs in full, low, likely and high (cents).
 *
 * @param bought kit, options, wheels, planned parts and outside work of the order sheet, as it stands there
 * @param besides what the bill wants besides, not on the order sheet
 * @param hours own time at the shop's rate
 */
public record FullCost(CostRange bought, CostRange besides, CostRange hours) {
    /** Rate where the shop set none (cents an hour); common practice, assumed. */
    public static final long USUAL_RATE = 6_000;

    private static final double MINUTES = 60;

    /**
     * The full cost.
     *
     * @param sheet the order sheet; what the papers name stands on it already
     * @param rate of the shop (cents an hour)
     */
    public static FullCost of(OrderSheet sheet, Bill bill, BenchPlan plan, long rate) {
        return new FullCost(
                CostRange.exactly(sheet.totalCents()),
                bill.besides(),
                new CostRange(
                        hours(plan, Minutes::low, rate),
                        hours(plan, Minutes::likely, rate),
                        hours(plan, Minutes::high, rate)));
    }

    private static long hours(BenchPlan plan, ToDoubleFunction<Minutes> point, long rate) {
        double minutes = plan.steps().stream()
                .mapToDouble(s -> s.effort().people()
                        * s.effort().minutes().map(m -> point.applyAsDouble(m)).orElse(0.0))
                .sum();
        return Math.round(minutes / MINUTES * rate);
    }

    /** All of it. */
    public CostRange total() {
        return bought.plus(besides).plus(hours);
    }
}
