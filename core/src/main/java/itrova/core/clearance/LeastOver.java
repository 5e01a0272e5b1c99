package itrova.core.clearance;

import java.util.Comparator;
import java.util.PriorityQueue;
import java.util.function.DoubleBinaryOperator;

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

    private LeastOver() {}

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
     * @param bound the least cannot be lower than this
     */
    record Place(double a, double b, double value, double bound) {}

    private record Cell(double a, double b, double halfA, double halfB, double value, double bound) {}

    /** The least value of f over both ranges, to within a tolerance. */
    static Place of(DoubleBinaryOperator f, Range first, Range second, double tolerance) {
        PriorityQueue<Cell> open = new PriorityQueue<>(Comparator.comparingDouble(Cell::bound));
        Cell whole = cell(
                f,
                first,
                second,
                (first.from() + first.to()) / 2,
                (second.from() + second.to()) / 2,
                (first.to() - first.from()) / 2,
                (second.to() - second.from()) / 2);
        open.add(whole);
        Cell best = whole;
        for (int cells = 0; cells < MOST_CELLS; cells++) {
            Cell next = open.poll();
            if (next == null || next.bound() >= best.value() - tolerance) {
                return new Place(
                        best.a(),
                        best.b(),
                        best.value(),
                        next == null ? best.value() : Math.min(next.bound(), best.value()));
            }
            boolean alongA = next.halfA() * first.slope() >= next.halfB() * second.slope();
            for (int sign = -1; sign <= 1; sign += 2) {
                double halfA = alongA ? next.halfA() / 2 : next.halfA();
                double halfB = alongA ? next.halfB() : next.halfB() / 2;
                Cell half = cell(
                        f,
                        first,
                        second,
                        alongA ? next.a() + sign * halfA : next.a(),
                        alongA ? next.b() : next.b() + sign * halfB,
                        halfA,
                        halfB);
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

    private static Cell cell(
            DoubleBinaryOperator f, Range first, Range second, double a, double b, double halfA, double halfB) {
        double value = f.applyAsDouble(a, b);
        return new Cell(a, b, halfA, halfB, value, value - halfA * first.slope() - halfB * second.slope());
    }
}
