package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.clearance.MovingPart;
import itrova.core.clearance.Sweep;
import itrova.core.clearance.Sweep.Meeting;
import itrova.core.clearance.Sweep.Mover;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.geometry.Solid;
import itrova.core.kit.Caliper;
import itrova.core.kit.Contradiction;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.SectorOutline;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AroundSource;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Tyre;
import itrova.core.vehicle.TapedThing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Lock to lock and over the whole travel: caliper, disc and tyre against what is fixed to the vehicle. */
final class SweepCheck implements Check {
    static final String FORMULA = "m = min over steering and travel of the distance − g_min";
    private static final String SOURCE =
            "Rigid motion about the measured king-pin axis; distance of convex solids after Gilbert, Johnson and Keerthi (1988); branch and bound to 0.5 mm; least gaps 6 mm (steered parts) and 12 mm (tyre) are common practice";
    /** The arc a suspension describes may put a place off by this share of the travel (practice). */
    private static final double ARC_SHARE = 0.02;
    /** Planes of the tyre this near to each other share one search (mm). */
    private static final double PLANE_STEP = 0.5;
    /** No two meetings differ in doubt by more than this (mm). */
    private static final double MOST_DOUBT = 10;

    @Override
    public CheckId id() {
        return CheckId.SWEEP;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.CALIPER, KitPart.BRACKET);
    }

    @Override
    public boolean isCostly() {
        return true;
    }

    /** A part with the least gap it wants. */
    record Wanting(Mover mover, double gap, OptionalDouble plane) {}

    /** What the tyre's nearest meeting hangs on; its plane in steps. */
    private record TyreAt(long step, Tyre tyre, Box box, Surroundings around) {}

    /** A meeting with its margin. */
    private record Closest(Meeting meeting, Measured margin, double wanted) {}

    /** What the sweep hangs on: place and shape of caliper, disc and tyre, and what is around. */
    private record CacheKey(
            Caliper caliper,
            OptionalDouble clock,
            double midPlane,
            double hat,
            double thickness,
            double diameter,
            double spacer,
            List<Contradiction> clashes,
            double backspacing,
            double overall,
            Surroundings around) {
        static CacheKey on(KitOnSide c) {
            return new CacheKey(
                    c.kit().caliper(),
                    c.clock(),
                    c.midPlane().map(Measured::value).orElse(Double.NaN),
                    c.hat().value(),
                    c.kit().disc().thickness().value(),
                    c.kit().disc().diameter().value(),
                    c.worked().spacer().value(),
                    c.kit().choices().clashes(),
                    c.length(Callout.WHEEL_BACKSPACING).map(Measured::value).orElse(Double.NaN),
                    c.length(Callout.WHEEL_OVERALL).map(Measured::value).orElse(Double.NaN),
                    c.end().around());
        }
    }

    @Override
    public Finding judge(KitOnSide c) {
        return c.shared().once(Finding.class, CacheKey.on(c), () -> sweep(c));
    }

    private static Finding sweep(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.SWEEP, c);
        Surroundings around = c.end().around();
        Optional<Measured> midPlane = c.midPlane();
        if (!UnplacedThings.want(ruling, c, TapedThing.OnVehicle.class)
                && !around.chassis().isAll()) {
            ruling.missing(Phrase.of("sweep.what-chassis-within-reach-wheel"));
        }
        if (around.chassis().things().isEmpty()) {
            if (!around.chassis().isAll()) {
                return ruling.finding(r -> unknown());
            }
            return ruling.satisfied()
                    .finding(r -> new Explanation(
                            Phrase.of("sweep.nothing-chassis-within-reach-wheel"), FORMULA, List.of(), SOURCE));
        }
        ruling.want(midPlane, c.hubFaceCallout());
        if (around.travel().isEmpty()) {
            ruling.missing(Phrase.of("sweep.suspension-travel-up-and-down"));
        }
        if (c.end().kind().isSteered() && around.steering().isEmpty()) {
            ruling.missing(Phrase.of("sweep.king-pin-axis-two-places"));
        }
        if (!c.kit().caliper().hasShape()) {
            ruling.missing(Phrase.of("sweep.caliper-s-outline-ask-supplier"));
        }
        ruling.wantWear();
        ruling.reads(PaperFigure.DISC_THICKNESS, PaperFigure.DISC_DIAMETER, PaperFigure.DISC_HAT_DEPTH);
        if (around.tyre().isEmpty()) {
            ruling.missing(Phrase.of("sweep.tyre-width-and-diameter"));
        } else {
            ruling.want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING)
                    .want(c.length(Callout.WHEEL_OVERALL), Callout.WHEEL_OVERALL);
        }
        boolean steered = !c.end().kind().isSteered() || around.steering().isPresent();
        Optional<Closest> least = midPlane.isPresent() && around.travel().isPresent() && steered
                ? least(c, midPlane.get())
                : Optional.empty();
        least.ifPresent(j -> ruling.require(
                Phrase.of(
                        "sweep.part-to-thing",
                        j.meeting().mover(),
                        j.meeting().box().name()),
                j.margin()));
        return ruling.finding(r -> least.map(SweepCheck::why).orElse(unknown()));
    }

    private static Explanation unknown() {
        return new Explanation(Phrase.of("sweep.sweep-cannot-be-worked-out"), FORMULA, List.of(), SOURCE);
    }

    private static Explanation why(Closest j) {
        Meeting m = j.meeting();
        return new Explanation(
                (m.distance() >= 0
                        ? Phrase.of(
                                "sweep.comes-within-at-steering-and",
                                m.mover(),
                                Amount.mm(Math.abs(m.distance()), 0),
                                m.box().name(),
                                Amount.number(Math.abs(m.steer()), 0),
                                m.steer() >= 0 ? Phrase.of("sweep.in") : Phrase.of("sweep.out"),
                                Amount.mm(Math.abs(m.lift()), 0),
                                m.lift() >= 0 ? Phrase.of("sweep.up") : Phrase.of("sweep.down"),
                                Amount.mm(j.wanted(), 0))
                        : Phrase.of(
                                "sweep.would-run-into-at-steering",
                                m.mover(),
                                Amount.mm(Math.abs(m.distance()), 0),
                                m.box().name(),
                                Amount.number(Math.abs(m.steer()), 0),
                                m.steer() >= 0 ? Phrase.of("sweep.in") : Phrase.of("sweep.out"),
                                Amount.mm(Math.abs(m.lift()), 0),
                                m.lift() >= 0 ? Phrase.of("sweep.up") : Phrase.of("sweep.down"),
                                Amount.mm(j.wanted(), 0))),
                FORMULA,
                new Inputs()
                        .add("least distance", j.margin().plus(j.wanted()))
                        .add("g_min", j.wanted(), "mm")
                        .add("steering there", m.steer(), "°")
                        .add("travel there", m.lift(), "mm")
                        .list(),
                SOURCE);
    }

    private static Optional<Closest> least(KitOnSide c, Measured midPlane) {
        Surroundings around = c.end().around();
        Sweep sweep = sweepOf(c);
        Closest best = null;
        for (Wanting part : movers(c, midPlane.value())) {
            for (Box box : around.chassis().things()) {
                // What is further away than the worst so far by more than any doubt cannot be the worst.
                double above =
                        best == null ? Double.POSITIVE_INFINITY : best.margin().value() + MOST_DOUBT + part.gap();
                Meeting meeting = part.plane().isPresent()
                        ? tyre(c, sweep, part.plane().getAsDouble(), box)
                        : sweep.nearest(part.mover(), box, above);
                Closest one = closest(c, midPlane, part, meeting);
                if (best == null
                        || one.margin().value() - one.margin().expanded()
                                < best.margin().value() - best.margin().expanded()) {
                    best = one;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /**
     * The tyre's nearest meeting with something fixed. It is worked out for planes in small steps and used again for all kits
     * whose wheel stands near one; what the plane is off by is taken off.
     */
    private static Meeting tyre(KitOnSide c, Sweep sweep, double plane, Box box) {
        long step = Math.round(plane / PLANE_STEP);
        double stepped = step * PLANE_STEP;
        Tyre tyre = c.end().around().tyre().orElseThrow();
        Meeting near = c.shared()
                .tyre(
                        new TyreAt(step, tyre, box, c.end().around()),
                        () -> sweep.nearest(tyreAt(c, tyre, stepped).mover(), box));
        return new Meeting(
                near.mover(),
                near.box(),
                near.distance() - Math.abs(plane - stepped),
                near.direction(),
                near.steer(),
                near.lift());
    }

    private static Wanting tyreAt(KitOnSide c, Tyre tyre, double plane) {
        Wanting ring = ring(
                MovingPart.TYRE,
                plane - tyre.width() / 2 - tyre.chains(),
                plane + tyre.width() / 2 + tyre.chains(),
                tyre.diameter() / 2 + tyre.chains(),
                c.settings().of(Limit.SOFT_GAP));
        return new Wanting(ring.mover(), ring.gap(), OptionalDouble.of(plane));
    }

    /** The tyre's outline in the section, outside the wheel's edge, x from the bracket face; absent until it is known where it stands. */
    static Optional<List<Point>> tyreSection(KitOnSide c) {
        Optional<Measured> plane = tyrePlane(c);
        return c.end().around().tyre().filter(t -> plane.isPresent()).map(t -> {
            double half = t.width() / 2;
            double x = plane.orElseThrow().value();
            double seat = c.end().barrel().stream()
                    .mapToDouble(s -> s.size().value() / 2)
                    .max()
                    .orElse(t.diameter() / 2 - half);
            return List.of(
                    new Point(x - half, seat),
                    new Point(x + half, seat),
                    new Point(x + half, t.diameter() / 2),
                    new Point(x - half, t.diameter() / 2));
        });
    }

    /** How the wheel of this end moves; its travel must be known. */
    static Sweep sweepOf(KitOnSide c) {
        Surroundings around = c.end().around();
        return new Sweep(
                c.end().kind().isSteered() ? around.steering() : Optional.empty(),
                around.travel().orElseThrow());
    }

    private static Closest closest(KitOnSide c, Measured midPlane, Wanting part, Meeting m) {
        Point3 n = m.direction();
        Surroundings around = c.end().around();
        double travel = Math.max(
                around.travel().orElseThrow().bump(), around.travel().get().droop());
        double own =
                part.mover().part() == MovingPart.CALIPER ? c.kit().caliper().outlineTolerance() : 0;
        double axis = around.steering().map(s -> s.doubtAt(m.steer())).orElse(0.0);
        String box = m.box().name();
        Measured placed = part.plane().isPresent() ? tyrePlane(c).orElseThrow() : midPlane;
        Measured margin = placed.times(-n.x())
                .with(Component.rectangular(c.kit().source(PaperFigure.CALIPER_OUTLINE), own))
                .with(Component.rectangular(
                        AroundSource.of(c.end().side(), box, AroundSource.Along.AXLE),
                        m.box().halfLimit() * n.x()))
                .with(Component.rectangular(
                        AroundSource.of(c.end().side(), box, AroundSource.Along.FORWARD),
                        m.box().halfLimit() * n.f()))
                .with(Component.rectangular(
                        AroundSource.of(c.end().side(), box, AroundSource.Along.UP),
                        m.box().halfLimit() * n.z()))
                .with(Component.rectangular(AroundSource.of(c.end().side(), "king-pin"), axis))
                .with(Component.rectangular(AroundSource.of(c.end().side(), "arc of travel"), ARC_SHARE * travel))
                .at(m.distance() - part.gap());
        return new Closest(m, margin, part.gap());
    }

    static List<Wanting> movers(KitOnSide c, double midPlane) {
        List<Wanting> parts = new ArrayList<>();
        double steered = c.settings().of(Limit.STEERED_GAP);
        double turn = c.clock().orElse(0);
        boolean anywhere = c.clock().isEmpty();
        // The tyre first: it is mostly the nearest, and what is further away need not be looked at closely.
        c.end().around().tyre().ifPresent(tyre -> tyrePlane(c)
                .ifPresent(plane -> parts.add(tyreAt(c, tyre, plane.value()))));
        for (SectorOutline part : c.kit().caliper().parts()) {
            Outline placed = part.outline().shifted(midPlane);
            double wear = c.kit().caliper().wearTravel();
            ClockWindow window = anywhere ? ClockWindow.ALL : part.window().turned(turn);
            // from new pads to worn ones and everywhere between
            Solid passed = Solid.turned(placed, window).drawn(new Point3(0, 0, 0), new Point3(-wear, 0, 0));
            parts.add(new Wanting(
                    new Mover(MovingPart.CALIPER, passed, Math.max(reach(placed), reach(placed.shifted(-wear)))),
                    steered,
                    OptionalDouble.empty()));
        }
        double half = c.kit().disc().thickness().value() / 2;
        parts.add(ring(
                MovingPart.DISC,
                midPlane - half,
                midPlane + half,
                c.kit().disc().diameter().value() / 2,
                steered));
        return parts;
    }

    /** Middle plane of the tyre (mm from the bracket face); absent until the wheel's width is known. */
    static Optional<Measured> tyrePlane(KitOnSide c) {
        return c.hubFace().flatMap(face -> c.end()
                .wheelOffset()
                .map(offset -> face.plus(c.hat()).plus(c.worked().spacer()).minus(offset)));
    }

    private static Wanting ring(MovingPart part, double from, double to, double radius, double gap) {
        Outline section = new Outline(
                List.of(new Point(from, 0), new Point(to, 0), new Point(to, radius), new Point(from, radius)));
        return new Wanting(
                new Mover(part, Solid.turned(section, ClockWindow.ALL), reach(section)), gap, OptionalDouble.empty());
    }

    private static double reach(Outline o) {
        return Math.hypot(Math.max(Math.abs(o.minX()), Math.abs(o.maxX())), o.maxR());
    }
}
