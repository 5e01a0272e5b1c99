/** Suppliers' price lists on their way into the catalogue: looked over first, then taken whole or not at all. */
@NullMarked
package itrova.server.pricelist;

import org.jspecify.annotations.NullMarked;
