package itrova.core.search;

import itrova.core.clearance.WheelProfile;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.judge.Checks;
import itrova.core.judge.KitReport;
import itrova.core.judge.Mending;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.kit.KitTerms;
import itrova.core.kit.MissingPart;
import itrova.core.placed.AxleCase;
import itrova.core.placed.KitOnSide;
import itrova.core.placed.SharedResults;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;

/**
 * Searches kits, their options, wheels and permitted work for the combinations that are proven, best first.
 *
 * <p>Exact: a choice is left out only when a check rules it out for good, or when what it costs at least is already more than the
 * worst combination kept and no better in anything than one found.
 */
public final class Search {
    private final AxleCase axle;
    private final ShopSettings settings;
    private final Terms terms;
    private final BooleanSupplier cancelled;
    private final List<Combination> kept = new ArrayList<>();
    private final List<Combination> front = new ArrayList<>();
    private final Comparator<Combination> order;
    private Combination nearest;
    private int nearestAgainst = Integer.MAX_VALUE;

    private Search(AxleCase axle, ShopSettings settings, Terms terms, BooleanSupplier cancelled) {
        this.axle = axle;
        this.settings = settings;
        this.terms = terms;
        this.cancelled = cancelled;
        order = Comparator.comparingDouble((Combination c) -> terms.weights().of(c.cost()))
                .thenComparing(Combination::key);
    }

    /**
     * What is searched for.
     *
     * @param weights what days, hours and irreversible work are worth
     * @param forbidden work that may not be done
     * @param max combinations wanted
     */
    public record Terms(Weights weights, Set<WorkKind> forbidden, int max) {
        public Terms {
            forbidden = Set.copyOf(forbidden);
        }
    }

    /**
     * What was found.
     *
     * @param best proven combinations, best first
     * @param front of all proven combinations, those that none beats in everything: money, days, minutes, irreversible work
     * @param nearest when none is proven, the combination with the fewest checks against it
     * @param complete whether the search ran to its end
     */
    public record Outcome(
            List<Combination> best, List<Combination> front, Optional<Combination> nearest, boolean complete) {
        public Outcome {
            best = List.copyOf(best);
            front = List.copyOf(front);
        }
    }

    /**
     * Searches.
     *
     * @param axle the axle as found
     * @param kits the catalogue; kits for other ends are left out
     * @param wheels wheels that may be put on instead; empty where the wheel must stay
     * @param progress told how many of a thousand parts are done
     * @param cancelled asked now and then whether to stop
     */
    public static Outcome run(
            AxleCase axle,
            List<Kit> kits,
            List<Wheel> wheels,
            ShopSettings settings,
            Terms terms,
            IntConsumer progress,
            BooleanSupplier cancelled) {
        Search search = new Search(axle, settings, terms, cancelled);
        List<Optional<Wheel>> ways = new ArrayList<>();
        ways.add(Optional.empty());
        wheels.forEach(w -> ways.add(Optional.of(w)));
        List<Runnable> parts = new ArrayList<>();
        for (Optional<Wheel> wheel : ways) {
            AxleCase on = wheel.map(axle::withWheel).orElse(axle);
            List<WheelProfile> profiles = on.profiles();
            List<SharedResults> shared =
                    on.ends().stream().map(e -> SharedResults.empty()).toList();
            for (Kit kit : kits) {
                if (axle.suits(kit)) {
                    parts.add(() -> search.look(on, profiles, shared, kit, wheel));
                }
            }
        }
        AtomicInteger done = new AtomicInteger();
        parts.parallelStream().forEach(part -> {
            if (!cancelled.getAsBoolean()) {
                part.run();
                progress.accept(1000 * done.incrementAndGet() / parts.size());
            }
        });
        return search.outcome(done.get() == parts.size());
    }

    private synchronized Outcome outcome(boolean complete) {
        front.sort(order);
        return new Outcome(kept, front, kept.isEmpty() ? Optional.ofNullable(nearest) : Optional.empty(), complete);
    }

    private void look(
            AxleCase on, List<WheelProfile> profiles, List<SharedResults> shared, Kit kit, Optional<Wheel> wheel) {
        Choices choices = new Choices(on, profiles, shared, kit, settings, terms.forbidden());
        choices.walk(new Choices.Visitor() {
            @Override
            public boolean wants(int against) {
                return !cancelled.getAsBoolean() && worthLooking(against);
            }

            @Override
            public void visit(List<KitOption> taken, int against) {
                Cost min = parts(kit, taken, wheel);
                if (against == 0 && mayMatter(min)) {
                    combine(choices, kit, taken, wheel, min);
                } else if (against > 0) {
                    keepNearest(choices, kit, taken, wheel, min, against);
                }
            }
        });
    }

    private synchronized boolean worthLooking(int against) {
        return against == 0 || kept.isEmpty() && against <= nearestAgainst;
    }

    /** Whether anything that costs at least this much could be kept. */
    private synchronized boolean mayMatter(Cost min) {
        boolean amongBest = kept.size() < terms.max()
                || terms.weights().of(min)
                        <= terms.weights().of(kept.get(kept.size() - 1).cost());
        return amongBest || front.stream().noneMatch(c -> c.cost().covers(min));
    }

    /** All ways to do the work of both sides. */
    private void combine(Choices choices, Kit kit, List<KitOption> taken, Optional<Wheel> wheel, Cost parts) {
        Kit chosen = kit.with(taken);
        List<List<Finding>> ways = List.of(List.of());
        List<KitOnSide> placed = choices.sides(chosen);
        for (KitOnSide one : placed) {
            List<List<Finding>> more = new ArrayList<>();
            for (List<Finding> side : sides(one)) {
                for (List<Finding> before : ways) {
                    List<Finding> both = new ArrayList<>(before);
                    both.addAll(side);
                    more.add(both);
                }
            }
            ways = more;
        }
        for (List<Finding> findings : ways) {
            KitReport report = KitReport.of(placed.get(0).kit(), findings);
            if (report.verdict().isProven()) {
                keep(new Combination(report, taken, wheel, parts.plus(cost(report))));
            }
        }
    }

    /** Every way to mend one side. */
    private List<List<Finding>> sides(KitOnSide side) {
        List<List<Finding>> ways = new ArrayList<>();
        List<Map<CheckId, Integer>> open = new ArrayList<>(List.of(Map.of()));
        while (!open.isEmpty()) {
            Map<CheckId, Integer> choice = open.remove(open.size() - 1);
            Mending.Result result = Mending.choosing(
                    Checks.ALL,
                    side,
                    (check, allowed) -> allowed.get(Math.min(choice.getOrDefault(check, 0), allowed.size() - 1)),
                    terms.forbidden());
            ways.add(result.findings());
            // Branch at the first check that still has a choice nobody made.
            result.alternatives().keySet().stream()
                    .filter(id -> !choice.containsKey(id))
                    .sorted()
                    .findFirst()
                    .ifPresent(id -> {
                        ways.remove(ways.size() - 1);
                        for (int n = 0; n < result.alternatives().get(id).size(); n++) {
                            Map<CheckId, Integer> next = new HashMap<>(choice);
                            next.put(id, n);
                            open.add(next);
                        }
                    });
        }
        return ways;
    }

    private synchronized void keep(Combination c) {
        int at = 0;
        while (at < kept.size() && order.compare(kept.get(at), c) <= 0) {
            at++;
        }
        kept.add(at, c);
        if (kept.size() > terms.max()) {
            kept.remove(kept.size() - 1);
        }
        if (front.stream().noneMatch(f -> f.cost().covers(c.cost()))) {
            front.removeIf(f -> c.cost().covers(f.cost()));
            front.add(c);
        }
    }

    private void keepNearest(
            Choices choices, Kit kit, List<KitOption> taken, Optional<Wheel> wheel, Cost parts, int against) {
        Kit chosen = kit.with(taken);
        List<Finding> findings = new ArrayList<>();
        List<KitOnSide> placed = choices.sides(chosen);
        for (KitOnSide side : placed) {
            findings.addAll(Mending.choosing(Checks.ALL, side, (check, allowed) -> allowed.get(0), terms.forbidden())
                    .findings());
        }
        KitReport report = KitReport.of(placed.get(0).kit(), findings);
        Combination c = new Combination(report, taken, wheel, parts.plus(cost(report)));
        synchronized (this) {
            if (against < nearestAgainst
                    || against == nearestAgainst && (nearest == null || order.compare(c, nearest) < 0)) {
                nearestAgainst = against;
                nearest = c;
            }
        }
    }

    /** What a kit with options and a wheel costs before any work. */
    private static Cost parts(Kit kit, List<KitOption> taken, Optional<Wheel> wheel) {
        KitTerms t = kit.terms();
        long cents = t.priceCents() + t.missingCents();
        int days = Math.max(
                t.leadDays(),
                t.missing().stream().mapToInt(MissingPart::leadDays).max().orElse(0));
        for (KitOption option : taken) {
            cents += option.priceCents();
            days = Math.max(days, option.leadDays());
        }
        if (wheel.isPresent()) {
            cents += wheel.get().offer().pairCents();
            days = Math.max(days, wheel.get().offer().leadDays());
        }
        return new Cost(cents, days, 0, t.reversible() ? 0 : 1);
    }

    private static Cost cost(KitReport report) {
        Cost sum = new Cost(0, 0, 0, 0);
        for (Work work : report.works()) {
            sum = sum.plus(Cost.of(work));
        }
        return sum;
    }

    /** Full cost of a kit as reported, with the work proven for it. */
    public static Cost fullCost(KitReport report) {
        return parts(report.kit(), List.of(), Optional.empty()).plus(cost(report));
    }
}
