package itrova.core.kit;

import itrova.core.vehicle.AxleEndKind;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A conversion kit for one axle, both sides.
 *
 * @param code supplier's code, unique in a catalogue
 * @param name what it is called
 * @param supplier who sells it
 * @param fits kinds of axle end it is made for
 * @param disc the disc, the same left and right
 * @param caliper the caliper
 * @param bracket the caliper's bracket
 * @param studs wheel studs in the kit, if any
 * @param ratedLoadKg axle load it is rated for (kg)
 * @param box what is in the box
 * @param missing what is needed and not in the box
 * @param priceCents price for the axle (cents)
 * @param leadDays working days until it is there
 * @param returnable whether it may be sent back unused
 * @param reversible whether drums can be put back without new parts
 * @param parkingBrake what it offers for parking, in words
 * @param torques tightening torques stated
 * @param notes remarks of its papers
 */
public record Kit(
        String code,
        String name,
        String supplier,
        Set<AxleEndKind> fits,
        Disc disc,
        Caliper caliper,
        Bracket bracket,
        Optional<KitStuds> studs,
        double ratedLoadKg,
        List<String> box,
        List<MissingPart> missing,
        long priceCents,
        int leadDays,
        boolean returnable,
        boolean reversible,
        String parkingBrake,
        List<TorqueSpec> torques,
        List<String> notes) {

    public Kit {
        fits = Set.copyOf(fits);
        box = List.copyOf(box);
        missing = List.copyOf(missing);
        torques = List.copyOf(torques);
        notes = List.copyOf(notes);
    }

    /** Source name of one of this kit's figures. */
    public String source(String figure) {
        return "kit:" + code + ":" + figure;
    }

    /** The kit with its disc replaced, as after machining. */
    public Kit withDisc(Disc worked) {
        return new Kit(
                code,
                name,
                supplier,
                fits,
                worked,
                caliper,
                bracket,
                studs,
                ratedLoadKg,
                box,
                missing,
                priceCents,
                leadDays,
                returnable,
                reversible,
                parkingBrake,
                torques,
                notes);
    }

    /** The kit with other studs. */
    public Kit withStuds(KitStuds other) {
        return new Kit(
                code,
                name,
                supplier,
                fits,
                disc,
                caliper,
                bracket,
                Optional.of(other),
                ratedLoadKg,
                box,
                missing,
                priceCents,
                leadDays,
                returnable,
                reversible,
                parkingBrake,
                torques,
                notes);
    }
}
