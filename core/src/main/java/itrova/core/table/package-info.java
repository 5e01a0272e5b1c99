/**
 * Published and common-practice figures that ship as resources beside the code, one row a line.
 *
 * <p>Reading a resource of one's own class path is the only thing done here; a fault in one is our own bug.
 */
@NullMarked
package itrova.core.table;

import org.jspecify.annotations.NullMarked;
