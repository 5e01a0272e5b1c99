package itrova.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class DerivedValuesTest {
    private static AxleEnd end(Side side, Object... calloutsAndTexts) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < calloutsAndTexts.length; i += 2) {
            Callout callout = (Callout) calloutsAndTexts[i];
            readings.add(Reading.take(
                    side,
                    callout,
                    "",
                    (String) calloutsAndTexts[i + 1],
                    ReadingSpec.of(callout).preferred(),
                    UnitSystem.METRIC));
        }
        return Consolidation.of(
                side, AxleForm.defaultFor(AxleEndKind.REAR_LIVE_AXLE, BracketShape.RECTANGLE), readings);
    }

    private static DerivedValues.Derived derived(AxleEnd end, String title) {
        return DerivedValues.of(end).stream()
                .filter(d -> d.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void stickOutFromTheDrumsFaceAndItsThickness() {
        AxleEnd end = end(Side.LEFT, Callout.STUD_FROM_DRUM, "28.4", Callout.DRUM_FACE, "7.6");
        assertThat(end.length(Callout.STUD_STICK_OUT).orElseThrow().value()).isEqualTo(36.0, within(1e-9));
        assertThat(derived(end, "Stud stick-out").inputs()).hasSize(2);
    }

    /** Nominal width 5 in is about 6 in over the flanges; 101.2 mm of backspacing is then 25 mm of offset (by hand). */
    @Test
    void offsetFromBackspacingAndBack() {
        AxleEnd end = end(Side.LEFT, Callout.WHEEL_BACKSPACING, "101.2", Callout.WHEEL_OVERALL, "152.4");
        Measured offset = derived(end, "Wheel offset").value();
        assertThat(offset.value()).isEqualTo(25.0, within(1e-9));
        AxleEnd marked = end(Side.LEFT, Callout.WHEEL_OFFSET, "25", Callout.WHEEL_OVERALL, "152.4");
        Measured back = marked.length(Callout.WHEEL_BACKSPACING).orElseThrow();
        assertThat(back.value()).isEqualTo(101.2, within(1e-9));
        assertThat(derived(marked, "Backspacing, from the marked offset").formula())
                .isEqualTo("b = e + W/2");
        // what is read goes before what is marked
        AxleEnd both = end(
                Side.LEFT,
                Callout.WHEEL_BACKSPACING,
                "99.0",
                Callout.WHEEL_OFFSET,
                "25",
                Callout.WHEEL_OVERALL,
                "152.4");
        assertThat(both.length(Callout.WHEEL_BACKSPACING).orElseThrow().value()).isEqualTo(99.0, within(1e-9));
    }

    /** Float between clip and pin is known travel, 2 mm of it 1 mm either way, and no doubt (definitions). */
    @Test
    void aShaftHeldByAClipHasAnOffsetOnlyWhenBothEndsOfItsFloatWereRead() {
        AxleForm clip = new AxleForm(
                AxleEndKind.REAR_LIVE_AXLE,
                BracketShape.CIRCLE,
                SpindleNut.CASTLE,
                Retention.C_CLIP,
                false,
                false,
                false,
                false);
        AxleEnd.Builder in = new AxleEnd.Builder(Side.LEFT, clip)
                .length(Callout.AXLE_OFFSET, Measured.of(61, Component.standard(Source.named("in"), 0.1)));
        assertThat(DerivedValues.axleOffset(in.build())).isEmpty();
        assertThat(DerivedValues.hubFaceCallout(in.build())).isEqualTo(Callout.AXLE_OFFSET_OUT);
        AxleEnd both = in.length(Callout.AXLE_OFFSET_OUT, Measured.of(63, Component.standard(Source.named("out"), 0.1)))
                .build();
        Measured offset = DerivedValues.axleOffset(both).orElseThrow();
        assertThat(offset.value()).isEqualTo(62.0, within(1e-9));
        assertThat(offset.u()).isEqualTo(0.1 / Math.sqrt(2), within(1e-12));
        assertThat(DerivedValues.halfFloat(both)).isEqualTo(1.0, within(1e-12));
        AxleEnd held = end(Side.LEFT, Callout.AXLE_OFFSET, "61.0");
        assertThat(DerivedValues.axleOffset(held).orElseThrow().value())
                .as("held by its bearing")
                .isEqualTo(61.0, within(1e-12));
    }

    /** A mounting face moved out by t a side widens the track by 2t: 12.7 mm a side is an inch of track (common practice). */
    @Test
    void trackFromWidthAndOffsets() {
        Object[] wheel = {Callout.WHEEL_BACKSPACING, "101.2", Callout.WHEEL_OVERALL, "152.4"};
        AxleEnd right = end(Side.RIGHT, wheel);
        double before = track("1400", wheel, right);
        double after = track("1425.4", wheel, right);
        assertThat(before).isEqualTo(1400 - 2 * 25.0, within(1e-9));
        assertThat(after - before).isEqualTo(25.4, within(1e-9));
    }

    private static double track(String width, Object[] wheel, AxleEnd right) {
        List<Object> all = new ArrayList<>(List.of(wheel));
        all.add(Callout.AXLE_WIDTH);
        all.add(width);
        return DerivedValues.track(end(Side.LEFT, all.toArray()), right)
                .orElseThrow()
                .value()
                .value();
    }

    @Test
    void nothingIsDerivedFromNothing() {
        AxleEnd empty = end(Side.LEFT);
        assertThat(DerivedValues.of(empty)).isEmpty();
        assertThat(DerivedValues.track(empty, empty)).isEmpty();
        assertThat(DerivedValues.axleOffset(empty)).isEmpty();
    }

    @Test
    void hubStepsAndSealLandAreDifferencesInWhichTheInstrumentCancels() {
        AxleEnd end = end(
                Side.LEFT,
                Callout.REGISTER_HEIGHT,
                "8.0",
                Callout.REGISTER_STEP_HEIGHT,
                "14.5",
                Callout.SHOULDER,
                "52",
                Callout.SEAL_START,
                "31");
        Measured step = derived(end, "Outer step over first step").value();
        assertThat(step.value()).isEqualTo(6.5, within(1e-9));
        assertThat(step.components())
                .filteredOn(c -> c.source() instanceof InstrumentSource)
                .allSatisfy(c -> assertThat(c.effect()).isEqualTo(0, within(1e-12)));
        assertThat(derived(end, "Seal land").value().value()).isEqualTo(21, within(1e-9));
    }
}
