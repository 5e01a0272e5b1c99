/** Jobs and vehicles, and the shop floor over all of them. */
@NullMarked
package itrova.server.jobs;

import org.jspecify.annotations.NullMarked;
