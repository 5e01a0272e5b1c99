/**
 * Suppliers' price lists as tables (CSV, XLSX): which column tells what, and what every row would do to the catalogue.
 *
 * <p>A list is read row by row and never held as a whole in memory, so that a hundred thousand rows need no more than ten.
 */
@NullMarked
package itrova.formats.pricelist;

import org.jspecify.annotations.NullMarked;
