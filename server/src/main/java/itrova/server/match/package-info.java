/** The kits judged against an axle: worked out once for each state, kept in memory by the state's name, which any instance computes from the data base. */
@NullMarked
package itrova.server.match;

import org.jspecify.annotations.NullMarked;
