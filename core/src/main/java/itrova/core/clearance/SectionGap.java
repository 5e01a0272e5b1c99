package itrova.core.clearance;

import itrova.core.geometry.Gap;
import itrova.core.quantity.Measured;

/**
 * One gap between caliper and wheel.
 *
 * @param gap place and direction, in the wheel's frame
 * @param size the gap with its doubt (mm); negative for an overlap
 * @param padsWorn whether it is at worn pads
 */
public record SectionGap(Gap gap, Measured size, boolean padsWorn) {}
