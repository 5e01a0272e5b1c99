/**
 * Turns phrases into words of a language and of a reader's unit system. Nothing else in the core knows words for a finding.
 */
@NullMarked
package itrova.core.wording;

import org.jspecify.annotations.NullMarked;
