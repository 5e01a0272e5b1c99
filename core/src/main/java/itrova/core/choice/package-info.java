/**
 * What was chosen and released: a selection judges itself against an axle; what was released by it is kept, and what a later reading,
 * limit or edition overturns is told.
 *
 * <p>A bare kit code said nothing of options, wheel and work: what was found by a search could not be ordered as found.
 */
@NullMarked
package itrova.core.choice;

import org.jspecify.annotations.NullMarked;
