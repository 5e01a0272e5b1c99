/**
 * One class per question asked of a kit on one side, in folders by what is asked: mounting, clearance, load, completeness.
 * Each declares which parts it reads; what is worked out once and used again follows from that.
 *
 * <p>A table of what hangs on what, kept by hand beside the checks, went stale whenever a check changed.
 */
@NullMarked
package itrova.core.check;

import org.jspecify.annotations.NullMarked;
