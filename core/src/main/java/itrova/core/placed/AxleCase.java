package itrova.core.placed;

import itrova.core.clearance.WheelProfile;
import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
import itrova.core.quantity.ShopNotation;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.VehicleFacts;
import itrova.core.vehicle.Wheel;
import java.util.List;
import java.util.Optional;

/**
 * What a kit is judged against: both sides of an axle, and its load.
 *
 * @param ends one or two sides
 * @param load load of the axle, if known
 * @param spacer spacer between disc and wheel (mm); 0 unless one is thought of
 * @param facts what else of the vehicle counts
 */
public record AxleCase(List<AxleEnd> ends, Optional<AxleLoad> load, Measured spacer, VehicleFacts facts) {
    /** Thickest spacer thought of (mm): beyond it studs and bearings are another matter; common practice. */
    private static final double THICKEST_SPACER = 60;

    /** An axle without spacers, of a vehicle nothing else is told of. */
    public AxleCase(List<AxleEnd> ends, Optional<AxleLoad> load) {
        this(ends, load, Measured.exact(0), VehicleFacts.UNKNOWN);
    }

    /** The axle of an owner who wants to be able to go back to drums, or need not. */
    public AxleCase goingBack(boolean wanted) {
        return of(facts.goingBack(wanted));
    }

    /** The axle of a vehicle of which more is told. */
    public AxleCase of(VehicleFacts told) {
        return new AxleCase(ends, load, spacer, told);
    }

    /**
     * The axle with a spacer between disc and wheel on both sides (mm).
     *
     * @throws IllegalArgumentException if it is thicker than any spacer is
     */
    public AxleCase withSpacer(Measured thickness) {
        if (!(thickness.value() >= 0 && thickness.value() <= THICKEST_SPACER)) {
            throw new IllegalArgumentException("A spacer is 0 to " + ShopNotation.inBoth(THICKEST_SPACER)
                    + " thick, not " + ShopNotation.inBoth(thickness.value()) + ". Check the figure and its unit.");
        }
        return new AxleCase(ends, load, thickness, facts);
    }

    /** The inside of the wheel on each end, in the order of the ends. */
    public List<WheelProfile> profiles() {
        return ends.stream().map(WheelProfile::of).toList();
    }

    /** Whether a kit is made for the kind of every end. */
    public boolean suits(Kit kit) {
        return ends.stream().allMatch(e -> kit.fits().contains(e.kind()));
    }

    /** The axle with another wheel on every end. */
    public AxleCase withWheel(Wheel wheel) {
        return new AxleCase(ends.stream().map(e -> e.withWheel(wheel)).toList(), load, spacer, facts);
    }

    public AxleCase {
        ends = List.copyOf(ends);
    }
}
