/** The job as a record: the vehicle, its axles and their readings, independent of where it is stored. */
@NullMarked
package itrova.core.record;

import org.jspecify.annotations.NullMarked;
