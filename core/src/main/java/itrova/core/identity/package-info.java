/**
 * What is it? Candidates for pattern, housing end, spindle, bearing, thread and rim, with probabilities and evidence.
 *
 * <p>Candidates of a subject share a flat prior with "none of these". A candidate's likelihood is the joint normal density
 * of what was measured about its figures; errors of one instrument are shared by the features it read. Lengths in mm.
 * Families ship as tables beside the classes and can be extended by a shop.
 */
@NullMarked
package itrova.core.identity;

import org.jspecify.annotations.NullMarked;
