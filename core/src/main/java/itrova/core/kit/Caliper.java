package itrova.core.kit;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Outline;
import java.util.List;
import java.util.Optional;

/**
 * A caliper on its bracket, mounted and centred over the disc.
 *
 * @param sliding whether it moves inboard as pads wear
 * @param outline its profile over all its angles, x from the disc's mid-plane, pads new; absent if the papers give none
 * @param outlineTolerance half-width of the outline's tolerance (mm), each way
 * @param wearTravel how far a sliding caliper moves inboard until pads and disc are worn out (mm); 0 if fixed
 * @param sectors the profile part by part, where the papers give it so; else empty
 * @param span clock range it covers, counted from its middle (degrees)
 * @param plumbing its hydraulic side
 */
public record Caliper(
        boolean sliding,
        Optional<Outline> outline,
        double outlineTolerance,
        double wearTravel,
        List<SectorOutline> sectors,
        ClockWindow span,
        CaliperPlumbing plumbing) {

    /** Range taken when the papers do not say how far a caliper reaches around (degrees); common practice, generous. */
    public static final ClockWindow USUAL_SPAN = new ClockWindow(-45, 45);

    public Caliper {
        sectors = List.copyOf(sectors);
        if (!(outlineTolerance >= 0) || !(wearTravel >= 0)) {
            throw new IllegalArgumentException("A caliper's tolerance and wear travel must be at least 0 mm.");
        }
    }

    /** A caliper of which nothing but the profile is known. */
    public Caliper(boolean sliding, Optional<Outline> outline, double outlineTolerance, double wearTravel) {
        this(sliding, outline, outlineTolerance, wearTravel, List.of(), USUAL_SPAN, CaliperPlumbing.UNKNOWN);
    }

    /** The profile by parts: as the papers give it, or the whole one over the whole span; empty without a profile. */
    public List<SectorOutline> parts() {
        return sectors.isEmpty()
                ? outline.map(o -> List.of(new SectorOutline(span, o))).orElse(List.of())
                : sectors;
    }

    /** Whether it is known how far it moves as pads and disc wear: a sliding one always does. */
    public boolean isWearKnown() {
        return !sliding || wearTravel > 0;
    }

    /** Whether its shape is known at all. */
    public boolean hasShape() {
        return outline.isPresent() || !sectors.isEmpty();
    }

    /** The caliper with another profile over all its angles, as taken from a template. */
    public Caliper withOutline(Outline other, double tolerance) {
        return new Caliper(sliding, Optional.of(other), tolerance, wearTravel, List.of(), span, plumbing);
    }

    /** The caliper with nothing known of its shape. */
    public Caliper withoutOutline() {
        return new Caliper(sliding, Optional.empty(), outlineTolerance, wearTravel, List.of(), span, plumbing);
    }
}
