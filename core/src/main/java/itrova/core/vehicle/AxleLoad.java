package itrova.core.vehicle;

import itrova.core.quantity.Component;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Measured;
import itrova.core.quantity.ShopNotation;

/**
 * Load an axle carries, and how it is known.
 *
 * @param kg load as a mass (kg), positive
 * @param source where the figure comes from
 */
public record AxleLoad(double kg, Source source) {
    /** Where a load figure comes from. */
    public enum Source {
        /** Rating on the vehicle's plate: a legal limit, taken without doubt. */
        PLATE,
        /** Weighed; half-limit 20 kg (common practice for a portable weighbridge). */
        WEIGHBRIDGE,
        /** Estimated; half-limit 10 % (common practice). */
        ESTIMATE
    }

    private static final double WEIGHBRIDGE_HALF_LIMIT_KG = 20;
    private static final double ESTIMATE_HALF_LIMIT_SHARE = 0.10;

    /** @throws IllegalArgumentException if the load is not between 50 and 20 000 kg */
    public AxleLoad {
        if (!(kg >= 50 && kg <= 20_000)) {
            throw new IllegalArgumentException("An axle load must lie between "
                    + ShopNotation.inBoth(50, Dimension.MASS) + " and " + ShopNotation.inBoth(20_000, Dimension.MASS)
                    + ", not " + ShopNotation.inBoth(kg, Dimension.MASS) + ".");
        }
    }

    /** The load with its doubt (kg). */
    public Measured measured() {
        return switch (source) {
            case PLATE -> Measured.exact(kg);
            case WEIGHBRIDGE ->
                Measured.of(kg, Component.rectangular(SheetSource.AXLE_LOAD, WEIGHBRIDGE_HALF_LIMIT_KG));
            case ESTIMATE ->
                Measured.of(kg, Component.rectangular(SheetSource.AXLE_LOAD, ESTIMATE_HALF_LIMIT_SHARE * kg));
        };
    }
}
