package itrova.core.kit;

import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Joint;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Further parts of a kit that meet the vehicle.
 *
 * @param stack what it puts on the housing's bolts
 * @param hub its own hub on the spindle, if it brings one
 * @param nuts wheel nuts, if it brings them
 * @param hose flexible hose, if it brings one
 * @param drive styles of drive flange or locking hub that still fit; empty if the papers do not say
 * @param held ways of holding hub and wheel, other than by a plain flange, it is made for
 * @param joints joints its spindles or arms must meet
 * @param donorChecks what to look at on parts bought separately from a donor vehicle
 * @param spindle its own spindle or upright, if it brings one
 * @param needs what it needs of the vehicle
 */
public record FittingParts(
        HousingStack stack,
        Optional<RotorHub> hub,
        Optional<WheelNuts> nuts,
        Optional<Hose> hose,
        Set<DriveStyle> drive,
        Set<HubHeld> held,
        List<Joint> joints,
        List<String> donorChecks,
        Optional<OwnSpindle> spindle,
        KitNeeds needs) {

    /** Further parts of a kit that keeps the vehicle's spindle and needs nothing in figures. */
    public FittingParts(
            HousingStack stack,
            Optional<RotorHub> hub,
            Optional<WheelNuts> nuts,
            Optional<Hose> hose,
            Set<DriveStyle> drive,
            Set<HubHeld> held,
            List<Joint> joints,
            List<String> donorChecks) {
        this(stack, hub, nuts, hose, drive, held, joints, donorChecks, Optional.empty(), KitNeeds.NONE);
    }

    /** Nothing besides disc, caliper and bracket. */
    public static final FittingParts NONE = new FittingParts(
            HousingStack.PLAIN,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Set.of(),
            Set.of(),
            List.of(),
            List.of());

    public FittingParts {
        drive = Set.copyOf(drive);
        held = Set.copyOf(held);
        joints = List.copyOf(joints);
        donorChecks = List.copyOf(donorChecks);
    }

    FittingParts withNuts(WheelNuts other) {
        return new FittingParts(stack, hub, Optional.of(other), hose, drive, held, joints, donorChecks, spindle, needs);
    }

    FittingParts withHose(Hose other) {
        return new FittingParts(stack, hub, nuts, Optional.of(other), drive, held, joints, donorChecks, spindle, needs);
    }

    FittingParts withStack(HousingStack other) {
        return new FittingParts(other, hub, nuts, hose, drive, held, joints, donorChecks, spindle, needs);
    }

    FittingParts withHub(RotorHub other) {
        return new FittingParts(
                stack, Optional.of(other), nuts, hose, drive, held, joints, donorChecks, spindle, needs);
    }

    /** The same with a spindle or upright of its own. */
    public FittingParts withSpindle(OwnSpindle other) {
        return new FittingParts(stack, hub, nuts, hose, drive, held, joints, donorChecks, Optional.of(other), needs);
    }

    /** The same with other needs. */
    public FittingParts withNeeds(KitNeeds other) {
        return new FittingParts(stack, hub, nuts, hose, drive, held, joints, donorChecks, spindle, other);
    }
}
