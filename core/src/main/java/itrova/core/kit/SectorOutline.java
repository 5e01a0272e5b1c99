package itrova.core.kit;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;

/**
 * Outline of a caliper over a part of its angles.
 *
 * @param window clock range it holds for, counted from the caliper's middle (degrees)
 * @param outline x from the disc's mid-plane (mm, outboard positive) and radius (mm), pads new
 */
public record SectorOutline(ClockWindow window, Outline outline) {}
