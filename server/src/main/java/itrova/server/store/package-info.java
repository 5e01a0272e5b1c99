/** The data base through plain JDBC: one class per table or pair of tables, bound parameters only. */
@NullMarked
package itrova.server.store;

import org.jspecify.annotations.NullMarked;
