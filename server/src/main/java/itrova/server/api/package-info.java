/**
 * What all controllers share: who asks, refusals as problem details, pages. Numbers go out in SI; the browser writes them in the
 * person's units.
 */
@NullMarked
package itrova.server.api;

import org.jspecify.annotations.NullMarked;
