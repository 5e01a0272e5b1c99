package itrova.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a 14 in wheel cannot have: 340 mm inside the barrel, 378 mm over the flange, 150 mm wide. */
class ProfileBoundsTest {
    private static final List<Reading> WHEEL = List.of(
            read(Callout.WHEEL_OVERALL, "", "150"),
            read(Callout.WHEEL_FLANGE, "", "378"),
            read(Callout.WHEEL_BARREL, "10", "340"));

    private static Reading read(Callout callout, String place, String text) {
        return Reading.take(Side.LEFT, callout, place, text, Instrument.CALIPER_OUTSIDE, UnitSystem.METRIC);
    }

    private static Optional<String> fault(Callout callout, String place, String text) {
        return ProfileBounds.fault(read(callout, place, text), WHEEL);
    }

    @Test
    void aSpokeOutsideTheBarrelIsRefused() {
        assertThat(fault(Callout.WHEEL_SPOKE, "13 5/8 in", "4 1/8 in").orElseThrow())
                .contains("radius of 346.08 mm (13.63 in)")
                .contains("170 mm");
        assertThat(fault(Callout.WHEEL_SPOKE, "100", "160").orElseThrow()).contains("150 mm");
        assertThat(fault(Callout.WHEEL_SPOKE, "100", "60")).isEmpty();
    }

    /** A 13 in rim sits on 329.4 mm (ISO 4000-2, from memory): its barrel is narrower. */
    @Test
    void aBarrelWiderThanTheMarkedSeatIsRefused() {
        List<Reading> marked = List.of(read(Callout.WHEEL_MARKING, "", "4 1/2 J x 13"));
        Reading wide = read(Callout.WHEEL_BARREL, "20", "340");
        assertThat(ProfileBounds.fault(wide, marked).orElseThrow())
                .contains("marking")
                .contains("329.4 mm");
        assertThat(ProfileBounds.fault(read(Callout.WHEEL_BARREL, "20", "310"), marked))
                .isEmpty();
    }

    @Test
    void aBarrelWiderOrDeeperThanTheWheelIsRefused() {
        assertThat(fault(Callout.WHEEL_BARREL, "20", "400").orElseThrow()).contains("378 mm");
        assertThat(fault(Callout.WHEEL_BARREL, "180", "330").orElseThrow()).contains("150 mm");
        assertThat(fault(Callout.WHEEL_BARREL, "120", "330")).isEmpty();
    }

    @Test
    void nothingIsRefusedByWhatNobodyReadOrByTheOtherSide() {
        Reading spoke = read(Callout.WHEEL_SPOKE, "13 5/8 in", "4 1/8 in");
        assertThat(ProfileBounds.fault(spoke, List.of())).isEmpty();
        Reading right = Reading.take(
                Side.RIGHT, Callout.WHEEL_BARREL, "20", "400", Instrument.CALIPER_OUTSIDE, UnitSystem.METRIC);
        assertThat(ProfileBounds.fault(right, WHEEL)).isEmpty();
        assertThat(fault(Callout.REGISTER, "", "66.8")).isEmpty();
    }
}
