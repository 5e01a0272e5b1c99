/**
 * Open formats in and out: job and kit documents in JSON, order sheets as CSV and PDF.
 *
 * <p>A document is taken whole or not at all. What is wrong is reported with file, row, field and remedy, every fault at
 * once where possible. Lengths, masses, torques and pressures may be numbers in the unit their key names, or strings in
 * shop notation.
 */
@NullMarked
package itrova.formats;

import org.jspecify.annotations.NullMarked;
