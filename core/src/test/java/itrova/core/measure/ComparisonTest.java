package itrova.core.measure;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    private static AxleEnd end(Side side, String register, String overStuds) {
        List<Reading> readings = new ArrayList<>();
        add(readings, side, Callout.LUG_COUNT, "5");
        add(readings, side, Callout.STUD_MAJOR, "12.62");
        if (!register.isEmpty()) {
            add(readings, side, Callout.REGISTER, register);
        }
        if (!overStuds.isEmpty()) {
            add(readings, side, Callout.STUD_OVER_SKIP_ONE, overStuds);
        }
        return Consolidation.of(side, AxleForm.defaultFor(AxleEndKind.TRAILER_SPINDLE, BracketShape.CIRCLE), readings);
    }

    private static void add(List<Reading> readings, Side side, Callout callout, String text) {
        readings.add(
                Reading.take(side, callout, "", text, ReadingSpec.of(callout).preferred(), UnitSystem.METRIC));
    }

    @Test
    void sidesDifferOnlyBeyondTheirDoubt() {
        AxleEnd left = end(Side.LEFT, "66.78", "121.34");
        assertThat(Comparison.of(left, end(Side.RIGHT, "66.80", "121.36"))).noneMatch(Comparison.Line::differs);
        assertThat(Comparison.of(left, end(Side.RIGHT, "66.95", "121.36")))
                .filteredOn(Comparison.Line::differs)
                .extracting(Comparison.Line::callout)
                .containsExactly(Callout.REGISTER);
    }

    @Test
    void equalIsProvedNotAssumed() {
        AxleEnd left = end(Side.LEFT, "66.78", "121.34");
        AxleEnd unread = new AxleEnd.Builder(
                        Side.RIGHT, AxleForm.defaultFor(AxleEndKind.TRAILER_SPINDLE, BracketShape.CIRCLE))
                .build();
        assertThat(Comparison.whyNotEqual(left, unread, false))
                .hasValueSatisfying(t -> assertThat(said(t)).contains("proved, not assumed"));
        assertThat(Comparison.whyNotEqual(left, end(Side.RIGHT, "66.95", "121.36"), false))
                .hasValueSatisfying(t -> assertThat(said(t)).contains("not equal"));
        assertThat(Comparison.whyNotEqual(left, end(Side.RIGHT, "66.79", "121.33"), false))
                .isEmpty();
        assertThat(Comparison.whyNotEqual(left, end(Side.RIGHT, "66.79", "121.33"), true))
                .isPresent();
    }
}
