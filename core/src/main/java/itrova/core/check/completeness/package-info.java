/**
 * Whether all is there that kit, axle and owner want.
 */
@NullMarked
package itrova.core.check.completeness;

import org.jspecify.annotations.NullMarked;
