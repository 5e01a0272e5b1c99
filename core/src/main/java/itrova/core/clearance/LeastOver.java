package itrova.core.clearance;

import java.util.Comparator;
import java.util.PriorityQueue;

/**
 * Least value of a function of two variables over a rectangle, by branch and bound.
 *
 * <p>The function may change by no more than a known slope, so a cell whose middle lies high enough cannot hold the least. The
 * value returned lies above the true least by no more than the tolerance asked for (Piyavskii 1972, Shubert 1972, in two
 * variables).
 */
final class LeastOver {
    /** A flat function would be divided for ever at a tolerance of nothing: after this many cells the bound itself is returned. */
    private static final int MOST_CELLS = 20_000;

    private final Function f;
    private final Range first;
    private final Range second;
    private final double tolerance;
    private final double above;

    private LeastOver(Function f, Range first, Range second, double tolerance, double above) {
        this.f = f;
        this.first = first;
        this.second = second;
        this.tolerance = tolerance;
        this.above = above;
    }

    /** A function that need not be exact where it is large. */
    @FunctionalInterface
    interface Function {
        /**
         * Its value.
         *
         * @param enough where the value is larger than this, anything between this and the value will do
         */
        double at(double a, double b, double enough);
    }

    /**
     * A range of one variable with the function's slope along it.
     *
     * @param from least value
     * @param to greatest value
     * @param slope most the function changes per unit
     */
    record Range(double from, double to, double slope) {}

    /**
     * Where the least was found.
     *
     * @param a first variable
     * @param b second variable
     * @param value value there
     * @param bound the least cannot be lower than this, unless it is above what was asked for
     */
    record Place(double a, double b, double value, double bound) {}

    private record Cell(double a, double b, double halfA, double halfB, double value, double bound) {}

    /** The least value of f over both ranges, to within a tolerance. */
    static Place of(Function f, Range first, Range second, double tolerance) {
        return below(f, first, second, tolerance, Double.POSITIVE_INFINITY);
    }

    /**
     * The least value of f over both ranges, to within a tolerance, if it is below a value.
     *
     * @param above a least value above this need not be found: any value above it is returned then
     */
    static Place below(Function f, Range first, Range second, double tolerance, double above) {
        return new LeastOver(f, first, second, tolerance, above).search();
    }

    private Place search() {
        PriorityQueue<Cell> open = new PriorityQueue<>(Comparator.comparingDouble(Cell::bound));
        Cell best = cell(
                (first.from() + first.to()) / 2,
                (second.from() + second.to()) / 2,
                (first.to() - first.from()) / 2,
                (second.to() - second.from()) / 2,
                above);
        open.add(best);
        for (int cells = 0; cells < MOST_CELLS; cells++) {
            Cell next = open.poll();
            if (next == null || next.bound() >= Math.min(best.value() - tolerance, above)) {
                double bound = next == null ? best.value() : Math.min(next.bound(), best.value());
                return new Place(best.a(), best.b(), best.value(), bound);
            }
            boolean alongA = next.halfA() * first.slope() >= next.halfB() * second.slope();
            for (int sign = -1; sign <= 1; sign += 2) {
                double halfA = alongA ? next.halfA() / 2 : next.halfA();
                double halfB = alongA ? next.halfB() : next.halfB() / 2;
                Cell half = cell(
                        alongA ? next.a() + sign * halfA : next.a(),
                        alongA ? next.b() : next.b() + sign * halfB,
                        halfA,
                        halfB,
                        Math.min(best.value() - tolerance, above));
                if (half.value() < best.value()) {
                    best = half;
                }
                open.add(half);
            }
        }
        return new Place(
                best.a(),
                best.b(),
                best.value(),
                open.isEmpty() ? best.value() : open.peek().bound());
    }

    private Cell cell(double a, double b, double halfA, double halfB, double prune) {
        double slack = halfA * first.slope() + halfB * second.slope();
        double value = f.at(a, b, prune + slack);
        return new Cell(a, b, halfA, halfB, value, value - slack);
    }
}
