package itrova.core.kit;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a kit's papers want read while it is fitted. Where they say nothing, common practice holds.
 *
 * @param endPlay end play of its hub (mm)
 * @param sealDepth how far its seal lies below the face of its bore (mm)
 * @param runOut most run-out of its disc, all nuts on (mm)
 * @param thicknessVariation most the disc's thickness may differ round its face (mm)
 */
public record SetLimits(
        Optional<KitNeeds.Range> endPlay,
        Optional<KitNeeds.Range> sealDepth,
        OptionalDouble runOut,
        OptionalDouble thicknessVariation) {
    /** Nothing said. */
    public static final SetLimits NONE =
            new SetLimits(Optional.empty(), Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    /** @throws IllegalArgumentException if a figure is not positive */
    public SetLimits {
        if (runOut.isPresent() && !(runOut.getAsDouble() > 0)
                || thicknessVariation.isPresent() && !(thicknessVariation.getAsDouble() > 0)) {
            throw new IllegalArgumentException("A limit of run-out or thickness variation is more than 0 mm.");
        }
    }
}
