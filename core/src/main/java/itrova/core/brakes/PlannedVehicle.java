package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.core.phrase.Phrase;
import itrova.core.vehicle.VehicleSheet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A vehicle's circuit with what is planned for it: what the gate, the match and the views ask.
 *
 * @param sheet the circuit written down
 * @param seen the circuit as found; absent where nobody wrote it down
 * @param isTrailer whether it is a trailer
 * @param kits chosen for axles, by the axle's name
 * @param catalogue parts by their code
 * @param parkingNeeded whether the law asks for a parking brake
 */
public record PlannedVehicle(
        CircuitSheet sheet,
        Optional<BrakeCircuit> seen,
        boolean isTrailer,
        Map<String, Kit> kits,
        Map<String, Part> catalogue,
        boolean parkingNeeded) {
    /**
     * The vehicle's brakes.
     *
     * @throws IllegalArgumentException if its figures contradict each other
     */
    public static PlannedVehicle of(
            CircuitSheet circuit,
            VehicleSheet sheet,
            boolean isTrailer,
            Map<String, Kit> kits,
            Map<String, Part> catalogue) {
        return new PlannedVehicle(
                circuit,
                circuit.isSeen() ? Optional.of(circuit.found(sheet, isTrailer)) : Optional.empty(),
                isTrailer,
                kits,
                catalogue,
                sheet.wishes().parkingNeeded());
    }

    /** The circuit as found; it must have been written down. */
    public BrakeCircuit found() {
        return seen.orElseThrow();
    }

    /** The circuit with kits, parts and changes put in. */
    public BrakeCircuit planned() {
        return sheet.planned(found(), kits, catalogue);
    }

    /** Why nothing can be said of the plan: a kit's axle the circuit does not name, or a part the catalogue does not have. */
    public Optional<Phrase> problem() {
        if (!sheet.isSeen()) {
            return Optional.of(Phrase.of("brakes.nobody-looked"));
        }
        return sheet.unplaced(kits).stream()
                .findFirst()
                .map(axle -> Phrase.of("brakes.name-the-axle", axle))
                .or(() -> sheet.unknownParts(catalogue).stream()
                        .findFirst()
                        .map(code -> Phrase.of("brakes.part-not-in-the-catalogue", code)));
    }

    /** The plan worked out; absent where nothing can be said of it. */
    public Optional<BrakeReport> report() {
        return problem().isPresent() ? Optional.empty() : Optional.of(BrakeReport.of(planned(), parkingNeeded));
    }

    /** The verdict over the plan's critical findings; absent where nothing can be said of it. */
    public Optional<Verdict> verdict() {
        return findings().map(BrakeReport::verdict);
    }

    /** The plan's findings without figures: some ten times quicker than the whole report. */
    public Optional<BrakeReport> findings() {
        return problem().isPresent()
                ? Optional.empty()
                : Optional.of(BrakeReport.of(planned(), parkingNeeded, BrakeReport.Depth.FINDINGS));
    }

    /** The same with another kit on one axle. */
    public PlannedVehicle with(String axle, Kit kit) {
        Map<String, Kit> other = new TreeMap<>(kits);
        other.put(axle, kit);
        return new PlannedVehicle(sheet, seen, isTrailer, other, catalogue, parkingNeeded);
    }

    /** The same with a larger catalogue, as when more than the brakes is priced. */
    public PlannedVehicle among(Map<String, Part> larger) {
        return new PlannedVehicle(sheet, seen, isTrailer, kits, larger, parkingNeeded);
    }

    /** The same with other parts and settings planned. */
    PlannedVehicle planning(List<FittedPart> parts, Map<BrakeQuantity, String> settings) {
        return new PlannedVehicle(sheet.planning(parts, settings), seen, isTrailer, kits, catalogue, parkingNeeded);
    }

    /** Parts planned, as often as they are planned. */
    public List<Part> parts() {
        return sheet.planned().parts().stream()
                .flatMap(p -> Optional.ofNullable(catalogue.get(p.code())).stream())
                .toList();
    }
}
