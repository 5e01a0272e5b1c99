/** The week: steps of all jobs on people, stands, press and welder; made better in the background, pinned, replanned, told as a calendar. */
@NullMarked
package itrova.server.week;

import org.jspecify.annotations.NullMarked;
