/**
 * Take this next: which reading settles most of what is still open, per minute of effort.
 *
 * <p>What is open is the verdict of each kit and the identity of each part, both as Shannon entropy. A reading not yet
 * taken stands in the checks as a broad prior with its own source of doubt; margins being linear in their sources, one
 * judging of the kits yields how every verdict hangs on every reading, and the expected entropy after a reading follows
 * by quadrature. The obvious way, judging all kits again for every possible outcome, was a thousand times slower.
 */
@NullMarked
package itrova.core.guide;

import org.jspecify.annotations.NullMarked;
