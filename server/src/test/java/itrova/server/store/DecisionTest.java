package itrova.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.choice.Selection;
import itrova.core.finding.CheckId;
import itrova.core.judge.WorkPicks;
import itrova.core.receive.HandTrial;
import itrova.core.receive.Tried;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import itrova.core.work.LooseItem;
import itrova.server.store.Decision.Bled;
import itrova.server.store.Decision.KitChosen;
import itrova.server.store.Decision.OrderPlaced;
import itrova.server.store.Decision.OrderSigned;
import itrova.server.store.Decision.PartTried;
import itrova.server.store.Decision.StepTicked;
import itrova.server.store.Decision.StepUnticked;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.EventStore.Kind;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Decisions are read in every edition there was: one of each kind and edition. */
class DecisionTest {
    private static final Selection WHOLE = new Selection(
            "QF-101",
            OptionalInt.of(3),
            List.of("A", "B"),
            Optional.of("W-7"),
            new WorkPicks(Map.of(Side.LEFT, Map.of(CheckId.REGISTER, WorkKind.BORE_DISC))));

    private static EventRow row(Kind kind, String subject, Map<String, String> payload) {
        return new EventRow(1, kind, subject, payload, "somebody", Instant.EPOCH, 1L, 1L);
    }

    static List<Decision> decisions() {
        return List.of(
                new KitChosen(Optional.of(WHOLE), "none"),
                new KitChosen(Optional.empty(), "QF-101, edition 3"),
                new OrderSigned(WHOLE, "seal", "a good reason"),
                new OrderPlaced(WHOLE, "seal", "fits", 12345, "a,b"),
                new StepTicked(
                        "left-mockup",
                        "QF-101",
                        "Mock up",
                        "75 N·m",
                        "square",
                        OptionalDouble.of(75),
                        "a lead's reason",
                        "torque wrench",
                        List.of(LooseItem.NUTS, LooseItem.PADS)),
                new StepTicked("lift", "QF-101", "Lift", "", "", OptionalDouble.empty(), "", "", List.of()),
                new PartTried("QF-101", new Tried(HandTrial.SLIDES, Side.LEFT, false, "sticks after 6 mm")),
                new Bled(Bled.What.POINT, Map.of("point", "axle 2 right", "strokes", "12")),
                new Bled(Bled.What.TOPPED_UP, Map.of()),
                new StepUnticked("lift", "QF-101"));
    }

    @ParameterizedTest
    @MethodSource("decisions")
    void whatIsWrittenIsReadBackWhole(Decision decision) {
        assertThat(decision.payload()).containsEntry("v", Decision.EDITION);
        assertThat(Decision.of(row(decision.kind(), decision.subject(), decision.payload())))
                .contains(decision);
    }

    @Test
    void theFirstEditionIsRead() {
        assertThat(Decision.of(row(Kind.KIT_CHOSEN, "QF-101", Map.of("edition", "2", "before", "none"))))
                .contains(new KitChosen(Optional.of(Selection.of("QF-101").inEdition(2)), "none"));
        assertThat(Decision.of(row(Kind.KIT_CHOSEN, "none", Map.of("edition", "0", "before", "QF-101, edition 1"))))
                .contains(new KitChosen(Optional.empty(), "QF-101, edition 1"));
        assertThat(Decision.of(row(Kind.ORDER_SIGNED, "QF-101", Map.of("reason", "why", "covers", "seal"))))
                .contains(new OrderSigned(Selection.of("QF-101"), "seal", "why"));
        assertThat(Decision.of(row(
                        Kind.ORDER_PLACED,
                        "QF-101",
                        Map.of("edition", "1", "covers", "seal", "totalCents", "100", "verdict", "fits", "csv", "x"))))
                .contains(new OrderPlaced(Selection.of("QF-101").inEdition(1), "seal", "fits", 100, "x"));
        assertThat(Decision.of(row(
                        Kind.STEP_TICKED,
                        "left-bracket",
                        Map.of("kit", "QF-101", "title", "Bracket", "setValue", "75 N·m", "torqueNm", "75.0"))))
                .contains(new StepTicked(
                        "left-bracket", "QF-101", "Bracket", "75 N·m", "", OptionalDouble.of(75), "", "", List.of()));
        assertThat(Decision.of(row(Kind.STEP_UNTICKED, "left-bracket", Map.of("kit", "QF-101"))))
                .contains(new StepUnticked("left-bracket", "QF-101"));
    }

    @Test
    void whatIsOnlyLoggedIsNoDecision() {
        assertThat(Decision.of(row(Kind.SIGNED_IN, "tam", Map.of()))).isEmpty();
    }
}
