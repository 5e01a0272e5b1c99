package itrova.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.Kit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.SpindleNut;
import itrova.core.work.ShaftOrder.Piece;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Orders written down by hand, as parts lie on the shaft (common practice). */
class ShaftOrderTest {
    private static final Kit KIT = Samples.kit();

    private static AxleForm form(AxleEndKind kind, Retention retention, SpindleNut nut) {
        return new AxleForm(kind, BracketShape.CIRCLE, nut, retention, false, false, false, false);
    }

    private static Optional<ShaftOrder> order(AxleForm form, String step) {
        BenchPlan plan = BenchPlan.of(
                PlanCase.alone(FitEngine.report(Samples.axle(form.kind()), KIT, ShopSettings.DEFAULTS), form));
        return plan.step(step).flatMap(s -> ShaftOrder.of(s, KIT, form));
    }

    private static List<Piece> pieces(ShaftOrder order) {
        return order.places().stream().map(ShaftOrder.Place::part).toList();
    }

    private static Stream<Piece> now(ShaftOrder order) {
        return order.places().stream().filter(ShaftOrder.Place::isNow).map(ShaftOrder.Place::part);
    }

    /** Put on from the flange inward: retainer, bracket, spacer ring, and the bearing last. */
    @Test
    void aPressedBearingLiesInmost() {
        ShaftOrder order = order(
                        form(AxleEndKind.REAR_LIVE_AXLE, Retention.PRESSED_BEARING, SpindleNut.CASTLE), "left-press-on")
                .orElseThrow();
        assertThat(pieces(order))
                .containsExactly(Piece.BEARING, Piece.SPACER_RING, Piece.BRACKET, Piece.RETAINER, Piece.SHAFT_FLANGE);
        assertThat(now(order)).containsExactly(Piece.BEARING, Piece.SPACER_RING, Piece.BRACKET, Piece.RETAINER);
    }

    @Test
    void aSpindleIsBuiltUpFromItsShoulder() {
        AxleForm front = form(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, SpindleNut.CASTLE);
        assertThat(pieces(order(front, "right-hub-on").orElseThrow()))
                .containsExactly(
                        Piece.SPINDLE,
                        Piece.SEAL,
                        Piece.INNER_BEARING,
                        Piece.HUB,
                        Piece.OUTER_BEARING,
                        Piece.WASHER,
                        Piece.NUT,
                        Piece.LOCK,
                        Piece.CAP);
        assertThat(now(order(front, "left-seal").orElseThrow())).containsExactly(Piece.SEAL, Piece.INNER_BEARING);
        assertThat(now(order(front, "left-cap").orElseThrow())).containsExactly(Piece.LOCK, Piece.CAP);
    }

    /** Two nuts with a washer between, and a drive flange where a cap would be. */
    @Test
    void aClosedKnuckleHasTwoNutsAndADriveFlange() {
        AxleForm closed = form(AxleEndKind.CLOSED_KNUCKLE, Retention.PRESSED_BEARING, SpindleNut.TANGED_WASHER);
        assertThat(pieces(order(closed, "left-drive-on").orElseThrow()))
                .endsWith(Piece.NUT, Piece.LOCK, Piece.SECOND_NUT, Piece.DRIVE);
        assertThat(now(order(closed, "left-drive-on").orElseThrow())).containsExactly(Piece.DRIVE);
    }

    @Test
    void aStepThatPutsNothingOnAShaftShowsNone() {
        AxleForm front = form(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, SpindleNut.CASTLE);
        assertThat(order(front, "lift")).isEmpty();
        assertThat(order(front, "left-strip")).isEmpty();
        assertThat(order(form(AxleEndKind.REAR_UPRIGHT, Retention.PRESSED_BEARING, SpindleNut.CASTLE), "left-disc"))
                .isEmpty();
    }

    @Test
    void whatWasPutInLooselyWaitsUntilItIsMadeGood() {
        List<LooseItem> tried = List.of(LooseItem.NUTS, LooseItem.PADS);
        assertThat(LooseItem.open(tried, List.of(LooseItem.PADS))).containsExactly(LooseItem.NUTS);
        assertThat(LooseItem.open(tried, tried)).isEmpty();
        assertThat(LooseItem.open(List.of(LooseItem.NOTHING), List.of())).isEmpty();
        assertThat(LooseItem.isTold(List.of())).isFalse();
        assertThat(LooseItem.isTold(List.of(LooseItem.NOTHING))).isTrue();
        assertThat(LooseItem.isTold(List.of(LooseItem.NOTHING, LooseItem.PADS))).isFalse();
    }
}
