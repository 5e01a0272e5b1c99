/**
 * What fluid and friction do: pressure from a foot, torque from pressure, volume for a stroke, what is left of both behind valves and with
 * air in the line.
 *
 * <p>Plain functions of plain numbers (mm, N, N·m, MPa, mm³), each with its source; doubt goes through them from outside. A shoe's factor
 * is worked out from its geometry: a table value alone hides how it falls when linings fade.
 */
@NullMarked
package itrova.core.hydraulics;

import org.jspecify.annotations.NullMarked;
