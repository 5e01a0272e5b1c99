/**
 * Suppliers: orders kept in the data base and sent exactly once in effect, answers, parcels. A simulated service of made-up suppliers
 * ships with it and stands in for real ones.
 */
@NullMarked
package itrova.server.suppliers;

import org.jspecify.annotations.NullMarked;
