package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Measured;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * One master of the catalogue in the plan's circuit.
 *
 * @param part the master
 * @param verdict worst over what hangs on a master
 * @param pedalForce for 0.5 g, laden (N)
 * @param stroke of the master in a full stop beyond what is wanted: two thirds of its own (mm)
 * @param reason what speaks against it most, or that all is proven
 */
public record MasterRank(
        Part part, Verdict verdict, Optional<Measured> pedalForce, Optional<Measured> stroke, Phrase reason) {
    /** Force most feet like for half a g (N): middle of 150 to 350, common practice. */
    private static final double LIKED = 250;

    private static final Set<BrakeCheck> HANG_ON_IT = EnumSet.of(
            BrakeCheck.PRESSURE,
            BrakeCheck.PEDAL_FORCE,
            BrakeCheck.PEDAL_TRAVEL,
            BrakeCheck.MASTER_STROKE,
            BrakeCheck.RESERVOIR,
            BrakeCheck.RESIDUAL,
            BrakeCheck.FITTINGS);

    /** Masters of the catalogue, the best first: by what is proven, then by the force nearest what feet like. */
    public static List<MasterRank> of(PlannedVehicle vehicle) {
        if (vehicle.isTrailer() || vehicle.problem().isPresent()) {
            return List.of();
        }
        List<FittedPart> others = vehicle.sheet().planned().parts().stream()
                .filter(p -> vehicle.catalogue().get(p.code()).sort() != PartSort.MASTER)
                .toList();
        return vehicle.catalogue().values().stream()
                .filter(p -> p.sort() == PartSort.MASTER)
                .map(p -> rank(vehicle, others, p))
                .sorted(Comparator.comparing(MasterRank::verdict)
                        .thenComparingDouble(MasterRank::offTheLiking)
                        .thenComparing(r -> r.part().code()))
                .toList();
    }

    private static MasterRank rank(PlannedVehicle vehicle, List<FittedPart> others, Part master) {
        List<FittedPart> parts = Stream.concat(
                        others.stream(), Stream.of(new FittedPart(master.code(), Optional.empty())))
                .toList();
        BrakeReport report =
                vehicle.planning(parts, java.util.Map.of()).report().orElseThrow();
        List<BrakeFinding> about = report.findings().stream()
                .filter(f -> HANG_ON_IT.contains(f.check()))
                .toList();
        Verdict worst = about.stream().map(BrakeFinding::verdict).reduce(Verdict.FITS, Verdict::worst);
        Phrase reason = about.stream()
                .filter(f -> f.verdict() == worst && worst != Verdict.FITS)
                .findFirst()
                .map(f -> Phrase.of(
                        worst == Verdict.DOES_NOT_FIT ? "brakes.master-proven-not" : "brakes.master-not-proven",
                        f.check(),
                        f.next()))
                .orElseGet(() -> Phrase.of("brakes.master-proven"));
        return new MasterRank(
                master,
                worst,
                report.figures().stream()
                        .filter(f -> f.kind() == BrakeFigureKind.PEDAL_FORCE_FOR_0_5_G)
                        .findFirst()
                        .flatMap(BrakeFigure::value),
                report.of(BrakeCheck.MASTER_STROKE).flatMap(BrakeFinding::margin),
                reason);
    }

    private double offTheLiking() {
        return pedalForce.map(f -> Math.abs(f.value() - LIKED)).orElse(Double.POSITIVE_INFINITY);
    }

    /** Bore of the master (mm). */
    public double bore() {
        return part.figure(PartQuantity.BORE).orElseThrow().value();
    }
}
