/** Places what was taken around a wheel by tape in the frame of the axle end. */
@NullMarked
package itrova.core.around;

import org.jspecify.annotations.NullMarked;
