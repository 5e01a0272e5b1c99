/** An axle as it stands: its record, what was chosen for it and released, and how findings are shown. What every stage asks first. */
@NullMarked
package itrova.server.axle;

import org.jspecify.annotations.NullMarked;
