package itrova.core.brakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeCircuit.Valve;
import itrova.core.finding.Verdict;
import itrova.core.quantity.Measured;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * A trailer worked by hand: 1000 kg on one disc axle, pistons 2000 mm², pads 0.38, effective radius 100 mm, 7 MPa, efficiency 0.95, rolling
 * radius 0.482 · 640 = 308.48 mm.
 *
 * <p>Torque of a wheel 2 · 0.38 · 2000 · 7 · 0.95 · 0.1 = 1010.8 N·m, force of the axle 2 · 1010.8 / 0.30848 = 6553.4 N, less than the
 * road's 0.8 · 0.92 · 9806.65 = 7217.7 N. Tow vehicle 2000 kg at 6 m/s²: together (12 000 + 6553.4) / 3000 = 6.1845 m/s², with the
 * trailer's brakes failed 4 m/s²; push on the coupling 1000 · 6.1845 − 6553.4 = −368.9 N: the trailer pulls.
 */
class TowedTest {
    private static BrakeCircuit trailer(double pressure, boolean isTowKnown) {
        Map<QuantityAt, Measured> given = new HashMap<>();
        put(given, BrakeQuantity.MASS_LADEN, 1000);
        put(given, BrakeQuantity.TYRE_DIAMETER, 640);
        put(given, BrakeQuantity.ROLLING_SHARE, 0.482);
        put(given, BrakeQuantity.HYDRAULIC_EFFICIENCY, 0.95);
        put(given, BrakeQuantity.ACTUATOR_PRESSURE, pressure);
        put(given, BrakeQuantity.TOW_DECELERATION, 6);
        if (isTowKnown) {
            put(given, BrakeQuantity.TOW_MASS, 2000);
        }
        given.put(new QuantityAt(BrakeQuantity.PISTON_AREA, 0), Measured.exact(2000));
        given.put(new QuantityAt(BrakeQuantity.PAD_FRICTION, 0), Measured.exact(0.38));
        given.put(new QuantityAt(BrakeQuantity.EFFECTIVE_RADIUS, 0), Measured.exact(100));
        return new BrakeCircuit(
                true,
                Booster.NONE,
                Valve.NONE,
                Split.SINGLE,
                Residual.NONE,
                Fluid.DOT_4,
                Parking.NONE,
                List.of(new AxleBrakes("axle", Optional.empty())),
                given);
    }

    private static void put(Map<QuantityAt, Measured> given, BrakeQuantity quantity, double value) {
        given.put(QuantityAt.vehicle(quantity), Measured.exact(value));
    }

    private static double value(BrakeReport report, BrakeFigureKind kind) {
        return report.figures().stream()
                .filter(f -> f.kind() == kind)
                .findFirst()
                .orElseThrow()
                .value()
                .orElseThrow()
                .value();
    }

    @Test
    void bothSlowAlike() {
        BrakeReport report = BrakeReport.of(trailer(7, true), false);
        assertThat(value(report, BrakeFigureKind.COMBINATION_DECELERATION)).isEqualTo(6.1845, within(0.0005));
        assertThat(value(report, BrakeFigureKind.COMBINATION_DECELERATION_TRAILER_FAILED))
                .isEqualTo(4.0, within(1e-9));
        assertThat(value(report, BrakeFigureKind.COUPLING_THRUST)).isEqualTo(-368.9, within(0.5));
        assertThat(report.of(BrakeCheck.COMBINATION).orElseThrow().verdict()).isEqualTo(Verdict.FITS);
    }

    /** More pressure than the road holds adds nothing: (12 000 + 7217.7) / 3000. */
    @Test
    void theRoadEndsWhatTheTrailerAdds() {
        assertThat(value(BrakeReport.of(trailer(20, true), false), BrakeFigureKind.COMBINATION_DECELERATION))
                .isEqualTo(6.4059, within(0.0005));
    }

    @Test
    void aTowVehicleNobodyWeighedProvesNothing() {
        BrakeFinding finding = BrakeReport.of(trailer(7, false), false)
                .of(BrakeCheck.COMBINATION)
                .orElseThrow();
        assertThat(finding.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(finding.missing()).containsExactly(QuantityAt.vehicle(BrakeQuantity.TOW_MASS));
        assertThat(finding.isCritical()).isFalse();
    }
}
