package itrova.core.work;

import itrova.core.brakes.BrakeCircuit;
import itrova.core.brakes.FittedPart;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.judge.KitReport;
import itrova.core.part.Part;
import itrova.core.part.PartSort;
import itrova.core.vehicle.AxleForm;
import java.util.List;
import java.util.Optional;

/**
 * What a plan of the work is made from.
 *
 * @param report the kit on the axle with the work proven for it
 * @param form what is seen of the axle end
 * @param vehicle the brakes of the whole vehicle as planned
 * @param axle name of the axle
 * @param carriesVehicle whether what is done once for the vehicle is done with this axle
 */
public record PlanCase(
        KitReport report, AxleForm form, Optional<PlannedVehicle> vehicle, String axle, boolean carriesVehicle) {
    /** An axle alone, of whose vehicle nothing is said. */
    public static PlanCase alone(KitReport report, AxleForm form) {
        return new PlanCase(report, form, Optional.empty(), "", true);
    }

    /** Whether the plan puts a part of a sort in: on this axle, or with it for the vehicle. */
    boolean plans(PartSort sort) {
        return fitted().stream()
                .anyMatch(f -> part(f).filter(p -> p.sort() == sort).isPresent()
                        && f.axle().map(axle::equals).orElse(carriesVehicle));
    }

    private List<FittedPart> fitted() {
        return vehicle.map(v -> v.sheet().planned().parts()).orElse(List.of());
    }

    private Optional<Part> part(FittedPart fitted) {
        return vehicle.map(v -> v.catalogue().get(fitted.code()));
    }

    /** What holds the vehicle standing, where this axle is the one it works on. */
    Optional<BrakeCircuit.Parking> parking() {
        return planned().filter(c -> isLast(c)).map(BrakeCircuit::parking);
    }

    /** Whether an axle keeps its drums. */
    boolean keepsDrums() {
        return planned().map(c -> c.axles().stream().anyMatch(a -> !a.isDisc())).orElse(false);
    }

    private boolean isLast(BrakeCircuit circuit) {
        return circuit.axles().get(circuit.axles().size() - 1).name().equals(axle);
    }

    private Optional<BrakeCircuit> planned() {
        return vehicle.filter(v -> v.problem().isEmpty()).map(PlannedVehicle::planned);
    }
}
