package itrova.core.brakes;

import java.util.Optional;

/**
 * A part of the catalogue planned into a circuit.
 *
 * @param code its code in the catalogue
 * @param axle the axle it goes on, by its name; absent for what serves the whole vehicle
 */
public record FittedPart(String code, Optional<String> axle) {}
