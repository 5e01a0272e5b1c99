package itrova.core.identity;

import itrova.core.fastener.ThreadTolerance;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.table.Table;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** All families known: those that ship and those a shop has added. Immutable. */
public final class Families {
    private static final double DEFAULT_HALF_WIDTH = 0.02;

    /** The families that ship with the program. */
    public static final Families SHIPPED = new Families(Stream.of(
                    read(Family.Kind.PATTERN, "patterns.psv"),
                    read(Family.Kind.HOUSING_END, "housing-ends.psv"),
                    read(Family.Kind.SPINDLE, "spindles.psv"),
                    read(Family.Kind.BEARING, "bearings.psv"),
                    threads(),
                    read(Family.Kind.RIM, "rims.psv"))
            .flatMap(List::stream)
            .toList());

    private final Map<Family.Kind, List<Family>> byKind = new EnumMap<>(Family.Kind.class);

    private Families(List<Family> all) {
        for (Family.Kind kind : Family.Kind.values()) {
            byKind.put(kind, all.stream().filter(f -> f.table() == kind).toList());
        }
    }

    /** These and more; one of the same table and name takes the place of the old one. */
    public Families plus(List<Family> more) {
        List<Family> all = new ArrayList<>(more);
        byKind.values().stream()
                .flatMap(List::stream)
                .filter(old -> more.stream()
                        .noneMatch(f -> f.table() == old.table() && f.name().equals(old.name())))
                .forEach(all::add);
        return new Families(all);
    }

    /** The families of one table. */
    public List<Family> of(Family.Kind kind) {
        return byKind.getOrDefault(kind, List.of());
    }

    private static List<Family> read(Family.Kind kind, String name) {
        return Table.rows(Families.class, name, 3).stream()
                .map(c -> new Family(kind, c[0], figures(c[1]), c[2]))
                .toList();
    }

    private static List<Family> threads() {
        return Table.rows(Families.class, "threads.psv", 2).stream()
                .map(c -> {
                    itrova.core.fastener.Thread thread = itrova.core.fastener.Thread.parse(c[0]);
                    ThreadTolerance tolerance = ThreadTolerance.external(thread);
                    return new Family(
                            Family.Kind.THREAD,
                            c[0],
                            Map.of(
                                    Feature.MAJOR,
                                    new Nominal(tolerance.centre(), tolerance.halfWidth()),
                                    Feature.PITCH,
                                    new Nominal(thread.pitch(), 0.005)),
                            c[1]);
                })
                .toList();
    }

    /**
     * Reads figures such as {@code bore=25.4 +-0.006; outside=1.98 in; count=4}.
     *
     * @throws IllegalArgumentException naming the figure that cannot be read, and the features known
     */
    public static Map<Feature, Nominal> figures(String text) {
        Map<Feature, Nominal> figures = new EnumMap<>(Feature.class);
        for (String part : text.split(";")) {
            String[] sides = part.split("=", 2);
            if (sides.length != 2) {
                throw new IllegalArgumentException(
                        "“" + part.strip() + "” is not a figure. Write it like circle=101.6 +-0.2; count=4.");
            }
            Feature feature = Feature.find(sides[0])
                    .orElseThrow(() -> new IllegalArgumentException("“" + sides[0].strip()
                            + "” is not a figure known here. Use count, circle, across, up, hole, bore, outside, width,"
                            + " inner, outer, seal, flange, major or pitch."));
            figures.put(feature, nominal(feature, sides[1]));
        }
        return figures;
    }

    private static Nominal nominal(Feature feature, String text) {
        String[] sides = text.split("\\+-|±", 2);
        Dimension dimension = feature == Feature.COUNT ? Dimension.COUNT : Dimension.LENGTH;
        double centre =
                ShopNotation.parse(sides[0], dimension, Unit.si(dimension)).si();
        double half;
        if (feature == Feature.COUNT) {
            half = 0;
        } else if (sides.length == 2) {
            half = ShopNotation.parse(sides[1], dimension, Unit.si(dimension)).si();
        } else {
            half = DEFAULT_HALF_WIDTH;
        }
        return new Nominal(centre, half);
    }
}
