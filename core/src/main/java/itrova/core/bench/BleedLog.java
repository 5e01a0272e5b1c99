package itrova.core.bench;

import java.util.List;
import java.util.OptionalDouble;

/**
 * What was bled so far, in the order it was done.
 *
 * @param entries oldest first
 */
public record BleedLog(List<Entry> entries) {
    public BleedLog {
        entries = List.copyOf(entries);
    }

    /** Something done at the bleed bay. */
    public sealed interface Entry {}

    /**
     * A point was bled.
     *
     * @param point name of the wheel's end, such as {@code axle 2 right}
     * @param strokes of the pedal or pump
     * @param bubbles whether bubbles still came at the end
     * @param fluid caught (cm³)
     */
    public record Bled(String point, int strokes, boolean bubbles, double fluid) implements Entry {
        /** @throws IllegalArgumentException naming what makes no sense */
        public Bled {
            if (strokes < 1 || strokes > 500) {
                throw new IllegalArgumentException(strokes + " strokes are outside 1 to 500. Count them again.");
            }
            if (!(fluid >= 0 && fluid <= 5000)) {
                throw new IllegalArgumentException(
                        fluid + " cm³ of fluid are outside 0 to 5000 cm³. Read the catch bottle again.");
            }
        }
    }

    /** The reservoir was filled to its mark. */
    public record ToppedUp() implements Entry {}

    /** The reservoir ran dry: air went in, and everything begins anew. */
    public record RanDry() implements Entry {}

    /** How a point stands. */
    public enum State {
        UNTOUCHED,
        BUBBLES,
        CLEAR
    }

    /** How a point stands: by its last entry since the reservoir last ran dry. */
    public State state(String point) {
        State state = State.UNTOUCHED;
        for (Entry entry : entries) {
            if (entry instanceof Bled bled && bled.point().equals(point)) {
                state = bled.bubbles() ? State.BUBBLES : State.CLEAR;
            } else if (entry instanceof RanDry) {
                state = State.UNTOUCHED;
            }
        }
        return state;
    }

    /** Fluid drawn since the reservoir was filled last (cm³). */
    public double drawn() {
        double drawn = 0;
        for (Entry entry : entries) {
            drawn = entry instanceof Bled bled ? drawn + bled.fluid() : 0;
        }
        return drawn;
    }

    /** All fluid drawn (cm³). */
    public double total() {
        return entries.stream()
                .mapToDouble(e -> e instanceof Bled bled ? bled.fluid() : 0)
                .sum();
    }

    /** Share of the reservoir that may be drawn before it is filled again; common practice: never below a third. */
    private static final double MAY_BE_DRAWN = 2.0 / 3;

    /** What may still be drawn before the reservoir is filled (cm³), not below 0; absent where nobody told what it holds. */
    public OptionalDouble left(OptionalDouble reservoir) {
        return reservoir.isPresent()
                ? OptionalDouble.of(Math.max(0, MAY_BE_DRAWN * reservoir.getAsDouble() - drawn()))
                : OptionalDouble.empty();
    }
}
