/**
 * A kit put on one side of an axle: where hub face, disc, caliper, studs and wheel stand, after what the kit brings has replaced
 * what goes, and after work thought of. Pure positions and sizes with their doubt; no verdicts.
 *
 * <p>A case that judged as well as placed tied every rule to every other: now what hangs on the judging of a weld-on angle
 * comes in through {@link WeldSetting}.
 */
@NullMarked
package itrova.core.placed;

import org.jspecify.annotations.NullMarked;
