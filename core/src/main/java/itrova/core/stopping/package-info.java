/**
 * What brakes make of a vehicle: axle loads under braking, adhesion used, distances, heat, holding on a hill.
 *
 * <p>Plain functions of plain numbers (kg, mm, N·m, m/s, °C), each with its source. Two axles; a trailer's share hangs on the coupling and
 * is given.
 */
@NullMarked
package itrova.core.stopping;

import org.jspecify.annotations.NullMarked;
