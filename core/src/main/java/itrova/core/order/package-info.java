/** The order: the gate that keeps an unproven kit from being bought, and the sheet of what to buy and have done. */
@NullMarked
package itrova.core.order;

import org.jspecify.annotations.NullMarked;
