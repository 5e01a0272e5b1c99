package itrova.core.bench;

import itrova.core.phrase.Titled;
import itrova.core.quantity.Dimension;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a hold may want read, with the limits it is judged by. */
public enum HoldKind implements Titled {
    END_PLAY("End play", "mm", 0.025, 0.127, 1, 0.005, "common practice: 0.001 to 0.005 in; the kit's range wins"),
    RUN_OUT(
            "Run-out of the disc",
            "mm",
            Double.NaN,
            0.10,
            Harmonic.LEAST_POSITIONS,
            0.005,
            "common practice: at most 0.10 mm on all nuts"),
    THICKNESS_VARIATION(
            "Thickness variation of the disc",
            "mm",
            Double.NaN,
            0.02,
            6,
            0.004,
            "common practice: at most 0.02 mm round the face, or the pedal pulses"),
    SEAL_TILT(
            "Tilt of the seal",
            "mm",
            Double.NaN,
            0.3,
            3,
            0.1,
            "common practice: within 0.3 mm all round; a tilted seal leaks"),
    SEAL_DEPTH("Depth of the seal", "mm", Double.NaN, Double.NaN, 3, 0.1, "the kit's papers"),
    PUSH_ROD_PLAY(
            "Play at the piston", "mm", 0.3, 2.0, 1, 0.1, "common practice: about 1 mm; none at all traps pressure"),
    BRACKET_ANGLES(
            "Clock angle, left less right",
            "°",
            -0.1,
            0.1,
            2,
            0.03,
            "common practice: the same left and right within 0.1°"),
    BRACKET_SQUARE(
            "Bracket off square to the tube",
            "°",
            -0.25,
            0.25,
            2,
            0.1,
            "common practice: within a quarter of a degree, at the top and at the side"),
    BREAKAWAY_MINUTES("Held after the pin is pulled", "min", 15, Double.NaN, 1, 0.2, "49 CFR 393.43");

    private final String title;
    private final String unit;
    private final double min;
    private final double max;
    private final int readings;
    private final double doubt;
    private final String source;

    HoldKind(String title, String unit, double min, double max, int readings, double doubt, String source) {
        this.title = title;
        this.unit = unit;
        this.min = min;
        this.max = max;
        this.readings = readings;
        this.doubt = doubt;
        this.source = source;
    }

    @Override
    public String title() {
        return title;
    }

    /** Unit of the readings and the limits. */
    public String unit() {
        return unit;
    }

    /** Least that may be, if there is a least. */
    public OptionalDouble min() {
        return Double.isNaN(min) ? OptionalDouble.empty() : OptionalDouble.of(min);
    }

    /** Most that may be, if there is a most. */
    public OptionalDouble max() {
        return Double.isNaN(max) ? OptionalDouble.empty() : OptionalDouble.of(max);
    }

    /** Whether it is read at places evenly round a face. */
    public boolean isRound() {
        return this == RUN_OUT || this == THICKNESS_VARIATION || this == SEAL_TILT || this == SEAL_DEPTH;
    }

    /** Whether it is the difference of two readings, each with its own doubt. */
    boolean isDifference() {
        return this == BRACKET_ANGLES || this == THICKNESS_VARIATION || this == SEAL_TILT;
    }

    /** How many readings it wants; round a face may be more. */
    public int readings() {
        return readings;
    }

    /** How far a reading taken with the usual tool may be off, doubled standard uncertainty. */
    public double doubt() {
        return doubt;
    }

    public String source() {
        return source;
    }

    /** What it is usually read with. */
    public String tool() {
        return switch (this) {
            case END_PLAY, RUN_OUT -> "dial indicator";
            case THICKNESS_VARIATION -> "micrometer";
            case SEAL_TILT, SEAL_DEPTH -> "depth gauge";
            case PUSH_ROD_PLAY -> "feeler";
            case BRACKET_ANGLES -> "angle finder";
            case BRACKET_SQUARE -> "square";
            case BREAKAWAY_MINUTES -> "clock";
        };
    }

    /** What it measures, where shop notation knows it. */
    public Optional<Dimension> dimension() {
        return unit.equals("mm") ? Optional.of(Dimension.LENGTH) : Optional.empty();
    }

    /** Its name in documents. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
