package itrova.core.identity;

import itrova.core.phrase.Titled;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** Something at an axle end that can be told from a table of families. */
public enum Subject implements Titled {
    WHEEL_PATTERN("Wheel pattern", Family.Kind.PATTERN, Map.of(Feature.COUNT, Callout.LUG_COUNT)),
    STUD_THREAD(
            "Stud thread",
            Family.Kind.THREAD,
            Map.of(Feature.MAJOR, Callout.STUD_MAJOR, Feature.PITCH, Callout.STUD_PITCH)),
    HOUSING_END(
            "Housing end",
            Family.Kind.HOUSING_END,
            Map.of(
                    Feature.ACROSS, Callout.BRACKET_ACROSS,
                    Feature.UP, Callout.BRACKET_UP,
                    Feature.HOLE, Callout.BRACKET_HOLE,
                    Feature.OUTSIDE, Callout.BEARING_OUTSIDE)),
    AXLE_BEARING(
            "Axle bearing",
            Family.Kind.BEARING,
            Map.of(
                    Feature.BORE, Callout.BEARING_BORE,
                    Feature.OUTSIDE, Callout.BEARING_OUTSIDE,
                    Feature.WIDTH, Callout.BEARING_WIDTH)),
    SPINDLE(
            "Spindle",
            Family.Kind.SPINDLE,
            Map.of(
                    Feature.COUNT, Callout.BRACKET_COUNT,
                    Feature.CIRCLE, Callout.BRACKET_CIRCLE,
                    Feature.INNER, Callout.INNER_JOURNAL,
                    Feature.OUTER, Callout.OUTER_JOURNAL,
                    Feature.SEAL, Callout.SEAL_JOURNAL)),
    INNER_BEARING("Inner bearing", Family.Kind.BEARING, Map.of(Feature.BORE, Callout.INNER_JOURNAL)),
    OUTER_BEARING("Outer bearing", Family.Kind.BEARING, Map.of(Feature.BORE, Callout.OUTER_JOURNAL)),
    RIM("Rim contour", Family.Kind.RIM, Map.of(Feature.FLANGE, Callout.WHEEL_FLANGE));

    /**
     * A spindle's journal is smaller than the bore that slides on it, by 0 to this (mm): fit g6 of 18 to 50 mm under a
     * normal-class bore (ISO 286-1 and ISO 492, from memory).
     */
    private static final double JOURNAL_UNDER_BORE_MOST = 0.030;

    private final String title;
    private final Family.Kind table;
    private final Map<Feature, Callout> callouts;

    Subject(String title, Family.Kind table, Map<Feature, Callout> callouts) {
        this.title = title;
        this.table = table;
        this.callouts = callouts;
    }

    @Override
    public String title() {
        return title;
    }

    public Family.Kind table() {
        return table;
    }

    /** Which dimension is read for each feature; the bolt circle has several ways and is not among them. */
    public Map<Feature, Callout> callouts() {
        return callouts;
    }

    /** Whether the subject is met at this kind of axle end. */
    public boolean isAt(AxleEnd end) {
        return switch (this) {
            case WHEEL_PATTERN, STUD_THREAD, RIM -> true;
            case HOUSING_END, AXLE_BEARING -> end.kind() == itrova.core.vehicle.AxleEndKind.REAR_LIVE_AXLE;
            case SPINDLE, INNER_BEARING, OUTER_BEARING -> end.kind().hasSpindle();
        };
    }

    /** Measured features (mm, or counts) of the subject at an axle end. */
    Map<Feature, Measured> evidence(AxleEnd end) {
        Map<Feature, Measured> found = new EnumMap<>(Feature.class);
        callouts.forEach((feature, callout) -> {
            if (callout.kind() == Callout.Kind.COUNT) {
                end.count(callout).ifPresent(n -> found.put(feature, Measured.exact(n)));
            } else {
                end.length(callout).ifPresent(m -> found.put(feature, toFeature(feature, m)));
            }
        });
        if (this == WHEEL_PATTERN) {
            end.boltCircle().ifPresent(m -> found.put(Feature.CIRCLE, m));
        }
        if (this == STUD_THREAD) {
            end.studThread()
                    .ifPresent(t -> found.put(
                            Feature.PITCH,
                            Measured.of(t.pitch(), Component.rectangular(Source.named("thread gauge"), 0.03))));
        }
        return found;
    }

    private Measured toFeature(Feature feature, Measured read) {
        if (feature == Feature.PITCH) {
            return read.times(0.1);
        }
        boolean journal = feature == Feature.BORE && this != AXLE_BEARING;
        double half = JOURNAL_UNDER_BORE_MOST / 2;
        return journal ? read.plus(half).with(Component.rectangular(Source.named("fit:" + name()), half)) : read;
    }

    /** The number read on the part, if one was. */
    Optional<String> number(AxleEnd end) {
        return switch (this) {
            case AXLE_BEARING -> end.word(Callout.BEARING_NUMBER);
            case INNER_BEARING -> end.word(Callout.INNER_NUMBER);
            case OUTER_BEARING -> end.word(Callout.OUTER_NUMBER);
            default -> Optional.empty();
        };
    }
}
