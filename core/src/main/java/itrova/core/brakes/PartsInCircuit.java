package itrova.core.brakes;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeCircuit.Valve;
import itrova.core.brakes.Equipment.Actuator;
import itrova.core.brakes.Equipment.Bridge;
import itrova.core.brakes.Equipment.Seen;
import itrova.core.brakes.Equipment.StopLamp;
import itrova.core.fastener.Fitting;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.part.PartTrait;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** A circuit while parts are put into it. What a part replaces goes with all that was known of it. */
final class PartsInCircuit {
    private final BrakeCircuit found;
    private final Map<QuantityAt, Measured> given;
    private Booster booster;
    private Valve valve;
    private Split split;
    private Residual residual;
    private Fluid fluid;
    private StopLamp stopLamp;
    private Actuator actuator;
    private Seen reverseLockOut;
    private Seen warning;
    private boolean isWarnedByValve;
    private final List<AxleBrakes> axles;
    private final List<Fitting> newLines;
    private final List<Fitting> ports;
    private final List<Bridge> bridges;

    PartsInCircuit(BrakeCircuit found) {
        this.found = found;
        given = new HashMap<>(found.given());
        booster = found.booster();
        valve = found.valve();
        split = found.split();
        residual = found.residual();
        fluid = found.fluid();
        Equipment e = found.equipment();
        stopLamp = e.stopLamp();
        actuator = e.actuator();
        reverseLockOut = e.reverseLockOut();
        warning = e.warning();
        axles = new ArrayList<>(found.axles());
        newLines = new ArrayList<>(e.newLines());
        ports = new ArrayList<>(e.ports());
        bridges = new ArrayList<>(e.bridges());
    }

    BrakeCircuit done() {
        return new BrakeCircuit(
                found.isTrailer(),
                booster,
                valve,
                split,
                residual,
                fluid,
                found.parking(),
                axles,
                new Equipment(
                        stopLamp,
                        actuator,
                        reverseLockOut,
                        warning,
                        found.equipment().lineEnd(),
                        newLines,
                        ports,
                        bridges,
                        found.equipment().drained()),
                given);
    }

    /**
     * Puts a part in.
     *
     * @param axle index of the axle it goes on; {@link QuantityAt#VEHICLE} for the whole vehicle
     * @throws IllegalArgumentException if the part belongs on an axle and none is told
     */
    PartsInCircuit put(Part part, int axle) {
        switch (part.sort()) {
            case MASTER -> master(part);
            case BOOSTER -> {
                booster = part.is(PartTrait.VACUUM) ? Booster.VACUUM : Booster.HYDRAULIC;
                tell(BrakeQuantity.BOOST_RATIO, part, PartQuantity.BOOST_RATIO, QuantityAt.VEHICLE);
                tell(BrakeQuantity.BOOST_KNEE, part, PartQuantity.BOOST_KNEE, QuantityAt.VEHICLE);
            }
            case VALVE -> valve(part);
            case METERING_VALVE -> metering(part);
            case RESIDUAL_VALVE -> {
                if (axle < 0) {
                    everyOutlet(Residual.PRESENT);
                } else {
                    outlet(axle, Residual.PRESENT);
                }
                tell(BrakeQuantity.RESIDUAL_PRESSURE, part, PartQuantity.PRESSURE, axle);
                ports.addAll(part.ports());
            }
            case ACTUATOR -> actuator(part);
            case HOSE -> {
                tell(BrakeQuantity.HOSE_LENGTH, part, PartQuantity.LENGTH, onAxle(part, axle));
                tell(BrakeQuantity.HOSE_EXPANSION, part, PartQuantity.EXPANSION, onAxle(part, axle));
                ports.addAll(part.ports());
            }
            case PADS -> {
                tell(BrakeQuantity.PAD_FRICTION, part, PartQuantity.FRICTION, onAxle(part, axle));
                tell(BrakeQuantity.PAD_FRICTION_HOT, part, PartQuantity.FRICTION_HOT, onAxle(part, axle));
            }
            case ADAPTER ->
                part.ports().forEach(takes -> part.ends().forEach(gives -> bridges.add(new Bridge(takes, gives))));
            case LINE -> newLines.addAll(part.ends());
            case FLUID -> fluidOf(part).ifPresent(kind -> fluid = kind);
            default -> {
                // used up or turned by hand: nothing the brakes are worked out from
            }
        }
        return this;
    }

    private void master(Part part) {
        tell(BrakeQuantity.MASTER_BORE, part, PartQuantity.BORE, QuantityAt.VEHICLE);
        tell(BrakeQuantity.MASTER_STROKE, part, PartQuantity.STROKE, QuantityAt.VEHICLE);
        tell(BrakeQuantity.RESERVOIR, part, PartQuantity.RESERVOIR, QuantityAt.VEHICLE);
        given.remove(QuantityAt.vehicle(BrakeQuantity.PUSH_ROD_PLAY)); // it was the old master's
        everyOutlet(part.figure(PartQuantity.RESIDUAL).isPresent() ? Residual.PRESENT : Residual.NONE);
        tell(BrakeQuantity.RESIDUAL_PRESSURE, part, PartQuantity.RESIDUAL, QuantityAt.VEHICLE);
        if (part.figure(PartQuantity.RESIDUAL_REAR).isPresent()) {
            outlet(axles.size() - 1, Residual.PRESENT);
            tell(BrakeQuantity.RESIDUAL_PRESSURE, part, PartQuantity.RESIDUAL_REAR, axles.size() - 1);
        }
        // the old lamp knew the old master
        warning = isWarnedByValve || part.is(PartTrait.WARNING_SWITCH) ? Seen.YES : Seen.NO;
        if (!part.is(PartTrait.TANDEM)) {
            split = Split.SINGLE;
        } else if (split != Split.DIAGONAL) {
            split = Split.FRONT_REAR;
        }
        if (stopLamp == StopLamp.PRESSURE && !part.is(PartTrait.PRESSURE_SWITCH)) {
            stopLamp = StopLamp.HOMELESS;
        }
        ports.addAll(part.ports());
    }

    private void valve(Part part) {
        // a metering valve of its own stays where it is; a combination valve goes with all that was in it
        valve = valve == Valve.METERING ? Valve.COMBINATION : Valve.PROPORTIONING;
        if (part.figure(PartQuantity.METERING_HOLD).isPresent()) {
            metering(part);
        }
        if (part.is(PartTrait.WARNING_SWITCH)) {
            isWarnedByValve = true;
            warning = Seen.YES;
        }
        tell(BrakeQuantity.VALVE_SLOPE, part, PartQuantity.SLOPE, QuantityAt.VEHICLE);
        QuantityAt knee = QuantityAt.vehicle(BrakeQuantity.VALVE_KNEE);
        if (part.isAdjustable()) {
            given.remove(knee); // it is where somebody sets it, and the plan must say where
        } else {
            tell(BrakeQuantity.VALVE_KNEE, part, PartQuantity.KNEE, QuantityAt.VEHICLE);
        }
        ports.addAll(part.ports());
    }

    private void metering(Part part) {
        valve = valve.metering();
        tell(BrakeQuantity.METERING_HOLD, part, PartQuantity.METERING_HOLD, QuantityAt.VEHICLE);
        tell(BrakeQuantity.METERING_FULL, part, PartQuantity.METERING_FULL, QuantityAt.VEHICLE);
        if (part.sort() == PartSort.METERING_VALVE) {
            ports.addAll(part.ports());
        }
    }

    /** One residual valve, or none, for all outlets: what was known of single ones goes. */
    private void everyOutlet(Residual all) {
        residual = all;
        for (int i = 0; i < axles.size(); i++) {
            axles.set(i, new AxleBrakes(axles.get(i).name(), axles.get(i).shoes()));
            given.remove(new QuantityAt(BrakeQuantity.RESIDUAL_PRESSURE, i));
        }
    }

    private void outlet(int axle, Residual one) {
        AxleBrakes before = axles.get(axle);
        axles.set(axle, new AxleBrakes(before.name(), before.shoes(), Optional.of(one)));
    }

    private void actuator(Part part) {
        tell(BrakeQuantity.ACTUATOR_PRESSURE, part, PartQuantity.PRESSURE, QuantityAt.VEHICLE);
        tell(BrakeQuantity.ACTUATOR_VOLUME, part, PartQuantity.VOLUME, QuantityAt.VEHICLE);
        tell(BrakeQuantity.BREAKAWAY_HOLD, part, PartQuantity.HOLD, QuantityAt.VEHICLE);
        actuator = part.is(PartTrait.SURGE)
                ? Actuator.SURGE
                : part.is(PartTrait.ELECTRIC_OVER_HYDRAULIC) ? Actuator.ELECTRIC_OVER_HYDRAULIC : Actuator.VACUUM;
        reverseLockOut = part.is(PartTrait.REVERSE_LOCK_OUT) ? Seen.YES : Seen.NO;
        ports.addAll(part.ports());
    }

    /** The kind of a fluid by its designation, such as {@code DOT 4}. */
    static Optional<Fluid> fluidOf(Part part) {
        String size = part.size().toUpperCase(Locale.ROOT).replace(' ', '_').replace('.', '_');
        for (Fluid kind : Fluid.values()) {
            if (kind != Fluid.NOT_LOOKED && kind.name().equals(size)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }

    private int onAxle(Part part, int axle) {
        if (axle < 0 || axle >= found.axles().size()) {
            throw new IllegalArgumentException(part.sort().title() + " " + part.code()
                    + " goes on an axle of the circuit, and the plan does not say which. Name the axle.");
        }
        return axle;
    }

    /** A figure of the part in place of what was known; where it tells none, nothing is known any more. */
    private void tell(BrakeQuantity quantity, Part part, PartQuantity from, int axle) {
        QuantityAt at = new QuantityAt(quantity, axle);
        given.remove(at);
        part.figure(from)
                .ifPresent(f -> given.put(
                        at, Measured.of(quantity.checked(f.value()), Component.rectangular(at, f.tolerance()))));
    }
}
