/** Brake lines as they run: from the master's outlets over junctions to the wheels. Lengths and bores in mm. */
@NullMarked
package itrova.core.lines;

import org.jspecify.annotations.NullMarked;
