package itrova.core.vehicle;

import itrova.core.quantity.Measured;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A wheel that could take the place of the one found.
 *
 * @param code what it is listed under
 * @param name what it is called
 * @param lugs holes of its pattern
 * @param circle bolt circle (mm)
 * @param studHole stud hole (mm)
 * @param backspacing inboard flange edge to mounting face (mm)
 * @param overall flange edge to flange edge (mm), if stated
 * @param rimInches nominal rim diameter (in), if stated
 * @param barrel inside diameters at depths from that edge
 * @param spokes distances from the mounting face to the spokes' back at radii
 * @param pad thickness under the nut (mm)
 * @param bore centre bore (mm)
 * @param seat how the nut seats, in words
 * @param ratedKg load it is rated for (kg), if stated
 * @param offer what a set of two costs
 */
public record Wheel(
        String code,
        String name,
        int lugs,
        Measured circle,
        Measured studHole,
        Measured backspacing,
        Optional<Measured> overall,
        OptionalInt rimInches,
        List<Station> barrel,
        List<Station> spokes,
        Measured pad,
        Measured bore,
        Optional<String> seat,
        OptionalDouble ratedKg,
        Offer offer) {

    public Wheel {
        barrel = List.copyOf(barrel);
        spokes = List.copyOf(spokes);
    }

    /**
     * What wheels cost.
     *
     * @param supplier who sells them
     * @param pairCents price of two (cents)
     * @param leadDays working days until they are there
     */
    public record Offer(String supplier, long pairCents, int leadDays) {}
}
