package itrova.core.around;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.judge.FitEngine;
import itrova.core.judge.Samples;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.KingPinTape;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Tyre;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.Taped;
import itrova.core.vehicle.TapedThing;
import itrova.core.vehicle.TapedThing.Beside;
import itrova.core.vehicle.TapedThing.OnVehicle;
import itrova.core.vehicle.ThingKind;
import itrova.core.vehicle.WheelDetails;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Places worked by hand from a sketch: hub face 60 mm outboard of the bracket face, drum 5 mm thick, wheel 150 mm over its flanges. */
class TapePlacingTest {
    private static final OptionalDouble NO = OptionalDouble.empty();
    private static final Beside ARM =
            new Beside(ThingKind.STEERING_ARM, "arm", 200, 30, 50, at(110), 80, at(95), OptionalDouble.empty());
    private static final OnVehicle RAIL =
            new OnVehicle(ThingKind.FRAME, "rail", TapeFace.RIM, 40, NO, NO, NO, at(-20), at(90));

    private static OptionalDouble at(double mm) {
        return OptionalDouble.of(mm);
    }

    private static AxleEnd.Builder end() {
        return Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .length(Callout.HUB_FACE, Samples.mm(60, 0.1))
                .length(Callout.DRUM_FACE, Measured.exact(5))
                .length(Callout.WHEEL_BACKSPACING, Measured.exact(90))
                .length(Callout.WHEEL_OVERALL, Measured.exact(150));
    }

    private static Surroundings taken(TapedThing... things) {
        return taken(Optional.empty(), things);
    }

    private static Surroundings taken(Optional<KingPinTape> kingPin, TapedThing... things) {
        return new Surroundings(
                Seen.nothing(),
                Seen.nothing(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Tyre(170, 640, NO)),
                Optional.empty(),
                List.of(),
                WheelDetails.UNSEEN,
                new Taped(List.of(things), kingPin));
    }

    @Test
    void besideTheCaliperItIsTakenFromHubFaceAndAxis() {
        Surroundings s = TapePlacing.placed(taken(ARM), end().build());
        Obstacle o = s.inboard().things().get(0);
        assertThat(o.xTo()).isCloseTo(-20, within(1e-9));
        assertThat(o.xFrom()).isCloseTo(-35, within(1e-9));
        assertThat(o.rFrom()).isCloseTo(50, within(1e-9));
        assertThat(o.rTo()).isCloseTo(110, within(1e-9));
        // asin(15/50) = 17.458°, and four degrees for a direction pointed out by hand
        assertThat(o.window().from()).isCloseTo(200 - 21.458, within(1e-3));
        assertThat(o.window().to()).isCloseTo(200 + 21.458, within(1e-3));
        // a tape's 1 mm and the hub face's expanded doubt, added
        assertThat(o.halfLimit()).isCloseTo(1 + Samples.mm(60, 0.1).expanded(), within(1e-9));
        assertThat(s.inboard().isAll()).isTrue();
        assertThat(s.taped()).isEqualTo(Taped.NOTHING);
    }

    /** Rim's edge: 60 + 5 − 90 = −25; the tyre's inner side: middle 60 + 5 − (90 − 75) = 50, less 85 = −35. */
    @Test
    void facesOfTheWheelFoundStandOnTheDrum() {
        Optional<Tyre> tyre = Optional.of(new Tyre(170, 640, NO));
        assertThat(TapePlacing.face(TapeFace.RIM, end().build(), tyre)
                        .orElseThrow()
                        .value())
                .isCloseTo(-25, within(1e-9));
        assertThat(TapePlacing.face(TapeFace.TYRE, end().build(), tyre)
                        .orElseThrow()
                        .value())
                .isCloseTo(-35, within(1e-9));
        assertThat(TapePlacing.face(TapeFace.TYRE, end().build(), Optional.empty()))
                .isEmpty();
    }

    @Test
    void whatWasNotReachedRunsOn() {
        Box rail = TapePlacing.placed(taken(RAIL), end().build())
                .chassis()
                .things()
                .get(0);
        assertThat(rail.high().x()).isCloseTo(-65, within(1e-9));
        assertThat(rail.low().x()).isCloseTo(-665, within(1e-9));
        assertThat(rail.low().f()).isCloseTo(-600, within(1e-9));
        assertThat(rail.high().f()).isCloseTo(600, within(1e-9));
        assertThat(rail.low().z()).isCloseTo(-20, within(1e-9));
        assertThat(rail.high().z()).isCloseTo(90, within(1e-9));
    }

    /** An end far off whose other one was not reached still runs on, away from it. */
    @Test
    void whatBeginsFarOffRunsOnFromThere() {
        OnVehicle ahead = new OnVehicle(ThingKind.FRAME, "x", TapeFace.HUB, 40, NO, at(900), NO, NO, at(-800));
        Box box = TapePlacing.placed(taken(ahead), end().build())
                .chassis()
                .things()
                .get(0);
        assertThat(box.low().f()).isCloseTo(900, within(1e-9));
        assertThat(box.high().f()).isCloseTo(1500, within(1e-9));
        assertThat(box.low().z()).isCloseTo(-1400, within(1e-9));
        assertThat(box.high().z()).isCloseTo(-800, within(1e-9));
    }

    /** From the tyre its width counts with 8 %: 0.08 · 170 / 2 = 6.8 mm. */
    @Test
    void aTyreIsNoStraightEdge() {
        OnVehicle byTyre = new OnVehicle(ThingKind.SHOCK, "shock", TapeFace.TYRE, 40, NO, NO, NO, NO, NO);
        OnVehicle byRim = new OnVehicle(ThingKind.SHOCK, "shock", TapeFace.RIM, 40, NO, NO, NO, NO, NO);
        List<Box> boxes = TapePlacing.placed(taken(byTyre, byRim), end().build())
                .chassis()
                .things();
        assertThat(boxes.get(0).halfLimit() - boxes.get(1).halfLimit()).isCloseTo(6.8, within(1e-9));
    }

    @Test
    void aThingMovesWithTheFaceItWasTakenFrom() {
        AxleEnd corrected = end().length(Callout.HUB_FACE, Measured.exact(63)).build();
        assertThat(TapePlacing.placed(taken(ARM), corrected)
                        .inboard()
                        .things()
                        .get(0)
                        .xTo())
                .isCloseTo(-17, within(1e-9));
    }

    @Test
    void withoutItsFaceItHasNoPlaceAndNobodyHasSeenAllRound() {
        AxleEnd unread = Samples.end(Side.LEFT, AxleEndKind.FRONT_SPINDLE)
                .without(java.util.Set.of(Callout.HUB_FACE, Callout.DRUM_FACE))
                .build();
        Surroundings s = TapePlacing.placed(taken(ARM, RAIL), unread);
        assertThat(s.inboard()).isEqualTo(Seen.nobody());
        assertThat(s.chassis()).isEqualTo(Seen.nobody());
        assertThat(s.taped().things()).containsExactly(ARM, RAIL);
        assertThat(TapePlacing.lacking(TapeFace.TYRE, unread))
                .contains(Callout.HUB_FACE, Callout.DRUM_FACE)
                .doesNotContain(Callout.WHEEL_BACKSPACING);
    }

    /** Only the rail hangs on the drum's face: the arm is placed all the same, and the check asks for the drum's face by name. */
    @Test
    void theCheckAsksForWhatPlacesIt() {
        AxleEnd noDrum = end().without(java.util.Set.of(Callout.DRUM_FACE)).build();
        AxleEnd left = noDrum.toBuilder()
                .around(TapePlacing.placed(taken(ARM, RAIL), noDrum))
                .build();
        assertThat(left.around().inboard().things()).hasSize(1);
        Finding sweep = FitEngine.report(
                        new AxleCase(List.of(left), Optional.empty()), Samples.kit(), ShopSettings.DEFAULTS)
                .findings()
                .stream()
                .filter(f -> f.check() == CheckId.SWEEP)
                .findFirst()
                .orElseThrow();
        assertThat(sweep.missing()).contains(Callout.DRUM_FACE);
    }

    /** Lower joint 90 in and 110 down, upper 100 in and 140 up, from a face at 60. Nobody read the lean: at the tyre's 320 mm tan 6° · 320 = 33.6 mm. */
    @Test
    void theKingPinAxisComesFromFourReadings() {
        KingPinTape four = new KingPinTape(90, 110, 100, 140, NO, NO, 32, 30);
        Steering axis = TapePlacing.placed(taken(Optional.of(four)), end().build())
                .steering()
                .orElseThrow();
        assertThat(axis.lower().x()).isCloseTo(-30, within(1e-9));
        assertThat(axis.lower().z()).isCloseTo(-110, within(1e-9));
        assertThat(axis.upper().x()).isCloseTo(-40, within(1e-9));
        assertThat(axis.upper().z()).isCloseTo(140, within(1e-9));
        assertThat(axis.halfLimit()).isCloseTo(1 + Samples.mm(60, 0.1).expanded() + 33.633, within(1e-3));
        KingPinTape six = new KingPinTape(90, 110, 100, 140, at(4), at(-8), 32, 30);
        assertThat(TapePlacing.placed(taken(Optional.of(six)), end().build())
                        .steering()
                        .orElseThrow()
                        .halfLimit())
                .isCloseTo(1 + Samples.mm(60, 0.1).expanded(), within(1e-9));
    }

    /** A 600 mm edge that swung 300 mm stands at 30° (sine of 30° is a half). */
    @ParameterizedTest
    @CsvSource({"600, 300, 30", "500, 0, 0", "1000, 573.576, 35"})
    void aLockIsReadOffTheFloor(double length, double swing, double degrees) {
        assertThat(KingPinTape.lock(length, swing)).isCloseTo(degrees, within(1e-3));
    }

    @Test
    void whatCannotBeIsRefusedByName() {
        assertThatThrownBy(() -> KingPinTape.lock(600, 600)).hasMessageContaining("less than the 600 mm");
        assertThatThrownBy(() -> KingPinTape.lock(20, 5)).hasMessageContaining("100 mm");
        assertThatThrownBy(() -> new KingPinTape(90, 110, 10_000, 140, NO, NO, 32, 30))
                .hasMessageContaining("10000 mm");
        assertThatThrownBy(() -> new KingPinTape(90, 5, 90, 5, NO, NO, 32, 30)).hasMessageContaining("30 mm");
        assertThatThrownBy(() -> new KingPinTape(90, 110, 100, 140, NO, NO, 80, 30))
                .hasMessageContaining("between 0 and 70");
        assertThatThrownBy(() -> new KingPinTape(90, 110, 100, 140, at(2000), NO, 32, 30))
                .hasMessageContaining("2000 mm");
        assertThatThrownBy(() -> new Beside(ThingKind.OTHER, "x", 10, 10, 50, at(40), 10, NO, NO))
                .hasMessageContaining("farthest edge at 40 mm");
        assertThatThrownBy(() -> new Beside(ThingKind.OTHER, "x", 400, 10, 50, NO, 10, NO, NO))
                .hasMessageContaining("clock");
        assertThatThrownBy(() -> new OnVehicle(ThingKind.FRAME, "x", TapeFace.TYRE, 10_000, NO, NO, NO, NO, NO))
                .hasMessageContaining("10000 mm");
    }
}
