/** People, passwords, sign-ins. */
@NullMarked
package itrova.server.people;

import org.jspecify.annotations.NullMarked;
