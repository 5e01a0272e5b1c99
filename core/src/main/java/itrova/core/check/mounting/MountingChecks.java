package itrova.core.check.mounting;

import itrova.core.check.Check;
import java.util.List;

/** Does the kit go onto the axle end: pattern, studs, register, bracket, stack, bearings, hub. */
public final class MountingChecks {
    public static final List<Check> ALL = List.of(
            new PatternCheck(),
            new StudHoleCheck(),
            new NutEngagementCheck(),
            new NutSeatCheck(),
            new RegisterCheck(),
            new WheelCentringCheck(),
            new HatFlangeCheck(),
            new BracketCheck(),
            new HousingStackCheck(),
            new AxleOffsetCheck(),
            new BearingCheck(),
            new DriveCheck(),
            new HubHeldCheck(),
            new JointsCheck());

    private MountingChecks() {}
}
