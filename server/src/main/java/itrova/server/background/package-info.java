/**
 * Work that goes on behind: rows of a table, each done by one instance of the server at a time, its progress and end to be seen from
 * any. An instance that dies is relieved by another.
 */
@NullMarked
package itrova.server.background;

import org.jspecify.annotations.NullMarked;
