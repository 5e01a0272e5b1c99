package itrova.core.vehicle;

import itrova.core.quantity.Measured;

/**
 * One reading of a wheel's inner profile.
 *
 * @param place depth from the inboard flange edge (barrel) or radius from the axis (spokes), mm
 * @param size inside diameter (barrel) or distance from the mounting face outboard to the metal (spokes), mm
 */
public record Station(Measured place, Measured size) {}
