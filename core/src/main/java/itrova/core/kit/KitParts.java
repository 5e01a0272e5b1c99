package itrova.core.kit;

import java.util.Optional;

/**
 * The parts of a kit that meet the axle end.
 *
 * @param disc the disc, the same left and right
 * @param caliper the caliper
 * @param bracket the caliper's bracket
 * @param studs wheel studs in the kit, if any
 * @param ratedLoadKg axle load it is rated for (kg)
 * @param fitting further parts
 */
public record KitParts(
        Disc disc,
        Caliper caliper,
        Bracket bracket,
        Optional<KitStuds> studs,
        double ratedLoadKg,
        FittingParts fitting) {

    /** Disc, caliper and bracket, perhaps studs, and nothing else. */
    public KitParts(Disc disc, Caliper caliper, Bracket bracket, Optional<KitStuds> studs, double ratedLoadKg) {
        this(disc, caliper, bracket, studs, ratedLoadKg, FittingParts.NONE);
    }

    KitParts withDisc(Disc other) {
        return new KitParts(other, caliper, bracket, studs, ratedLoadKg, fitting);
    }

    KitParts withCaliper(Caliper other) {
        return new KitParts(disc, other, bracket, studs, ratedLoadKg, fitting);
    }

    KitParts withBracket(Bracket other) {
        return new KitParts(disc, caliper, other, studs, ratedLoadKg, fitting);
    }

    KitParts withStuds(KitStuds other) {
        return new KitParts(disc, caliper, bracket, Optional.of(other), ratedLoadKg, fitting);
    }

    KitParts withFitting(FittingParts other) {
        return new KitParts(disc, caliper, bracket, studs, ratedLoadKg, other);
    }

    KitParts changedBy(KitOption.Change change) {
        FittingParts changed = fitting;
        if (change.nuts().isPresent()) {
            changed = changed.withNuts(change.nuts().get());
        }
        if (change.hose().isPresent()) {
            changed = changed.withHose(change.hose().get());
        }
        return new KitParts(
                change.disc().orElse(disc),
                change.caliper().orElse(caliper),
                change.bracket().orElseGet(() -> change.disc()
                        .map(d -> bracket.forDeeperHat(
                                d.hatDepth().value() - disc.hatDepth().value()))
                        .orElse(bracket)),
                change.studs().or(() -> studs),
                ratedLoadKg,
                changed);
    }
}
