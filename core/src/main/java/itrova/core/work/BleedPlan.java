package itrova.core.work;

import itrova.core.bench.BleedOrder;
import itrova.core.bench.BleedOrder.School;
import itrova.core.brakes.BrakeCircuit;
import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.kit.Kit;
import itrova.core.lines.LineNetwork;
import itrova.core.lines.LinePoint.Wheel;
import itrova.core.lines.LineRun;
import itrova.core.part.PartSort;
import itrova.core.phrase.Phrase;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a vehicle's brakes are bled.
 *
 * @param points wheels in their order
 * @param isMeasured whether the order is by drawn lines
 * @param before what is done before the first nipple is opened
 * @param fittings every joint looked at under full pressure
 */
public record BleedPlan(List<Point> points, boolean isMeasured, List<Phrase> before, List<Joint> fittings) {
    public BleedPlan {
        points = List.copyOf(points);
        before = List.copyOf(before);
        fittings = List.copyOf(fittings);
    }

    /**
     * A wheel to be bled.
     *
     * @param name axle and side in words
     * @param pipe line that leads to it (mm), where it was drawn
     * @param notes what is special here
     */
    public record Point(Wheel wheel, String name, OptionalDouble pipe, List<Phrase> notes) {
        public Point {
            notes = List.copyOf(notes);
        }
    }

    /** A joint of the circuit. */
    public record Joint(String key, String title) {}

    /**
     * The plan for the circuit as planned.
     *
     * @param school how the order is found
     * @param driver side the driver sits on
     * @param isolates whether a valve keeps front and rear apart, so that an axle opened is bled alone
     * @throws IllegalArgumentException if nothing can be said of the circuit yet
     */
    public static BleedPlan of(PlannedVehicle vehicle, School school, Side driver, boolean isolates) {
        if (vehicle.problem().isPresent()) {
            throw new IllegalArgumentException("The circuit is not written down yet. Do that under Brakes first.");
        }
        BrakeCircuit circuit = vehicle.planned();
        Optional<LineNetwork> lines = lines(vehicle, circuit);
        List<BleedOrder.Stop> stops = new ArrayList<>();
        for (int axle = 0; axle < circuit.axles().size(); axle++) {
            if (isBled(vehicle, circuit.axles().get(axle), isolates)) {
                for (Side side : Side.values()) {
                    Wheel wheel = new Wheel(axle, side);
                    stops.add(new BleedOrder.Stop(
                            wheel,
                            lines.map(l -> OptionalDouble.of(l.distance(wheel))).orElse(OptionalDouble.empty())));
                }
            }
        }
        BleedOrder order = BleedOrder.of(stops, school, driver);
        List<Point> points = order.wheels().stream()
                .map(s -> new Point(s.wheel(), name(circuit, s.wheel()), s.pipe(), notes(vehicle, circuit, s.wheel())))
                .toList();
        return new BleedPlan(points, order.isMeasured(), before(vehicle, circuit), joints(vehicle, circuit, points));
    }

    /** Lines as planned, or as found where the plan keeps them and their outlets. */
    private static Optional<LineNetwork> lines(PlannedVehicle vehicle, BrakeCircuit circuit) {
        List<LineRun> runs = runs(vehicle, circuit);
        return runs.isEmpty()
                ? Optional.empty()
                : Optional.of(LineNetwork.of(runs, circuit.axles().size()));
    }

    private static List<LineRun> runs(PlannedVehicle vehicle, BrakeCircuit circuit) {
        List<LineRun> planned = vehicle.sheet().planned().runs();
        if (!planned.isEmpty()) {
            return planned;
        }
        return circuit.split() == vehicle.found().split() ? vehicle.sheet().runs() : List.of();
    }

    private static boolean isBled(PlannedVehicle vehicle, AxleBrakes axle, boolean isolates) {
        if (circuitHasNoFluid(vehicle, axle)) {
            return false;
        }
        return !isolates || vehicle.kits().isEmpty() || vehicle.kits().containsKey(axle.name());
    }

    /** Electric drums of a trailer that stay have nothing to be bled. */
    private static boolean circuitHasNoFluid(PlannedVehicle vehicle, AxleBrakes axle) {
        return vehicle.isTrailer() && !axle.isDisc();
    }

    private static String name(BrakeCircuit circuit, Wheel wheel) {
        return circuit.axles().get(wheel.axle()).name() + ", " + wheel.side().word();
    }

    private static List<Phrase> notes(PlannedVehicle vehicle, BrakeCircuit circuit, Wheel wheel) {
        AxleBrakes axle = circuit.axles().get(wheel.axle());
        List<Phrase> notes = new ArrayList<>();
        if (!axle.isDisc()) {
            notes.add(Phrase.of("bleed.drum"));
            return notes;
        }
        boolean isLast = wheel.axle() == circuit.axles().size() - 1;
        if (isLast && circuit.parking() == BrakeCircuit.Parking.LEVER_CALIPER) {
            notes.add(Phrase.of("bleed.wind-the-lever"));
        }
        Optional<Kit> kit = Optional.ofNullable(vehicle.kits().get(axle.name()));
        if (kit.filter(k -> k.caliper().plumbing().bores().size() > 1).isPresent()) {
            notes.add(Phrase.of("bleed.two-nipples"));
        }
        if (kit.filter(k -> k.caliper().plumbing().nipple().isEmpty()).isPresent()) {
            notes.add(Phrase.of("bleed.look-at-the-nipple"));
        }
        return notes;
    }

    private static List<Phrase> before(PlannedVehicle vehicle, BrakeCircuit circuit) {
        List<Phrase> before = new ArrayList<>();
        if (vehicle.parts().stream().anyMatch(p -> p.sort() == PartSort.MASTER)) {
            before.add(Phrase.of("bleed.bench-the-master"));
        }
        if (!circuit.isTrailer() && circuit.axles().stream().anyMatch(a -> !a.isDisc())) {
            before.add(Phrase.of("bleed.adjust-the-drums"));
        }
        if (circuit.valve().isMetering()) {
            before.add(Phrase.of("bleed.hold-the-metering-valve-open"));
        }
        if (circuit.isTrailer()) {
            before.add(Phrase.of("bleed.run-the-actuator"));
        }
        before.add(Phrase.of("bleed.never-dry"));
        return before;
    }

    private static List<Joint> joints(PlannedVehicle vehicle, BrakeCircuit circuit, List<Point> points) {
        Map<String, Joint> joints = new LinkedHashMap<>();
        List<LineRun> runs = runs(vehicle, circuit);
        runs.stream()
                .flatMap(r -> List.of(r.from(), r.to()).stream())
                .filter(p -> !(p instanceof Wheel))
                .forEach(p -> joints.put(p.key(), new Joint(p.key(), "line at " + p.key())));
        if (runs.isEmpty()) {
            joints.put("outlets", new Joint("outlets", "lines at the master or actuator"));
        }
        for (Point point : points) {
            String key = point.wheel().key();
            joints.put(key + " hose", new Joint(key + " hose", "line into hose, " + point.name()));
            joints.put(
                    key + " end",
                    new Joint(
                            key + " end",
                            (circuit.axles().get(point.wheel().axle()).isDisc()
                                            ? "hose into caliper, "
                                            : "line into cylinder, ")
                                    + point.name()));
            joints.put(key + " nipple", new Joint(key + " nipple", "nipple, " + point.name()));
        }
        return List.copyOf(joints.values());
    }
}
