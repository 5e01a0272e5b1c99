package itrova.core.brakes;

import static itrova.core.brakes.Bench.catalogue;
import static itrova.core.brakes.Bench.fitted;
import static itrova.core.brakes.Bench.master;
import static itrova.core.brakes.Bench.part;
import static itrova.core.brakes.Bench.planned;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.brakes.BrakeCircuit.Residual;
import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.finding.Verdict;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.part.PartTrait;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A part put in takes the place of what was there, with all that was known of it. */
class PartsInCircuitTest {
    private static final Part TANDEM = master("M-1", 20.6, 100, Bench.LINES, PartTrait.TANDEM);
    private static final Part SWITCHED =
            master("M-2", 20.6, 100, Bench.LINES, PartTrait.TANDEM, PartTrait.PRESSURE_SWITCH);
    private static final Part BUBBLE = master("M-3", 20.6, 100, "M10x1 bubble flare", PartTrait.TANDEM);
    private static final Part ADAPTER =
            part("A-1", PartSort.ADAPTER, 10, Map.of(), List.of(Bench.LINES), List.of("M10x1 bubble flare"));
    private static final Part SET_VALVE = part(
            "V-1",
            PartSort.VALVE,
            10,
            Map.of(PartQuantity.KNEE, 1.0, PartQuantity.KNEE_MOST, 6.0, PartQuantity.SLOPE, 0.3),
            List.of(Bench.LINES),
            List.of());
    private static final Part PADS = part(
            "P-1",
            PartSort.PADS,
            10,
            Map.of(PartQuantity.FRICTION, 0.45, PartQuantity.FRICTION_HOT, 0.42),
            List.of(),
            List.of());

    private static final Map<String, Part> ALL = catalogue(TANDEM, SWITCHED, BUBBLE, ADAPTER, SET_VALVE, PADS);

    private static BrakeFinding finding(PlannedVehicle vehicle, BrakeCheck check) {
        return vehicle.findings().orElseThrow().of(check).orElseThrow();
    }

    @Test
    void aNewMasterHasNoResidualValveAndTwoCircuits() {
        BrakeCircuit circuit = planned(ALL, Map.of(), fitted("M-1")).planned();
        assertThat(circuit.residual()).isEqualTo(Residual.NONE);
        assertThat(circuit.split()).isEqualTo(Split.FRONT_REAR);
        assertThat(circuit.measured(QuantityAt.vehicle(BrakeQuantity.MASTER_BORE))
                        .orElseThrow()
                        .value())
                .isEqualTo(20.6);
        assertThat(finding(planned(ALL, Map.of(), fitted("M-1")), BrakeCheck.SPLIT)
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    @Test
    void aPressureSwitchWithoutAThreadForItIsToldOf() {
        assertThat(finding(planned(ALL, Map.of(), fitted("M-1")), BrakeCheck.STOP_LAMP)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(finding(planned(ALL, Map.of(), fitted("M-2")), BrakeCheck.STOP_LAMP)
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    @Test
    void anotherSeatWantsAnAdapter() {
        assertThat(finding(planned(ALL, Map.of(), fitted("M-3")), BrakeCheck.FITTINGS)
                        .verdict())
                .isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(finding(planned(ALL, Map.of(), fitted("M-3"), fitted("A-1")), BrakeCheck.FITTINGS)
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    /** A valve set by hand is where somebody sets it: until the plan says where, the balance is not proven and asks for it. */
    @Test
    void aValveSetByHandIsNothingUntilItIsSet() {
        BrakeFinding unset = finding(planned(ALL, Map.of(), fitted("V-1")), BrakeCheck.BALANCE_LADEN);
        assertThat(unset.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(unset.missing()).contains(QuantityAt.vehicle(BrakeQuantity.VALVE_KNEE));
        BrakeFinding set =
                finding(planned(ALL, Map.of(BrakeQuantity.VALVE_KNEE, "1.0"), fitted("V-1")), BrakeCheck.BALANCE_LADEN);
        assertThat(set.missing()).isEmpty();
        assertThat(set.verdict()).isEqualTo(Verdict.FITS);
    }

    @Test
    void padsGoOnTheAxleTheyAreToldFor() {
        BrakeCircuit circuit = planned(ALL, Map.of(), new FittedPart("P-1", Optional.of("rear axle")))
                .planned();
        assertThat(circuit.measured(new QuantityAt(BrakeQuantity.PAD_FRICTION, 1))
                        .orElseThrow()
                        .value())
                .isEqualTo(0.45);
        assertThat(circuit.measured(new QuantityAt(BrakeQuantity.PAD_FRICTION, 0))
                        .orElseThrow()
                        .value())
                .isEqualTo(0.38);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> planned(ALL, Map.of(), fitted("P-1")).planned())
                .withMessageContaining("P-1")
                .withMessageContaining("Name the axle");
    }

    @Test
    void aPartNobodyKnowsLeavesThePlanUnsaid() {
        PlannedVehicle vehicle = planned(ALL, Map.of(), fitted("X-9"));
        assertThat(vehicle.report()).isEmpty();
        assertThat(vehicle.problem().orElseThrow().code()).isEqualTo("brakes.part-not-in-the-catalogue");
    }

    @Test
    void aKneeTheValveCannotBeSetToIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> planned(ALL, Map.of(BrakeQuantity.VALVE_KNEE, "9"), fitted("V-1"))
                        .planned())
                .withMessageContaining("valve knee of 9.0")
                .withMessageContaining("between 1.0 and 6.0");
    }

    @Test
    void twoMastersAreNoPlan() {
        assertThatIllegalArgumentException()
                .isThrownBy(() ->
                        planned(ALL, Map.of(), fitted("M-1"), fitted("M-2")).planned())
                .withMessageContaining("M-1")
                .withMessageContaining("Take one of them out");
    }

    /** A hill held by the old drums says nothing of what stands on it afterwards. */
    @Test
    void whatTheOldParkingBrakeHeldProvesNothingOfAnother() {
        CircuitSheet tried = new CircuitSheet(
                Bench.sheet().split(),
                BrakeCircuit.Parking.LEVER_CALIPER,
                Bench.sheet().seen(),
                with(Bench.sheet().figures(), BrakeQuantity.GRADE_HELD, "30"),
                Bench.sheet().axles(),
                List.of(),
                CircuitSheet.Changes.NONE);
        assertThat(finding(Bench.vehicle(tried, ALL), BrakeCheck.PARKING).unit())
                .isEqualTo("%");
        CircuitSheet other = new CircuitSheet(
                tried.split(),
                tried.parking(),
                tried.seen(),
                tried.figures(),
                tried.axles(),
                List.of(),
                new CircuitSheet.Changes(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(BrakeCircuit.Parking.DRUM_IN_HAT),
                        Map.of(),
                        List.of(),
                        List.of(),
                        Map.of()));
        BrakeFinding parking = finding(Bench.vehicle(other, ALL), BrakeCheck.PARKING);
        assertThat(parking.unit()).isNotEqualTo("%");
        assertThat(parking.verdict()).isEqualTo(Verdict.NOT_PROVEN);
    }

    private static Map<BrakeQuantity, String> with(
            Map<BrakeQuantity, String> figures, BrakeQuantity quantity, String text) {
        Map<BrakeQuantity, String> more = new java.util.EnumMap<>(figures);
        more.put(quantity, text);
        return more;
    }

    /** Glycol poured in where mineral oil was finds seals that do not live with it. */
    @Test
    void anotherKindOfFluidIsNotProvenByPouringItIn() {
        BrakeCircuit glycol = Bench.vehicle(Bench.sheet(), ALL).found();
        Equipment oily = glycol.equipment().drained(BrakeCircuit.Fluid.MINERAL_OIL);
        BrakeCircuit filled = new BrakeCircuit(
                false,
                glycol.booster(),
                glycol.valve(),
                glycol.split(),
                glycol.residual(),
                glycol.fluid(),
                glycol.parking(),
                glycol.axles(),
                oily,
                glycol.given());
        assertThat(BrakeReport.of(glycol, false)
                        .of(BrakeCheck.FLUID)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.FITS);
        BrakeFinding fluid = BrakeReport.of(filled, false).of(BrakeCheck.FLUID).orElseThrow();
        assertThat(fluid.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(fluid.next().code()).isEqualTo("brakes.flush-and-reseal");
    }

    /** A surge coupler without lock-out cannot be backed with discs; nobody having looked is not a lock-out. */
    @Test
    void aSurgeCouplerWantsItsLockOut() {
        Part drums = part(
                "AC-1",
                PartSort.ACTUATOR,
                10,
                Map.of(PartQuantity.PRESSURE, 9.0, PartQuantity.VOLUME, 60.0),
                List.of(),
                List.of(),
                PartTrait.SURGE);
        Part discs = part(
                "AC-2",
                PartSort.ACTUATOR,
                10,
                Map.of(PartQuantity.PRESSURE, 9.0, PartQuantity.VOLUME, 60.0, PartQuantity.HOLD, 20.0),
                List.of(),
                List.of(),
                PartTrait.SURGE,
                PartTrait.REVERSE_LOCK_OUT);
        assertThat(trailer(drums, BrakeCheck.REVERSE)).isEqualTo(Verdict.DOES_NOT_FIT);
        assertThat(trailer(drums, BrakeCheck.BREAKAWAY)).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(trailer(discs, BrakeCheck.REVERSE)).isEqualTo(Verdict.FITS);
        assertThat(trailer(discs, BrakeCheck.BREAKAWAY)).isEqualTo(Verdict.FITS);
    }

    private static Verdict trailer(Part actuator, BrakeCheck check) {
        BrakeCircuit car = Bench.vehicle(Bench.sheet(), Map.of()).found();
        BrakeCircuit trailer = new BrakeCircuit(
                true,
                car.booster(),
                car.valve(),
                car.split(),
                car.residual(),
                car.fluid(),
                car.parking(),
                car.axles(),
                Equipment.NOT_LOOKED,
                car.given());
        return BrakeReport.of(
                        new PartsInCircuit(trailer)
                                .put(actuator, QuantityAt.VEHICLE)
                                .done(),
                        false)
                .of(check)
                .orElseThrow()
                .verdict();
    }
}
