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
 * @param parts the parts that meet the axle end
 * @param terms what it comes with, and on which terms
 * @param torques tightening torques stated
 * @param notes remarks of its papers
 */
public record Kit(
        String code,
        String name,
        String supplier,
        Set<AxleEndKind> fits,
        KitParts parts,
        KitTerms terms,
        List<TorqueSpec> torques,
        List<String> notes) {

    public Kit {
        fits = Set.copyOf(fits);
        torques = List.copyOf(torques);
        notes = List.copyOf(notes);
    }

    public Disc disc() {
        return parts.disc();
    }

    public Caliper caliper() {
        return parts.caliper();
    }

    public Bracket bracket() {
        return parts.bracket();
    }

    public Optional<KitStuds> studs() {
        return parts.studs();
    }

    /** Axle load it is rated for (kg). */
    public double ratedLoadKg() {
        return parts.ratedLoadKg();
    }

    /** Source name of one of this kit's figures. */
    public String source(String figure) {
        return "kit:" + code + ":" + figure;
    }

    /** The kit under another code. */
    public Kit withCode(String other) {
        return new Kit(other, name, supplier, fits, parts, terms, torques, notes);
    }

    /** The kit with its disc replaced, as after machining. */
    public Kit withDisc(Disc worked) {
        return withParts(new KitParts(worked, parts.caliper(), parts.bracket(), parts.studs(), parts.ratedLoadKg()));
    }

    /** The kit with other studs. */
    public Kit withStuds(KitStuds other) {
        return withParts(
                new KitParts(parts.disc(), parts.caliper(), parts.bracket(), Optional.of(other), parts.ratedLoadKg()));
    }

    private Kit withParts(KitParts other) {
        return new Kit(code, name, supplier, fits, other, terms, torques, notes);
    }
}
