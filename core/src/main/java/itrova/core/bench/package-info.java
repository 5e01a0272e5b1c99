/**
 * What helps at the bench: readings at a hold judged, run-out and where the disc sits best, nut steps to an end play, tightening with
 * crowfoot and extension, the order of bleeding, trouble finding. Lengths in mm, torques in N·m, angles in degrees.
 */
@NullMarked
package itrova.core.bench;

import org.jspecify.annotations.NullMarked;
