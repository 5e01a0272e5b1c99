/** The server: REST under {@code api}, the data base under {@code store}, sign-in under {@code security}. */
@NullMarked
package itrova.server;

import org.jspecify.annotations.NullMarked;
