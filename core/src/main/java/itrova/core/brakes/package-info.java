/**
 * The brakes of a whole vehicle, as found and as planned: what they do, with doubt, and what is proven of them.
 *
 * <p>Figures are functions of quantities by name; each quantity is read, told by papers, or assumed from one table with its doubt and
 * source. A figure knows which quantities it used, so which of them makes most of its doubt, and which are missing, needs no second
 * list.
 */
@NullMarked
package itrova.core.brakes;

import org.jspecify.annotations.NullMarked;
