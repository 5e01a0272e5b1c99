package itrova.core.receive;

import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.vehicle.Side;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Readings of what came, a piece for each side.
 *
 * @param readings by figure and side; what was not measured is absent
 */
public record Incoming(Map<IncomingFigure, Map<Side, Reading>> readings) {
    /** Nothing measured yet. */
    public static final Incoming NONE = new Incoming(Map.of());

    private static final double LARGEST = 1000;

    /**
     * A reading of a piece.
     *
     * @param value as read (mm)
     * @param half what it may be off (mm), half width
     */
    public record Reading(double value, double half) {
        /** @throws IllegalArgumentException if it is no length of a part */
        public Reading {
            if (!(value > 0 && value < LARGEST)) {
                throw new IllegalArgumentException("A part measures more than 0 and less than 1000 mm (39 in), not "
                        + value + " mm. Read it again.");
            }
            if (!(half > 0 && half < value / 4)) {
                throw new IllegalArgumentException("A reading of " + value + " mm is not off by ± " + half
                        + " mm. Write what the tool may be off.");
            }
        }

        double low() {
            return value - half;
        }

        double high() {
            return value + half;
        }
    }

    /** How what came compares with what was promised. */
    public enum Compared {
        NOT_MEASURED,
        /** Surely within what was promised. */
        AS_PROMISED,
        /** The readings' doubt reaches over the promise's edge. */
        CANNOT_BE_TOLD,
        /** Surely not what was promised. */
        NOT_AS_PROMISED
    }

    /** A piece held against the papers. */
    public Compared compared(Kit kit, IncomingFigure figure, Side side) {
        Optional<Figure> promised = figure.promised(kit);
        Reading r = readings.getOrDefault(figure, Map.of()).get(side);
        if (promised.isEmpty() || r == null) {
            return Compared.NOT_MEASURED;
        }
        double low = promised.get().value() - promised.get().tolerance();
        double high = promised.get().value() + promised.get().tolerance();
        if (r.low() >= low && r.high() <= high) {
            return Compared.AS_PROMISED;
        }
        return r.high() < low || r.low() > high ? Compared.NOT_AS_PROMISED : Compared.CANNOT_BE_TOLD;
    }

    /**
     * The kit as it came: a figure that was measured is what both pieces may be, doubt and difference within; a piece that was not measured
     * may still be all that was promised.
     */
    public Kit asItCame(Kit kit) {
        Kit came = kit;
        for (IncomingFigure figure : IncomingFigure.values()) {
            Optional<Figure> promised = figure.promised(kit);
            Map<Side, Reading> pieces = readings.getOrDefault(figure, Map.of());
            if (promised.isEmpty() || pieces.isEmpty()) {
                continue;
            }
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (Side side : Side.values()) {
                Reading r = pieces.get(side);
                low = Math.min(
                        low, r == null ? promised.get().value() - promised.get().tolerance() : r.low());
                high = Math.max(
                        high,
                        r == null ? promised.get().value() + promised.get().tolerance() : r.high());
            }
            came = figure.put(came, Figure.stated((low + high) / 2, (high - low) / 2));
        }
        return came;
    }

    /** With one more reading; a later one of the same piece takes the place of the earlier. */
    public Incoming with(IncomingFigure figure, Side side, Optional<Reading> reading) {
        Map<IncomingFigure, Map<Side, Reading>> all = new EnumMap<>(IncomingFigure.class);
        readings.forEach((f, pieces) -> all.put(f, new EnumMap<>(pieces)));
        Map<Side, Reading> pieces = all.computeIfAbsent(figure, f -> new EnumMap<>(Side.class));
        reading.ifPresentOrElse(r -> pieces.put(side, r), () -> pieces.remove(side));
        if (pieces.isEmpty()) {
            all.remove(figure);
        }
        return new Incoming(all);
    }

    /** What this kit is measured by. */
    public static List<IncomingFigure> of(Kit kit) {
        return java.util.Arrays.stream(IncomingFigure.values())
                .filter(f -> f.promised(kit).isPresent())
                .toList();
    }
}
