/** Sign-in, roles, CSRF, response headers and the bound on uploads. */
@NullMarked
package itrova.server.security;

import org.jspecify.annotations.NullMarked;
