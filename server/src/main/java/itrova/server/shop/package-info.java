/** What the lead keeps for the whole shop: tools, families, limits, terms of work, the log, the first start. */
@NullMarked
package itrova.server.shop;

import org.jspecify.annotations.NullMarked;
