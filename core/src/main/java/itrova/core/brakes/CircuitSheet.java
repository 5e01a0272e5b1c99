package itrova.core.brakes;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeCircuit.Valve;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.kit.Kit;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.stopping.TyreSize;
import itrova.core.vehicle.VehicleSheet;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The circuit as somebody wrote it down, as found and what is planned otherwise. Figures stay as typed.
 *
 * <p>What the vehicle's sheet tells already is not told again: mass, wheelbase, tyre, master, pedal, booster, fluid come from there
 * unless a figure here says otherwise.
 *
 * @param split what fails with one line
 * @param parking what holds it standing
 * @param figures of the vehicle, as typed
 * @param axles every axle, the front one first
 * @param planned what is to be otherwise besides the kits put in
 */
public record CircuitSheet(
        Split split, Parking parking, Map<BrakeQuantity, String> figures, List<AxleSheet> axles, Changes planned) {
    /** Nobody looked at it. */
    public static final CircuitSheet UNSEEN =
            new CircuitSheet(Split.NOT_LOOKED, Parking.NOT_LOOKED, Map.of(), List.of(), Changes.NONE);

    public CircuitSheet {
        figures = inOrder(figures);
        axles = List.copyOf(axles);
        figures.forEach(BrakeQuantity::parse);
    }

    /**
     * One axle's brakes.
     *
     * @param name of the axle; that of an axle to be converted is its name in the job
     * @param shoes how the drum's shoes are arranged; absent for discs
     * @param figures as typed
     */
    public record AxleSheet(String name, Optional<DrumBrake.Kind> shoes, Map<BrakeQuantity, String> figures) {
        public AxleSheet {
            figures = inOrder(figures);
            figures.forEach(BrakeQuantity::parse);
        }
    }

    /** What is planned otherwise than found. */
    public record Changes(
            Optional<Booster> booster,
            Optional<Split> split,
            Optional<Residual> residual,
            Optional<Fluid> fluid,
            Optional<Parking> parking,
            Map<BrakeQuantity, String> figures) {
        /** Nothing but the kits. */
        public static final Changes NONE = new Changes(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Map.of());

        public Changes {
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
        check(given);
        VehicleSheet.BrakesFound seen = sheet.brakes();
        return new BrakeCircuit(
                isTrailer,
                Booster.valueOf(seen.booster().name()),
                valve(
                        given,
                        switch (seen.valve()) {
                            case NONE, METERING -> Valve.NONE;
                            case PROPORTIONING, COMBINATION -> Valve.PROPORTIONING;
                            case NOT_LOOKED -> Valve.NOT_LOOKED;
                        }),
                split == Split.NOT_LOOKED && seen.circuits() == 1 ? Split.SINGLE : split,
                switch (seen.residualValve()) {
                    case NOT_LOOKED -> Residual.NOT_LOOKED;
                    case YES -> Residual.PRESENT;
                    case NO -> Residual.NONE;
                },
                Fluid.valueOf(seen.fluid().name()),
                parking,
                axles.stream().map(a -> new AxleBrakes(a.name(), a.shoes())).toList(),
                given);
    }

    /**
     * The circuit as planned: as found, with kits put in and what else is planned.
     *
     * @param kits chosen for axles, by the axle's name
     */
    public BrakeCircuit planned(BrakeCircuit found, Map<String, Kit> kits) {
        Map<QuantityAt, Measured> more = new HashMap<>(found.given());
        put(planned.figures(), QuantityAt.VEHICLE, more);
        check(more);
        BrakeCircuit circuit = new BrakeCircuit(
                found.isTrailer(),
                planned.booster().orElse(found.booster()),
                valve(more, found.valve()),
                planned.split().orElse(found.split()),
                planned.residual().orElse(found.residual()),
                planned.fluid().orElse(found.fluid()),
                planned.parking().orElse(found.parking()),
                found.axles(),
                more);
        for (int i = 0; i < axles.size(); i++) {
            Kit kit = kits.get(axles.get(i).name());
            if (kit != null) {
                circuit = circuit.withDiscs(i, DiscsOfKit.of(kit));
            }
        }
        return circuit;
    }

    /** A knee that was told tells of a valve. */
    private static Valve valve(Map<QuantityAt, Measured> given, Valve otherwise) {
        return given.containsKey(QuantityAt.vehicle(BrakeQuantity.VALVE_KNEE)) ? Valve.PROPORTIONING : otherwise;
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
