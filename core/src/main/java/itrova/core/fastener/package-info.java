/** Screw threads: designations, stress areas, proof loads, engagement. Lengths in mm, areas in mm², stresses in MPa. */
@NullMarked
package itrova.core.fastener;

import org.jspecify.annotations.NullMarked;
