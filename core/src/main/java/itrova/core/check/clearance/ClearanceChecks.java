package itrova.core.check.clearance;

import itrova.core.check.Check;
import java.util.List;

/** Does anything meet anything else: wheel, caliper, disc, hose, tyre and what stands around them. */
public final class ClearanceChecks {
    public static final List<Check> ALL = List.of(
            new DiscInWheelCheck(),
            WheelClearanceCheck.barrel(),
            WheelClearanceCheck.spokes(),
            new ValveCheck(),
            new HubCapCheck(),
            new InboardCheck(),
            new TyreRoomCheck(),
            new NippleCheck(),
            new SpareCheck(),
            new SweepCheck(),
            new HoseCheck());

    private ClearanceChecks() {}
}
