package itrova.core.brakes;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeCircuit.Valve;
import itrova.core.brakes.Equipment.Actuator;
import itrova.core.brakes.Equipment.Seen;
import itrova.core.brakes.Equipment.StopLamp;
import itrova.core.fastener.Fitting;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.kit.Kit;
import itrova.core.lines.LineRun;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.stopping.TyreSize;
import itrova.core.vehicle.VehicleSheet;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * The circuit as somebody wrote it down, as found and what is planned otherwise. Figures stay as typed.
 *
 * <p>What the vehicle's sheet tells already is not told again: mass, wheelbase, tyre, master, pedal, booster, fluid come from there
 * unless a figure here says otherwise.
 *
 * @param split what fails with one line
 * @param parking what holds it standing
 * @param seen what hangs on it
 * @param figures of the vehicle, as typed
 * @param axles every axle, the front one first
 * @param runs lines as they run; empty where nobody drew them
 * @param planned what is to be otherwise besides the kits put in
 */
public record CircuitSheet(
        Split split,
        Parking parking,
        SeenSheet seen,
        Map<BrakeQuantity, String> figures,
        List<AxleSheet> axles,
        List<LineRun> runs,
        Changes planned) {
    /** Nobody looked at it. */
    public static final CircuitSheet UNSEEN = new CircuitSheet(
            Split.NOT_LOOKED, Parking.NOT_LOOKED, SeenSheet.NOT_LOOKED, Map.of(), List.of(), List.of(), Changes.NONE);

    public CircuitSheet {
        figures = inOrder(figures);
        axles = List.copyOf(axles);
        runs = List.copyOf(runs);
        figures.forEach(BrakeQuantity::parse);
    }

    /**
     * What hangs on the circuit, as written down.
     *
     * @param stopLamp what lights the stop lamps
     * @param actuator what presses a trailer's brakes
     * @param reverseLockOut whether a trailer with a surge coupler can be backed
     * @param warning whether a lamp tells of a circuit that failed
     * @param lineEnd thread and seat of the lines found, in words; empty where nobody looked
     */
    public record SeenSheet(StopLamp stopLamp, Actuator actuator, Seen reverseLockOut, Seen warning, String lineEnd) {
        /** Nobody looked. */
        public static final SeenSheet NOT_LOOKED =
                new SeenSheet(StopLamp.NOT_LOOKED, Actuator.NOT_LOOKED, Seen.NOT_LOOKED, Seen.NOT_LOOKED, "");

        /** @throws IllegalArgumentException if the line's end is not understood, or a state is none that is found */
        public SeenSheet {
            if (!lineEnd.isBlank()) {
                Fitting.parse(lineEnd);
            }
            if (stopLamp == StopLamp.HOMELESS) {
                throw new IllegalArgumentException(
                        "What lights the stop lamps is pedal, pressure, none or not_looked; homeless is what a plan makes of it.");
            }
        }

        private Equipment found() {
            return new Equipment(
                    stopLamp,
                    actuator,
                    reverseLockOut,
                    warning,
                    lineEnd.isBlank() ? Optional.empty() : Optional.of(Fitting.parse(lineEnd)),
                    List.of(),
                    List.of(),
                    List.of(),
                    Optional.empty());
        }
    }

    /**
     * One axle's brakes.
     *
     * @param name of the axle; that of an axle to be converted is its name in the job
     * @param shoes how the drum's shoes are arranged; absent for discs
     * @param outlet residual valve of the outlet that feeds it, where it is not as the master's others
     * @param figures as typed
     */
    public record AxleSheet(
            String name,
            Optional<DrumBrake.Kind> shoes,
            Optional<Residual> outlet,
            Map<BrakeQuantity, String> figures) {
        public AxleSheet {
            figures = inOrder(figures);
            figures.forEach(BrakeQuantity::parse);
        }
    }

    /**
     * What is planned otherwise than found.
     *
     * @param outlets residual valves planned for single axles' outlets, by the axle's name
     * @param runs lines as they are to run; empty where they stay as found
     * @param parts of the catalogue, put in first
     * @param figures set or told otherwise, in place of the parts' own
     */
    public record Changes(
            Optional<Booster> booster,
            Optional<Split> split,
            Optional<Residual> residual,
            Optional<Fluid> fluid,
            Optional<Parking> parking,
            Map<String, Residual> outlets,
            List<LineRun> runs,
            List<FittedPart> parts,
            Map<BrakeQuantity, String> figures) {
        /** Nothing but the kits. */
        public static final Changes NONE = new Changes(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                List.of(),
                List.of(),
                Map.of());

        public Changes {
            outlets = Collections.unmodifiableMap(new TreeMap<>(outlets));
            runs = List.copyOf(runs);
            parts = List.copyOf(parts);
            figures = inOrder(figures);
            figures.forEach(BrakeQuantity::parse);
        }
    }

    /** In the order of the quantities, the same in every process. */
    private static Map<BrakeQuantity, String> inOrder(Map<BrakeQuantity, String> figures) {
        Map<BrakeQuantity, String> sorted = new EnumMap<>(BrakeQuantity.class);
        sorted.putAll(figures);
        return Collections.unmodifiableMap(sorted);
    }

    /** Whether anybody looked at it. */
    public boolean isSeen() {
        return !axles.isEmpty();
    }

    /**
     * The circuit as found.
     *
     * @throws IllegalArgumentException if figures contradict each other, such as a laden mass below the empty one
     */
    public BrakeCircuit found(VehicleSheet sheet, boolean isTrailer) {
        Map<QuantityAt, Measured> given = new HashMap<>();
        fromSheet(sheet, given);
        put(figures, QuantityAt.VEHICLE, given);
        for (int i = 0; i < axles.size(); i++) {
            put(axles.get(i).figures(), i, given);
        }
        DrawnLines.measure(runs, axles.size(), given);
        check(given);
        VehicleSheet.BrakesFound brakes = sheet.brakes();
        Split told = split == Split.NOT_LOOKED && brakes.circuits() == 1 ? Split.SINGLE : split;
        return new BrakeCircuit(
                isTrailer,
                Booster.valueOf(brakes.booster().name()),
                valve(
                        given,
                        switch (brakes.valve()) {
                            case NONE -> Valve.NONE;
                            case METERING -> Valve.METERING;
                            case PROPORTIONING -> Valve.PROPORTIONING;
                            case COMBINATION -> Valve.COMBINATION;
                            case NOT_LOOKED -> Valve.NOT_LOOKED;
                        }),
                isTrailer || runs.isEmpty() ? told : DrawnLines.split(runs, axles.size(), told),
                switch (brakes.residualValve()) {
                    case NOT_LOOKED -> Residual.NOT_LOOKED;
                    case YES -> Residual.PRESENT;
                    case NO -> Residual.NONE;
                },
                Fluid.valueOf(brakes.fluid().name()),
                parking,
                axles.stream()
                        .map(a -> new AxleBrakes(a.name(), a.shoes(), a.outlet()))
                        .toList(),
                this.seen.found(),
                given);
    }

    /**
     * The circuit as planned: as found, with kits and parts put in and what else is planned.
     *
     * @param kits chosen for axles, by the axle's name
     * @param catalogue parts by their code
     * @throws IllegalArgumentException if figures contradict each other, or a part's axle is not told
     */
    public BrakeCircuit planned(BrakeCircuit found, Map<String, Kit> kits, Map<String, Part> catalogue) {
        BrakeCircuit circuit = withoutWhatChanges(found, kits);
        for (int i = 0; i < axles.size(); i++) {
            Kit kit = kits.get(axles.get(i).name());
            if (kit != null) {
                circuit = circuit.withDiscs(i, DiscsOfKit.of(kit));
            }
        }
        planned.outlets().keySet().forEach(this::indexOf);
        PartsInCircuit putting = new PartsInCircuit(circuit);
        Map<PartSort, Part> alone = new EnumMap<>(PartSort.class);
        for (FittedPart fitted : planned.parts()) {
            Part part = catalogue.get(fitted.code());
            if (part != null) {
                one(alone, part);
                putting.put(part, fitted.axle().map(this::indexOf).orElse(QuantityAt.VEHICLE));
            }
        }
        withinItsRange(alone);
        circuit = putting.done();
        Map<QuantityAt, Measured> more = new HashMap<>(circuit.given());
        put(planned.figures(), QuantityAt.VEHICLE, more);
        check(more);
        Split split = planned.split().orElse(circuit.split());
        if (!planned.runs().isEmpty()) {
            DrawnLines.forget(axles.size(), more);
            DrawnLines.measure(planned.runs(), axles.size(), more);
            split = circuit.isTrailer() ? split : DrawnLines.split(planned.runs(), axles.size(), split);
        } else if (!runs.isEmpty() && split != found.split()) {
            DrawnLines.forget(axles.size(), more); // another master's outlets are reached by other lines
        }
        Fluid fluid = planned.fluid().orElse(circuit.fluid());
        return new BrakeCircuit(
                circuit.isTrailer(),
                planned.booster().orElse(circuit.booster()),
                valve(more, circuit.valve()),
                split,
                planned.residual().orElse(circuit.residual()),
                fluid,
                planned.parking().orElse(circuit.parking()),
                outlets(circuit.axles()),
                fluid == found.fluid()
                        ? circuit.equipment()
                        : circuit.equipment().drained(found.fluid()),
                more);
    }

    /** Outlets as planned: one for all first, then those of single axles. */
    private List<AxleBrakes> outlets(List<AxleBrakes> before) {
        return before.stream()
                .map(a -> new AxleBrakes(
                        a.name(),
                        a.shoes(),
                        Optional.ofNullable(planned.outlets().get(a.name()))
                                .or(() -> planned.residual().isPresent() ? Optional.empty() : a.outlet())))
                .toList();
    }

    /** What was seen of the parking brake says nothing of another, nor of the old one on other brakes. */
    private BrakeCircuit withoutWhatChanges(BrakeCircuit found, Map<String, Kit> kits) {
        boolean isOther = planned.parking().filter(p -> p != found.parking()).isPresent();
        boolean isOnOtherBrakes = found.parking() != Parking.TRANSMISSION
                && !axles.isEmpty()
                && kits.containsKey(axles.get(axles.size() - 1).name());
        if (!isOther && !isOnOtherBrakes) {
            return found;
        }
        Map<QuantityAt, Measured> kept = new HashMap<>(found.given());
        kept.remove(QuantityAt.vehicle(BrakeQuantity.GRADE_HELD));
        if (isOther) {
            kept.remove(QuantityAt.vehicle(BrakeQuantity.PARKING_GAIN));
        }
        return found.withGiven(kept);
    }

    private static final Set<PartSort> ONE_OF_ITS_SORT =
            EnumSet.of(PartSort.MASTER, PartSort.BOOSTER, PartSort.VALVE, PartSort.ACTUATOR);

    private static void one(Map<PartSort, Part> alone, Part part) {
        if (ONE_OF_ITS_SORT.contains(part.sort())) {
            Part other = alone.put(part.sort(), part);
            if (other != null) {
                throw new IllegalArgumentException(
                        "A circuit has one " + part.sort().title() + ", and the plan names " + other.code() + " and "
                                + part.code() + ". Take one of them out.");
            }
        }
    }

    /** A valve set by hand is set within what it can be set to. */
    private void withinItsRange(Map<PartSort, Part> alone) {
        Part valve = alone.get(PartSort.VALVE);
        String typed = planned.figures().get(BrakeQuantity.VALVE_KNEE);
        if (valve == null || typed == null || !valve.isAdjustable()) {
            return;
        }
        double knee = BrakeQuantity.VALVE_KNEE.parse(typed).value();
        double least = valve.figure(PartQuantity.KNEE).orElseThrow().value();
        double most = valve.figure(PartQuantity.KNEE_MOST).orElseThrow().value();
        if (knee < least - SETTING || knee > most + SETTING) {
            throw new IllegalArgumentException("valve knee of " + knee + " MPa: " + valve.code() + " is set between "
                    + least + " and " + most + " MPa. Choose a knee it has, or another valve.");
        }
    }

    /** As finely as a valve is set by hand (MPa); common practice. */
    private static final double SETTING = 0.01;

    /** @throws IllegalArgumentException if the circuit has no axle of that name */
    private int indexOf(String axle) {
        int at = axles.stream().map(AxleSheet::name).toList().indexOf(axle);
        if (at < 0) {
            throw new IllegalArgumentException("The plan names the axle “" + axle + "”, and the circuit has "
                    + String.join(", ", axles.stream().map(AxleSheet::name).toList()) + ". Name one of them.");
        }
        return at;
    }

    /** The same with other parts and settings planned. */
    public CircuitSheet planning(List<FittedPart> parts, Map<BrakeQuantity, String> more) {
        Map<BrakeQuantity, String> all = new EnumMap<>(BrakeQuantity.class);
        all.putAll(planned.figures());
        all.putAll(more);
        return new CircuitSheet(
                split,
                parking,
                seen,
                figures,
                axles,
                runs,
                new Changes(
                        planned.booster(),
                        planned.split(),
                        planned.residual(),
                        planned.fluid(),
                        planned.parking(),
                        planned.outlets(),
                        planned.runs(),
                        parts,
                        all));
    }

    /** Parts planned that the catalogue does not have: nothing can be said of the plan until it does. */
    public List<String> unknownParts(Map<String, Part> catalogue) {
        return planned.parts().stream()
                .map(FittedPart::code)
                .filter(code -> !catalogue.containsKey(code))
                .sorted()
                .toList();
    }

    /** A figure of a valve that was told tells of the valve. */
    private static Valve valve(Map<QuantityAt, Measured> given, Valve otherwise) {
        Valve valve = otherwise;
        if (given.containsKey(QuantityAt.vehicle(BrakeQuantity.VALVE_KNEE))) {
            valve = valve.proportioning();
        }
        return given.containsKey(QuantityAt.vehicle(BrakeQuantity.METERING_HOLD)) ? valve.metering() : valve;
    }

    /** Axles a kit was chosen for that the circuit does not name: nothing can be said of the plan until it does. */
    public List<String> unplaced(Map<String, Kit> kits) {
        return kits.keySet().stream()
                .filter(name -> axles.stream().noneMatch(a -> a.name().equals(name)))
                .sorted()
                .toList();
    }

    private static void put(Map<BrakeQuantity, String> figures, int axle, Map<QuantityAt, Measured> given) {
        figures.forEach((quantity, text) -> put(quantity, text, axle, given));
    }

    private static void put(BrakeQuantity quantity, String text, int axle, Map<QuantityAt, Measured> given) {
        QuantityAt at = new QuantityAt(quantity, axle);
        BrakeQuantity.Told told = quantity.parse(text);
        given.put(at, Measured.of(told.value(), Component.rectangular(at, told.halfLimit())));
    }

    private static void fromSheet(VehicleSheet sheet, Map<QuantityAt, Measured> given) {
        sheet.massMeasured().ifPresent(mass -> {
            QuantityAt at = QuantityAt.vehicle(BrakeQuantity.MASS_EMPTY);
            given.put(at, Measured.of(mass.value(), Component.standard(at, mass.u())));
        });
        told(BrakeQuantity.WHEELBASE, sheet.wheelbase(), given);
        told(BrakeQuantity.CENTRE_HEIGHT, sheet.centreHeight(), given);
        told(BrakeQuantity.MASTER_BORE, sheet.brakes().masterBore(), given);
        told(BrakeQuantity.MASTER_STROKE, sheet.brakes().masterStroke(), given);
        told(BrakeQuantity.PEDAL_RATIO, sheet.brakes().pedalRatio(), given);
        TyreSize.parse(sheet.tyre()).ifPresent(tyre -> {
            QuantityAt at = QuantityAt.vehicle(BrakeQuantity.TYRE_DIAMETER);
            given.put(at, Measured.of(tyre.diameter(), Component.rectangular(at, tyre.halfLimit())));
        });
    }

    private static void told(BrakeQuantity quantity, String text, Map<QuantityAt, Measured> given) {
        if (!text.isBlank()) {
            put(quantity, text, QuantityAt.VEHICLE, given);
        }
    }

    private static void check(Map<QuantityAt, Measured> given) {
        below(given, BrakeQuantity.MASS_EMPTY, BrakeQuantity.MASS_LADEN);
        below(given, BrakeQuantity.FRONT_EMPTY, BrakeQuantity.MASS_EMPTY);
        below(given, BrakeQuantity.FRONT_LADEN, BrakeQuantity.MASS_LADEN);
        below(given, BrakeQuantity.METERING_HOLD, BrakeQuantity.METERING_FULL);
    }

    private static void below(Map<QuantityAt, Measured> given, BrakeQuantity less, BrakeQuantity more) {
        Measured small = given.get(QuantityAt.vehicle(less));
        Measured large = given.get(QuantityAt.vehicle(more));
        if (small != null && large != null && small.value() > large.value()) {
            throw new IllegalArgumentException(
                    less.title() + " of " + small.value() + " " + less.unit() + " is more than " + more.title() + " of "
                            + large.value() + " " + more.unit() + ". Read both again.");
        }
    }
}
