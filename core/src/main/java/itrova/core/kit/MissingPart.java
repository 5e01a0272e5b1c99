package itrova.core.kit;

/**
 * A part the job needs and the kit does not bring.
 *
 * @param name what it is
 * @param quantity how many for one axle
 * @param unitCents price of one (cents)
 * @param supplier who sells it
 * @param leadDays working days until it is there
 */
public record MissingPart(String name, int quantity, long unitCents, String supplier, int leadDays) {}
