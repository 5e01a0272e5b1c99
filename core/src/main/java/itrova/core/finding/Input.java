package itrova.core.finding;

import itrova.core.quantity.Measured;

/**
 * One input of a finding, for the "why?" of it.
 *
 * @param name what it is
 * @param value with its doubt
 * @param unit SI unit
 */
public record Input(String name, Measured value, String unit) {}
