package itrova.core.clearance;

import itrova.core.geometry.WallStep;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Station;
import itrova.core.vehicle.WheelDetails.Valve;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The metal a wheel turns past the caliper, as steps between readings, in the wheel's frame. */
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

    private final List<DoubtfulStep> barrel;
    private final List<DoubtfulStep> spokes;
    private final List<DoubtfulStep> valve;
    private final double mostDoubt;

    private WheelProfile(List<DoubtfulStep> barrel, List<DoubtfulStep> spokes, List<DoubtfulStep> valve) {
        this.barrel = List.copyOf(barrel);
        this.spokes = List.copyOf(spokes);
        this.valve = List.copyOf(valve);
        mostDoubt = Math.max(mostDoubt(this.barrel), Math.max(mostDoubt(this.spokes), mostDoubt(this.valve)));
    }

    private static double mostDoubt(List<DoubtfulStep> steps) {
        return steps.stream()
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

    /** Barrel steps, innermost depth first; empty unless backspacing and two depths were read. */
    public List<DoubtfulStep> barrel() {
        return barrel;
    }

    /** Spoke steps, smallest radius first; empty unless two radii were read. */
    public List<DoubtfulStep> spokes() {
        return spokes;
    }

    /** The valve where it stands into the wheel: one step, or none. */
    public List<DoubtfulStep> valve() {
        return valve;
    }

    /** The valve found goes with the wheel found. */
    private static List<DoubtfulStep> valveOf(AxleEnd end) {
        Optional<Valve> found = end.around().details().valve();
        Optional<Measured> backspacing = end.length(Callout.WHEEL_BACKSPACING);
        if (found.isEmpty()
                || !(found.get().height() > 0)
                || backspacing.isEmpty()
                || end.barrel().size() < 2
                || end.otherWheel().isPresent()) {
            return List.of();
        }
        Valve v = found.get();
        String source = "around:" + end.side() + ":valve";
        Measured middle = backspacing
                .get()
                .times(-1)
                .plus(v.depth())
                .with(Component.rectangular(source + " depth", v.halfLimit()));
        Measured level = nearest(end.barrel(), v.depth())
                .times(0.5)
                .plus(-v.height())
                .with(Component.rectangular(source + " height", v.halfLimit()));
        return List.of(step(WallStep.Kind.BARREL, middle.plus(-VALVE_RADIUS), middle.plus(VALVE_RADIUS), level));
    }

    /** The barrel's diameter at the reading nearest to a depth; the narrower of two as near. */
    private static Measured nearest(List<Station> stations, double depth) {
        return stations.stream()
                .min(Comparator.comparingDouble(
                                (Station s) -> Math.abs(s.place().value() - depth))
                        .thenComparingDouble(s -> s.size().value()))
                .orElseThrow()
                .size();
    }

    private static List<DoubtfulStep> barrelOf(AxleEnd end) {
        Optional<Measured> backspacing = end.length(Callout.WHEEL_BACKSPACING);
        List<DoubtfulStep> steps = new ArrayList<>();
        if (backspacing.isEmpty() || end.barrel().size() < 2) {
            return steps;
        }
        List<Station> stations = end.barrel();
        Measured edge = backspacing.get().times(-1);
        Station first = stations.get(0);
        if (first.place().value() > 0 && first.place().value() <= REACH_BEYOND_LAST_READING) {
            steps.add(step(
                    WallStep.Kind.BARREL,
                    edge,
                    edge.plus(first.place()),
                    first.size().times(0.5)));
        }
        for (int i = 0; i + 1 < stations.size(); i++) {
            Station a = stations.get(i);
            Station b = stations.get(i + 1);
            Measured worse = a.size().value() <= b.size().value() ? a.size() : b.size();
            steps.add(step(WallStep.Kind.BARREL, edge.plus(a.place()), edge.plus(b.place()), worse.times(0.5)));
        }
        return steps;
    }

    private static List<DoubtfulStep> spokesOf(AxleEnd end) {
        List<DoubtfulStep> steps = new ArrayList<>();
        List<Station> stations = end.spokes();
        if (stations.size() < 2) {
            return steps;
        }
        for (int i = 0; i + 1 < stations.size(); i++) {
            Station a = stations.get(i);
            Station b = stations.get(i + 1);
            Measured worse = a.size().value() <= b.size().value() ? a.size() : b.size();
            steps.add(step(WallStep.Kind.SPOKES, a.place(), b.place(), worse));
        }
        Station last = stations.get(stations.size() - 1);
        steps.add(step(WallStep.Kind.SPOKES, last.place(), last.place().plus(REACH_BEYOND_LAST_READING), last.size()));
        return steps;
    }

    private static DoubtfulStep step(WallStep.Kind kind, Measured from, Measured to, Measured level) {
        return new DoubtfulStep(new WallStep(kind, from.value(), to.value(), level.value()), level, from, to);
    }
}
