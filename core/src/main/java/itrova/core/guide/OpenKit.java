package itrova.core.guide;

import itrova.core.fit.CheckId;
import itrova.core.fit.Finding;
import itrova.core.fit.Requirement;
import itrova.core.quantity.Component;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A kit whose verdict is open, and how it hangs on the readings.
 *
 * <p>The chance that it fits is the product over its open requirements; a requirement is met with the chance that its
 * margin, normal about its mean, is at least 0. Requirements are taken as independent given the readings.
 */
final class OpenKit {
    /** Chances below this are taken for it, so that logarithms stay finite. */
    private static final double LEAST_CHANCE = 1e-9;

    private final List<Hanging> requirements = new ArrayList<>();
    private final Map<String, List<int[]>> byReading = new HashMap<>();
    private final Map<String, Double> yesOrNo = new HashMap<>();
    private double logChance;

    /** One open requirement: its check, mean and variance, and the signed effect of each reading it hangs on. */
    private record Hanging(CheckId check, double mean, double variance, double chance, List<Part> parts) {}

    private record Part(String reading, double effect) {}

    /** Takes up a finding of the filled-in end. */
    void add(Finding filled, Rereads rereads) {
        for (Requirement r : filled.requirements()) {
            add(filled.check(), r, rereads);
        }
    }

    private void add(CheckId check, Requirement requirement, Rereads rereads) {
        double variance = 0;
        List<Part> parts = new ArrayList<>(2);
        List<Component> components = requirement.margin().components();
        for (Component c : components) {
            variance += c.effect() * c.effect();
            if (c.source().startsWith(Priors.SOURCE)) {
                parts.add(new Part(c.source(), c.effect()));
            }
        }
        double mean = requirement.margin().value();
        double spread = Math.sqrt(variance);
        boolean isSettled = parts.isEmpty() && mean >= requirement.margin().expanded();
        if (parts.isEmpty() && !isSettled) {
            rereads.removable(components).forEach((reading, effect) -> parts.add(new Part(reading, effect)));
        }
        double chance = isSettled ? 1 : Math.max(LEAST_CHANCE, Entropy.atLeastZero(mean, spread));
        if (chance > 1 - LEAST_CHANCE) {
            return;
        }
        int index = requirements.size();
        requirements.add(new Hanging(check, mean, variance, chance, parts));
        for (int i = 0; i < parts.size(); i++) {
            byReading
                    .computeIfAbsent(parts.get(i).reading(), k -> new ArrayList<>(2))
                    .add(new int[] {index, i});
        }
        logChance += Math.log(chance);
    }

    /** Takes up a yes-or-no reading, such as a count, that suits the kit with the given chance. */
    void addYesOrNo(String reading, double chance) {
        double bounded = Math.max(LEAST_CHANCE, Math.min(1, chance));
        yesOrNo.put(reading, bounded);
        logChance += Math.log(bounded);
    }

    /** The readings its verdict hangs on. */
    Iterable<String> readings() {
        List<String> all = new ArrayList<>(byReading.keySet());
        all.addAll(yesOrNo.keySet());
        return all;
    }

    /** Entropy of its verdict (bit). */
    double bits() {
        return Entropy.bits(Math.exp(logChance));
    }

    /** How much of that entropy a reading is expected to take away (bit). */
    double gain(String reading) {
        Double suits = yesOrNo.get(reading);
        if (suits != null) {
            return bits() - suits * Entropy.bits(Math.exp(logChance - Math.log(suits)));
        }
        List<int[]> touched = byReading.get(reading);
        if (touched == null) {
            return 0;
        }
        double rest = logChance;
        for (int[] t : touched) {
            rest -= Math.log(requirements.get(t[0]).chance());
        }
        double after = 0;
        for (int node = 0; node < Entropy.NODES.length; node++) {
            double log = rest;
            for (int[] t : touched) {
                Hanging h = requirements.get(t[0]);
                double effect = h.parts().get(t[1]).effect();
                double left = Math.sqrt(Math.max(0, h.variance() - effect * effect));
                double mean = h.mean() + effect * Entropy.NODES[node];
                log += Math.log(Math.max(LEAST_CHANCE, chanceAfter(reading, mean, left)));
            }
            after += Entropy.WEIGHTS[node] * Entropy.bits(Math.exp(Math.min(0, log)));
        }
        return Math.max(0, bits() - after);
    }

    /** A reading taken again settles a verdict when its margin comes out of the guard band. */
    private static double chanceAfter(String reading, double mean, double left) {
        if (reading.startsWith(Rereads.SOURCE) && Math.abs(mean) >= 2 * left) {
            return mean > 0 ? 1 : 0;
        }
        return Entropy.atLeastZero(mean, left);
    }

    /** The check a reading bears on most here. */
    CheckId check(String reading, CheckId otherwise) {
        List<int[]> touched = byReading.get(reading);
        return touched == null ? otherwise : requirements.get(touched.get(0)[0]).check();
    }
}
