/**
 * What a check says: verdict behind its guard band, margin with doubt, what is missing, why, what next.
 *
 * <p>Judging a kit never throws because the kit is bad: a bad kit is a finding. Verdicts follow ISO 14253-1:2017 with a guard band of
 * the expanded uncertainty at k = max(2, t95), stricter than that standard's default of 95 %.
 */
@NullMarked
package itrova.core.finding;

import org.jspecify.annotations.NullMarked;
