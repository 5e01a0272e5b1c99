/** What came out of the parcel, measured against what the papers promise; a kit as it really came. Lengths in mm. */
@NullMarked
package itrova.core.receive;

import org.jspecify.annotations.NullMarked;
