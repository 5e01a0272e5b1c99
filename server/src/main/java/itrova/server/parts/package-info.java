/** The parts wall: kits and wheels in and out, outlines from templates. */
@NullMarked
package itrova.server.parts;

import org.jspecify.annotations.NullMarked;
