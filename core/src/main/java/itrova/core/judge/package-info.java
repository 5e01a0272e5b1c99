/**
 * Judges kits on axles: all checks on both sides, one setting for all of them, the work that mends a misfit, and
 * whole catalogues best first.
 *
 * <p>Work is never counted check by check: after each round all checks are made again, and nothing may be worse than before.
 */
@NullMarked
package itrova.core.judge;

import org.jspecify.annotations.NullMarked;
