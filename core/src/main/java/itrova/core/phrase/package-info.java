/**
 * What is to be said, as data: the code of a sentence with typed quantities in it. Rules make phrases; {@code wording} turns them into
 * words of a language and of a reader's units.
 *
 * <p>Sentences made with the numbers already in them were millimetres for everybody.
 */
@NullMarked
package itrova.core.phrase;

import org.jspecify.annotations.NullMarked;
