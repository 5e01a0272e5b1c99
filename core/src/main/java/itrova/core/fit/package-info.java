/**
 * Does it fit? One class per check, the verdict with its guard band, and the work that would make a kit fit.
 *
 * <p>Checks are pure functions from an axle end, a kit and the shop's settings to findings. Judging never throws because
 * a kit is bad: a bad kit is a finding. Verdicts follow ISO 14253-1:2017 with a guard band of the expanded uncertainty,
 * at k = max(2, t95), which is stricter than that standard's default of 95 %.
 */
@NullMarked
package itrova.core.fit;

import org.jspecify.annotations.NullMarked;
