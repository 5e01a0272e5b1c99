package itrova.core.guide;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Requirement;
import itrova.core.quantity.Component;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A kit whose verdict is open, and how it hangs on the readings.
 *
 * <p>A requirement is met when its margin, linear in what is still unread, is at least 0. Requirements that hang mostly on the
 * same reading are met together when that reading falls into an interval; the chance that the kit fits is the product of these
 * chances over the readings.
 */
final class OpenKit {
    /** Chances below this are taken for it, so that logarithms stay finite. */
    private static final double LEAST_CHANCE = 1e-6;
    /** A reading a verdict hangs on settles at least this share of it, however sure its outcome seems. */
    private static final double LEAST_SHARE = 1e-4;
    /** A reading settles its requirements when what else they hang on is less than this part of its own spread. */
    private static final double NEARLY_ALONE = 0.5;

    private final List<Hanging> requirements = new ArrayList<>();
    private final Map<Worthwhile, List<Touch>> byReading = new HashMap<>();
    private final Map<Worthwhile, Double> chances = new HashMap<>();
    private final Set<Worthwhile> needed = new HashSet<>();
    private double logOfTheRest;
    private double logChance = Double.NaN;

    /** One open requirement: mean and variance of its margin, and the reading it hangs on most. */
    private record Hanging(CheckId check, double mean, double variance, Worthwhile most) {}

    /** How a reading moves a requirement: signed effect of one standard deviation. */
    private record Touch(Hanging requirement, double effect) {
        /** Standard deviation of everything else, in units of the reading's own spread. */
        double others() {
            double left = requirement.variance() - effect * effect;
            return Math.sqrt(Math.max(0, left)) / Math.abs(effect);
        }

        double met(double z) {
            double left = Math.sqrt(Math.max(0, requirement.variance() - effect * effect));
            return Entropy.atLeastZero(requirement.mean() + effect * z, left);
        }

        double chance() {
            return Math.max(LEAST_CHANCE, Entropy.atLeastZero(requirement.mean(), Math.sqrt(requirement.variance())));
        }
    }

    /** Takes up a finding of the filled-in end. */
    void add(Finding filled, Rereads rereads) {
        for (Requirement r : filled.requirements()) {
            add(filled.check(), r, rereads);
        }
    }

    private void add(CheckId check, Requirement requirement, Rereads rereads) {
        double variance = 0;
        Map<Worthwhile, Double> parts = new HashMap<>(4);
        List<Component> components = requirement.margin().components();
        for (Component c : components) {
            variance += c.effect() * c.effect();
            if (c.source() instanceof PriorSource prior) {
                parts.put(new Worthwhile(prior.at(), false), c.effect());
            }
        }
        double mean = requirement.margin().value();
        if (parts.isEmpty()) {
            if (mean >= requirement.margin().expanded()) {
                return;
            }
            parts.putAll(rereads.removable(components));
        }
        if (parts.isEmpty()) {
            logOfTheRest += Math.log(Math.max(LEAST_CHANCE, Entropy.atLeastZero(mean, Math.sqrt(variance))));
            return;
        }
        Worthwhile most = parts.entrySet().stream()
                .max(Map.Entry.comparingByValue((a, b) -> Double.compare(Math.abs(a), Math.abs(b))))
                .orElseThrow()
                .getKey();
        Hanging hanging = new Hanging(check, mean, variance, most);
        requirements.add(hanging);
        parts.forEach((reading, effect) ->
                byReading.computeIfAbsent(reading, k -> new ArrayList<>(2)).add(new Touch(hanging, effect)));
    }

    /** Takes up a yes-or-no reading, such as a count, that suits the kit with the given chance. */
    void addYesOrNo(Worthwhile reading, double chance) {
        chances.put(reading, Math.max(LEAST_CHANCE, Math.min(1, chance)));
    }

    /** Takes up a reading without which a check cannot be judged, however it turns out. */
    void addNeeded(Worthwhile reading) {
        needed.add(reading);
    }

    /** The readings its verdict hangs on. */
    Set<Worthwhile> readings() {
        Set<Worthwhile> all = new HashSet<>(byReading.keySet());
        all.addAll(chances.keySet());
        all.addAll(needed);
        return all;
    }

    /** Chance that the kit fits, as a logarithm; works out the chance of each reading on the way. */
    private double logChance() {
        if (Double.isNaN(logChance)) {
            byReading.forEach((reading, touches) -> {
                List<Touch> own = touches.stream()
                        .filter(t -> t.requirement().most().equals(reading))
                        .toList();
                if (!own.isEmpty()) {
                    chances.put(reading, chance(own));
                }
            });
            logChance = logOfTheRest;
            for (double chance : chances.values()) {
                logChance += Math.log(chance);
            }
        }
        return logChance;
    }

    /** Chance that a reading falls where all these requirements are met. */
    private static double chance(List<Touch> touches) {
        double low = 0;
        double high = 1;
        for (Touch t : touches) {
            double bound = -t.requirement().mean() / Math.abs(t.effect());
            double below = Entropy.phi(bound / Math.sqrt(1 + t.others() * t.others()));
            if (t.effect() > 0) {
                low = Math.max(low, below);
            } else {
                high = Math.min(high, 1 - below);
            }
        }
        return Math.max(LEAST_CHANCE, Math.min(1 - 1e-9, high - low));
    }

    /** Entropy of its verdict (bit). */
    double bits() {
        return Entropy.bits(Math.exp(logChance()));
    }

    /** For each reading its verdict hangs on, the share of its open entropy that is expected to be settled. */
    Map<Worthwhile, Double> shares() {
        double open = bits();
        Map<Worthwhile, Double> shares = new HashMap<>();
        for (Worthwhile reading : readings()) {
            shares.put(reading, share(reading, open));
        }
        return shares;
    }

    /** 0 to 1; never nothing, for without it nothing is proven. */
    private double share(Worthwhile reading, double open) {
        double gain = open > 0 ? (open - expectedBits(reading)) / open : 0;
        return Math.max(LEAST_SHARE, gain);
    }

    private double expectedBits(Worthwhile reading) {
        List<Touch> touches = byReading.getOrDefault(reading, List.of());
        Double chance = chances.get(reading);
        boolean isAlone = chance != null
                && touches.stream().allMatch(t -> t.requirement().most().equals(reading) && t.others() < NEARLY_ALONE);
        if (isAlone) {
            return chance * Entropy.bits(Math.exp(logChance() - Math.log(chance)));
        }
        if (touches.isEmpty()) {
            return bits();
        }
        double after = 0;
        for (int node = 0; node < Entropy.NODES.length; node++) {
            double log = logChance();
            for (Touch t : touches) {
                log += Math.log(Math.max(LEAST_CHANCE, t.met(Entropy.NODES[node])) / t.chance());
            }
            after += Entropy.WEIGHTS[node] * Entropy.bits(Math.exp(Math.min(0, log)));
        }
        return after;
    }

    /** The check a reading bears on most here. */
    Optional<CheckId> check(Worthwhile reading) {
        List<Touch> touches = byReading.get(reading);
        return touches == null
                ? Optional.empty()
                : Optional.of(touches.get(0).requirement().check());
    }
}
