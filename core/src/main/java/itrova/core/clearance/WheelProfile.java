package itrova.core.clearance;

import itrova.core.geometry.WallStep;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AroundSource;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Station;
import itrova.core.vehicle.WheelDetails.Valve;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The metal a wheel turns past the caliper, as steps between readings, in the wheel's frame.
 *
 * <p>Between two readings nobody knows where the metal is. There are two walls: one steps to the less favourable neighbour, and only
 * what clears it is proven to clear; one steps to the more favourable, and only what does not clear even that is proven not to. At a
 * reading itself both pass through what was read.
 */
public final class WheelProfile {
    /** The first reading also speaks for metal up to this far beyond it (mm); common practice. */
    static final double REACH_BEYOND_LAST_READING = 15;

    /** Half the width of a valve's stem with its rubber (mm); common practice. */
    private static final double VALVE_RADIUS = 9;

    /**
     * A step with the doubts of what bounds it.
     *
     * @param step the metal
     * @param level doubt-carrying level: radius (barrel) or axial place (spokes), mm
     * @param from doubt-carrying start of the range (mm)
     * @param to doubt-carrying end of the range (mm)
     */
    public record DoubtfulStep(WallStep step, Measured level, Measured from, Measured to) {}

    /**
     * The same metal drawn twice.
     *
     * @param near wall through the less favourable of two neighbours
     * @param far wall through the more favourable of two neighbours, with what was read standing out to its readings
     */
    public record Walls(List<DoubtfulStep> near, List<DoubtfulStep> far) {
        public Walls {
            near = List.copyOf(near);
            far = List.copyOf(far);
        }

        static final Walls NONE = new Walls(List.of(), List.of());

        boolean isUnknown() {
            return near.isEmpty();
        }
    }

    private final Walls barrel;
    private final Walls spokes;
    private final Walls valve;
    private final double mostDoubt;

    private WheelProfile(Walls barrel, Walls spokes, Walls valve) {
        this.barrel = barrel;
        this.spokes = spokes;
        this.valve = valve;
        mostDoubt = Stream.of(barrel, spokes, valve)
                .flatMap(w -> Stream.concat(w.near().stream(), w.far().stream()))
                .mapToDouble(s -> s.level().expanded() + Math.max(s.from().expanded(), s.to().expanded()))
                .max()
                .orElse(0);
    }

    /** Most the readings can add to a gap's doubt (mm): no gap of this wheel is more doubtful by them. */
    double mostDoubt() {
        return mostDoubt;
    }

    /** The profile of the wheel on an axle end, as far as it was read. */
    public static WheelProfile of(AxleEnd end) {
        return new WheelProfile(barrelOf(end), spokesOf(end), valveOf(end));
    }

    /** The barrel, innermost depth first; unknown unless backspacing and two depths were read. */
    public Walls barrel() {
        return barrel;
    }

    /** The spokes' backs, smallest radius first; unknown unless two radii were read. */
    public Walls spokes() {
        return spokes;
    }

    /** The valve where it stands into the wheel; unknown where none does. */
    public Walls valve() {
        return valve;
    }

    /** The valve found goes with the wheel found; it stands on the barrel between two readings, or on the nearest one. */
    private static Walls valveOf(AxleEnd end) {
        Optional<Valve> found = end.around().details().valve();
        Optional<Measured> backspacing = end.length(Callout.WHEEL_BACKSPACING);
        if (found.isEmpty()
                || !(found.get().height() > 0)
                || backspacing.isEmpty()
                || end.barrel().size() < 2
                || end.otherWheel().isPresent()) {
            return Walls.NONE;
        }
        Valve v = found.get();
        Measured middle = backspacing
                .get()
                .times(-1)
                .plus(v.depth())
                .with(Component.rectangular(
                        AroundSource.of(end.side(), "valve", AroundSource.Along.AXLE), v.halfLimit()));
        List<List<DoubtfulStep>> walls = new ArrayList<>();
        for (boolean near : new boolean[] {true, false}) {
            Measured level = beside(end.barrel(), v.depth(), near)
                    .times(0.5)
                    .plus(-v.height())
                    .with(Component.rectangular(
                            AroundSource.of(end.side(), "valve", AroundSource.Along.RADIUS), v.halfLimit()));
            walls.add(
                    List.of(step(WallStep.Kind.BARREL, middle.plus(-VALVE_RADIUS), middle.plus(VALVE_RADIUS), level)));
        }
        return new Walls(walls.get(0), walls.get(1));
    }

    /** The barrel's diameter (mm) at a depth: of the readings on either side the nearer metal, or the further. */
    private static Measured beside(List<Station> stations, double depth, boolean near) {
        Station before = stations.get(0);
        Station after = stations.get(stations.size() - 1);
        for (Station s : stations) {
            if (s.place().value() <= depth) {
                before = s;
            }
        }
        for (int i = stations.size() - 1; i >= 0; i--) {
            if (stations.get(i).place().value() >= depth) {
                after = stations.get(i);
            }
        }
        return nearer(before, after) == near ? before.size() : after.size();
    }

    private static boolean nearer(Station one, Station other) {
        return one.size().value() <= other.size().value();
    }

    private static Walls barrelOf(AxleEnd end) {
        Optional<Measured> backspacing = end.length(Callout.WHEEL_BACKSPACING);
        List<Station> stations = end.barrel();
        if (backspacing.isEmpty() || stations.size() < 2) {
            return Walls.NONE;
        }
        Measured edge = backspacing.get().times(-1);
        List<DoubtfulStep> near = new ArrayList<>();
        List<DoubtfulStep> far = new ArrayList<>();
        Station first = stations.get(0);
        if (first.place().value() > 0 && first.place().value() <= REACH_BEYOND_LAST_READING) {
            near.add(step(
                    WallStep.Kind.BARREL,
                    edge,
                    edge.plus(first.place()),
                    first.size().times(0.5)));
        }
        for (int i = 0; i < stations.size(); i++) {
            Station a = stations.get(i);
            Measured at = edge.plus(a.place());
            far.add(step(WallStep.Kind.BARREL, at, at, a.size().times(0.5)));
            if (i + 1 < stations.size()) {
                Station b = stations.get(i + 1);
                Measured next = edge.plus(b.place());
                boolean isNear = nearer(a, b);
                near.add(step(
                        WallStep.Kind.BARREL, at, next, (isNear ? a : b).size().times(0.5)));
                far.add(step(
                        WallStep.Kind.BARREL, at, next, (isNear ? b : a).size().times(0.5)));
            }
        }
        return new Walls(near, far);
    }

    private static Walls spokesOf(AxleEnd end) {
        List<Station> stations = end.spokes();
        if (stations.size() < 2) {
            return Walls.NONE;
        }
        List<DoubtfulStep> near = new ArrayList<>();
        List<DoubtfulStep> far = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            Station a = stations.get(i);
            far.add(step(WallStep.Kind.SPOKES, a.place(), a.place(), a.size()));
            if (i + 1 < stations.size()) {
                Station b = stations.get(i + 1);
                boolean isNear = nearer(a, b);
                near.add(step(WallStep.Kind.SPOKES, a.place(), b.place(), (isNear ? a : b).size()));
                far.add(step(WallStep.Kind.SPOKES, a.place(), b.place(), (isNear ? b : a).size()));
            }
        }
        Station last = stations.get(stations.size() - 1);
        near.add(step(WallStep.Kind.SPOKES, last.place(), last.place().plus(REACH_BEYOND_LAST_READING), last.size()));
        return new Walls(near, far);
    }

    private static DoubtfulStep step(WallStep.Kind kind, Measured from, Measured to, Measured level) {
        return new DoubtfulStep(new WallStep(kind, from.value(), to.value(), level.value()), level, from, to);
    }
}
