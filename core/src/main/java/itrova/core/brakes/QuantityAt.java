package itrova.core.brakes;

import itrova.core.phrase.Phrase;
import itrova.core.quantity.Source;

/**
 * A quantity at its place; as a cause of doubt it is the same wherever it is used.
 *
 * @param quantity which
 * @param axle index of the axle, the front one first; -1 for the vehicle
 */
public record QuantityAt(BrakeQuantity quantity, int axle) implements Source {
    static final int VEHICLE = -1;

    public static QuantityAt vehicle(BrakeQuantity quantity) {
        return new QuantityAt(quantity, VEHICLE);
    }

    @Override
    public String id() {
        return axle < 0 ? "brakes:" + quantity : "brakes:" + axle + ":" + quantity;
    }

    /** In words, such as {@code pad friction, axle 1}. */
    public Phrase words() {
        return axle < 0 ? Phrase.all(quantity) : Phrase.of("brakes.at-axle", quantity, axle + 1);
    }
}
