/** Stage choose: the section, what-if, what a donor must be, the search for the cheapest proven. */
@NullMarked
package itrova.server.choose;

import org.jspecify.annotations.NullMarked;
