/**
 * Plane geometry of the wheel end in the half-plane of axial place x (mm, positive outboard) and radius r (mm).
 *
 * <p>The wheel turns and the caliper does not, so the exact gap between them is the distance between two profiles in
 * this half-plane. A wall known at some places only is taken as steps: between two stations it stands at the less
 * favourable of the two. Distances are exact for that shape; nothing here knows about doubt.
 */
@NullMarked
package itrova.core.geometry;

import org.jspecify.annotations.NullMarked;
