package itrova.core.guide;

import itrova.core.identity.Families;
import itrova.core.identity.Family;
import itrova.core.identity.Feature;
import itrova.core.identity.Identification;
import itrova.core.identity.Nominal;
import itrova.core.identity.Subject;
import itrova.core.measure.ReadingSpec;
import itrova.core.phrase.Phrase;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How much a reading is expected to tell of what the parts of one end are. */
final class IdentityGain {
    /** Chance that a bearing's number, once read, settles which it is. */
    private static final double NUMBER_SETTLES = 0.9;

    private final Map<Callout, Double> bits = new EnumMap<>(Callout.class);
    private final Map<Callout, Phrase> words = new EnumMap<>(Callout.class);

    private record Weighted(Family family, double probability) {}

    IdentityGain(AxleEnd end, Families families) {
        for (Subject subject : Subject.values()) {
            if (subject.isAt(end)) {
                look(subject, end, families);
            }
        }
    }

    private void look(Subject subject, AxleEnd end, Families families) {
        List<Weighted> left = candidates(subject, end, families);
        double entropy = entropy(left);
        if (left.size() < 2) {
            return;
        }
        subject.callouts().forEach((feature, callout) -> {
            if (!end.has(callout) && ReadingSpec.handOrder(end.form()).contains(callout)) {
                note(callout, information(left, feature, callout), subject, left.size());
            }
        });
        Callout number =
                switch (subject) {
                    case AXLE_BEARING -> Callout.BEARING_NUMBER;
                    case INNER_BEARING -> Callout.INNER_NUMBER;
                    case OUTER_BEARING -> Callout.OUTER_NUMBER;
                    default -> null;
                };
        if (number != null
                && !end.has(number)
                && ReadingSpec.handOrder(end.form()).contains(number)) {
            note(number, NUMBER_SETTLES * entropy, subject, left.size());
        }
    }

    private void note(Callout callout, double gain, Subject subject, int left) {
        bits.merge(callout, gain, Double::sum);
        words.putIfAbsent(callout, Phrase.of("identity-gain.tells-between", subject, left));
    }

    private static List<Weighted> candidates(Subject subject, AxleEnd end, Families families) {
        List<Family> table = families.of(subject.table());
        Identification now = Identification.of(subject, end, families);
        List<Weighted> left = new ArrayList<>();
        if (now.candidates().isEmpty()) {
            table.forEach(f -> left.add(new Weighted(f, 1.0 / table.size())));
            return left;
        }
        for (Identification.Candidate c : now.candidates()) {
            table.stream()
                    .filter(f -> f.name().equals(c.name()))
                    .findFirst()
                    .ifPresent(f -> left.add(new Weighted(f, c.probability())));
        }
        return left;
    }

    private static double entropy(List<Weighted> left) {
        double sum = 0;
        for (Weighted w : left) {
            if (w.probability() > 0) {
                sum -= w.probability() * Math.log(w.probability()) / Math.log(2);
            }
        }
        return sum;
    }

    /** Mutual information (bit) of family and reading, each family's density looked at in its own centre. */
    private static double information(List<Weighted> left, Feature feature, Callout callout) {
        ReadingSpec spec = ReadingSpec.of(callout);
        double u = feature == Feature.COUNT
                ? 0.1
                : Math.sqrt(square(spec.preferred().halfLimit()) / 3
                        + square(spec.technique())
                        + square(spec.pooledSpread()));
        double sum = 0;
        for (Weighted own : left) {
            Nominal centre = own.family().figures().get(feature);
            if (centre == null) {
                continue;
            }
            double mixed = 0;
            for (Weighted w : left) {
                mixed += w.probability()
                        * likeness(centre.centre(), w.family().figures().get(feature), u);
            }
            if (mixed > 0) {
                sum += own.probability() * Math.log(likeness(centre.centre(), centre, u) / mixed) / Math.log(2);
            }
        }
        return Math.max(0, sum);
    }

    private static double likeness(double at, @org.jspecify.annotations.Nullable Nominal of, double u) {
        if (of == null) {
            return 0;
        }
        double spread = Math.sqrt(u * u + square(of.halfWidth()) / 3);
        double z = (at - of.centre()) / spread;
        return Math.exp(-z * z / 2) / spread;
    }

    private static double square(double v) {
        return v * v;
    }

    /** Entropy a reading is expected to take away (bit). */
    double bits(Callout callout) {
        return bits.getOrDefault(callout, 0.0);
    }

    /** What it tells, in a sentence. */
    Phrase why(Callout callout) {
        return words.getOrDefault(callout, Phrase.NOTHING);
    }
}
