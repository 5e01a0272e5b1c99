package itrova.core.lines;

import itrova.core.lines.LinePoint.Outlet;
import itrova.core.lines.LinePoint.Wheel;
import itrova.core.vehicle.Side;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Brake lines that together lead from the outlets to every wheel, each wheel reached one way only. */
public final class LineNetwork {
    private final List<LineRun> runs;
    private final int axles;
    /** The run that leads to a point, seen from its outlet. */
    private final Map<LinePoint, LineRun> inward = new LinkedHashMap<>();

    private final Map<LinePoint, LinePoint> before = new HashMap<>();
    private final Map<LinePoint, Outlet> fedBy = new HashMap<>();

    private LineNetwork(List<LineRun> runs, int axles) {
        this.runs = List.copyOf(runs);
        this.axles = axles;
    }

    /**
     * How the lines hang together.
     *
     * @param runs every piece
     * @param axles how many axles there are, two wheels each
     * @throws IllegalArgumentException if lines form a loop, join two outlets, end nowhere, or leave a wheel without a line; names which
     */
    public static LineNetwork of(List<LineRun> runs, int axles) {
        LineNetwork network = new LineNetwork(runs, axles);
        network.noStrangers();
        network.follow(new Outlet(1));
        network.follow(new Outlet(2));
        network.allReached();
        return network;
    }

    private void noStrangers() {
        for (LineRun run : runs) {
            for (LinePoint point : List.of(run.from(), run.to())) {
                if (point instanceof Wheel wheel && wheel.axle() >= axles) {
                    throw new IllegalArgumentException("A line ends at " + point.key() + ", and the vehicle has "
                            + axles + " axles. Name an axle it has.");
                }
            }
        }
    }

    private void follow(Outlet outlet) {
        Deque<LinePoint> open = new ArrayDeque<>();
        open.add(outlet);
        fedBy.put(outlet, outlet);
        while (!open.isEmpty()) {
            LinePoint here = open.poll();
            for (LineRun run : runs) {
                if (run.from().equals(here) || run.to().equals(here)) {
                    LinePoint there = run.from().equals(here) ? run.to() : run.from();
                    if (run != inward.get(here)) {
                        reach(run, here, there, outlet);
                        open.add(there);
                    }
                }
            }
        }
    }

    private void reach(LineRun run, LinePoint here, LinePoint there, Outlet outlet) {
        Outlet other = fedBy.putIfAbsent(there, outlet);
        if (there instanceof Outlet || other != null && !other.equals(outlet)) {
            throw new IllegalArgumentException("The line from " + run.from().key() + " to "
                    + run.to().key() + " joins both outlets: two circuits that are joined are one. Take it out.");
        }
        if (other != null) {
            throw new IllegalArgumentException("The line from " + run.from().key() + " to "
                    + run.to().key() + " closes a loop. Take out one line of it: every wheel is fed one way.");
        }
        inward.put(there, run);
        before.put(there, here);
    }

    private void allReached() {
        for (LineRun run : runs) {
            if (!fedBy.containsKey(run.from())) {
                throw new IllegalArgumentException("The line from " + run.from().key() + " to "
                        + run.to().key() + " hangs on no outlet. Draw what feeds it, or take it out.");
            }
        }
        for (Wheel wheel : wheels()) {
            if (!fedBy.containsKey(wheel)) {
                throw new IllegalArgumentException(
                        wheel.key() + " is a wheel without a line. Draw the line that feeds it.");
            }
        }
    }

    /** All wheels, axle by axle. */
    public List<Wheel> wheels() {
        List<Wheel> all = new ArrayList<>();
        for (int axle = 0; axle < axles; axle++) {
            all.add(new Wheel(axle, Side.LEFT));
            all.add(new Wheel(axle, Side.RIGHT));
        }
        return all;
    }

    /** The outlet that feeds a wheel. */
    public Outlet feeding(Wheel wheel) {
        return fedBy.get(wheel);
    }

    /** How many outlets feed wheels. */
    public int circuits() {
        return (int) wheels().stream().map(fedBy::get).distinct().count();
    }

    /** The runs from the outlet to a wheel, the wheel's own first. */
    private Set<LineRun> way(Wheel wheel) {
        Set<LineRun> way = new LinkedHashSet<>();
        for (LinePoint at = wheel; inward.containsKey(at); at = before.get(at)) {
            way.add(inward.get(at));
        }
        return way;
    }

    /** Line from the outlet to a wheel (mm). */
    public double distance(Wheel wheel) {
        return way(wheel).stream().mapToDouble(LineRun::lengthMillimetres).sum();
    }

    /**
     * Line that belongs to an axle; what feeds several axles is shared evenly among them.
     *
     * @param length all pieces (mm)
     * @param halfLimit how far that may be off, all taped with one tape (mm)
     * @param bore of one line as long that holds as much (mm)
     */
    public record AxleLine(double length, double halfLimit, double bore) {}

    public AxleLine of(int axle) {
        Map<LineRun, Set<Integer>> users = new LinkedHashMap<>();
        wheels().forEach(wheel -> way(wheel).forEach(run -> users.computeIfAbsent(run, r -> new LinkedHashSet<>())
                .add(wheel.axle())));
        double length = 0;
        double half = 0;
        double held = 0;
        for (Map.Entry<LineRun, Set<Integer>> e : users.entrySet()) {
            if (e.getValue().contains(axle)) {
                double share = 1.0 / e.getValue().size();
                LineRun run = e.getKey();
                length += share * run.lengthMillimetres();
                half += share * run.halfLimit();
                held += share * run.lengthMillimetres() * run.boreMillimetres() * run.boreMillimetres();
            }
        }
        return new AxleLine(length, half, Math.sqrt(held / length));
    }
}
