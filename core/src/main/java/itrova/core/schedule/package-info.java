/**
 * The week: steps of all jobs laid on people, stands, press and welder within working time. Times are working minutes from the plan's
 * start; {@link itrova.core.schedule.WorkingTime} says when that is by the clock.
 */
@NullMarked
package itrova.core.schedule;

import org.jspecify.annotations.NullMarked;
