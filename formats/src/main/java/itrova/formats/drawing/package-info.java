/**
 * Scaled drawings of axle ends built from their readings; what was not read is drawn from a nominal and marked unknown.
 *
 * <p>A sheet is in millimetres of the part, x to the right and y down, and knows nothing of screens or paper: the web client
 * and the measuring sheet both draw it.
 */
@NullMarked
package itrova.formats.drawing;

import org.jspecify.annotations.NullMarked;
