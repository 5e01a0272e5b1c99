package itrova.core.measure;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
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
        return all;
    }

    private static Optional<Derived> boltCircle(AxleEnd end) {
        return end.boltCircle().map(circle -> {
            List<Derived.Input> inputs = new ArrayList<>();
            for (Callout way : TakeNext.CIRCLE_WAYS) {
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
     * Axle offset (mm) a kit is judged by: the mean of pushed in and pulled out, half the end float being doubt with every
     * place in it equally likely; the pushed-in reading alone when there is no other.
     */
    public static Optional<Measured> axleOffset(AxleEnd end) {
        return meanOffset(end).map(Derived::value).or(() -> end.length(Callout.AXLE_OFFSET));
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
            double half = Math.abs(p.second.value() - p.first.value()) / 2;
            Measured value = p.first
                    .derive(mean, 0.5, p.second, 0.5)
                    .with(Component.rectangular("float:" + end.side().word(), half));
            return new Derived(
                    "Axle offset",
                    value,
                    "A = (A_in + A_out)/2, ± half the float",
                    List.of(new Derived.Input("A_in", p.first), new Derived.Input("A_out", p.second)),
                    GEOMETRY);
        });
    }

    /** Offset from backspacing: e = b − W/2 with W over the flanges. */
    static Optional<Derived> wheelOffset(AxleEnd end) {
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
