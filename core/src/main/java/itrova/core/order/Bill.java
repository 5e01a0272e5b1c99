package itrova.core.order;

import itrova.core.brakes.PlannedVehicle;
import itrova.core.kit.Kit;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PartKind;
import itrova.core.part.Part;
import itrova.core.part.PartSort;
import itrova.core.table.Table;
import itrova.core.work.BenchPlan;
import itrova.core.work.StepKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything one axle's conversion takes, by the steps that need it: what is in the box, on the shelf, priced, or open.
 *
 * <p>What the papers name has their price; of what only a sort is known the catalogue gives a range. What nobody prices is open: it is
 * counted as nothing in no sum, and holds the order.
 *
 * @param lines by the steps' order
 */
public record Bill(List<Line> lines) {
    private static final int COLUMNS = 5;
    private static final List<Need> NEEDS =
            Table.rows(Bill.class, "needs.psv", COLUMNS).stream().map(Need::of).toList();

    public Bill {
        lines = List.copyOf(lines);
    }

    /** Where a thing comes from. */
    public enum From {
        IN_THE_BOX,
        ON_THE_SHELF,
        PLANNED_FOR_THE_BRAKES,
        NAMED_BY_THE_PAPERS,
        OF_THE_CATALOGUE,
        OPEN
    }

    /**
     * One thing the axle takes.
     *
     * @param what in words
     * @param step key of the step that needs it
     * @param needed how many
     * @param inBox how many of them the kit brings
     * @param onShelf how many the shop has
     * @param toBuy how many are left to buy
     * @param from where the rest comes from
     * @param cost of what is to be bought; absent where nobody prices it
     * @param code of the part, where one is named
     * @param isUsedUp whether it is never used again
     */
    public record Line(
            String what,
            StepKind step,
            int needed,
            int inBox,
            int onShelf,
            int toBuy,
            From from,
            Optional<CostRange> cost,
            Optional<String> code,
            boolean isUsedUp) {}

    private record Need(StepKind step, Optional<PartSort> sort, Optional<PartKind> kind, int count, boolean isUsedUp) {
        static Need of(String[] c) {
            return new Need(
                    StepKind.of(c[0]).orElseThrow(() -> new IllegalStateException("No kind of step is called " + c[0])),
                    c[1].isEmpty() ? Optional.empty() : Optional.of(PartSort.valueOf(c[1])),
                    c[2].isEmpty() ? Optional.empty() : Optional.of(PartKind.valueOf(c[2])),
                    Integer.parseInt(c[3]),
                    c[4].equals("yes"));
        }

        String words() {
            return kind.map(PartKind::title).or(() -> sort.map(PartSort::title)).orElseThrow();
        }
    }

    /**
     * The bill of a kit by its plan.
     *
     * @param axle name of the axle
     * @param shelf what the shop has, by the part's code
     */
    public static Bill of(Kit kit, BenchPlan plan, PlannedVehicle vehicle, String axle, Map<String, Integer> shelf) {
        Builder builder = new Builder(kit, vehicle, axle, shelf);
        NEEDS.stream().filter(need -> plan.has(need.step())).forEach(builder::add);
        return new Bill(builder.lines);
    }

    /** Lines nobody prices. */
    public List<Line> open() {
        return lines.stream().filter(l -> l.from() == From.OPEN).toList();
    }

    /**
     * Sum of what is to be bought and stands on no order sheet yet. What the papers name stands there already; open
     * prices count in no sum.
     */
    public CostRange besides() {
        return lines.stream()
                .filter(l -> l.from() == From.OF_THE_CATALOGUE)
                .flatMap(l -> l.cost().stream())
                .reduce(CostRange.NOTHING, CostRange::plus);
    }

    private static final class Builder {
        private final Kit kit;
        private final PlannedVehicle vehicle;
        private final String axle;
        private final Map<String, Integer> shelf;
        private final List<Line> lines = new ArrayList<>();

        Builder(Kit kit, PlannedVehicle vehicle, String axle, Map<String, Integer> shelf) {
            this.kit = kit;
            this.vehicle = vehicle;
            this.axle = axle;
            this.shelf = shelf;
        }

        void add(Need need) {
            int inBox = Math.min(
                    need.count(),
                    need.kind()
                            .map(k -> kit.terms().contents().getOrDefault(k, 0))
                            .orElse(0));
            int left = need.count() - inBox;
            Optional<Part> planned = planned(need);
            Optional<MissingPart> named = named(need);
            if (left == 0) {
                put(need, inBox, 0, 0, From.IN_THE_BOX, Optional.of(CostRange.NOTHING), Optional.empty());
            } else if (planned.isPresent()) {
                put(
                        need,
                        inBox,
                        0,
                        left,
                        From.PLANNED_FOR_THE_BRAKES,
                        Optional.of(
                                CostRange.exactly(left * planned.get().offer().cents())),
                        planned.map(Part::code));
            } else {
                unplanned(need, inBox, left, named);
            }
        }

        private void unplanned(Need need, int inBox, int left, Optional<MissingPart> named) {
            List<Part> offers = offers(need);
            Optional<Part> shelved = areAlike(offers)
                    ? offers.stream()
                            .filter(p -> shelf.getOrDefault(p.code(), 0) > 0)
                            .findFirst()
                    : Optional.empty();
            int onShelf = shelved.map(p -> Math.min(left, shelf.get(p.code()))).orElse(0);
            int toBuy = left - onShelf;
            if (toBuy == 0) {
                put(
                        need,
                        inBox,
                        onShelf,
                        0,
                        From.ON_THE_SHELF,
                        Optional.of(CostRange.NOTHING),
                        shelved.map(Part::code));
            } else if (named.isPresent()) {
                put(
                        need,
                        inBox,
                        onShelf,
                        toBuy,
                        From.NAMED_BY_THE_PAPERS,
                        Optional.of(CostRange.exactly(toBuy * named.get().unitCents())),
                        Optional.empty());
            } else if (!offers.isEmpty()) {
                put(
                        need,
                        inBox,
                        onShelf,
                        toBuy,
                        From.OF_THE_CATALOGUE,
                        Optional.of(CostRange.over(offers.stream()
                                        .map(p -> p.offer().cents())
                                        .toList())
                                .times(toBuy)),
                        Optional.empty());
            } else {
                put(need, inBox, onShelf, toBuy, From.OPEN, Optional.empty(), Optional.empty());
            }
        }

        private void put(
                Need need,
                int inBox,
                int onShelf,
                int toBuy,
                From from,
                Optional<CostRange> cost,
                Optional<String> code) {
            lines.add(new Line(
                    need.words(), need.step(), need.count(), inBox, onShelf, toBuy, from, cost, code, need.isUsedUp()));
        }

        private Optional<Part> planned(Need need) {
            return vehicle.sheet().planned().parts().stream()
                    .filter(f -> f.axle().map(axle::equals).orElse(true))
                    .flatMap(f -> Optional.ofNullable(vehicle.catalogue().get(f.code())).stream())
                    .filter(p -> need.sort().filter(s -> s == p.sort()).isPresent())
                    .findFirst();
        }

        private Optional<MissingPart> named(Need need) {
            return kit.terms().missing().stream()
                    .filter(m -> m.kind().isPresent() && m.kind().equals(need.kind()))
                    .findFirst();
        }

        /** Whether a piece of one will do for another: where sizes differ, one that lies there proves nothing. */
        private static boolean areAlike(List<Part> offers) {
            return offers.stream()
                            .map(p -> List.of(p.size(), p.figures(), p.ports(), p.ends()))
                            .distinct()
                            .count()
                    <= 1;
        }

        private List<Part> offers(Need need) {
            return vehicle.catalogue().values().stream()
                    .filter(p -> need.sort().filter(s -> s == p.sort()).isPresent())
                    .toList();
        }
    }
}
