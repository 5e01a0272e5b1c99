/** Stage order: the sheet, its gate, signature and placement. */
@NullMarked
package itrova.server.order;

import org.jspecify.annotations.NullMarked;
