package itrova.core.guide;

import itrova.core.fastener.Thread;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.WantedReadings;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/**
 * What is expected of a dimension before it is read: broad, from the kits of the catalogue and common practice, and close to
 * the other side once that was read.
 */
final class Priors {
    private static final Thread USUAL_STUD = Thread.parse("1/2-20");
    /** Left and right of one axle are alike to about this standard deviation (mm, and share); common practice. */
    private static final double SIDES_ALIKE_MM = 0.3;

    private static final double SIDES_ALIKE_SHARE = 0.002;
    /** Depths (mm) at which a barrel is thought up, diameters and their spread; common practice. */
    private static final double[] DEPTHS = {5, 30, 55, 80, 110};

    private static final double BARREL = 345;
    private static final double BARREL_SPREAD = 14;
    private static final double[] RADII = {60, 95, 130, 170};
    private static final double SPOKE_SLOPE = 0.2;
    private static final double SPOKE_SPREAD = 8;
    /** A read profile speaks for places up to this far from a reading (mm). */
    private static final double SPEAKS_FOR = 18;

    private final Map<Callout, Normal> expected = new EnumMap<>(Callout.class);
    private final Map<Integer, Double> lugs;
    private final Map<Integer, Double> bracketBolts;

    private record Normal(double mean, double spread) {}

    private Priors(List<Kit> kits) {
        put(Callout.STUD_SHOULDER, 12.9, 1.0);
        put(Callout.STUD_STICK_OUT, 36, 6);
        put(Callout.WHEEL_BACKSPACING, 85, 12);
        put(Callout.WHEEL_PAD, 5, 1.5);
        put(Callout.WHEEL_BORE, 73, 6);
        put(Callout.WHEEL_WEIGHTS, 3, 1.5);
        put(Callout.STUD_MAJOR, 12.6, 1.0);
        put(Callout.REGISTER, 70, 6);
        put(Callout.FLANGE, 148, 6);
        put(Callout.BRACKET_ACROSS, 90, 10);
        put(Callout.BRACKET_UP, 60, 10);
        put(Callout.BRACKET_CIRCLE, 105, 12);
        put(Callout.BRACKET_HOLE, 11.2, 1.0);
        put(Callout.AXLE_OFFSET, 63, 8);
        put(Callout.STUD_OVER_SKIP_ONE, 115, 6);
        put(Callout.HUB_FACE, 66, 8);
        put(Callout.UPRIGHT_HEIGHT, 50, 8);
        put(Callout.DRUM_FACE, 6, 1.5);
        put(Callout.KNUCKLE_RIB, 6, 5);
        put(Callout.KNUCKLE_RIB_RADIUS, 72, 10);
        put(Callout.WHEEL_TO_FENDER, 45, 12);
        put(Callout.WHEEL_TO_FRAME, 55, 15);
        put(Callout.T_BOLT_LENGTH, 34, 5);
        put(Callout.RETAINER, 6, 1.5);
        learn(kits, Callout.REGISTER, 1.5, k -> Optional.of(k.disc().bore()), -0.1);
        learn(kits, Callout.FLANGE, 3, k -> Optional.of(k.disc().hatInside()), -5);
        learn(
                kits,
                Callout.STUD_MAJOR,
                0.6,
                k -> Optional.of(k.disc().patterns().get(0).hole()),
                -0.7);
        learn(
                kits,
                Callout.STUD_OVER_SKIP_ONE,
                3,
                k -> Optional.of(k.disc().patterns().get(0).circle()),
                0);
        learn(kits, Callout.BRACKET_ACROSS, 4, k -> k.bracket().across(), 0);
        learn(kits, Callout.BRACKET_UP, 4, k -> k.bracket().up(), 0);
        learn(kits, Callout.BRACKET_CIRCLE, 4, k -> k.bracket().circle(), 0);
        learn(kits, Callout.BRACKET_HOLE, 0.6, k -> Optional.of(k.bracket().bolt()), 0.5);
        learn(kits, Callout.AXLE_OFFSET, 3, k -> k.bracket().axleOffset(), 0);
        learn(kits, Callout.HUB_FACE, 3, k -> k.bracket().axleOffset(), 0);
        learn(kits, Callout.UPRIGHT_HEIGHT, 3, k -> k.bracket().axleOffset(), 0);
        lugs = shares(kits, k -> k.disc().patterns().get(0).count());
        bracketBolts = shares(kits, k -> k.bracket().count());
    }

    static Priors from(List<Kit> kits) {
        return new Priors(kits);
    }

    private void put(Callout callout, double mean, double spread) {
        expected.put(callout, new Normal(mean, spread));
    }

    private void learn(
            List<Kit> kits, Callout callout, double least, Function<Kit, Optional<Figure>> figure, double offset) {
        double[] values = kits.stream()
                .flatMap(k -> figure.apply(k).stream())
                .mapToDouble(f -> f.value() + offset)
                .toArray();
        if (values.length == 0) {
            return;
        }
        double mean = java.util.Arrays.stream(values).average().orElseThrow();
        double squares = java.util.Arrays.stream(values)
                .map(v -> (v - mean) * (v - mean))
                .sum();
        put(callout, mean, Math.max(least, Math.sqrt(squares / values.length)));
    }

    private static Map<Integer, Double> shares(List<Kit> kits, ToIntFunction<Kit> count) {
        Map<Integer, Double> shares = new HashMap<>();
        for (Kit k : kits) {
            shares.merge(count.applyAsInt(k), 1.0 / (kits.size() + 1), Double::sum);
        }
        return shares;
    }

    /** Chance that an axle end has as many studs as a kit's first pattern. */
    double lugsMatch(Kit kit) {
        return lugs.getOrDefault(kit.disc().patterns().get(0).count(), 0.0);
    }

    /** Chance that an axle end has as many bracket bolts as a kit's bracket. */
    double bracketBoltsMatch(Kit kit) {
        return bracketBolts.getOrDefault(kit.bracket().count(), 0.0);
    }

    /**
     * An end with everything a check may ask filled in: what was not read by what is expected.
     *
     * @param end as read
     * @param other the other side as read
     * @param lugCount studs taken when they were not counted
     * @param boltCount bracket bolts taken when they were not counted
     */
    AxleEnd fill(AxleEnd end, AxleEnd other, int lugCount, int boltCount) {
        AxleEnd.Builder filled = end.toBuilder();
        if (end.count(Callout.LUG_COUNT).isEmpty()) {
            filled.count(Callout.LUG_COUNT, other.count(Callout.LUG_COUNT).orElse(lugCount));
        }
        if (end.count(Callout.BRACKET_COUNT).isEmpty()) {
            filled.count(
                    Callout.BRACKET_COUNT, other.count(Callout.BRACKET_COUNT).orElse(boltCount));
        }
        if (end.studThread().isEmpty()) {
            filled.studThread(other.studThread().orElse(USUAL_STUD));
        }
        List<Callout> readHere = ReadingSpec.handOrder(end.form());
        expected.forEach((callout, normal) -> {
            if (callout != Callout.STUD_OVER_SKIP_ONE && !end.has(callout) && readHere.contains(callout)) {
                filled.length(callout, expected(end.side(), callout, other.length(callout), normal));
            }
        });
        if (end.boltCircle().isEmpty()) {
            filled.boltCircle(expected(
                    end.side(),
                    Callout.STUD_OVER_SKIP_ONE,
                    other.boltCircle(),
                    expected.get(Callout.STUD_OVER_SKIP_ONE)));
        }
        filled.barrel(profile(end.side(), Callout.WHEEL_BARREL, end.barrel(), other.barrel()));
        filled.spokes(profile(end.side(), Callout.WHEEL_SPOKE, end.spokes(), other.spokes()));
        return filled.build();
    }

    private static Measured expected(Side side, Callout callout, Optional<Measured> other, Normal normal) {
        Normal n = other.map(
                        m -> new Normal(m.value(), Math.max(SIDES_ALIKE_MM, SIDES_ALIKE_SHARE * Math.abs(m.value()))))
                .orElse(normal);
        return Measured.of(n.mean(), Component.standard(PriorSource.of(side, callout), n.spread()));
    }

    private static List<Station> profile(Side side, Callout callout, List<Station> read, List<Station> other) {
        List<Station> all = new ArrayList<>(read);
        boolean barrel = callout == Callout.WHEEL_BARREL;
        if (other.size() >= WantedReadings.PLACES_WANTED) {
            for (Station s : other) {
                addExpected(all, side, callout, s.place().value(), s.size().value(), 1);
            }
            return all;
        }
        for (double at : barrel ? DEPTHS : RADII) {
            addExpected(
                    all, side, callout, at, barrel ? BARREL : SPOKE_SLOPE * at, barrel ? BARREL_SPREAD : SPOKE_SPREAD);
        }
        return all;
    }

    private static void addExpected(
            List<Station> all, Side side, Callout callout, double at, double size, double spread) {
        boolean isBeside = all.stream().anyMatch(s -> Math.abs(s.place().value() - at) < SPEAKS_FOR);
        if (!isBeside && !isInside(all, at)) {
            all.add(new Station(
                    Measured.exact(at), Measured.of(size, Component.standard(PriorSource.of(side, callout), spread))));
        }
    }

    /** Inside a profile read at enough places the wall steps between readings: nothing is to be thought up there. */
    private static boolean isInside(List<Station> all, double at) {
        boolean isEnough = all.stream().filter(Priors::isRead).count() >= WantedReadings.PLACES_WANTED;
        return isEnough
                && all.stream().anyMatch(s -> isRead(s) && s.place().value() <= at)
                && all.stream().anyMatch(s -> isRead(s) && s.place().value() >= at);
    }

    private static boolean isRead(Station s) {
        return s.size().components().stream().noneMatch(c -> c.source() instanceof PriorSource);
    }
}
