package itrova.core.measure;

import itrova.core.quantity.Measured;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Station;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * Places of a wheel's profile worth reading: both ends of what turns past the caliper, and between them. Only where to hold the rule; where
 * the metal stands nearest is seen by whoever holds it, and goes before.
 */
public final class ProfilePlaces {
    /** A barrel is read from this depth on (mm): before it the rim's edge is rounded. */
    private static final double EDGE = 10;
    /** Depth (mm) a barrel is read to while nobody knows how deep the wheel is; common practice. */
    private static final double USUAL_DEPTH = 90;
    /** Outside the wheel's pad the spoke's back begins: this far outside the stud circle, or the bore (mm); common practice. */
    private static final double BESIDE_STUDS = 15;

    private static final double BESIDE_BORE = 40;
    /** Where it begins while neither was read (mm); common practice. */
    private static final double USUAL_PAD = 70;
    /** How wide a spoke's back is read while nobody read the barrel (mm); common practice. */
    private static final double USUAL_SPOKE = 70;
    /** A spoke is read up to this far from the barrel (mm): there it runs into it. */
    private static final double BESIDE_BARREL = 18;

    private static final int INCH_PARTS = 4;

    private ProfilePlaces() {}

    /**
     * Places still worth reading.
     *
     * @param end the wheel as far as it was read
     * @return places as written on a rule in the given units, such as {@code 10 mm} or {@code 2 1/4 in}, in the order of the hand; none once
     *     enough was read
     */
    public static List<String> worth(AxleEnd end, Callout callout, UnitSystem units) {
        return switch (callout) {
            case WHEEL_BARREL -> open(end.barrel(), EDGE, depth(end), units);
            case WHEEL_SPOKE -> open(end.spokes(), innermost(end), outermost(end), units);
            default -> List.of();
        };
    }

    private static List<String> open(List<Station> read, double from, double to, UnitSystem units) {
        double near = (to - from) / (2 * WantedReadings.PLACES_WANTED);
        return DoubleStream.of(from, (from + to) / 2, to)
                .map(place -> onDivision(place, units))
                .filter(place -> read.stream().allMatch(s -> Math.abs(s.place().value() - place) > near))
                .limit(Math.max(0, WantedReadings.PLACES_WANTED - read.size()))
                .mapToObj(place -> units == UnitSystem.METRIC
                        ? ShopNotation.decimal(place, Unit.MILLIMETRE, 0)
                        : ShopNotation.inches(place, INCH_PARTS))
                .toList();
    }

    /** To the inside of the spokes: the mounting face is as deep as the wheel's backspacing. */
    private static double depth(AxleEnd end) {
        return end.length(Callout.WHEEL_BACKSPACING)
                .map(Measured::value)
                .filter(depth -> depth > 2 * EDGE)
                .orElse(USUAL_DEPTH);
    }

    private static double innermost(AxleEnd end) {
        Optional<Double> studs = BoltCircle.derive(end).map(circle -> circle.value() / 2 + BESIDE_STUDS);
        return studs.or(() -> end.length(Callout.WHEEL_BORE).map(bore -> bore.value() / 2 + BESIDE_BORE))
                .orElse(USUAL_PAD);
    }

    private static double outermost(AxleEnd end) {
        double inside = innermost(end);
        return end.barrel().stream()
                .map(s -> s.size().value() / 2 - BESIDE_BARREL)
                .min(Double::compare)
                .filter(r -> r > inside)
                .orElse(inside + USUAL_SPOKE);
    }

    private static double onDivision(double place, UnitSystem units) {
        double division = units == UnitSystem.METRIC ? 5 : Unit.INCH.toSi() / INCH_PARTS;
        return Math.round(place / division) * division;
    }
}
