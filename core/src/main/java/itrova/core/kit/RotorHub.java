package itrova.core.kit;

import java.util.Optional;

/**
 * A hub of the kit, with the disc on it or in one piece with it, that runs on the spindle that stays.
 *
 * @param inner seat of the large bearing
 * @param outer seat of the small bearing
 * @param spacing distance between the two bearings' seats on the spindle it is made for (mm), if stated
 * @param sealBore bore of the hub for the seal (mm), if stated
 * @param sealOn shaft diameter the seal in the box runs on (mm); absent if no seal is in the box
 * @param pilot diameter that centres the wheel (mm), if stated
 * @param face distance from the large bearing's shoulder out to the wheel's mounting face (mm), if stated
 * @param reach how far its end with dust cap stands outboard of the wheel's mounting face (mm), if stated
 */
public record RotorHub(
        Seat inner,
        Seat outer,
        Optional<Figure> spacing,
        Optional<Figure> sealBore,
        Optional<Figure> sealOn,
        Optional<Figure> pilot,
        Optional<Figure> face,
        Optional<Figure> reach) {

    /**
     * A bearing seat.
     *
     * @param cup outside diameter of the cup it takes (mm)
     * @param designation bearing that comes with the kit; absent if none does
     * @param rating its load ratings, if the papers give them
     */
    public record Seat(Figure cup, Optional<String> designation, Optional<Rating> rating) {}

    /**
     * Ratings of a tapered roller bearing (ISO 281).
     *
     * @param dynamic basic dynamic load rating C (N)
     * @param e limit of the load ratio
     * @param y thrust factor Y
     */
    public record Rating(double dynamic, double e, double y) {
        /** @throws IllegalArgumentException if a figure is not positive */
        public Rating {
            if (!(dynamic > 0) || !(e > 0) || !(y > 0)) {
                throw new IllegalArgumentException("Bearing ratings C, e and Y must be more than 0.");
            }
        }
    }
}
