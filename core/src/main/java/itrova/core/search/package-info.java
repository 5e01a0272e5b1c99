/**
 * Searches kits, options, wheels and permitted work for the cheapest combinations that are proven; exact.
 */
@NullMarked
package itrova.core.search;

import org.jspecify.annotations.NullMarked;
