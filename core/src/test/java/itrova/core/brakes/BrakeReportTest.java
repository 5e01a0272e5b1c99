package itrova.core.brakes;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Booster;
import itrova.core.brakes.BrakeCircuit.Fluid;
import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeCircuit.Valve;
import itrova.core.finding.Verdict;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A two-axle vehicle with discs all round, worked by hand.
 *
 * <p>m = 1000 kg, front 550 kg, L = 2500 mm, h = 550 mm; tyre 600 mm, rolling share 0.482: r = 289.2 mm. Front: 54 mm piston, A = 2290.22
 * mm², r_eff = 110 mm, μ = 0.38; rear: 38 mm, A = 1134.11 mm², 110 mm, 0.38. Efficiency 0.95.
 *
 * <p>Force of an axle per MPa: 2 wheels · 2·0.38·A·110·0.95/1000 N·m = front 363.78 N·m, rear 180.14 N·m; over 0.2892 m: front 1257.9 N,
 * rear 622.9 N; together 1880.8 N per MPa. Weight 9806.65 N. 0.5 g wants 4903.3 N: 2.6071 MPa. The rear does 622.9/1880.8 = 33.12 %.
 *
 * <p>Foot: ratio 5, efficiency 0.87, master 20 mm = 314.16 mm²: 2.6071·314.16/(5·0.87) = 188.28 N.
 *
 * <p>Balance at z = 0.8: front 0.6688·0.8·9806.65 = 5247 N on (1375 + 440)/2500·9806.65 = 7119.6 N: 0.7370; rear 2598.3 N on 2687.0 N:
 * 0.9670: the rear first by 0.230.
 */
class BrakeReportTest {
    private static Map<QuantityAt, Measured> figures() {
        Map<QuantityAt, Measured> given = new HashMap<>();
        vehicle(given, BrakeQuantity.MASS_EMPTY, 1000);
        vehicle(given, BrakeQuantity.MASS_LADEN, 1000);
        vehicle(given, BrakeQuantity.FRONT_EMPTY, 550);
        vehicle(given, BrakeQuantity.FRONT_LADEN, 550);
        vehicle(given, BrakeQuantity.WHEELBASE, 2500);
        vehicle(given, BrakeQuantity.CENTRE_HEIGHT, 550);
        vehicle(given, BrakeQuantity.CENTRE_HEIGHT_LADEN, 550);
        vehicle(given, BrakeQuantity.TYRE_DIAMETER, 600);
        vehicle(given, BrakeQuantity.PEDAL_RATIO, 5);
        vehicle(given, BrakeQuantity.MASTER_BORE, 20);
        vehicle(given, BrakeQuantity.MASTER_STROKE, 36);
        vehicle(given, BrakeQuantity.RESERVOIR, 300);
        disc(given, 0, 2290.22);
        disc(given, 1, 1134.11);
        return given;
    }

    private static void vehicle(Map<QuantityAt, Measured> given, BrakeQuantity q, double value) {
        given.put(QuantityAt.vehicle(q), Measured.exact(value));
    }

    private static void disc(Map<QuantityAt, Measured> given, int axle, double area) {
        given.put(new QuantityAt(BrakeQuantity.PISTON_AREA, axle), Measured.exact(area));
        given.put(new QuantityAt(BrakeQuantity.EFFECTIVE_RADIUS, axle), Measured.exact(110));
        given.put(new QuantityAt(BrakeQuantity.RING_MASS, axle), Measured.exact(6));
    }

    private static BrakeCircuit circuit(Map<QuantityAt, Measured> given) {
        return new BrakeCircuit(
                false,
                Booster.NONE,
                Valve.NONE,
                Split.FRONT_REAR,
                Residual.NONE,
                Fluid.DOT_4,
                Parking.LEVER_CALIPER,
                List.of(new AxleBrakes("front", Optional.empty()), new AxleBrakes("rear", Optional.empty())),
                given);
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

    private static BrakeFinding finding(BrakeReport report, BrakeCheck check) {
        return report.findings().stream()
                .filter(f -> f.check() == check)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theVehicleWorkedByHand() {
        BrakeReport report = BrakeReport.of(circuit(figures()), true);
        assertThat(value(report, BrakeFigureKind.PRESSURE_FOR_0_5_G)).isEqualTo(2.6071, within(0.001));
        assertThat(value(report, BrakeFigureKind.PEDAL_FORCE_FOR_0_5_G)).isEqualTo(188.28, within(0.1));
        assertThat(value(report, BrakeFigureKind.REAR_SHARE_AT_0_5_G)).isEqualTo(33.12, within(0.02));
        assertThat(value(report, BrakeFigureKind.FRONT_WHEEL_TORQUE_AT_0_5_G))
                .isEqualTo(363.78 / 2 * 2.6071, within(0.3));
        assertThat(value(report, BrakeFigureKind.BALANCE_LADEN)).isEqualTo(0.7370 - 0.9670, within(0.01));
    }

    @Test
    void theRearFirstIsCaughtAndAValveProposed() {
        BrakeFinding balance = finding(BrakeReport.of(circuit(figures()), true), BrakeCheck.BALANCE_LADEN);
        assertThat(balance.verdict()).isIn(Verdict.DOES_NOT_FIT, Verdict.NOT_PROVEN);
        assertThat(said(balance.next())).contains("valve");
    }

    private static BrakeCircuit valved(Map<QuantityAt, Measured> given, Valve valve) {
        BrakeCircuit c = circuit(given);
        return new BrakeCircuit(
                false, c.booster(), valve, c.split(), c.residual(), c.fluid(), c.parking(), c.axles(), c.given());
    }

    @Test
    void aValveNobodyLookedAtLeavesTheBalanceNotProven() {
        BrakeFinding balance =
                finding(BrakeReport.of(valved(figures(), Valve.NOT_LOOKED), true), BrakeCheck.BALANCE_LADEN);
        assertThat(balance.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(balance.next())).contains("valve knee");
    }

    /** Brakes that never reach 0.15 g have no balance to prove: not a fit for want of a point that contradicts. */
    @Test
    void brakesTooWeakForAnyPointProveNoBalance() {
        Map<QuantityAt, Measured> given = figures();
        disc(given, 0, 1);
        disc(given, 1, 1);
        BrakeReport report = BrakeReport.of(circuit(given), true);
        assertThat(finding(report, BrakeCheck.BALANCE_LADEN).verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(finding(report, BrakeCheck.PEDAL_FORCE).verdict()).isNotEqualTo(Verdict.FITS);
    }

    @Test
    void aValveTakesTheRearBack() {
        Map<QuantityAt, Measured> given = figures();
        vehicle(given, BrakeQuantity.VALVE_KNEE, 1.0);
        vehicle(given, BrakeQuantity.VALVE_SLOPE, 0.3);
        BrakeReport with = BrakeReport.of(valved(given, Valve.PROPORTIONING), true);
        assertThat(value(with, BrakeFigureKind.BALANCE_LADEN))
                .isGreaterThan(value(BrakeReport.of(circuit(figures()), true), BrakeFigureKind.BALANCE_LADEN));
        assertThat(value(with, BrakeFigureKind.PEDAL_FORCE_FOR_0_8_G))
                .isGreaterThan(value(BrakeReport.of(circuit(figures()), true), BrakeFigureKind.PEDAL_FORCE_FOR_0_8_G));
    }

    /** Each quantity that must be read or told, left out: what hangs on it is not proven and asks for it by name. */
    @ParameterizedTest
    @EnumSource(
            value = BrakeQuantity.class,
            names = {"MASS_LADEN", "FRONT_LADEN", "WHEELBASE", "TYRE_DIAMETER", "PEDAL_RATIO", "MASTER_BORE"})
    void whatIsNotToldIsWantedAndProvesNothing(BrakeQuantity left) {
        Map<QuantityAt, Measured> given = figures();
        given.remove(QuantityAt.vehicle(left));
        BrakeReport report = BrakeReport.of(circuit(given), true);
        BrakeFinding force = finding(report, BrakeCheck.PEDAL_FORCE);
        assertThat(force.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(force.margin()).isEmpty();
        assertThat(said(force.next())).contains(left.title());
        assertThat(report.isProven()).isFalse();
    }

    @Test
    void aBoosterNobodyLookedAtLeavesTheFootNotProven() {
        BrakeCircuit c = circuit(figures());
        BrakeCircuit unseen = new BrakeCircuit(
                false,
                Booster.NOT_LOOKED,
                c.valve(),
                c.split(),
                c.residual(),
                c.fluid(),
                c.parking(),
                c.axles(),
                c.given());
        BrakeReport report = BrakeReport.of(unseen, true);
        assertThat(finding(report, BrakeCheck.PEDAL_FORCE).verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(report.figures())
                .filteredOn(f -> f.kind() == BrakeFigureKind.PRESSURE_AT_500_N)
                .allSatisfy(f -> assertThat(f.value()).isEmpty());
    }

    @Test
    void drumsThatAreGoneHoldNothing() {
        BrakeCircuit c = circuit(figures());
        BrakeCircuit shoes = new BrakeCircuit(
                false,
                c.booster(),
                c.valve(),
                c.split(),
                c.residual(),
                c.fluid(),
                Parking.DRUM_SHOES,
                c.axles(),
                c.given());
        assertThat(finding(BrakeReport.of(shoes, true), BrakeCheck.PARKING).verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    @Test
    void aDrumErasResidualValveMakesDiscsDrag() {
        Map<QuantityAt, Measured> given = figures();
        QuantityAt at = QuantityAt.vehicle(BrakeQuantity.RESIDUAL_PRESSURE);
        given.put(at, Measured.of(0.069, Component.rectangular(at, 0.003)));
        BrakeCircuit c = circuit(given);
        BrakeCircuit kept = new BrakeCircuit(
                false,
                c.booster(),
                c.valve(),
                c.split(),
                Residual.PRESENT,
                c.fluid(),
                c.parking(),
                c.axles(),
                c.given());
        assertThat(finding(BrakeReport.of(kept, true), BrakeCheck.RESIDUAL).verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        given.remove(at);
        BrakeCircuit unread = new BrakeCircuit(
                false, c.booster(), c.valve(), c.split(), Residual.PRESENT, c.fluid(), c.parking(), c.axles(), given);
        assertThat(finding(BrakeReport.of(unread, true), BrakeCheck.RESIDUAL).verdict())
                .isEqualTo(Verdict.NOT_PROVEN);
    }

    @Test
    void oneCircuitIsSaidToLeaveNothing() {
        BrakeCircuit c = circuit(figures());
        BrakeCircuit one = new BrakeCircuit(
                false,
                c.booster(),
                c.valve(),
                Split.SINGLE,
                c.residual(),
                c.fluid(),
                c.parking(),
                c.axles(),
                c.given());
        BrakeFinding split = finding(BrakeReport.of(one, true), BrakeCheck.SPLIT);
        assertThat(split.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(split.check().isCritical()).isFalse();
        assertThat(said(split.next())).contains("leaves nothing");
    }

    @Test
    void mineralOilNeverStaysWithDiscs() {
        BrakeCircuit c = circuit(figures());
        BrakeCircuit oil = new BrakeCircuit(
                false,
                c.booster(),
                c.valve(),
                c.split(),
                c.residual(),
                Fluid.MINERAL_OIL,
                c.parking(),
                c.axles(),
                c.given());
        BrakeReport report = BrakeReport.of(oil, true);
        assertThat(finding(report, BrakeCheck.FLUID).verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(finding(report, BrakeCheck.BOILING_NEW).verdict()).isEqualTo(Verdict.NOT_PROVEN);
    }

    @Test
    void aFigureNamesWhatMakesMostOfItsDoubt() {
        BrakeReport report = BrakeReport.of(circuit(figures()), true);
        BrakeFigure force = report.figures().stream()
                .filter(f -> f.kind() == BrakeFigureKind.PEDAL_FORCE_FOR_0_5_G)
                .findFirst()
                .orElseThrow();
        assertThat(force.mostDoubtful().orElseThrow().quantity()).isEqualTo(BrakeQuantity.PAD_FRICTION);
        assertThat(force.assumed()).extracting(QuantityAt::quantity).contains(BrakeQuantity.PAD_FRICTION);
    }

    @Test
    void everyUsualValueLiesWithinItsBoundsAndNamesASource() {
        for (BrakeQuantity q : BrakeQuantity.values()) {
            assertThat(said(q.howTo())).as(q.name()).isNotBlank();
            q.defaultValue().ifPresent(value -> {
                assertThat(value).as(q.name()).isBetween(q.min(), q.max());
                if (q != BrakeQuantity.PARKING_GRADE) { // a limit of a rule is exact
                    assertThat(q.defaultHalfLimit()).as(q.name()).isPositive();
                }
                assertThat(q.source()).as(q.name()).isNotBlank();
            });
        }
    }

    @Test
    void impossibleFiguresAreRefusedByNameAndRemedy() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BrakeQuantity.PEDAL_RATIO.parse("0"))
                .withMessageContaining("pedal ratio")
                .withMessageContaining("Check the figure");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BrakeQuantity.MASTER_BORE.parse("22 in"))
                .withMessageContaining("master bore");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> BrakeQuantity.PEDAL_RATIO.parse("five"))
                .withMessageContaining("five");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new BrakeCircuit(
                        false,
                        Booster.NONE,
                        Valve.NONE,
                        Split.SINGLE,
                        Residual.NONE,
                        Fluid.DOT_4,
                        Parking.NONE,
                        List.of(new AxleBrakes("front", Optional.of(DrumBrake.Kind.SERVO))),
                        Map.of()))
                .withMessageContaining("two axles");
    }
}
