package itrova.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.bearing.StandardBearing;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
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
        return plan.step(step).flatMap(s -> ShaftOrder.of(s, KIT, end(form)));
    }

    private static AxleEnd end(AxleForm form) {
        return new AxleEnd.Builder(Side.LEFT, form).build();
    }

    private static List<Piece> pieces(ShaftOrder order) {
        return order.places().stream().map(ShaftOrder.Place::part).toList();
    }

    private static Stream<Piece> now(ShaftOrder order) {
        return order.places().stream().filter(ShaftOrder.Place::isNow).map(ShaftOrder.Place::part);
    }

    /** Put on from the flange inward: retainer, bracket, spacer ring, bearing, and the press ring last. */
    @Test
    void aPressedBearingLiesInmost() {
        ShaftOrder order = order(
                        form(AxleEndKind.REAR_LIVE_AXLE, Retention.PRESSED_BEARING, SpindleNut.CASTLE), "left-press-on")
                .orElseThrow();
        assertThat(pieces(order))
                .containsExactly(
                        Piece.PRESS_RING,
                        Piece.BEARING,
                        Piece.SPACER_RING,
                        Piece.BRACKET,
                        Piece.RETAINER,
                        Piece.SHAFT_FLANGE);
        assertThat(now(order))
                .containsExactly(Piece.PRESS_RING, Piece.BEARING, Piece.SPACER_RING, Piece.BRACKET, Piece.RETAINER);
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

    /** A bearing's from the table that ships, by its number; what nobody read has no size. */
    @Test
    void sizesAreThoseReadAtTheEnd() {
        AxleForm form = form(AxleEndKind.FRONT_SPINDLE, Retention.PRESSED_BEARING, SpindleNut.CASTLE);
        StandardBearing inner = StandardBearing.all().get(0);
        AxleEnd end = Samples.end(Side.LEFT, form.kind())
                .word(Callout.INNER_NUMBER, inner.designation())
                .length(Callout.SEAL_JOURNAL, Measured.exact(44.5))
                .build();
        BenchStep step = BenchPlan.of(
                        PlanCase.alone(FitEngine.report(Samples.axle(form.kind()), KIT, ShopSettings.DEFAULTS), form))
                .step("left-seal")
                .orElseThrow();
        List<ShaftOrder.Place> places =
                ShaftOrder.of(step, KIT, end).orElseThrow().places();
        assertThat(places.get(0).size().across()).hasValue(44.5);
        assertThat(places.get(2).size().across()).hasValue(inner.outside());
        assertThat(places.get(3).size()).isEqualTo(PieceSize.UNREAD);
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
