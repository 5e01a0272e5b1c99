/**
 * Caliper in the wheel: the wheel's inner profile and the placed caliper, and every gap between them with its doubt.
 *
 * <p>The frame here is the wheel's: x = 0 at the wheel's mounting face, positive outboard. Distances are exact for the
 * stepped profile; doubt follows from the direction of each gap.
 */
@NullMarked
package itrova.core.clearance;

import org.jspecify.annotations.NullMarked;
