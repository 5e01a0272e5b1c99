package itrova.core.finding;

import itrova.core.kit.Contradiction;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PaperSource;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Collects a check's requirements and gives its finding: the requirement with the least m − U counts. */
public final class FindingBuilder {
    private final CheckId check;
    private final KitOnSide c;
    private final String unit;
    private final List<Requirement> requirements = new ArrayList<>(3);
    private final List<Callout> missing = new ArrayList<>(2);
    private final List<Phrase> missingInWords = new ArrayList<>(1);
    private boolean contradicted;
    private final Set<PaperFigure> read = new HashSet<>();
    private boolean satisfied;

    /** A check whose margin is a length. */
    public FindingBuilder(CheckId check, KitOnSide c) {
        this(check, c, "mm");
    }

    public FindingBuilder(CheckId check, KitOnSide c, String unit) {
        this.check = check;
        this.c = c;
        this.unit = unit;
    }

    public FindingBuilder require(Phrase name, Measured margin) {
        requirements.add(new Requirement(name, margin));
        return this;
    }

    /**
     * A requirement of which not all is known.
     *
     * @param atBest the margin where what is not known is taken to its advantage
     */
    public FindingBuilder require(Phrase name, Measured margin, Measured atBest) {
        requirements.add(new Requirement(name, margin, atBest));
        return this;
    }

    /** Notes that something no measure can express was found right. */
    public FindingBuilder satisfied() {
        satisfied = true;
        return this;
    }

    /**
     * Notes figures of the kit's papers the check goes by, as far as they carry no doubt into its margins: a contradiction in one of
     * them leaves the check unproven as well.
     */
    public FindingBuilder reads(PaperFigure... figures) {
        read.addAll(List.of(figures));
        return this;
    }

    /** Notes a reading as missing; of a part the kit brings it is the supplier's to tell. */
    public FindingBuilder missing(Callout callout) {
        if (c.isReplaced(callout)) {
            return missing(Phrase.of("finding-builder.kit-s-own-spindle-or", callout));
        }
        if (!missing.contains(callout)) {
            missing.add(callout);
        }
        return this;
    }

    public FindingBuilder missing(Phrase words) {
        if (!missingInWords.contains(words)) {
            missingInWords.add(words);
        }
        return this;
    }

    /** Notes a place of a profile as missing, with where in words. */
    public FindingBuilder missingPlace(Callout callout, Phrase words) {
        return missing(callout).missing(words);
    }

    /** Notes the callout as missing if its value is. */
    public FindingBuilder want(Optional<?> value, Callout callout) {
        return value.isPresent() ? this : missing(callout);
    }

    /** Notes a sliding caliper of which nobody says how far it moves as it wears. */
    public FindingBuilder wantWear() {
        reads(PaperFigure.CALIPER_WEAR_TRAVEL, PaperFigure.CALIPER_OUTLINE);
        if (!c.kit().caliper().isWearKnown()) {
            missing(Phrase.of("finding-builder.how-far-sliding-caliper-moves"));
        }
        return this;
    }

    /** Notes what is not known of the studs: to be read, or asked of the supplier where the kit's own hub brings them. */
    public FindingBuilder wantStuds(Optional<?> figure, Callout callout) {
        if (figure.isEmpty() && c.bringsHub()) {
            missing(Phrase.of("finding-builder.studs-kit-s-hub-their"));
        } else {
            want(figure, callout);
        }
        return this;
    }

    /**
     * The finding.
     *
     * @param explanation gives the explanation for the requirement that counts
     */
    public Finding finding(Function<Optional<Requirement>, Explanation> explanation) {
        noteClashes();
        Requirement worst = null;
        for (Requirement r : requirements) {
            if (worst == null || r.left() < worst.left()) {
                worst = r;
            }
        }
        Optional<Requirement> counts = Optional.ofNullable(worst);
        boolean incomplete = !missing.isEmpty() || !missingInWords.isEmpty();
        return new Finding(
                check,
                c.end().side(),
                verdict(incomplete),
                counts.map(Requirement::margin),
                unit,
                List.copyOf(requirements),
                List.copyOf(missing),
                List.copyOf(missingInWords),
                () -> explanation.apply(counts),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** Papers that contradict themselves in a figure this check uses leave it unproven until the supplier has answered. */
    private void noteClashes() {
        for (Contradiction clash : c.kit().choices().clashes()) {
            boolean used = read.contains(clash.figure())
                    || requirements.stream()
                            .flatMap(r -> r.margin().components().stream())
                            .anyMatch(part ->
                                    part.source() instanceof PaperSource paper && paper.figure() == clash.figure());
            if (used) {
                contradicted = true;
                missing(Phrase.of(
                        "finding-builder.papers-say-both-and-ask", clash.one(), clash.other(), clash.figure()));
            }
        }
    }

    /** A misfit that no measure can express, such as a bracket of another shape. */
    public Finding outright(Explanation explanation) {
        return new Finding(
                check,
                c.end().side(),
                Verdict.DOES_NOT_FIT,
                Optional.empty(),
                unit,
                List.of(),
                List.of(),
                List.of(),
                () -> explanation,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private Verdict verdict(boolean incomplete) {
        boolean allFit = !incomplete && (satisfied || !requirements.isEmpty());
        for (Requirement r : requirements) {
            if (r.isProvenNot() && !contradicted) {
                return Verdict.DOES_NOT_FIT;
            }
            allFit &= r.left() >= 0;
        }
        return allFit ? Verdict.FITS : Verdict.NOT_PROVEN;
    }
}
