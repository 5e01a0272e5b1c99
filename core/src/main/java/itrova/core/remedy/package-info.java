/**
 * Work that may make a kit fit: kinds with who does it, price, minutes and what the process holds; each piece of work
 * applies itself to a kit on a side.
 *
 * <p>Checks offer work; whether it proves anything is found by judging all again, never by the offer.
 */
@NullMarked
package itrova.core.remedy;

import org.jspecify.annotations.NullMarked;
