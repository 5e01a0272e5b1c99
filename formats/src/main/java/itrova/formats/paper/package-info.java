/** What leaves the shop on paper or as a table: order sheets as CSV and PDF. */
@NullMarked
package itrova.formats.paper;

import org.jspecify.annotations.NullMarked;
