/**
 * Parts that can be bought besides kits and wheels: masters, valves, boosters, actuators, hoses, adapters, pads, and what a conversion
 * uses up.
 *
 * <p>A part is told by figures with their tolerance and by what it is joined with, one record for all sorts; what a sort must tell is a
 * table of the sort ({@link itrova.core.part.PartSort#wants}). One class a sort failed in the drawing: every list, import and price of
 * parts would have had to know them all.
 */
@NullMarked
package itrova.core.part;

import org.jspecify.annotations.NullMarked;
