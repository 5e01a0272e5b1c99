/** Stage brakes: the circuit of the whole vehicle written down, what it does as found and as planned. */
@NullMarked
package itrova.server.brakes;

import org.jspecify.annotations.NullMarked;
