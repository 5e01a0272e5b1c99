/**
 * What to read, with what, and what the readings amount to.
 *
 * <p>Takes readings in shop notation with their instrument; gives consolidated axle ends with doubt, the patterns a
 * reading cannot tell apart, and the reading to take next. Texts are kept as typed: the value is always understood
 * anew, so that a better rule never has to guess what was meant.
 */
@NullMarked
package itrova.core.measure;

import org.jspecify.annotations.NullMarked;
