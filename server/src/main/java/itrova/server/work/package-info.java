/** Stage work: the bench card and its revisions. */
@NullMarked
package itrova.server.work;

import org.jspecify.annotations.NullMarked;
