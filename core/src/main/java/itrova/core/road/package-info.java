/**
 * On the road: first moves one after the other, bedding in by a rule with stops counted and cooled, stops measured before and after, what
 * holds the vehicle back, and what is looked at again when. Speeds in m/s, distances in m, odometers in km.
 */
@NullMarked
package itrova.core.road;

import org.jspecify.annotations.NullMarked;
