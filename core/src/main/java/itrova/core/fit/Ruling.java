package itrova.core.fit;

import itrova.core.kit.PaperClash;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Collects a check's requirements and gives its finding: the requirement with the least m − U counts. */
final class Ruling {
    private final CheckId check;
    private final FitCase c;
    private final String unit;
    private final List<Requirement> requirements = new ArrayList<>(3);
    private final List<Callout> missing = new ArrayList<>(2);
    private final List<String> missingInWords = new ArrayList<>(1);
    private boolean contradicted;
    private final Set<String> read = new HashSet<>();
    private boolean satisfied;

    /** A check whose margin is a length. */
    Ruling(CheckId check, FitCase c) {
        this(check, c, "mm");
    }

    Ruling(CheckId check, FitCase c, String unit) {
        this.check = check;
        this.c = c;
        this.unit = unit;
    }

    Ruling require(String name, Measured margin) {
        requirements.add(new Requirement(name, margin));
        return this;
    }

    /**
     * A requirement of which not all is known.
     *
     * @param atBest the margin where what is not known is taken to its advantage
     */
    Ruling require(String name, Measured margin, Measured atBest) {
        requirements.add(new Requirement(name, margin, atBest));
        return this;
    }

    /** Notes that something no measure can express was found right. */
    Ruling satisfied() {
        satisfied = true;
        return this;
    }

    /**
     * Notes figures of the kit's papers the check goes by, as far as they carry no doubt into its margins: a contradiction in one of
     * them leaves the check unproven as well.
     */
    Ruling reads(String... figures) {
        read.addAll(List.of(figures));
        return this;
    }

    /** Notes a reading as missing; of a part the kit brings it is the supplier's to tell. */
    Ruling missing(Callout callout) {
        if (c.isReplaced(callout)) {
            return missing("of the kit's own spindle or upright: " + callout.title() + ": ask the supplier");
        }
        if (!missing.contains(callout)) {
            missing.add(callout);
        }
        return this;
    }

    Ruling missing(String words) {
        if (!missingInWords.contains(words)) {
            missingInWords.add(words);
        }
        return this;
    }

    /** Notes a place of a profile as missing, with where in words. */
    Ruling missingPlace(Callout callout, String words) {
        return missing(callout).missing(words);
    }

    /** Notes the callout as missing if its value is. */
    Ruling want(Optional<?> value, Callout callout) {
        return value.isPresent() ? this : missing(callout);
    }

    /**
     * The finding.
     *
     * @param explanation gives the explanation for the requirement that counts
     */
    Finding finding(Function<Optional<Requirement>, Explanation> explanation) {
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
        for (PaperClash clash : c.kit().choices().clashes()) {
            String source = c.kit().source(clash.figure());
            boolean used = read.contains(clash.figure())
                    || requirements.stream()
                            .flatMap(r -> r.margin().components().stream())
                            .anyMatch(part -> part.source().startsWith(source));
            if (used) {
                contradicted = true;
                missing("the papers say both “" + clash.one() + "” and “" + clash.other() + "” (" + clash.figure()
                        + "): ask the supplier which is right");
            }
        }
    }

    /** A misfit that no measure can express, such as a bracket of another shape. */
    Finding outright(Explanation explanation) {
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
