/** First run: demo data, first lead, and the export of the API's description. */
@NullMarked
package itrova.server.setup;

import org.jspecify.annotations.NullMarked;
