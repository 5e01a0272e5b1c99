/** The bleed bay: in which order, what was bled, every joint looked at, the pedal tried, and trouble found. */
@NullMarked
package itrova.server.bleed;

import org.jspecify.annotations.NullMarked;
