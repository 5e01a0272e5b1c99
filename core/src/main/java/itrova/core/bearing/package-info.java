/** Rolling bearings of wheel hubs: loads by moments about the load line, and life. Forces in N, lengths in mm. */
@NullMarked
package itrova.core.bearing;

import org.jspecify.annotations.NullMarked;
