/** Stage road: first moves, bedding in, stops measured, looks again by distance and date, hand-over. */
@NullMarked
package itrova.server.road;

import org.jspecify.annotations.NullMarked;
