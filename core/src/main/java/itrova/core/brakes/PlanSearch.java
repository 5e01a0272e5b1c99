package itrova.core.brakes;

import itrova.core.fastener.Fitting;
import itrova.core.finding.Verdict;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Looks through the catalogue for the cheapest parts that make a plan's critical findings proven.
 *
 * <p>Exhaustive over one master, one booster, one valve (a set one at every half MPa of its range), one set of pads an axle, one fluid,
 * one actuator, each or none, with the adapters they want. What the middle of all figures rules out already is not worked out with its
 * doubt. Findings that want a reading no part can give are left open; of two sets that leave the same open the cheaper is told.
 */
public final class PlanSearch {
    private static final double KNEE_STEP = 0.5;

    private final PlannedVehicle vehicle;

    private PlanSearch(PlannedVehicle vehicle) {
        this.vehicle = vehicle;
    }

    /**
     * A set of parts.
     *
     * @param parts with their axle
     * @param settings what is to be set by hand
     * @param cents what they cost
     * @param report what the brakes do with them
     */
    public record Proposal(
            List<FittedPart> parts, Map<BrakeQuantity, String> settings, long cents, BrakeReport report) {
        /** How many critical findings it leaves open. */
        public long open() {
            return PlanSearch.open(report);
        }
    }

    /** The best set of parts; absent where nothing can be said of the plan, or where no set leaves less open than the plan does. */
    public static Optional<Proposal> best(PlannedVehicle vehicle) {
        return piece(vehicle, 0, Integer.MAX_VALUE, Optional.empty()).best();
    }

    /**
     * What is known of the search so far, for the next piece of it.
     *
     * @param open critical findings the best set so far leaves open
     * @param cents its price (cents)
     * @param compared how many sets were worked out with their doubt
     */
    public record SoFar(long open, long cents, int compared) {}

    /**
     * A piece of the search.
     *
     * @param next where the next piece begins; equal to the total where the search is over
     * @param total how many sets there are
     * @param compared how many sets were worked out with their doubt, earlier pieces counted
     * @param best the best set of this piece, if it is better than what was known
     */
    public record Piece(int next, int total, int compared, Optional<Proposal> best) {}

    /**
     * Looks through a piece of the sets, from the cheapest on. Pieces one after the other, each told of the best so far, find what the
     * whole search finds.
     *
     * @param from where it begins
     * @param count how many sets at most
     * @param soFar the best of earlier pieces
     */
    public static Piece piece(PlannedVehicle vehicle, int from, int count, Optional<SoFar> soFar) {
        Optional<BrakeReport> now = vehicle.findings();
        if (now.isEmpty() || now.get().isProven()) {
            return new Piece(0, 0, 0, Optional.empty());
        }
        return new PlanSearch(vehicle).piece(now.get(), from, count, soFar);
    }

    private record Choice(Optional<Part> part, Optional<String> axle, Map<BrakeQuantity, String> settings) {
        static final Choice NONE = new Choice(Optional.empty(), Optional.empty(), Map.of());

        static Choice of(Part part) {
            return new Choice(Optional.of(part), Optional.empty(), Map.of());
        }

        long cents() {
            return part.map(p -> p.offer().cents()).orElse(0L);
        }
    }

    private Piece piece(BrakeReport now, int from, int count, Optional<SoFar> before) {
        List<List<Choice>> sets = sets(now);
        SoFar beaten = before.orElse(new SoFar(open(now), Long.MIN_VALUE, 0));
        Optional<Proposal> best = Optional.empty();
        int end = Math.min(sets.size(), from + Math.min(count, sets.size()));
        for (List<Choice> set : sets.subList(Math.min(from, end), end)) {
            boolean isOver =
                    beaten.open() == 0 && cents(set) >= beaten.cents(); // adapters only make what follows dearer
            if (isOver || beaten.compared() >= COMPARED) {
                end = sets.size();
                break;
            }
            if (isWorthADoubt(set)) {
                Proposal tried = proposal(set);
                boolean isBetter = isBetter(tried, beaten);
                best = isBetter ? Optional.of(tried) : best;
                beaten = new SoFar(
                        isBetter ? tried.open() : beaten.open(),
                        isBetter ? tried.cents() : beaten.cents(),
                        beaten.compared() + 1);
            }
        }
        return new Piece(end, sets.size(), beaten.compared(), best.map(this::whole));
    }

    /** Where none proves everything, the cheapest so many are compared. */
    private static final int COMPARED = 400;

    private static boolean isBetter(Proposal tried, SoFar beaten) {
        return tried.open() < beaten.open() || tried.open() == beaten.open() && tried.cents() < beaten.cents();
    }

    private Proposal whole(Proposal p) {
        return new Proposal(
                p.parts(),
                p.settings(),
                p.cents(),
                vehicle.planning(p.parts(), p.settings()).report().orElseThrow());
    }

    /** Every set, the cheapest first; of equally dear ones in the catalogue's order. */
    private List<List<Choice>> sets(BrakeReport now) {
        List<List<Choice>> choices = new ArrayList<>();
        if (vehicle.isTrailer()) {
            choices.add(of(PartSort.ACTUATOR));
        } else {
            choices.add(of(PartSort.MASTER));
            choices.add(of(PartSort.BOOSTER));
            choices.add(valves());
        }
        BrakeCircuit planned = vehicle.planned();
        for (int i = 0; i < planned.axles().size(); i++) {
            if (planned.axles().get(i).isDisc()) {
                choices.add(pads(planned.axles().get(i).name()));
            }
        }
        if (now.of(BrakeCheck.FLUID)
                .filter(f -> f.verdict() == Verdict.NOT_PROVEN)
                .isPresent()) {
            choices.add(of(PartSort.FLUID));
        }
        List<List<Choice>> sets = new ArrayList<>(product(choices));
        sets.sort(Comparator.comparingLong(PlanSearch::cents));
        return sets;
    }

    private static long open(BrakeReport report) {
        return report.findings().stream()
                .filter(f -> f.isCritical() && f.verdict() != Verdict.FITS)
                .count();
    }

    private List<Choice> of(PartSort sort) {
        return Stream.concat(Stream.of(Choice.NONE), parts(sort).map(Choice::of))
                .toList();
    }

    private Stream<Part> parts(PartSort sort) {
        return vehicle.catalogue().values().stream()
                .filter(p -> p.sort() == sort)
                .sorted(Comparator.comparing(Part::code));
    }

    private List<Choice> pads(String axle) {
        return Stream.concat(
                        Stream.of(Choice.NONE),
                        parts(PartSort.PADS).map(p -> new Choice(Optional.of(p), Optional.of(axle), Map.of())))
                .toList();
    }

    private List<Choice> valves() {
        List<Choice> valves = new ArrayList<>(List.of(Choice.NONE));
        parts(PartSort.VALVE).forEach(valve -> {
            if (!valve.isAdjustable()) {
                valves.add(Choice.of(valve));
                return;
            }
            double from = valve.figure(PartQuantity.KNEE).orElseThrow().value();
            double to = valve.figure(PartQuantity.KNEE_MOST).orElseThrow().value();
            for (double knee = from; knee <= to; knee = (Math.floor(knee / KNEE_STEP) + 1) * KNEE_STEP) {
                valves.add(new Choice(
                        Optional.of(valve),
                        Optional.empty(),
                        Map.of(BrakeQuantity.VALVE_KNEE, String.format(Locale.ROOT, "%.1f", knee))));
            }
        });
        return valves;
    }

    private static List<List<Choice>> product(List<List<Choice>> all) {
        List<List<Choice>> product = List.of(List.of());
        for (List<Choice> choices : all) {
            List<List<Choice>> longer = new ArrayList<>();
            for (List<Choice> before : product) {
                for (Choice choice : choices) {
                    longer.add(Stream.concat(before.stream(), Stream.of(choice)).toList());
                }
            }
            product = longer;
        }
        return product;
    }

    private static long cents(List<Choice> set) {
        return set.stream().mapToLong(Choice::cents).sum();
    }

    private PlannedVehicle with(List<Choice> set) {
        List<FittedPart> parts = new ArrayList<>();
        Map<BrakeQuantity, String> settings = new java.util.EnumMap<>(BrakeQuantity.class);
        for (Choice choice : set) {
            choice.part().ifPresent(p -> parts.add(new FittedPart(p.code(), choice.axle())));
            settings.putAll(choice.settings());
        }
        // what is planned already stays, but for what is chosen anew, and for adapters, which are looked for anew
        List<FittedPart> kept = vehicle.sheet().planned().parts().stream()
                .filter(p -> vehicle.catalogue().get(p.code()).sort() != PartSort.ADAPTER)
                .filter(p -> set.stream()
                        .flatMap(c -> c.part().stream())
                        .noneMatch(n ->
                                n.sort() == vehicle.catalogue().get(p.code()).sort()))
                .toList();
        parts.addAll(0, kept);
        PlannedVehicle tried = vehicle.planning(parts, settings);
        adapters(tried.planned()).forEach(a -> parts.add(new FittedPart(a.code(), Optional.empty())));
        return vehicle.planning(parts, settings);
    }

    /** The cheapest adapter for every port no line goes into. */
    private List<Part> adapters(BrakeCircuit tried) {
        Optional<Fitting> line = tried.equipment().lineEnd();
        if (line.isEmpty()) {
            return tried.isTrailer() ? newLine(tried) : List.of();
        }
        return tried.equipment().ports().stream()
                .filter(port -> !tried.equipment().reaches(line.get(), port))
                .flatMap(port -> parts(PartSort.ADAPTER)
                        .filter(a -> a.ports().stream().anyMatch(p -> line.get().goesInto(p))
                                && a.ends().stream().anyMatch(e -> e.goesInto(port)))
                        .min(Comparator.comparingLong(a -> a.offer().cents()))
                        .stream())
                .toList();
    }

    /** A trailer that had no fluid brakes has no lines: the cheapest that is long enough and goes into every port. */
    private List<Part> newLine(BrakeCircuit tried) {
        double wanted = tried.measured(
                        new QuantityAt(BrakeQuantity.LINE_LENGTH, tried.axles().size() - 1))
                .orElseThrow()
                .value();
        return parts(PartSort.LINE)
                .filter(l -> l.figure(PartQuantity.LENGTH).orElseThrow().value() >= wanted)
                .filter(l -> tried.equipment().ports().stream()
                        .allMatch(port -> l.ends().stream().anyMatch(end -> end.goesInto(port))))
                .min(Comparator.comparingLong(l -> l.offer().cents()))
                .stream()
                .toList();
    }

    /** Sets without their valve that press too little already: a valve only takes pressure away. */
    private final Map<List<Choice>, Boolean> tooWeak = new HashMap<>();

    private boolean isTooWeak(List<Choice> set) {
        List<Choice> bare = set.stream()
                .filter(c -> c.part().filter(p -> p.sort() == PartSort.VALVE).isEmpty())
                .toList();
        return tooWeak.computeIfAbsent(bare, b -> {
            BrakeReport middle = BrakeReport.of(with(b).planned(), vehicle.parkingNeeded(), BrakeReport.Depth.MIDDLE);
            return middle.of(BrakeCheck.PRESSURE)
                    .filter(f -> f.verdict() == Verdict.DOES_NOT_FIT)
                    .isPresent();
        });
    }

    private boolean isWorthADoubt(List<Choice> set) {
        if (isTooWeak(set)) {
            return false;
        }
        BrakeReport middle = BrakeReport.of(with(set).planned(), vehicle.parkingNeeded(), BrakeReport.Depth.MIDDLE);
        return middle.findings().stream()
                .filter(f -> f.isCritical() && CHANGED_BY_PARTS.contains(f.check()))
                .noneMatch(f -> f.verdict() == Verdict.DOES_NOT_FIT);
    }

    private static final java.util.Set<BrakeCheck> CHANGED_BY_PARTS = java.util.EnumSet.complementOf(
            java.util.EnumSet.of(BrakeCheck.PARKING, BrakeCheck.FITTINGS, BrakeCheck.REVERSE, BrakeCheck.BREAKAWAY));

    private Proposal proposal(List<Choice> set) {
        PlannedVehicle with = with(set);
        return new Proposal(
                with.sheet().planned().parts(),
                with.sheet().planned().figures(),
                with.parts().stream().mapToLong(p -> p.offer().cents()).sum(),
                with.findings().orElseThrow());
    }
}
