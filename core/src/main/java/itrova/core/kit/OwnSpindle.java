package itrova.core.kit;

import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Surroundings;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A spindle or upright a kit brings in place of the vehicle's.
 *
 * <p>What was measured at the old one says nothing about it: its own figures count, and what its papers leave out is not known. Places
 * around the wheel were measured from the old one's bracket face and go with it.
 *
 * @param lengths its own figures (mm), of those dimensions that belong to a spindle or upright
 * @param boltCount bolt holes for the bracket, if stated
 * @param faceShift how far the hub's mounting face comes to stand outboard of where the old one held it (mm), if stated
 * @param isClearInboard whether the papers say that nothing of it stands beside the caliper
 */
public record OwnSpindle(
        Map<Callout, Figure> lengths, OptionalInt boltCount, Optional<Figure> faceShift, boolean isClearInboard) {
    /** What belongs to a spindle or upright and goes with it. */
    public static final Set<Callout> REPLACED = EnumSet.of(
            Callout.INNER_JOURNAL,
            Callout.OUTER_JOURNAL,
            Callout.SEAL_JOURNAL,
            Callout.BEARING_SPREAD,
            Callout.SHOULDER,
            Callout.SEAL_START,
            Callout.SPINDLE_THREAD,
            Callout.INNER_NUMBER,
            Callout.OUTER_NUMBER,
            Callout.KNUCKLE_RIB,
            Callout.KNUCKLE_RIB_RADIUS,
            Callout.BRACKET_COUNT,
            Callout.BRACKET_ACROSS,
            Callout.BRACKET_UP,
            Callout.BRACKET_CIRCLE,
            Callout.BRACKET_HOLE,
            Callout.HUB_FACE,
            Callout.UPRIGHT_HEIGHT,
            Callout.EAR_THICKNESS);

    /** @throws IllegalArgumentException if a figure is none of a spindle's or upright's */
    public OwnSpindle {
        lengths = Map.copyOf(lengths);
        for (Callout c : lengths.keySet()) {
            if (!REPLACED.contains(c) || c.kind() != Callout.Kind.LENGTH) {
                throw new IllegalArgumentException(c.title() + " is no length of a spindle or upright.");
            }
        }
    }

    /** The axle end with it in place of the old one. */
    public AxleEnd on(AxleEnd found, Kit kit) {
        AxleEnd.Builder end = found.toBuilder().without(REPLACED);
        lengths.forEach((c, figure) -> end.length(c, measured(figure, kit, c)));
        boltCount.ifPresent(n -> end.count(Callout.BRACKET_COUNT, n));
        Surroundings around = found.around();
        return end.around(new Surroundings(
                        isClearInboard ? Seen.nothing() : Seen.nobody(),
                        Seen.nobody(),
                        Optional.empty(),
                        around.travel(),
                        around.tyre(),
                        Optional.empty(),
                        around.joints(),
                        around.details()))
                .build();
    }

    private static Measured measured(Figure figure, Kit kit, Callout c) {
        return figure.measured(kit.source(PaperFigure.of(c)));
    }
}
