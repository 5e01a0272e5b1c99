/**
 * What is there: the job's vehicle, its axles, and each side's axle end and wheel as consolidated from readings.
 *
 * <p>Each side is its own record, because castings differ and earlier owners swap parts. Lengths in mm, loads in kg;
 * x positive outboard. A value that was not read is absent, never zero.
 */
@NullMarked
package itrova.core.vehicle;

import org.jspecify.annotations.NullMarked;
