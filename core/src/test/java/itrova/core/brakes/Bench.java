package itrova.core.brakes;

import itrova.core.fastener.Fitting;
import itrova.core.kit.Figure;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.part.PartTrait;
import itrova.core.vehicle.VehicleSheet;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A made-up car whose brakes are written down, and made-up parts for them. */
final class Bench {
    private Bench() {}

    static final String LINES = "3/8-24 inverted flare";

    static Part part(
            String code,
            PartSort sort,
            long cents,
            Map<PartQuantity, Double> figures,
            List<String> ports,
            List<String> ends,
            PartTrait... traits) {
        Map<PartQuantity, Figure> told = new EnumMap<>(PartQuantity.class);
        figures.forEach((q, value) -> told.put(q, Figure.stated(value, value * 0.002)));
        return new Part(
                code,
                sort,
                code,
                "",
                told,
                ports.stream().map(Fitting::parse).toList(),
                ends.stream().map(Fitting::parse).toList(),
                Set.copyOf(Arrays.asList(traits)),
                new Part.Offer("Somebody", cents, 3));
    }

    static Part master(String code, double bore, long cents, String port, PartTrait... traits) {
        return part(
                code,
                PartSort.MASTER,
                cents,
                Map.of(PartQuantity.BORE, bore, PartQuantity.STROKE, 40.0, PartQuantity.RESERVOIR, 350.0),
                List.of(port, port),
                List.of(),
                traits);
    }

    static Part valve(String code, double knee, double slope, long cents) {
        return part(
                code,
                PartSort.VALVE,
                cents,
                Map.of(PartQuantity.KNEE, knee, PartQuantity.SLOPE, slope),
                List.of(LINES),
                List.of());
    }

    static Map<String, Part> catalogue(Part... parts) {
        Map<String, Part> byCode = new LinkedHashMap<>();
        Arrays.stream(parts).forEach(p -> byCode.put(p.code(), p));
        return byCode;
    }

    /** Discs before and behind, lever calipers, one circuit with a master that may hide a residual valve. */
    static CircuitSheet sheet() {
        return new CircuitSheet(
                BrakeCircuit.Split.SINGLE,
                BrakeCircuit.Parking.LEVER_CALIPER,
                new CircuitSheet.SeenSheet(
                        Equipment.StopLamp.PRESSURE,
                        Equipment.Actuator.NOT_LOOKED,
                        Equipment.Seen.NOT_LOOKED,
                        Equipment.Seen.NOT_LOOKED,
                        LINES),
                Map.ofEntries(
                        Map.entry(BrakeQuantity.MASS_EMPTY, "1000 kg"),
                        Map.entry(BrakeQuantity.MASS_LADEN, "1200 kg"),
                        Map.entry(BrakeQuantity.FRONT_EMPTY, "550 kg"),
                        Map.entry(BrakeQuantity.FRONT_LADEN, "600 kg"),
                        Map.entry(BrakeQuantity.WHEELBASE, "2500 mm"),
                        Map.entry(BrakeQuantity.CENTRE_HEIGHT, "550 mm"),
                        Map.entry(BrakeQuantity.CENTRE_HEIGHT_LADEN, "570 mm"),
                        Map.entry(BrakeQuantity.TYRE_DIAMETER, "600 mm"),
                        Map.entry(BrakeQuantity.PEDAL_RATIO, "5"),
                        Map.entry(BrakeQuantity.PEDAL_ROOM, "160 mm"),
                        Map.entry(BrakeQuantity.MASTER_BORE, "7/8 in"),
                        Map.entry(BrakeQuantity.MASTER_STROKE, "36 mm"),
                        Map.entry(BrakeQuantity.PARKING_GAIN, "50"),
                        Map.entry(BrakeQuantity.RESERVOIR, "250")),
                List.of(discs("front axle", "2290"), discs("rear axle", "1134")),
                List.of(),
                CircuitSheet.Changes.NONE);
    }

    private static CircuitSheet.AxleSheet discs(String name, String area) {
        return new CircuitSheet.AxleSheet(
                name,
                Optional.empty(),
                Optional.empty(),
                Map.of(
                        BrakeQuantity.PISTON_AREA, area,
                        BrakeQuantity.EFFECTIVE_RADIUS, "110 mm",
                        BrakeQuantity.RING_MASS, "6 kg"));
    }

    static PlannedVehicle vehicle(CircuitSheet sheet, Map<String, Part> catalogue) {
        BrakeCircuit found = sheet.found(VehicleSheet.EMPTY, false);
        BrakeCircuit looked = new BrakeCircuit(
                false,
                BrakeCircuit.Booster.NONE,
                BrakeCircuit.Valve.NONE,
                found.split(),
                found.residual(),
                BrakeCircuit.Fluid.DOT_4,
                found.parking(),
                found.axles(),
                found.equipment(),
                found.given());
        return new PlannedVehicle(sheet, Optional.of(looked), false, Map.of(), catalogue, true);
    }

    static PlannedVehicle planned(Map<String, Part> catalogue, Map<BrakeQuantity, String> set, FittedPart... parts) {
        return vehicle(sheet().planning(List.of(parts), set), catalogue);
    }

    static FittedPart fitted(String code) {
        return new FittedPart(code, Optional.empty());
    }
}
