package itrova.core.vehicle;

import itrova.core.quantity.Measured;
import itrova.core.vehicle.VehicleSheet.Booster;
import java.util.Optional;

/**
 * What of the whole vehicle a kit is judged against besides its axle.
 *
 * @param goesBack whether the owner wants to be able to go back to drums
 * @param booster what gives the pedal its help
 * @param linePressure pressure a gauge showed at the axle's line under a hard pedal (MPa), if it was read
 */
public record VehicleFacts(boolean goesBack, Booster booster, Optional<Measured> linePressure) {
    /** Nothing told, and no wish to go back. */
    public static final VehicleFacts UNKNOWN = new VehicleFacts(false, Booster.NOT_LOOKED, Optional.empty());

    /** The facts of a vehicle by its sheet. */
    public static VehicleFacts of(boolean goesBack, VehicleSheet sheet) {
        return new VehicleFacts(goesBack, sheet.brakes().booster(), sheet.linePressureMeasured());
    }

    /** The same with another wish about drums. */
    public VehicleFacts goingBack(boolean wanted) {
        return new VehicleFacts(wanted, booster, linePressure);
    }
}
