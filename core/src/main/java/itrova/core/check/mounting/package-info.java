/**
 * Whether the kit goes onto the axle end.
 */
@NullMarked
package itrova.core.check.mounting;

import org.jspecify.annotations.NullMarked;
