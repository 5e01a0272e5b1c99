package itrova.core.measure;

import itrova.core.fastener.Thread;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Understood;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One reading as it was taken.
 *
 * @param side which side of the vehicle
 * @param callout what was read
 * @param place depth or radius it was read at (mm), for profile readings only
 * @param placeText that place as it was written, its unit with it; empty where there is none
 * @param text what was typed
 * @param instrument what it was read with
 * @param halfLimit half-limit of that instrument's error (mm), as the shop has it
 * @param understood what the text says; absent for a thread or a word
 * @param thread the thread read; absent for all else
 * @param origin who took it and when, where that is known
 */
public record Reading(
        Side side,
        Callout callout,
        OptionalDouble place,
        String placeText,
        String text,
        Instrument instrument,
        double halfLimit,
        Optional<Understood> understood,
        Optional<Thread> thread,
        Optional<Origin> origin) {

    /** A place written as a fraction was read on a rule divided so (mm); common practice. */
    private static final double PLACE_FRACTION = 25.4 / 16;

    /**
     * Understands a typed reading and checks that it can be what it is said to be.
     *
     * @param placeText place along the profile in shop notation; empty unless the callout has places
     * @param system units taken when none are written
     * @throws IllegalArgumentException with a plain message naming the value, the bound and the remedy
     */
    public static Reading take(
            Side side, Callout callout, String placeText, String text, Instrument instrument, UnitSystem system) {
        OptionalDouble place = OptionalDouble.empty();
        String written = "";
        if (callout.hasPlaces()) {
            if (placeText.isBlank()) {
                throw new IllegalArgumentException(callout.title() + " needs its place: give the "
                        + (callout == Callout.WHEEL_BARREL
                                ? "depth from the inboard flange edge"
                                : "radius from the axis")
                        + ".");
            }
            Understood where =
                    ShopNotation.parse(placeText, Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, system));
            double at = where.si();
            if (at < 0 || at > 400) {
                throw new IllegalArgumentException("The place " + shown(at) + " is outside 0 to "
                        + ShopNotation.inBoth(400) + ". Check the unit.");
            }
            place = OptionalDouble.of(at);
            written = withUnit(placeText, where);
        } else if (!placeText.isBlank()) {
            throw new IllegalArgumentException(
                    callout.title() + " is read at no particular place: leave the place empty.");
        }
        if (callout.kind() == Callout.Kind.THREAD) {
            return new Reading(
                    side,
                    callout,
                    place,
                    written,
                    text,
                    instrument,
                    0,
                    Optional.empty(),
                    Optional.of(Thread.parse(text)),
                    Optional.empty());
        }
        if (callout.kind() == Callout.Kind.WORD) {
            String word = Words.normal(callout, text);
            return new Reading(
                    side,
                    callout,
                    place,
                    written,
                    word,
                    instrument,
                    0,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        }
        Dimension dimension = callout.kind() == Callout.Kind.COUNT ? Dimension.COUNT : Dimension.LENGTH;
        Understood understood = ShopNotation.parse(text, dimension, Unit.defaultFor(dimension, system));
        checkRange(callout, understood);
        return new Reading(
                side,
                callout,
                place,
                written,
                text,
                instrument,
                instrument.halfLimit(),
                Optional.of(understood),
                Optional.empty(),
                Optional.empty());
    }

    /** Whether an instrument can measure such a thing; what is marked on a part is read by eye, lengths never. */
    public static boolean isMeasuredBy(Callout callout, Instrument instrument) {
        return callout.kind() != Callout.Kind.LENGTH
                || instrument.isForLengths()
                || !ReadingSpec.of(callout).preferred().isForLengths();
    }

    /** The same reading with the instrument's error as the shop knows it. */
    public Reading with(ToolBox tools) {
        return new Reading(
                side,
                callout,
                place,
                placeText,
                text,
                instrument,
                tools.halfLimit(instrument),
                understood,
                thread,
                origin);
    }

    /** The same reading, its origin known. */
    public Reading from(Origin known) {
        return new Reading(
                side, callout, place, placeText, text, instrument, halfLimit, understood, thread, Optional.of(known));
    }

    /** What makes it this reading and no other: the same key is the same reading, written down again. */
    public ReadingKey key() {
        return new ReadingKey(side, callout, place, textWithUnit(), instrument, origin.map(Origin::taken));
    }

    /** The same reading taken as in the other system of units: what it says if the gauge stood in the wrong mode. */
    public Optional<String> inOtherUnit() {
        return understood
                .filter(u -> !u.unitWritten() && callout.kind() == Callout.Kind.LENGTH && !u.fraction())
                .map(u -> text.strip() + (u.unit().isInchPound() ? " mm" : " in"));
    }

    private static void checkRange(Callout callout, Understood understood) {
        ReadingSpec spec = ReadingSpec.of(callout);
        double value = understood.si();
        if (value >= spec.min() && value <= spec.max()) {
            return;
        }
        boolean count = callout.kind() == Callout.Kind.COUNT;
        String bounds = count
                ? (int) spec.min() + " to " + (int) spec.max()
                : ShopNotation.inBoth(spec.min()) + " to " + ShopNotation.inBoth(spec.max());
        String remedy;
        if (value < 0 && spec.min() >= 0) {
            remedy = "It cannot be negative.";
        } else if (inRange(spec, value * 25.4) && !understood.unitWritten()) {
            remedy = "As inches it would do: write the unit.";
        } else if (inRange(spec, value / 25.4) && !understood.unitWritten()) {
            remedy = "As millimetres it would do: write the unit.";
        } else {
            remedy = "Check the figure and its unit.";
        }
        throw new OutOfRangeException(
                callout.title() + " of " + (count ? number(value) : shown(value)) + " is outside " + bounds + ". "
                        + remedy,
                wouldDo(spec, understood));
    }

    /** The unit that would bring a bare number into range, if one would. */
    private static Optional<String> wouldDo(ReadingSpec spec, Understood understood) {
        if (understood.unitWritten() || understood.fraction() || spec.callout().kind() != Callout.Kind.LENGTH) {
            return Optional.empty();
        }
        boolean inches = understood.unit().isInchPound();
        double other = inches ? understood.si() / 25.4 : understood.si() * 25.4;
        return inRange(spec, other) ? Optional.of(inches ? "mm" : "in") : Optional.empty();
    }

    private static boolean inRange(ReadingSpec spec, double value) {
        return value >= spec.min() && value <= spec.max();
    }

    private static String shown(double mm) {
        return number(mm) + " mm (" + number(mm / 25.4) + " in)";
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.format(Locale.ROOT, "%.2f", value);
    }

    /**
     * A slip that may have been made.
     *
     * @param words a question to the mechanic
     * @param isOfUnit whether millimetres and inches may be mixed up; else it is the decimal point
     */
    public record Suspicion(String words, boolean isOfUnit) {}

    /**
     * Compares with other readings of the same dimension and names a slip of unit or decimal point.
     *
     * @param other another value of the same dimension (mm), such as a repeat or the other side
     * @return a question to the mechanic, if the two cannot both be right
     */
    public Optional<Suspicion> clashWith(double other) {
        if (understood.isEmpty() || callout.kind() != Callout.Kind.LENGTH || !(Math.abs(other) > 0)) {
            return Optional.empty();
        }
        double value = understood.get().si();
        double ratio = value / other;
        if (ratio > 23 && ratio < 28 || ratio > 1 / 28.0 && ratio < 1 / 23.0) {
            return Optional.of(new Suspicion(
                    "This is about 25.4 times apart from the other reading of " + shown(other)
                            + ": millimetres and inches may be mixed up.",
                    true));
        }
        double least = callout == Callout.WHEEL_WEIGHTS || callout == Callout.WHEEL_SPOKE ? 0 : 1 / 3.0;
        if (least > 0 && (ratio > 3 || ratio < least)) {
            return Optional.of(new Suspicion(
                    shown(value) + " is " + String.format(Locale.ROOT, "%.1f", Math.max(ratio, 1 / ratio))
                            + " times apart from the other reading of " + shown(other)
                            + ". A decimal point may have slipped.",
                    false));
        }
        return Optional.empty();
    }

    /** The value (mm or count); absent for a thread. */
    public OptionalDouble value() {
        return understood.map(u -> OptionalDouble.of(u.si())).orElse(OptionalDouble.empty());
    }

    /** The text with its unit written out, so that it means the same wherever it is read. */
    public String textWithUnit() {
        boolean plain = understood.isEmpty() || understood.get().unitWritten() || callout.kind() != Callout.Kind.LENGTH;
        return plain ? text : withUnit(text, understood.get());
    }

    private static String withUnit(String text, Understood understood) {
        return understood.unitWritten()
                ? text.strip()
                : text.strip() + " " + understood.unit().symbol();
    }

    /**
     * Half-limit (mm) of the place by how it was written: half the last decimal; for a fraction half of 1/16 in, the division of a
     * common rule, never its reduced denominator; 0 where there is no place.
     */
    public double placeHalfLimit() {
        if (place.isEmpty()) {
            return 0;
        }
        Understood where =
                ShopNotation.parse(placeText, Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, UnitSystem.METRIC));
        return (where.fraction() ? PLACE_FRACTION : where.lastDigit()) / 2;
    }

    /** How coarse instrument and writing are together (mm); compares readings, means nothing alone. */
    double coarseness() {
        return halfLimit * halfLimit + halfResolution() * halfResolution();
    }

    /** Half-limit of the reading's resolution (mm): half the larger of the graduation and the last decimal written. */
    public double halfResolution() {
        Understood u = understood.orElseThrow();
        double graduation = instrument.graduation(u.unit().isInchPound(), u.fraction());
        return Math.max(graduation, u.lastDigit()) / 2;
    }
}
