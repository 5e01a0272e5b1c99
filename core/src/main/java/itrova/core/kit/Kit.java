package itrova.core.kit;

import itrova.core.fastener.Thread;
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
 * @param choices options and what its papers contradict themselves in
 */
public record Kit(
        String code,
        String name,
        String supplier,
        Set<AxleEndKind> fits,
        KitParts parts,
        KitTerms terms,
        List<TorqueSpec> torques,
        List<String> notes,
        Choices choices) {

    /**
     * What is left to choose or to ask.
     *
     * @param options options it is sold with
     * @param clashes statements of its papers that cannot both be true
     * @param needs what it needs of the vehicle, in words
     */
    public record Choices(List<KitOption> options, List<Contradiction> clashes, List<String> needs) {
        /** Nothing to choose and nothing to ask. */
        public static final Choices NONE = new Choices(List.of(), List.of(), List.of());

        public Choices {
            options = List.copyOf(options);
            clashes = List.copyOf(clashes);
            needs = List.copyOf(needs);
        }
    }

    public Kit {
        fits = Set.copyOf(fits);
        torques = List.copyOf(torques);
        notes = List.copyOf(notes);
    }

    /** A kit without options. */
    public Kit(
            String code,
            String name,
            String supplier,
            Set<AxleEndKind> fits,
            KitParts parts,
            KitTerms terms,
            List<TorqueSpec> torques,
            List<String> notes) {
        this(code, name, supplier, fits, parts, terms, torques, notes, Choices.NONE);
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

    public FittingParts fitting() {
        return parts.fitting();
    }

    /** Axle load it is rated for (kg). */
    public double ratedLoadKg() {
        return parts.ratedLoadKg();
    }

    /**
     * Thread a torque of the papers is for: as stated, that of the kit's studs for wheel nuts, or a usual one of the bracket bolts'
     * diameter; absent where nothing tells.
     */
    public Optional<Thread> threadFor(TorqueSpec torque) {
        return switch (torque.place()) {
            case WHEEL_NUT -> torque.thread().or(() -> studs().map(KitStuds::thread));
            case BRACKET_BOLT ->
                torque.thread()
                        .or(() -> Optional.of(Thread.likely(bracket().bolt().value())));
            default -> torque.thread();
        };
    }

    /** Whether the papers contradict themselves in a figure. */
    public boolean contradicts(PaperFigure figure) {
        return choices.clashes().stream().anyMatch(clash -> clash.figure() == figure);
    }

    /** Source of the doubt of one of this kit's figures. */
    public PaperSource source(PaperFigure figure) {
        return PaperSource.of(code, figure);
    }

    /** Source of the doubt of an outline in one direction. */
    public PaperSource source(PaperFigure outline, PaperSource.Along along) {
        return PaperSource.of(code, outline, along);
    }

    /** The kit under another code. */
    public Kit withCode(String other) {
        return new Kit(other, name, supplier, fits, parts, terms, torques, notes, choices);
    }

    /** The kit at another price (cents) and in another number of working days. */
    public Kit offeredAt(long cents, int leadDays) {
        return new Kit(code, name, supplier, fits, parts, terms.offeredAt(cents, leadDays), torques, notes, choices);
    }

    /** The kit with its disc replaced, as after machining. */
    public Kit withDisc(Disc worked) {
        return withParts(parts.withDisc(worked));
    }

    /** The kit with its caliper replaced, as when its outline was taken from a template. */
    public Kit withCaliper(Caliper other) {
        return withParts(parts.withCaliper(other));
    }

    /** The kit with its bracket replaced. */
    public Kit withBracket(Bracket other) {
        return withParts(parts.withBracket(other));
    }

    /** The kit with other studs. */
    public Kit withStuds(KitStuds other) {
        return withParts(parts.withStuds(other));
    }

    /** The kit with other nuts. */
    public Kit withNuts(WheelNuts other) {
        return withFitting(parts.fitting().withNuts(other));
    }

    /** The kit with another hose. */
    public Kit withHose(Hose other) {
        return withFitting(parts.fitting().withHose(other));
    }

    /** The kit with other bolts at the housing. */
    public Kit withStack(HousingStack other) {
        return withFitting(parts.fitting().withStack(other));
    }

    /** The kit with another hub, as when other bearings are put into it. */
    public Kit withHub(RotorHub other) {
        return withFitting(parts.fitting().withHub(other));
    }

    /** The kit with its further parts, and what it needs, replaced. */
    public Kit withFitting(FittingParts other) {
        return withParts(parts.withFitting(other));
    }

    /** The kit with options taken: each replaces parts. */
    public Kit with(List<KitOption> taken) {
        KitParts changed = parts;
        for (KitOption option : taken) {
            changed = changed.changedBy(option.change());
        }
        return withParts(changed);
    }

    private Kit withParts(KitParts other) {
        return new Kit(code, name, supplier, fits, other, terms, torques, notes, choices);
    }
}
