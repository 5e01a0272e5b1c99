package itrova.core.brakes;

import itrova.core.quantity.Measured;
import itrova.core.stopping.BrakeHeat;
import java.util.List;
import java.util.Optional;

/**
 * How hot the front disc gets while it is bedded in.
 *
 * @param hottest highest temperature of its ring (°C) with doubt; absent where something is missing or the front has no disc
 * @param missing what must be told first
 */
public record BeddingHeat(Optional<Measured> hottest, List<QuantityAt> missing) {
    /** Ring temperature above which pads of road grade fade and the bedding is spoiled (°C); common practice. */
    public static final double TOO_HOT = 400;

    public BeddingHeat {
        missing = List.copyOf(missing);
    }

    /**
     * A stop with the pause after it.
     *
     * @param from speed (m/s)
     * @param to speed (m/s)
     * @param pause (s)
     */
    public record Slowing(double from, double to, double pause) {}

    /** Works out a series driven empty but for the driver, moderately (0.3 g). */
    public static BeddingHeat of(BrakeCircuit circuit, List<Slowing> series) {
        if (circuit.isTrailer() || !circuit.axles().get(BrakeModel.FRONT).isDisc()) {
            return new BeddingHeat(Optional.empty(), List.of());
        }
        Reckoning.Result result = new Reckoning(circuit).of(v -> {
            BrakeHeat ring = HeatModel.ring(v, BrakeModel.FRONT);
            double rear = BrakeModel.rearShare(v, MODERATE, Load.EMPTY);
            double mass = BrakeModel.vehicle(v, Load.EMPTY).mass();
            double at = HeatModel.AIR;
            double hottest = at;
            for (Slowing s : series) {
                double joules = BrakeHeat.energy(mass, s.from(), HeatModel.TURNING)
                        - BrakeHeat.energy(mass, s.to(), HeatModel.TURNING);
                at += ring.rise(joules * (1 - rear) / 2);
                hottest = Math.max(hottest, at);
                at = ring.cooled(at, HeatModel.AIR, s.pause());
            }
            return hottest;
        });
        return new BeddingHeat(
                result.value(),
                result.missing().stream()
                        .sorted(java.util.Comparator.comparing(QuantityAt::id))
                        .toList());
    }

    private static final double MODERATE = 0.3;
}
