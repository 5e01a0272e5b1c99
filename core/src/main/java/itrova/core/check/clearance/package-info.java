/**
 * Whether anything meets anything else, from new pads to worn, lock to lock and over the travel.
 */
@NullMarked
package itrova.core.check.clearance;

import org.jspecify.annotations.NullMarked;
