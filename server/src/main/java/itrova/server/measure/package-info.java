/** Stage measure: readings, photos, what stands around the wheel, papers and profiles, what to take next. */
@NullMarked
package itrova.server.measure;

import org.jspecify.annotations.NullMarked;
