package itrova.core.road;

import itrova.core.brakes.BeddingHeat;
import itrova.core.brakes.BrakeCircuit;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import itrova.core.table.Table;
import itrova.core.work.BenchPlan;
import itrova.core.work.StepKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How pads and shoes are bedded in: phases one after the other. The pads' own papers win over a school. */
public record BeddingRule(List<BeddingPhase> phases) {
    private static final int COLUMNS = 7;

    /** Schools there are. */
    public enum School {
        /** Pads of road grade. */
        ROAD_PADS,
        /** Shoes of a parking brake in the hat of a disc. */
        PARKING_SHOES
    }

    /** @throws IllegalArgumentException if it has no phase */
    public BeddingRule {
        phases = List.copyOf(phases);
        if (phases.isEmpty()) {
            throw new IllegalArgumentException("A bedding rule has at least one series of stops.");
        }
    }

    /** The rule of a school. */
    public static BeddingRule of(School school) {
        return new BeddingRule(Table.rows(BeddingRule.class, "bedding.psv", COLUMNS).stream()
                .filter(c -> School.valueOf(c[0]) == school)
                .map(c -> new BeddingPhase(
                        Phrase.of(c[1]),
                        Integer.parseInt(c[2]),
                        Double.parseDouble(c[3]),
                        Double.parseDouble(c[4]),
                        Double.parseDouble(c[5])))
                .toList());
    }

    /** What is usual after these plans: the pads, and after them the shoes in the hat where a plan sets some. */
    public static BeddingRule byDefault(List<BenchPlan> plans) {
        BeddingRule pads = of(School.ROAD_PADS);
        return plans.stream().anyMatch(p -> p.has(StepKind.PARK_SHOES)) ? pads.then(of(School.PARKING_SHOES)) : pads;
    }

    /** One series as the pads' papers say. */
    public static BeddingRule ofPapers(int stops, double from, double to, double pause) {
        return new BeddingRule(List.of(new BeddingPhase(Phrase.of("road.phase-papers"), stops, from, to, pause)));
    }

    /** This rule and another after it. */
    public BeddingRule then(BeddingRule after) {
        List<BeddingPhase> all = new ArrayList<>(phases);
        all.addAll(after.phases);
        return new BeddingRule(all);
    }

    /** Pauses are lengthened in steps of this (s), and to no more than this. */
    private static final double LONGER = 15;

    private static final double LONGEST = 300;

    /** How hot the front disc gets by this rule. */
    public BeddingHeat heat(BrakeCircuit circuit) {
        return BeddingHeat.of(
                circuit,
                inOrder().stream()
                        .map(p -> new BeddingHeat.Slowing(p.from() / KMH, p.to() / KMH, p.pause()))
                        .toList());
    }

    private static final double KMH = 3.6;

    /**
     * This rule with its pauses lengthened until the front disc surely stays cooler than what spoils the bedding; the rule itself where
     * that cannot be told, or not be reached by pauses.
     */
    public BeddingRule coolOn(BrakeCircuit circuit) {
        BeddingRule rule = this;
        for (double least = LONGER; least <= LONGEST; least += LONGER) {
            Optional<Measured> hottest = rule.heat(circuit).hottest();
            if (hottest.isEmpty() || hottest.get().value() + hottest.get().expanded() <= BeddingHeat.TOO_HOT) {
                return rule;
            }
            double pause = least;
            rule = new BeddingRule(phases.stream()
                    .map(p -> new BeddingPhase(p.title(), p.stops(), p.from(), p.to(), Math.max(p.pause(), pause)))
                    .toList());
        }
        return this;
    }

    /** Stops of all phases. */
    public int stops() {
        return phases.stream().mapToInt(BeddingPhase::stops).sum();
    }

    /** Every stop in its order. */
    public List<BeddingPhase> inOrder() {
        List<BeddingPhase> stops = new ArrayList<>();
        for (BeddingPhase phase : phases) {
            for (int i = 0; i < phase.stops(); i++) {
                stops.add(phase);
            }
        }
        return stops;
    }
}
