package itrova.core.brakes;

import static itrova.core.brakes.Bench.catalogue;
import static itrova.core.brakes.Bench.fitted;
import static itrova.core.brakes.Bench.master;
import static itrova.core.brakes.Bench.valve;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.finding.Verdict;
import itrova.core.part.Part;
import itrova.core.part.PartTrait;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The search against trying every set of parts out, and the ranking of masters. */
class PlanSearchTest {
    private static final List<Part> MASTERS = List.of(
            master("M-16", 15.9, 9_000, Bench.LINES, PartTrait.TANDEM),
            master("M-19", 19.05, 12_000, Bench.LINES, PartTrait.TANDEM),
            master("M-20", 20.6, 10_000, Bench.LINES, PartTrait.TANDEM),
            master("M-28", 28.6, 8_000, Bench.LINES, PartTrait.TANDEM));
    private static final List<Part> VALVES =
            List.of(valve("V-05", 0.5, 0.3, 5_000), valve("V-20", 2.0, 0.3, 4_000), valve("V-60", 6.0, 0.5, 3_000));

    private static final Map<String, Part> ALL = catalogue(
            java.util.stream.Stream.concat(MASTERS.stream(), VALVES.stream()).toArray(Part[]::new));

    private static long open(PlannedVehicle vehicle) {
        return vehicle.report().orElseThrow().findings().stream()
                .filter(f -> f.isCritical() && f.verdict() != Verdict.FITS)
                .count();
    }

    /** Every set tried out with its whole report: fewest open findings, then the least price. */
    @Test
    void findsWhatTryingEverySetOutFinds() {
        long fewest = open(Bench.planned(ALL, Map.of()));
        long asFound = fewest;
        long cheapest = Long.MAX_VALUE;
        List<Optional<Part>> masters = withNone(MASTERS);
        for (Optional<Part> m : masters) {
            for (Optional<Part> v : withNone(VALVES)) {
                List<FittedPart> parts = new ArrayList<>();
                m.ifPresent(p -> parts.add(fitted(p.code())));
                v.ifPresent(p -> parts.add(fitted(p.code())));
                long open = open(Bench.planned(ALL, Map.of(), parts.toArray(FittedPart[]::new)));
                long cents = m.map(p -> p.offer().cents()).orElse(0L)
                        + v.map(p -> p.offer().cents()).orElse(0L);
                if (open < fewest || open == fewest && open < asFound && cents < cheapest) {
                    fewest = open;
                    cheapest = cents;
                }
            }
        }
        PlanSearch.Proposal found =
                PlanSearch.best(Bench.planned(ALL, Map.of())).orElseThrow();
        assertThat(fewest).isLessThan(asFound);
        assertThat(found.report().findings().stream()
                        .filter(f -> f.isCritical() && f.verdict() != Verdict.FITS)
                        .count())
                .isEqualTo(fewest);
        assertThat(found.cents()).isEqualTo(cheapest);
    }

    /** Piece by piece, each told of the best so far, comes what the whole search finds; and it ends. */
    @Test
    void piecesFindWhatTheWholeFinds() {
        PlannedVehicle vehicle = Bench.planned(ALL, Map.of());
        PlanSearch.Proposal whole = PlanSearch.best(vehicle).orElseThrow();
        for (int count : List.of(1, 3, 7)) {
            Optional<PlanSearch.Proposal> best = Optional.empty();
            Optional<PlanSearch.SoFar> soFar = Optional.empty();
            int from = 0;
            int total = 1;
            while (from < total) {
                PlanSearch.Piece piece = PlanSearch.piece(vehicle, from, count, soFar);
                assertThat(piece.next()).isGreaterThan(from);
                from = piece.next();
                total = piece.total();
                best = piece.best().isPresent() ? piece.best() : best;
                if (best.isPresent()) {
                    soFar = Optional.of(
                            new PlanSearch.SoFar(best.get().open(), best.get().cents(), piece.compared()));
                }
            }
            assertThat(best.orElseThrow().parts()).as("pieces of " + count).isEqualTo(whole.parts());
            assertThat(best.orElseThrow().cents()).isEqualTo(whole.cents());
        }
    }

    private static List<Optional<Part>> withNone(List<Part> parts) {
        List<Optional<Part>> all = new ArrayList<>(List.of(Optional.empty()));
        parts.forEach(p -> all.add(Optional.of(p)));
        return all;
    }

    @Test
    void nothingIsProposedWhereNothingIsKnown() {
        PlannedVehicle unseen = new PlannedVehicle(CircuitSheet.UNSEEN, Optional.empty(), false, Map.of(), ALL, true);
        assertThat(PlanSearch.best(unseen)).isEmpty();
        assertThat(MasterRank.of(unseen)).isEmpty();
    }

    /** A larger bore wants more foot and less stroke, by its area (common practice, and the formula). */
    @Test
    void mastersAreRankedByWhatIsProvenAndTold() {
        List<MasterRank> ranks = MasterRank.of(Bench.planned(ALL, Map.of(), fitted("V-05")));
        assertThat(ranks).hasSize(MASTERS.size());
        assertThat(ranks).extracting(MasterRank::verdict).isSorted();
        List<MasterRank> byBore = ranks.stream()
                .sorted(java.util.Comparator.comparingDouble(MasterRank::bore))
                .toList();
        assertThat(byBore).extracting(r -> r.pedalForce().orElseThrow().value()).isSorted();
        assertThat(byBore).extracting(r -> r.stroke().orElseThrow().value()).isSorted();
        assertThat(ranks).allSatisfy(r -> assertThat(r.reason().code()).startsWith("brakes.master"));
    }
}
