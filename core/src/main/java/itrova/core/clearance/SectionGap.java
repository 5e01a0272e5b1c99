package itrova.core.clearance;

import itrova.core.clearance.WheelProfile.DoubtfulStep;
import itrova.core.geometry.Gap;
import itrova.core.quantity.Measured;

/**
 * One gap between caliper and wheel.
 *
 * @param gap place and direction, in the wheel's frame
 * @param size the gap with its doubt (mm); negative for an overlap
 * @param padsWorn whether it is at worn pads
 * @param step the piece of the wall it is counted to
 */
public record SectionGap(Gap gap, Measured size, boolean padsWorn, DoubtfulStep step) {}
