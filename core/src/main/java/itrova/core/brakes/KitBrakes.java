package itrova.core.brakes;

import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What the vehicle's brakes would do with each of many kits on one axle.
 *
 * <p>Kits with the same pistons, radius and ring brake alike: each such set is worked out once. Safe to be asked by many threads.
 */
public final class KitBrakes {
    private final PlannedVehicle vehicle;
    private final String axle;
    private final Map<Map<BrakeQuantity, Double>, Optional<BrakeReport>> known = new ConcurrentHashMap<>();

    /** @param axle name of the axle the kits would go on */
    public KitBrakes(PlannedVehicle vehicle, String axle) {
        this.vehicle = vehicle;
        this.axle = axle;
    }

    /** Whether somebody wrote the circuit down, so that something can be said of kits. */
    public boolean isSeen() {
        return vehicle.sheet().isSeen();
    }

    /** Findings with a kit; absent where nothing can be said of the plan. */
    public Optional<BrakeReport> with(Kit kit) {
        Map<BrakeQuantity, Double> alike = new EnumMap<>(BrakeQuantity.class);
        Map<BrakeQuantity, Measured> told = DiscsOfKit.of(kit);
        told.forEach((quantity, value) -> alike.put(quantity, value.value()));
        return known.computeIfAbsent(alike, k -> vehicle.with(axle, kit).findings());
    }
}
