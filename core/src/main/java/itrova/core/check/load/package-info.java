/**
 * Whether it carries, clamps and presses what it is asked to.
 */
@NullMarked
package itrova.core.check.load;

import org.jspecify.annotations.NullMarked;
