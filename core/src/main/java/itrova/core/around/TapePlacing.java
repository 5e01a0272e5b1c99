package itrova.core.around;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Point3;
import itrova.core.measure.DerivedValues;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.KingPinTape;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Tyre;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.Taped;
import itrova.core.vehicle.TapedThing;
import itrova.core.vehicle.TapedThing.Beside;
import itrova.core.vehicle.TapedThing.OnVehicle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Places what was taken around a wheel by tape in the frame of {@link Surroundings}: from the reading of the face it was taken from, anew
 * each time that reading changes. What has no place yet stays as it was taken, and nobody has then seen all round.
 *
 * <p>Half-limits are added to those of the face, never combined in quadrature: a thing must not be nearer than it is said to be.
 */
public final class TapePlacing {
    /** What a tape held to a straight edge is read to (mm); common practice. */
    static final double TAPE = 1;
    /** How far a direction pointed out by hand may be off, either way (degrees); common practice. */
    static final double HAND = 4;
    /** How far a thing is taken to run on where its end was not reached (mm). */
    static final double RUN_ON = 600;
    /** How much less wide a tyre may be than stated, where its width was taken as large as its marking lets it be; common practice. */
    static final double BULGE = 0.08;
    /** Lean of a king-pin axis seen from the side, where nobody read it (degrees either way); common practice for older vehicles. */
    static final double CASTER = 6;
    /** Half the diameter of a tyre nobody told of (mm). */
    private static final double USUAL_RADIUS = 350;

    private TapePlacing() {}

    /** What stands around a wheel with all that can be placed in its place. */
    public static Surroundings placed(Surroundings s, AxleEnd end) {
        Taped taped = s.taped();
        if (taped.equals(Taped.NOTHING)) {
            return s;
        }
        List<Obstacle> inboard = new ArrayList<>(s.inboard().things());
        List<Box> chassis = new ArrayList<>(s.chassis().things());
        List<TapedThing> left = new ArrayList<>();
        for (TapedThing thing : taped.things()) {
            Optional<Measured> face = face(thing.from(), end, s.tyre());
            if (face.isEmpty()) {
                left.add(thing);
            } else if (thing instanceof Beside b) {
                inboard.add(obstacle(b, face.get()));
            } else if (thing instanceof OnVehicle v) {
                chassis.add(box(
                        v,
                        face.get(),
                        v.from() == TapeFace.TYRE
                                ? BULGE * s.tyre().orElseThrow().width() / 2
                                : 0));
            }
        }
        Optional<Measured> hub = face(TapeFace.HUB, end, s.tyre());
        Optional<Steering> steering =
                s.steering().or(() -> taped.kingPin().flatMap(k -> hub.map(face -> steering(k, face, s.tyre()))));
        return new Surroundings(
                new Seen<>(inboard, s.inboard().isAll() && left.stream().noneMatch(Beside.class::isInstance)),
                new Seen<>(chassis, s.chassis().isAll() && left.stream().noneMatch(OnVehicle.class::isInstance)),
                steering,
                s.travel(),
                s.tyre(),
                s.hose(),
                s.joints(),
                s.details(),
                new Taped(left, steering.isPresent() ? Optional.empty() : taped.kingPin()));
    }

    /**
     * Place of a face a tape is put to (mm from the bracket face, outboard positive), as the vehicle was found; absent until what it hangs
     * on was read.
     */
    public static Optional<Measured> face(TapeFace face, AxleEnd end, Optional<Tyre> tyre) {
        Optional<Measured> hub = DerivedValues.hubFace(end);
        // the wheel found stands on the drum's face
        Optional<Measured> under =
                hub.flatMap(h -> end.length(Callout.DRUM_FACE).map(h::plus));
        return switch (face) {
            case HUB -> hub;
            case RIM -> under.flatMap(u -> end.length(Callout.WHEEL_BACKSPACING).map(u::minus));
            case TYRE ->
                under.flatMap(u -> end.wheelOffset().map(u::minus))
                        .flatMap(middle -> tyre.map(t -> middle.plus(-t.width() / 2)));
        };
    }

    /** Readings without which a face has no place and which the end still lacks. */
    public static List<Callout> lacking(TapeFace face, AxleEnd end) {
        List<Callout> needed = new ArrayList<>(List.of(DerivedValues.hubFaceCallout(end)));
        if (face != TapeFace.HUB) {
            needed.add(Callout.DRUM_FACE);
            needed.add(Callout.WHEEL_BACKSPACING);
        }
        if (face == TapeFace.TYRE) {
            needed.add(Callout.WHEEL_OVERALL);
        }
        return needed.stream().filter(c -> !end.has(c)).toList();
    }

    private static Obstacle obstacle(Beside b, Measured face) {
        double half = b.near() > 0 ? Math.toDegrees(Math.asin(Math.min(1, b.across() / 2 / b.near()))) : 180;
        double to = face.value() - b.in();
        return new Obstacle(
                b.name(),
                new ClockWindow(b.clock() - half, b.clock() + half).widened(HAND),
                face.value() - b.inFar().orElse(b.in() + RUN_ON),
                to,
                b.near(),
                b.far().orElse(b.near() + RUN_ON),
                TAPE + face.expanded(),
                b.mayBeGround());
    }

    private static Box box(OnVehicle v, Measured face, double bulge) {
        double to = face.value() - v.in();
        double from = face.value() - v.inFar().orElse(v.in() + RUN_ON);
        return new Box(
                v.name(),
                new Point3(from, least(v.rear(), v.front()), least(v.low(), v.high())),
                new Point3(to, most(v.front(), v.rear()), most(v.high(), v.low())),
                TAPE + face.expanded() + bulge);
    }

    /** An end that was not reached lies beyond the wheel, and beyond the end that was. */
    private static double least(OptionalDouble end, OptionalDouble other) {
        return end.orElse(Math.min(0, other.orElse(0)) - RUN_ON);
    }

    private static double most(OptionalDouble end, OptionalDouble other) {
        return end.orElse(Math.max(0, other.orElse(0)) + RUN_ON);
    }

    /** An axis whose lean nobody read is off by it as far up and down as the tyre reaches. */
    private static Steering steering(KingPinTape k, Measured hub, Optional<Tyre> tyre) {
        boolean isAheadRead = k.lowerAhead().isPresent() && k.upperAhead().isPresent();
        double lean = isAheadRead
                ? 0
                : Math.tan(Math.toRadians(CASTER))
                        * tyre.map(t -> t.diameter() / 2).orElse(USUAL_RADIUS);
        return k.at(hub.value(), TAPE + hub.expanded() + lean);
    }
}
