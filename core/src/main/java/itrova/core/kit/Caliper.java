package itrova.core.kit;

import itrova.core.geometry.Outline;
import java.util.Optional;

/**
 * A caliper on its bracket, mounted and centred over the disc.
 *
 * @param sliding whether it moves inboard as pads wear
 * @param outline its profile over all its angles, x from the disc's mid-plane, pads new; absent if the papers give none
 * @param outlineTolerance half-width of the outline's tolerance (mm), each way
 * @param wearTravel how far a sliding caliper moves inboard until pads and disc are worn out (mm); 0 if fixed
 */
public record Caliper(boolean sliding, Optional<Outline> outline, double outlineTolerance, double wearTravel) {
    public Caliper {
        if (!(outlineTolerance >= 0) || !(wearTravel >= 0)) {
            throw new IllegalArgumentException("A caliper's tolerance and wear travel must be at least 0 mm.");
        }
    }
}
