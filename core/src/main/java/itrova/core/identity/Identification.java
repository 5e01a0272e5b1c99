package itrova.core.identity;

import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Which families a subject may be, with probabilities.
 *
 * @param subject what was looked at
 * @param candidates those above 1 %, most likely first, "none of these" among them; empty when nothing was read
 * @param features how many features were measured, the number on the part not counted
 * @param contradiction what does not go together, such as a number and a bore; absent if all does
 */
public record Identification(
        Subject subject, List<Candidate> candidates, int features, Optional<Phrase> contradiction) {
    /** Name given when the part is in no table. */
    public static final String NONE = "none of these";

    /** Beyond this many standard uncertainties in some feature, a family is not the one. */
    private static final double FAR_IN_U = 3;
    /** Share of belief from which on a candidate is shown. */
    private static final double SHOWN = 0.01;
    /** Chance that a number read on the part was misread; common practice. */
    private static final double MISREAD = 0.02;
    /** Least standard uncertainty of a feature (mm), so that exact inputs stay comparable. */
    private static final double LEAST_U = 1e-4;

    /**
     * A family with its share of belief.
     *
     * @param name the family
     * @param probability 0 to 1
     * @param evidence how far each feature is off, in words
     * @param source where its figures come from
     */
    public record Candidate(String name, double probability, List<Phrase> evidence, String source) {}

    public Identification {
        candidates = List.copyOf(candidates);
    }

    /** The most likely candidate. */
    public Optional<Candidate> best() {
        return candidates.stream().findFirst();
    }

    /** Judges a subject at an axle end against the families known. */
    public static Identification of(Subject subject, AxleEnd end, Families families) {
        return of(subject, subject.evidence(end), subject.number(end), families.of(subject.table()));
    }

    /**
     * Judges measured features against families.
     *
     * @param evidence what was measured (mm, or counts)
     * @param number number read on the part, if any
     */
    public static Identification of(
            Subject subject, Map<Feature, Measured> evidence, Optional<String> number, List<Family> families) {
        if (evidence.isEmpty() && number.isEmpty()) {
            return new Identification(subject, List.of(), 0, Optional.empty());
        }
        List<Match> matches = families.stream().map(f -> Match.of(f, evidence)).toList();
        Optional<Family> named = number.flatMap(n -> families.stream()
                .filter(f -> f.numbers().contains(n.replace(" ", "")))
                .findFirst());
        boolean anyNear = matches.stream().anyMatch(m -> m.worst() <= FAR_IN_U);
        if (!anyNear && !evidence.isEmpty()) {
            return new Identification(
                    subject,
                    List.of(new Candidate(NONE, 1, List.of(), "no family is nearer than 3 u")),
                    evidence.size(),
                    named.map(f -> Phrase.of("identity.number-fits-no-family", f.name())));
        }
        return weighed(subject, evidence, number, named, matches);
    }

    private static Identification weighed(
            Subject subject,
            Map<Feature, Measured> evidence,
            Optional<String> number,
            Optional<Family> named,
            List<Match> matches) {
        double none = evidence.entrySet().stream()
                .mapToDouble(e -> -Math.log(e.getKey().range()))
                .sum();
        boolean isKnown = named.isPresent();
        double elsewhere = Math.log(MISREAD / Math.max(1, matches.size()));
        double[] logs = new double[matches.size() + 1];
        double top = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < matches.size(); i++) {
            Match m = matches.get(i);
            double byNumber = 0;
            if (isKnown) {
                byNumber = m.family().equals(named.get()) ? Math.log(1 - MISREAD) : elsewhere;
            }
            logs[i] = m.worst() > FAR_IN_U && !isKnown ? Double.NEGATIVE_INFINITY : m.logDensity() + byNumber;
            top = Math.max(top, logs[i]);
        }
        logs[matches.size()] = none + (isKnown ? elsewhere : 0);
        top = Math.max(top, logs[matches.size()]);
        double sum = 0;
        for (double l : logs) {
            sum += Math.exp(l - top);
        }
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i <= matches.size(); i++) {
            double p = Math.exp(logs[i] - top) / sum;
            if (p > SHOWN) {
                candidates.add(
                        i == matches.size()
                                ? new Candidate(NONE, p, List.of(), "")
                                : new Candidate(
                                        matches.get(i).family().name(),
                                        p,
                                        matches.get(i).words(),
                                        matches.get(i).family().source()));
            }
        }
        candidates.sort(Comparator.comparingDouble(Candidate::probability).reversed());
        return new Identification(subject, candidates, evidence.size(), contradiction(number, named, matches));
    }

    private static Optional<Phrase> contradiction(
            Optional<String> number, Optional<Family> named, List<Match> matches) {
        if (number.isPresent() && named.isEmpty()) {
            return Optional.of(Phrase.of("identity.number-in-no-table", number.get()));
        }
        return named.flatMap(f -> matches.stream()
                .filter(m -> m.family().equals(f) && m.worst() > FAR_IN_U)
                .findFirst()
                .map(m -> Phrase.of("identity.number-against-measure", f.name(), Phrase.joined("; ", m.words()))));
    }

    /** How well one family goes with what was measured. */
    private record Match(Family family, double logDensity, double worst, List<Phrase> words) {
        static Match of(Family family, Map<Feature, Measured> evidence) {
            List<Feature> known = evidence.keySet().stream()
                    .filter(f -> f != Feature.COUNT && family.figures().containsKey(f))
                    .toList();
            if (differsInCount(family, evidence)) {
                return new Match(
                        family,
                        Double.NEGATIVE_INFINITY,
                        Double.POSITIVE_INFINITY,
                        List.of(Phrase.of("identity.count-differs")));
            }
            double log = 0;
            for (Feature f : evidence.keySet()) {
                if (!family.figures().containsKey(f)) {
                    log -= Math.log(f.range()); // the table is silent: any value would do
                }
            }
            int n = known.size();
            if (n == 0) {
                return new Match(family, log, 0, List.of());
            }
            RealMatrix covariance = new Array2DRowRealMatrix(n, n);
            RealVector off = new ArrayRealVector(n);
            double worst = 0;
            List<Phrase> words = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                Measured read = evidence.get(known.get(i));
                Nominal nominal = family.figures().get(known.get(i));
                double difference = read.value() - nominal.centre();
                off.setEntry(i, difference);
                for (int j = 0; j <= i; j++) {
                    double shared = i == j ? 0 : shared(read, evidence.get(known.get(j)));
                    covariance.setEntry(i, j, shared);
                    covariance.setEntry(j, i, shared);
                }
                double u = Math.max(LEAST_U, Math.sqrt(square(read.u()) + square(nominal.making())));
                covariance.setEntry(i, i, u * u);
                worst = Math.max(worst, Math.abs(difference) / u);
                words.add(word(known.get(i), difference, u));
            }
            CholeskyDecomposition root = new CholeskyDecomposition(covariance, 1e-9, 0);
            double mahalanobis = off.dotProduct(root.getSolver().solve(off));
            log -= 0.5 * (mahalanobis + Math.log(root.getDeterminant()) + n * Math.log(2 * Math.PI));
            return new Match(family, log, worst, words);
        }

        private static boolean differsInCount(Family family, Map<Feature, Measured> evidence) {
            Nominal count = family.figures().get(Feature.COUNT);
            Measured read = evidence.get(Feature.COUNT);
            return count != null && read != null && Math.round(count.centre()) != Math.round(read.value());
        }

        private static double square(double v) {
            return v * v;
        }

        private static Phrase word(Feature feature, double difference, double u) {
            return Phrase.of(
                    "identity.off-by",
                    feature,
                    Amount.mm(difference, 2).asSigned(),
                    Amount.number(Math.abs(difference) / u, 1));
        }

        /** Covariance of two readings from the sources they share, such as the error of one instrument. */
        private static double shared(Measured a, Measured b) {
            Map<Source, Double> effects = new HashMap<>();
            for (Component c : a.components()) {
                effects.put(c.source(), c.effect());
            }
            double sum = 0;
            for (Component c : b.components()) {
                sum += c.effect() * effects.getOrDefault(c.source(), 0.0);
            }
            return sum;
        }
    }

    /**
     * Holds the papers against what was measured.
     *
     * @param claim the family the papers name
     * @return a loud sentence when the claim is out of the question; absent while it may be true
     */
    public Optional<Phrase> against(String claim) {
        if (features == 0 || candidates.isEmpty()) {
            return Optional.empty();
        }
        boolean possible = candidates.stream().anyMatch(c -> c.name().equalsIgnoreCase(claim.strip()));
        if (possible) {
            return Optional.empty();
        }
        Candidate best = candidates.get(0);
        return Optional.of(
                best.name().equals(NONE)
                        ? Phrase.of("identity.papers-say-other-than-known", claim)
                        : Phrase.of("identity.papers-say-other", claim, best.name()));
    }
}
