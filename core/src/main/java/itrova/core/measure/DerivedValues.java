package itrova.core.measure;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.RimSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Values worked out from readings, with propagated doubt (JCGM 100:2008, 5.1.2).
 *
 * <p>Frame: axle offset is the outer face of the axle flange minus the housing face, positive outboard; wheel offset is
 * positive when the mounting face lies outboard of the rim's centre plane.
 */
public final class DerivedValues {
    private static final String GEOMETRY = "Geometry; doubt by first derivatives, JCGM 100:2008, 5.1.2";

    private DerivedValues() {}

    /**
     * A worked-out value and how it came about.
     *
     * @param title what it is
     * @param value with its doubt (mm)
     * @param formula the rule in symbols
     * @param inputs what went in
     * @param source where the rule comes from
     */
    public record Derived(String title, Measured value, String formula, List<Input> inputs, String source) {
        /** One input with its symbol (mm, or a count). */
        public record Input(String symbol, Measured value) {}
    }

    /** The end with bolt circle, stick-out and backspacing worked out where their readings allow it. */
    static AxleEnd complete(AxleEnd read) {
        AxleEnd.Builder end = read.toBuilder();
        BoltCircle.derive(read).ifPresent(end::boltCircle);
        if (read.length(Callout.STUD_STICK_OUT).isEmpty()) {
            stickOut(read).ifPresent(d -> end.length(Callout.STUD_STICK_OUT, d.value()));
        }
        if (read.length(Callout.WHEEL_BACKSPACING).isEmpty()) {
            backspacing(read).ifPresent(d -> end.length(Callout.WHEEL_BACKSPACING, d.value()));
        }
        return end.build();
    }

    /** Everything that can be worked out from one side, from its readings alone. */
    public static List<Derived> of(AxleEnd end) {
        List<Derived> all = new ArrayList<>();
        boltCircle(end).ifPresent(all::add);
        if (end.length(Callout.STUD_FROM_DRUM).isPresent()) {
            stickOut(end).ifPresent(all::add);
        }
        difference(
                        end,
                        "Outer step over first step",
                        Callout.REGISTER_STEP_HEIGHT,
                        "h_step",
                        Callout.REGISTER_HEIGHT,
                        "h_register")
                .ifPresent(all::add);
        difference(end, "Seal land", Callout.SHOULDER, "x_shoulder", Callout.SEAL_START, "x_seal")
                .ifPresent(all::add);
        meanOffset(end).ifPresent(all::add);
        wheelOffset(end).ifPresent(all::add);
        backspacing(end).ifPresent(all::add);
        wallBesideHole(end).ifPresent(all::add);
        rimSeat(end).ifPresent(all::add);
        return all;
    }

    private static Optional<Derived> boltCircle(AxleEnd end) {
        return end.boltCircle().map(circle -> {
            List<Derived.Input> inputs = new ArrayList<>();
            for (Callout way : WantedReadings.CIRCLE_WAYS) {
                end.length(way)
                        .ifPresent(m -> inputs.add(
                                new Derived.Input("c, " + way.title().toLowerCase(java.util.Locale.ROOT), m)));
            }
            end.count(Callout.LUG_COUNT).ifPresent(n -> inputs.add(new Derived.Input("n", Measured.exact(n))));
            end.length(Callout.STUD_MAJOR).ifPresent(m -> inputs.add(new Derived.Input("d, stud", m)));
            return new Derived(
                    "Bolt circle",
                    circle,
                    "D = c/sin(k·π/n), c less one stud when read over the studs; several ways weighted by 1/u²",
                    inputs,
                    GEOMETRY);
        });
    }

    private static Optional<Derived> stickOut(AxleEnd end) {
        return both(end, Callout.STUD_FROM_DRUM, Callout.DRUM_FACE)
                .map(p -> new Derived(
                        "Stud stick-out",
                        p.first.plus(p.second),
                        "L = l + t",
                        List.of(
                                new Derived.Input("l, beyond the drum", p.first),
                                new Derived.Input("t, drum face", p.second)),
                        GEOMETRY));
    }

    /**
     * Axle offset (mm) a kit is judged by: the mean of pushed in and pulled out where the shaft floats between C-clip and pin, and
     * absent until both were read; the one reading where a bearing holds it.
     */
    public static Optional<Measured> axleOffset(AxleEnd end) {
        return floats(end) ? meanOffset(end).map(Derived::value) : end.length(Callout.AXLE_OFFSET);
    }

    /** Whether the shaft floats, so that its face has no one place. */
    private static boolean floats(AxleEnd end) {
        return end.kind() == AxleEndKind.REAR_LIVE_AXLE && end.form().retention() == Retention.C_CLIP;
    }

    /**
     * Half the float of the shaft (mm): known travel to be deducted at its worst end, not doubt. 0 where a bearing holds the shaft or
     * not both ends of the float were read.
     */
    public static double halfFloat(AxleEnd end) {
        return floats(end)
                ? both(end, Callout.AXLE_OFFSET, Callout.AXLE_OFFSET_OUT)
                        .map(p -> Math.abs(p.second.value() - p.first.value()) / 2)
                        .orElse(0.0)
                : 0;
    }

    /** The reading without which the hub's face has no known place. */
    public static Callout hubFaceCallout(AxleEnd end) {
        return switch (end.kind()) {
            case REAR_LIVE_AXLE ->
                floats(end) && end.has(Callout.AXLE_OFFSET) ? Callout.AXLE_OFFSET_OUT : Callout.AXLE_OFFSET;
            case REAR_UPRIGHT -> Callout.UPRIGHT_HEIGHT;
            default -> Callout.HUB_FACE;
        };
    }

    /**
     * Place of the hub's mounting face (mm) from the face the bracket bolts to, outboard positive; absent until it was read.
     */
    public static Optional<Measured> hubFace(AxleEnd end) {
        return switch (end.kind()) {
            case REAR_LIVE_AXLE -> axleOffset(end);
            case REAR_UPRIGHT -> end.length(Callout.UPRIGHT_HEIGHT);
            default -> end.length(Callout.HUB_FACE);
        };
    }

    private static Optional<Derived> meanOffset(AxleEnd end) {
        return both(end, Callout.AXLE_OFFSET, Callout.AXLE_OFFSET_OUT).map(p -> {
            double mean = (p.first.value() + p.second.value()) / 2;
            return new Derived(
                    "Axle offset, middle of its float",
                    p.first.derive(mean, 0.5, p.second, 0.5),
                    "A = (A_in + A_out)/2",
                    List.of(new Derived.Input("A_in", p.first), new Derived.Input("A_out", p.second)),
                    GEOMETRY);
        });
    }

    /** Offset from backspacing: e = b − W/2 with W over the flanges. */
    private static Optional<Derived> wheelOffset(AxleEnd end) {
        return both(end, Callout.WHEEL_BACKSPACING, Callout.WHEEL_OVERALL)
                .map(p -> new Derived(
                        "Wheel offset",
                        p.first.minus(p.second.times(0.5)),
                        "e = b − W/2",
                        List.of(
                                new Derived.Input("b, backspacing", p.first),
                                new Derived.Input("W, over the flanges", p.second)),
                        GEOMETRY));
    }

    /** Backspacing from the offset marked on the wheel: b = e + W/2 with W over the flanges. */
    private static Optional<Derived> backspacing(AxleEnd end) {
        return both(end, Callout.WHEEL_OFFSET, Callout.WHEEL_OVERALL)
                .map(p -> new Derived(
                        "Backspacing, from the marked offset",
                        p.first.plus(p.second.times(0.5)),
                        "b = e + W/2",
                        List.of(
                                new Derived.Input("e, marked", p.first),
                                new Derived.Input("W, over the flanges", p.second)),
                        GEOMETRY));
    }

    /** Where the tyre sits, by the size marked on the wheel. */
    private static Optional<Derived> rimSeat(AxleEnd end) {
        return end.rimSize().flatMap(size -> size.seat().stream()
                .mapToObj(seat -> new Derived(
                        "Rim seat, by the marking " + size.text(),
                        Measured.exact(seat)
                                .with(Component.rectangular(
                                        ReadingSource.of(
                                                ReadingSource.Kind.TECHNIQUE,
                                                ReadAt.of(end.side(), Callout.WHEEL_MARKING)),
                                        RimSize.SEAT_HALF_LIMIT)),
                        "d by its code, " + size.inches() + " in",
                        List.of(),
                        "ISO 4000-2, from memory"))
                .findFirst());
    }

    private static Optional<Derived> wallBesideHole(AxleEnd end) {
        return both(end, Callout.FLANGE, Callout.HOLE_EDGE).flatMap(p -> end.boltCircle()
                .map(circle -> new Derived(
                        "Stud hole to edge, from the circle",
                        p.first.minus(circle).times(0.5),
                        "w = (d_flange − D)/2",
                        List.of(new Derived.Input("d_flange", p.first), new Derived.Input("D", circle)),
                        GEOMETRY)));
    }

    private static Optional<Derived> difference(
            AxleEnd end, String title, Callout more, String moreSymbol, Callout less, String lessSymbol) {
        return both(end, more, less)
                .map(p -> new Derived(
                        title,
                        p.first.minus(p.second),
                        moreSymbol + " − " + lessSymbol,
                        List.of(new Derived.Input(moreSymbol, p.first), new Derived.Input(lessSymbol, p.second)),
                        GEOMETRY));
    }

    /**
     * Track, wheel centre plane to wheel centre plane, from the width over the hub faces and both wheels' offsets.
     * Absent until all of them are known.
     */
    public static Optional<Derived> track(AxleEnd left, AxleEnd right) {
        Optional<Measured> width = left.length(Callout.AXLE_WIDTH).or(() -> right.length(Callout.AXLE_WIDTH));
        Optional<Measured> leftOffset = wheelOffset(left).map(Derived::value);
        Optional<Measured> rightOffset = wheelOffset(right).map(Derived::value);
        if (width.isEmpty() || leftOffset.isEmpty() || rightOffset.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Derived(
                "Track",
                width.get().minus(leftOffset.get()).minus(rightOffset.get()),
                "T = B − e_left − e_right",
                List.of(
                        new Derived.Input("B, hub face to hub face", width.get()),
                        new Derived.Input("e_left", leftOffset.get()),
                        new Derived.Input("e_right", rightOffset.get())),
                GEOMETRY));
    }

    private record Pair(Measured first, Measured second) {}

    private static Optional<Pair> both(AxleEnd end, Callout first, Callout second) {
        return end.length(first).flatMap(a -> end.length(second).map(b -> new Pair(a, b)));
    }
}
