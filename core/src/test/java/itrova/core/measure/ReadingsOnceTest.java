package itrova.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.quantity.Measured;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What counts as a measurement: never a copy, never a length seen by eye. */
class ReadingsOnceTest {
    private static final Instant NINE = Instant.parse("2026-03-01T09:00:00Z");

    private static Reading register(String text, Instrument with) {
        return Reading.take(Side.LEFT, Callout.REGISTER, "", text, with, UnitSystem.METRIC);
    }

    private static Reading taken(String text, Instant at, boolean isCopy) {
        return register(text, Instrument.CALIPER_OUTSIDE).from(new Origin("Tam", at, isCopy));
    }

    private static AxleEnd end(Reading... readings) {
        return Consolidation.of(
                Side.LEFT,
                AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE),
                Arrays.asList(readings));
    }

    private static Measured register(Reading... readings) {
        return end(readings).length(Callout.REGISTER).orElseThrow();
    }

    @Test
    void aReadingWrittenDownAgainNarrowsNoDoubt() {
        Reading once = taken("70.8", NINE, false);
        double doubt = register(once).expanded();
        assertThat(register(once, once, once).expanded()).isEqualTo(doubt);
        assertThat(register(once, taken("70.8", NINE.plusSeconds(30), false)).expanded())
                .as("a repeat does")
                .isLessThan(doubt);
    }

    @Test
    void whatWasTakenOverGivesWayToWhatIsMeasured() {
        Reading copied = taken("71.4", NINE, true);
        Reading own = taken("70.8", NINE.plusSeconds(60), false);
        assertThat(register(copied).value()).isEqualTo(71.4);
        assertThat(register(copied, own).value()).isEqualTo(70.8);
        assertThat(register(copied, own).expanded()).isEqualTo(register(own).expanded());
    }

    @Test
    void aLengthSeenByEyeProvesNothing() {
        assertThat(end(register("70.8", Instrument.EYE)).length(Callout.REGISTER))
                .isEmpty();
        Reading measured = register("70.8", Instrument.CALIPER_OUTSIDE);
        assertThat(register(measured, register("75", Instrument.EYE)).value()).isEqualTo(70.8);
        Reading count = Reading.take(Side.LEFT, Callout.LUG_COUNT, "", "5", Instrument.EYE, UnitSystem.METRIC);
        assertThat(end(count).count(Callout.LUG_COUNT)).hasValue(5);
        Reading marked = Reading.take(Side.LEFT, Callout.WHEEL_OFFSET, "", "25", Instrument.EYE, UnitSystem.METRIC);
        assertThat(end(marked).length(Callout.WHEEL_OFFSET))
                .as("what is marked is read by eye")
                .isPresent();
    }

    @Test
    void theSameRowTwiceWithoutWhoAndWhenIsOneReading() {
        Reading row = register("70.8", Instrument.CALIPER_OUTSIDE);
        assertThat(ReadingKey.once(List.of(row, row, register("70.9", Instrument.CALIPER_OUTSIDE))))
                .hasSize(2);
    }
}
