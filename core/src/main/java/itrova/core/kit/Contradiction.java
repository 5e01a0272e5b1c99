package itrova.core.kit;

import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.stream.Stream;

/**
 * Two statements of a kit's papers that cannot both be true.
 *
 * @param figure the figure they speak of, such as {@code disc.diameter}; every check that uses it waits for the answer
 * @param one one statement
 * @param other the other
 */
public record Contradiction(String figure, String one, String other) {
    /** Figures the papers may contradict themselves in: every one some check goes by. */
    public static final List<String> FIGURES = Stream.concat(
                    Stream.of(
                            "disc.diameter",
                            "disc.thickness",
                            "disc.bore",
                            "disc.hatInside",
                            "disc.hatThickness",
                            "disc.hatDepth",
                            "disc.fillet",
                            "disc.circle",
                            "disc.hole",
                            "disc.holeToEdge",
                            "disc.wheelLip",
                            "caliper.outline",
                            "caliper.wearTravel",
                            "bracket.across",
                            "bracket.up",
                            "bracket.circle",
                            "bracket.hole",
                            "bracket.bolt",
                            "bracket.thickness",
                            "bracket.axleOffset",
                            "bracket.caliperPlane",
                            "bracket.shimRange",
                            "hub.face",
                            "hub.inner",
                            "hub.outer",
                            "hub.pilot",
                            "hub.reach",
                            "hub.sealOn",
                            "hub.spacing",
                            "stack.bolts",
                            "stack.retainer",
                            "stack.standIn",
                            "spindle.faceShift",
                            "studs.shoulder",
                            "studs.stickOut",
                            "hose.length"),
                    OwnSpindle.REPLACED.stream()
                            .filter(c -> c.kind() == Callout.Kind.LENGTH)
                            .sorted()
                            .map(OwnSpindle::figure))
            .toList();

    /** @throws IllegalArgumentException if no check goes by such a figure: a misspelt name would be a contradiction lost */
    public Contradiction {
        if (!FIGURES.contains(figure)) {
            throw new IllegalArgumentException("“" + figure + "” is no figure of a kit.");
        }
    }
}
