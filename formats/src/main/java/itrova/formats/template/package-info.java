/**
 * Shapes at their true size: templates of calipers and brackets to cut out, as PDF, SVG and DXF, and profiles read in from DXF,
 * SVG or CSV.
 *
 * <p>Origin and axes are the same everywhere: x to the right is outboard, y up is away from the wheel axis, in mm.
 */
@NullMarked
package itrova.formats.template;

import org.jspecify.annotations.NullMarked;
