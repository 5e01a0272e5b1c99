package itrova.core.record;

import itrova.core.brakes.CircuitSheet;
import itrova.core.vehicle.VehicleSheet;
import java.util.List;
import java.util.Optional;

/**
 * A job: one vehicle, one or more axles.
 *
 * @param title what the shop calls it
 * @param vehicleKind kind of vehicle
 * @param vehicle description in the shop's words
 * @param owner who brought it
 * @param mustBeReversible whether drums must be able to go back
 * @param promised date promised (ISO 8601), if any
 * @param notes remarks
 * @param sheet what was seen of the whole vehicle
 * @param circuit the brakes of the whole vehicle, as found and as planned
 * @param axles axles to convert
 * @param trail how it came to stand so
 */
public record Job(
        String title,
        VehicleKind vehicleKind,
        String vehicle,
        String owner,
        boolean mustBeReversible,
        Optional<String> promised,
        String notes,
        VehicleSheet sheet,
        CircuitSheet circuit,
        List<AxleRecord> axles,
        Trail trail) {

    public Job {
        axles = List.copyOf(axles);
    }

    /** The same with another trail. */
    public Job with(Trail other) {
        return new Job(
                title, vehicleKind, vehicle, owner, mustBeReversible, promised, notes, sheet, circuit, axles, other);
    }
}
