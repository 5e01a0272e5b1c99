/**
 * The limits a shop goes by, each with its default and bounds. Taken by every rule; changed only by a lead.
 */
@NullMarked
package itrova.core.settings;

import org.jspecify.annotations.NullMarked;
