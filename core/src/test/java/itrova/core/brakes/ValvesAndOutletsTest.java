package itrova.core.brakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import itrova.core.brakes.BrakeCircuit.AxleBrakes;
import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.brakes.BrakeCircuit.Valve;
import itrova.core.finding.Verdict;
import itrova.core.hydraulics.DrumBrake;
import itrova.core.hydraulics.MeteringValve;
import itrova.core.lines.LinePoint;
import itrova.core.lines.LineRun;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.part.PartTrait;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.VehicleSheet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Metering valves, outlets told apart, the lamp for a failed circuit, lines as drawn. */
class ValvesAndOutletsTest {
    private static final Part METERING = Bench.part(
            "ME",
            PartSort.METERING_VALVE,
            3000,
            Map.of(PartQuantity.METERING_HOLD, 0.7, PartQuantity.METERING_FULL, 2.1),
            List.of(Bench.LINES),
            List.of());
    private static final Part COMBINATION = Bench.part(
            "CO",
            PartSort.VALVE,
            9000,
            Map.of(
                    PartQuantity.KNEE,
                    2.0,
                    PartQuantity.SLOPE,
                    0.4,
                    PartQuantity.METERING_HOLD,
                    0.6,
                    PartQuantity.METERING_FULL,
                    2.0),
            List.of(Bench.LINES),
            List.of(),
            PartTrait.WARNING_SWITCH);
    private static final Part PROPORTIONING = Bench.valve("PV", 2.0, 0.4, 4000);
    private static final Part TANDEM = Bench.master("TA", 22.2, 9000, Bench.LINES, PartTrait.TANDEM);
    private static final Part TWO_PSI =
            Bench.part("R2", PartSort.RESIDUAL_VALVE, 900, Map.of(PartQuantity.PRESSURE, 0.014), List.of(), List.of());
    private static final Part TEN_PSI =
            Bench.part("R10", PartSort.RESIDUAL_VALVE, 900, Map.of(PartQuantity.PRESSURE, 0.069), List.of(), List.of());
    private static final Map<String, Part> ALL =
            Map.of("ME", METERING, "CO", COMBINATION, "PV", PROPORTIONING, "TA", TANDEM, "R2", TWO_PSI, "R10", TEN_PSI);

    private static BrakeCircuit planned(FittedPart... parts) {
        return Bench.planned(ALL, Map.of(), parts).planned();
    }

    /** 0.7 to 2.1 MPa: at 1.4 the front has 2.1 · 0.7 / 1.4 = 1.05; nothing below, all of it above. */
    @Test
    void aMeteringValveWorkedByHand() {
        MeteringValve valve = new MeteringValve(0.7, 2.1);
        assertThat(valve.ahead(0.7)).isEqualTo(0, within(1e-12));
        assertThat(valve.ahead(1.4)).isEqualTo(1.05, within(1e-12));
        assertThat(valve.ahead(2.1)).isEqualTo(2.1, within(1e-12));
        assertThat(valve.ahead(5)).isEqualTo(5, within(1e-12));
        assertThat(MeteringValve.NONE.ahead(0.3)).isEqualTo(0.3, within(1e-12));
        assertThatIllegalArgumentException().isThrownBy(() -> new MeteringValve(2, 2));
    }

    /**
     * Before the front begins the rear brakes alone: 2 · 0.95 · 0.38 · 2 · 1134 mm² · 110 mm · 0.7 MPa over the rolling radius
     * 600 · 0.482 mm = 436 N, over 1000 kg 0.436 m/s².
     */
    @Test
    void theRearBrakesAloneUntilItOpens() {
        BrakeCircuit circuit = planned(Bench.fitted("ME"));
        assertThat(circuit.valve()).isEqualTo(Valve.METERING);
        BrakeFigure before = BrakeReport.of(circuit, false).figures().stream()
                .filter(f -> f.kind() == BrakeFigureKind.DECELERATION_BEFORE_FRONT)
                .findFirst()
                .orElseThrow();
        double byHand = 2 * 0.95 * 2 * 0.38 * 1134 * 110 * 0.7 / (600 * 0.482) / 1000;
        assertThat(before.value().orElseThrow().value()).isEqualTo(byHand, within(1e-6));
        assertThat(before.value().orElseThrow().expanded()).isPositive();
    }

    /** Held off at a low pressure the front uses less adhesion than the rear: the balance sees it. */
    @Test
    void aMeteringValveThatHoldsTooLongIsSeenInTheBalance() {
        double without = balance(planned());
        Map<QuantityAt, Measured> late =
                new HashMap<>(planned(Bench.fitted("ME")).given());
        late.put(QuantityAt.vehicle(BrakeQuantity.METERING_HOLD), Measured.exact(2.5));
        late.put(QuantityAt.vehicle(BrakeQuantity.METERING_FULL), Measured.exact(5));
        assertThat(balance(planned(Bench.fitted("ME")).withGiven(late))).isLessThan(without - 0.1);
    }

    private static double balance(BrakeCircuit circuit) {
        return BrakeReport.of(circuit, false).figures().stream()
                .filter(f -> f.kind() == BrakeFigureKind.BALANCE_LADEN)
                .findFirst()
                .orElseThrow()
                .value()
                .orElseThrow()
                .value();
    }

    @Test
    void valvesReplaceAndJoinEachOther() {
        assertThat(planned(Bench.fitted("ME"), Bench.fitted("PV")).valve()).isEqualTo(Valve.COMBINATION);
        assertThat(planned(Bench.fitted("PV"), Bench.fitted("ME")).valve()).isEqualTo(Valve.COMBINATION);
        assertThat(planned(Bench.fitted("CO")).valve()).isEqualTo(Valve.COMBINATION);
        assertThat(planned(Bench.fitted("PV")).valve()).isEqualTo(Valve.PROPORTIONING);
        assertThat(finding(planned(Bench.fitted("ME")), BrakeCheck.METERING).verdict())
                .as("discs behind have no shoes to wait for")
                .isEqualTo(Verdict.DOES_NOT_FIT);
    }

    private static BrakeFinding finding(BrakeCircuit circuit, BrakeCheck check) {
        return BrakeReport.of(circuit, false).of(check).orElseThrow();
    }

    @Test
    void aNewMasterHasNoLampUnlessItOrAValveBringsOne() {
        assertThat(finding(planned(Bench.fitted("TA")), BrakeCheck.WARNING).verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(finding(planned(Bench.fitted("TA"), Bench.fitted("CO")), BrakeCheck.WARNING)
                        .verdict())
                .isEqualTo(Verdict.FITS);
        assertThat(finding(planned(Bench.fitted("CO"), Bench.fitted("TA")), BrakeCheck.WARNING)
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    /** The drums behind keep their 10 psi, the discs in front their 2: neither speaks for the other. */
    @Test
    void outletsAreJudgedApart() {
        BrakeCircuit all = planned(Bench.fitted("TA"), new FittedPart("R10", Optional.of("rear axle")));
        BrakeCircuit circuit = new BrakeCircuit(
                false,
                all.booster(),
                all.valve(),
                all.split(),
                all.residual(),
                all.fluid(),
                all.parking(),
                List.of(
                        all.axles().get(0),
                        new AxleBrakes(
                                "rear axle",
                                Optional.of(DrumBrake.Kind.LEADING_TRAILING),
                                all.axles().get(1).outlet())),
                all.equipment(),
                all.given());
        assertThat(circuit.residual(0)).isEqualTo(Residual.NONE);
        assertThat(circuit.residual(1)).isEqualTo(Residual.PRESENT);
        assertThat(finding(circuit, BrakeCheck.RESIDUAL).verdict()).isEqualTo(Verdict.FITS);
        assertThat(finding(circuit, BrakeCheck.RESIDUAL_DRUMS).verdict()).isEqualTo(Verdict.FITS);
        // on discs behind the same valve drags
        assertThat(BrakeReport.of(all, false).findings())
                .filteredOn(f -> f.check() == BrakeCheck.RESIDUAL)
                .extracting(BrakeFinding::verdict)
                .containsExactly(Verdict.FITS, Verdict.DOES_NOT_FIT);
        // and one for every outlet takes the place of both
        BrakeCircuit every =
                planned(Bench.fitted("TA"), new FittedPart("R10", Optional.of("rear axle")), Bench.fitted("R2"));
        assertThat(BrakeReport.of(every, false).findings())
                .filteredOn(f -> f.check() == BrakeCheck.RESIDUAL)
                .extracting(BrakeFinding::verdict)
                .containsExactly(Verdict.FITS);
    }

    @Test
    void anAxleTheCircuitDoesNotHaveIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> planned(new FittedPart("R10", Optional.of("middle axle"))))
                .withMessageContaining("middle axle");
    }

    private static LineRun run(String from, String to, String length) {
        return new LineRun(LinePoint.of(from), LinePoint.of(to), length, "");
    }

    private static final List<LineRun> ONE_CIRCUIT = List.of(
            run("outlet 1", "junction 1", "400"),
            run("junction 1", "axle 1 left", "300"),
            run("junction 1", "axle 1 right", "1100"),
            run("junction 1", "axle 2 left", "3000"),
            run("axle 2 left", "axle 2 right", "1200"));

    private static final List<LineRun> TWO_CIRCUITS = List.of(
            run("outlet 1", "axle 1 left", "300"),
            run("axle 1 left", "axle 1 right", "1300"),
            run("outlet 2", "axle 2 left", "3200"),
            run("axle 2 left", "axle 2 right", "1200"));

    private static CircuitSheet drawn(Split split, List<LineRun> runs, CircuitSheet.Changes planned) {
        CircuitSheet s = Bench.sheet();
        return new CircuitSheet(split, s.parking(), s.seen(), s.figures(), s.axles(), runs, planned);
    }

    private static double lineOf(BrakeCircuit circuit, int axle) {
        return circuit.measured(new QuantityAt(BrakeQuantity.LINE_LENGTH, axle))
                .orElseThrow()
                .value();
    }

    @Test
    void drawnLinesTellLengthAndCircuits() {
        BrakeCircuit circuit =
                drawn(Split.NOT_LOOKED, ONE_CIRCUIT, CircuitSheet.Changes.NONE).found(VehicleSheet.EMPTY, false);
        assertThat(circuit.split()).isEqualTo(Split.SINGLE);
        assertThat(lineOf(circuit, 0)).isEqualTo(1600, within(1e-9));
        assertThat(lineOf(circuit, 1)).isEqualTo(4400, within(1e-9));
        assertThat(circuit.isAssumed(new QuantityAt(BrakeQuantity.LINE_LENGTH, 0)))
                .isFalse();
    }

    @Test
    void linesThatContradictWhatWasToldAreRefused() {
        CircuitSheet sheet = drawn(Split.FRONT_REAR, ONE_CIRCUIT, CircuitSheet.Changes.NONE);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> sheet.found(VehicleSheet.EMPTY, false))
                .withMessageContaining("front and rear apart")
                .withMessageContaining("one circuit");
    }

    /** A tandem master's outlets are reached by other lines: the old lengths say nothing of them until they are drawn. */
    @Test
    void aTandemMasterForgetsTheOldLines() {
        CircuitSheet sheet = drawn(Split.SINGLE, ONE_CIRCUIT, CircuitSheet.Changes.NONE)
                .planning(List.of(Bench.fitted("TA")), Map.of());
        BrakeCircuit circuit = Bench.vehicle(sheet, ALL).planned();
        assertThat(circuit.isAssumed(new QuantityAt(BrakeQuantity.LINE_LENGTH, 1)))
                .isTrue();
        CircuitSheet.Changes p = sheet.planned();
        CircuitSheet laid = drawn(
                Split.SINGLE,
                ONE_CIRCUIT,
                new CircuitSheet.Changes(
                        p.booster(),
                        p.split(),
                        p.residual(),
                        p.fluid(),
                        p.parking(),
                        p.outlets(),
                        TWO_CIRCUITS,
                        p.parts(),
                        p.figures()));
        BrakeCircuit anew = Bench.vehicle(laid, ALL).planned();
        assertThat(lineOf(anew, 1)).isEqualTo(4400, within(1e-9));
        assertThat(anew.split()).isEqualTo(Split.FRONT_REAR);
    }
}
