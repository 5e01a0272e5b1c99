/** The command line: the same computation with no server and no data base. */
@NullMarked
package itrova.formats.cli;

import org.jspecify.annotations.NullMarked;
