/** The work at the bench, one step at a time, in the order it is done. */
@NullMarked
package itrova.core.work;

import org.jspecify.annotations.NullMarked;
