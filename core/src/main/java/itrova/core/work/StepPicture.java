package itrova.core.work;

import itrova.core.kit.Bracket;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Bolts or nuts of a step as they lie, seen from outboard, numbered in the order they are tightened.
 *
 * @param kind what is tightened
 * @param side side of the vehicle, where the step is of one: forward lies left on the left side and right on the right
 * @param spots where each lies
 */
public record StepPicture(Kind kind, Optional<Side> side, List<Spot> spots) {
    /** What is tightened. */
    public enum Kind {
        BRACKET_BOLTS,
        WHEEL_NUTS
    }

    /**
     * A bolt or nut.
     *
     * @param x from the axle's centre to the right as seen (mm)
     * @param y up (mm)
     * @param number its place in the order
     */
    public record Spot(double x, double y, int number) {}

    public StepPicture {
        spots = List.copyOf(spots);
    }

    /** The picture of a step; absent where it tightens nothing of a known lie. */
    public static Optional<StepPicture> of(BenchStep step, Kit kit) {
        Optional<Side> side = step.side();
        return switch (step.kind()) {
            case BRACKET -> bracket(kit.bracket()).map(spots -> new StepPicture(Kind.BRACKET_BOLTS, side, spots));
            case DISC, WHEEL_NUTS ->
                nuts(kit.disc().patterns()).map(spots -> new StepPicture(Kind.WHEEL_NUTS, side, spots));
            default -> Optional.empty();
        };
    }

    private static Optional<List<Spot>> bracket(Bracket b) {
        if (b.isWelded()) {
            return Optional.empty();
        }
        if (b.shape() == BracketShape.RECTANGLE) {
            double x = b.across().orElseThrow().value() / 2;
            double y = b.up().orElseThrow().value() / 2;
            // crosswise: each next one lies opposite the one before, as far as it can
            return Optional.of(List.of(new Spot(-x, y, 1), new Spot(x, y, 3), new Spot(x, -y, 2), new Spot(-x, -y, 4)));
        }
        return b.count() == Bracket.COUNT_UNKNOWN
                ? Optional.empty()
                : Optional.of(round(b.count(), b.circle().orElseThrow().value()));
    }

    /** A disc drilled for two patterns does not say which of them this hub has. */
    private static Optional<List<Spot>> nuts(List<HolePattern> patterns) {
        return patterns.size() == 1
                ? Optional.of(
                        round(patterns.get(0).count(), patterns.get(0).circle().value()))
                : Optional.empty();
    }

    private static List<Spot> round(int count, double circle) {
        List<Integer> order = crosswise(count);
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double angle = Math.PI / 2 - 2 * Math.PI * i / count;
            spots.add(new Spot(circle / 2 * Math.cos(angle), circle / 2 * Math.sin(angle), order.indexOf(i) + 1));
        }
        return spots;
    }

    /**
     * Indices round a circle in crosswise order (common practice): an odd count goes on by nearly half a turn each time, an even one by
     * opposite pairs, the pairs crosswise among themselves.
     *
     * @throws IllegalArgumentException if there are fewer than two
     */
    static List<Integer> crosswise(int count) {
        if (count < 2) {
            throw new IllegalArgumentException("Crosswise takes two at least, not " + count + ".");
        }
        List<Integer> order = new ArrayList<>();
        if (count % 2 == 1) {
            for (int i = 0; i < count; i++) {
                order.add(i * (count / 2) % count);
            }
            return order;
        }
        int pairs = count / 2;
        for (int pair : pairs == 1 ? List.of(0) : crosswise(pairs)) {
            order.add(pair);
            order.add(pair + pairs);
        }
        return order;
    }
}
