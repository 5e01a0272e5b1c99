package itrova.core.road;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.phrase.Phrase;
import itrova.core.road.BeddingRule.School;
import itrova.core.road.RoadCase.AxleWork;
import itrova.core.road.RoadCase.Bleeding;
import itrova.core.road.RoadCase.Tried;
import itrova.core.wording.Wording;
import itrova.core.work.StepKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What keeps a vehicle standing: anything open, wet, gone wrong or untold. */
class RoadGateTest {
    private static final AxleWork DONE = new AxleWork("front axle", List.of(), List.of(), List.of());
    private static final Bleeding CLEAR = new Bleeding(List.of(), List.of(), true);

    private static BeddingLog bedded() {
        BeddingRule rule = BeddingRule.of(School.ROAD_PADS);
        return new BeddingLog(
                rule,
                IntStream.range(0, rule.stops())
                        .mapToObj(i -> Instant.EPOCH.plusSeconds(600L * i))
                        .toList());
    }

    private static RoadCase with(List<AxleWork> axles, Optional<Bleeding> bleeding, List<Tried> moves) {
        return new RoadCase(axles, bleeding, false, moves, Optional.of(bedded()));
    }

    private static List<Tried> all(boolean isTrailer) {
        return FirstMove.of(isTrailer).stream()
                .map(m -> new Tried(m.id(), true))
                .toList();
    }

    private static String said(List<Phrase> phrases) {
        return String.join(" ", phrases.stream().map(Wording.METRIC::say).toList());
    }

    @Test
    void whereEverythingIsDoneItIsHandedOver() {
        assertThat(RoadGate.of(with(List.of(DONE), Optional.of(CLEAR), all(false)))
                        .isHandedOver())
                .isTrue();
        RoadCase trailer = new RoadCase(List.of(DONE), Optional.of(CLEAR), true, all(true), Optional.of(bedded()));
        assertThat(RoadGate.of(trailer).isHandedOver()).isTrue();
    }

    @Test
    void anOpenStepAnOverturnedVerdictAndAnotherPlanKeepItStanding() {
        AxleWork open = new AxleWork(
                "rear axle",
                List.of(Phrase.all(StepKind.BLEED)),
                List.of(Phrase.given("Disc in wheel: does not fit")),
                List.of(Phrase.given("New: Hose.")));
        RoadGate gate = RoadGate.of(with(List.of(DONE, open), Optional.of(CLEAR), all(false)));
        assertThat(gate.moves()).isFalse();
        assertThat(said(gate.standing()))
                .contains("rear axle: 1 steps of the bench card are open, the first: Bleed and test the pedal")
                .contains("Disc in wheel: does not fit")
                .contains("plan has changed");
    }

    @Test
    void whatNobodyToldIsNotTakenForDone() {
        assertThat(said(RoadGate.of(with(List.of(), Optional.of(CLEAR), all(false)))
                        .standing()))
                .contains("Nothing was ordered");
        assertThat(said(RoadGate.of(with(List.of(DONE), Optional.empty(), all(false)))
                        .standing()))
                .contains("nobody can say whether it is bled");
        Bleeding half = new Bleeding(List.of("front left"), List.of("hose, front left"), false);
        assertThat(said(RoadGate.of(with(List.of(DONE), Optional.of(half), all(false)))
                        .standing()))
                .contains("Not bled clear: front left")
                .contains("1 joints")
                .contains("pedal was not read");
        RoadCase noRule = new RoadCase(List.of(DONE), Optional.of(CLEAR), false, all(false), Optional.empty());
        assertThat(RoadGate.of(noRule).moves()).isTrue();
        assertThat(said(RoadGate.of(noRule).handing())).contains("No bedding rule");
    }

    @Test
    void everyMoveIsWantedAndOneGoneWrongKeepsItStanding() {
        for (FirstMove move : FirstMove.of(false)) {
            List<Tried> without = new ArrayList<>(all(false));
            without.remove(new Tried(move.id(), true));
            RoadGate gate = RoadGate.of(with(List.of(DONE), Optional.of(CLEAR), without));
            assertThat(gate.moves()).isTrue();
            assertThat(gate.isHandedOver()).isFalse();
            without.add(new Tried(move.id(), false));
            assertThat(RoadGate.of(with(List.of(DONE), Optional.of(CLEAR), without))
                            .moves())
                    .isFalse();
            without.add(new Tried(move.id(), true));
            assertThat(RoadGate.of(with(List.of(DONE), Optional.of(CLEAR), without))
                            .isHandedOver())
                    .isTrue();
        }
    }

    @Test
    void movesAreTriedInTheirOrder() {
        List<FirstMove> moves = FirstMove.of(false);
        for (int i = 0; i < moves.size(); i++) {
            RoadCase c = with(
                    List.of(DONE),
                    Optional.of(CLEAR),
                    moves.subList(0, i).stream()
                            .map(m -> new Tried(m.id(), true))
                            .toList());
            RoadGate gate = RoadGate.of(c);
            for (int k = 0; k < moves.size(); k++) {
                assertThat(gate.holdsBack(moves.get(k), c).isPresent()).isEqualTo(k > i);
            }
        }
    }

    @Test
    void noMoveIsTriedOnAVehicleThatStandsAndAWrongOneMayBeTriedAgain() {
        FirstMove rock = FirstMove.of(false).get(0);
        FirstMove creep = FirstMove.of(false).get(1);
        RoadCase wet = with(List.of(DONE), Optional.of(new Bleeding(List.of(), List.of("hose"), true)), List.of());
        assertThat(RoadGate.of(wet)
                        .holdsBack(rock, wet)
                        .map(Wording.METRIC::say)
                        .orElseThrow())
                .contains("does not move");
        RoadCase wrong = with(List.of(DONE), Optional.of(CLEAR), List.of(new Tried("rock", false)));
        assertThat(RoadGate.of(wrong).holdsBack(rock, wrong)).isEmpty();
        assertThat(RoadGate.of(wrong).holdsBack(creep, wrong)).isPresent();
    }

    @Test
    void theHardStopWaitsForBedding() {
        List<Tried> before = FirstMove.of(false).stream()
                .takeWhile(m -> !m.isAfterBedding())
                .map(m -> new Tried(m.id(), true))
                .toList();
        FirstMove hard = FirstMove.of(false).get(before.size());
        RoadCase none = new RoadCase(List.of(DONE), Optional.of(CLEAR), false, before, Optional.empty());
        assertThat(RoadGate.of(none).holdsBack(hard, none)).isPresent();
        RoadCase whole = with(List.of(DONE), Optional.of(CLEAR), before);
        assertThat(RoadGate.of(whole).holdsBack(hard, whole)).isEmpty();
    }
}
