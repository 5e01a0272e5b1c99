package itrova.core.brakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.brakes.BeddingHeat.Slowing;
import itrova.core.quantity.Measured;
import itrova.core.road.BeddingRule;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Heat of a bedding series: energy and Newton's law of cooling. */
class BeddingHeatTest {
    private static final BrakeCircuit CIRCUIT =
            Bench.vehicle(Bench.sheet(), Map.of()).found();
    private static final Slowing SERIES = new Slowing(80 / 3.6, 48 / 3.6, 45);

    private static double hottest(List<Slowing> series) {
        return BeddingHeat.of(CIRCUIT, series).hottest().orElseThrow().value();
    }

    @Test
    void nothingDrivenIsAsWarmAsTheAir() {
        assertThat(hottest(List.of())).isEqualTo(HeatModel.AIR, within(1e-9));
    }

    /** Heat goes with the difference of the speeds' squares: from 80 to 48 it is 0.64 of that of a full stop. */
    @Test
    void oneSlowingGivesTheEnergyBetweenItsSpeeds() {
        double whole = hottest(List.of(new Slowing(80 / 3.6, 0, 45))) - HeatModel.AIR;
        assertThat(hottest(List.of(SERIES)) - HeatModel.AIR).isEqualTo(0.64 * whole, within(1e-9 * whole));
    }

    @Test
    void shorterPausesGetHotterAndLongOnesForgetTheStopBefore() {
        double one = hottest(List.of(SERIES));
        double ten = hottest(Collections.nCopies(10, SERIES));
        double hurried = hottest(Collections.nCopies(10, new Slowing(80 / 3.6, 48 / 3.6, 5)));
        double patient = hottest(Collections.nCopies(10, new Slowing(80 / 3.6, 48 / 3.6, 36_000)));
        assertThat(ten).isBetween(one, hurried);
        assertThat(patient).isEqualTo(one, within(0.01));
        assertThat(hurried - HeatModel.AIR).isLessThan(10 * (one - HeatModel.AIR));
    }

    @Test
    void whatIsMissingIsNamedAndNoFigureTold() {
        BeddingHeat made = BeddingHeat.of(CIRCUIT.withGiven(Map.of()), List.of(SERIES));
        assertThat(made.hottest()).isEmpty();
        assertThat(made.missing()).isNotEmpty();
    }

    /** Pauses grow until even the upper end of the doubt stays below what spoils the bedding, and no further. */
    @Test
    void aRuleIsMadeCoolEnoughByLongerPauses() {
        BeddingRule hot = BeddingRule.ofPapers(15, 110, 30, 5);
        BeddingRule cool = hot.coolOn(CIRCUIT);
        Measured before = hot.heat(CIRCUIT).hottest().orElseThrow();
        Measured after = cool.heat(CIRCUIT).hottest().orElseThrow();
        assertThat(before.value() + before.expanded()).isGreaterThan(BeddingHeat.TOO_HOT);
        assertThat(after.value() + after.expanded()).isLessThanOrEqualTo(BeddingHeat.TOO_HOT);
        assertThat(cool.stops()).isEqualTo(hot.stops());
        assertThat(cool.phases().get(0).pause()).isLessThanOrEqualTo(300);
        assertThat(hot.coolOn(CIRCUIT.withGiven(Map.of()))).isEqualTo(hot);
    }
}
