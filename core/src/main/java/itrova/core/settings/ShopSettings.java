package itrova.core.settings;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The shop's limits and what work costs it: defaults, and what the shop has set otherwise. Immutable. */
public final class ShopSettings {
    /** Nothing set: every limit at its default. */
    public static final ShopSettings DEFAULTS = new ShopSettings(Map.of());

    private final double[] values = new double[Limit.values().length];
    private final Map<Limit, Double> set;
    private final Map<String, WorkTerms> works;

    /**
     * @param set limits set by the shop; the others keep their defaults
     * @throws IllegalArgumentException naming the limit that is out of bounds, and the bounds
     */
    public ShopSettings(Map<Limit, Double> set) {
        this(set, Map.of());
    }

    /** @param works what kinds of work take in this shop, by the kind's name; the others take what is usual */
    public ShopSettings(Map<Limit, Double> set, Map<String, WorkTerms> works) {
        this.works = Map.copyOf(works);
        this.set = set.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(set));
        for (Limit limit : Limit.values()) {
            double value = this.set.getOrDefault(limit, limit.preset());
            if (!(value >= limit.min() && value <= limit.max())) {
                throw new IllegalArgumentException("“" + limit.title() + "” lies between " + limit.min() + " and "
                        + limit.max() + " " + limit.unit() + ", not " + value + ".");
            }
            values[limit.ordinal()] = value;
        }
    }

    /** A limit's value in its unit. */
    public double of(Limit limit) {
        return values[limit.ordinal()];
    }

    /** Whether a school is followed. */
    public boolean follows(Limit school) {
        return of(school) >= 0.5;
    }

    /** What the shop has set otherwise than the defaults. */
    public Map<Limit, Double> set() {
        return set;
    }

    /** What the shop has set for a kind of work, by the kind's name. */
    public Optional<WorkTerms> works(String kind) {
        return Optional.ofNullable(works.get(kind));
    }

    /** What the shop has set for kinds of work, by name. */
    public Map<String, WorkTerms> works() {
        return works;
    }

    /** The settings with what one kind of work takes. */
    public ShopSettings with(String kind, WorkTerms terms) {
        Map<String, WorkTerms> more = new HashMap<>(works);
        more.put(kind, terms);
        return new ShopSettings(set, more);
    }

    /** The settings with one limit set. */
    public ShopSettings with(Limit limit, double value) {
        Map<Limit, Double> more = new EnumMap<>(Limit.class);
        more.putAll(set);
        more.put(limit, value);
        return new ShopSettings(more, works);
    }

    /** What is deducted from the gap to a turning wheel besides the least gap (mm): deflection and run-out, at their worst. */
    public double turningDeduction() {
        return of(Limit.DEFLECTION) + of(Limit.RUN_OUT);
    }
}
