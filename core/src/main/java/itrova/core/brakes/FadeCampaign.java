package itrova.core.brakes;

import itrova.core.brakes.Reckoning.Values;
import itrova.core.stopping.BrakeHeat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * Ten hard stops one after the other, played with every input drawn anew from its doubt.
 *
 * <p>A sample is told by its number alone: any part of a campaign may be worked out anywhere, in any order, again.
 *
 * @param samples in the order of their numbers; empty where something is missing
 * @param missing what must be told first
 */
public record FadeCampaign(List<Sample> samples, List<QuantityAt> missing) {
    /** Stops of a series. */
    public static final int STOPS = 10;

    private static final double SPEED = 80 / 3.6;
    private static final double Z = 0.5;
    private static final double PAUSE = 60;
    /** Ring temperature at which friction is what the papers call hot (°C); common practice. */
    private static final double HOT = 400;

    private static final long SEED_STEP = 0x9E3779B97F4A7C15L;

    public FadeCampaign {
        samples = List.copyOf(samples);
        missing = List.copyOf(missing);
    }

    /**
     * One series.
     *
     * @param disc front disc after each stop (°C)
     * @param force on the pedal for half a g in each stop (N); infinite where none does
     * @param fluid in the front calipers at the end (°C)
     */
    public record Sample(double[] disc, double[] force, double fluid) {}

    /**
     * Works out a part of a campaign.
     *
     * @param from number of the first sample
     * @param count how many
     */
    public static FadeCampaign of(BrakeCircuit circuit, int from, int count) {
        Reckoning reckoning = new Reckoning(circuit, false);
        Reckoning.Result asked = reckoning.of(v -> play(v).fluid());
        if (!asked.missing().isEmpty()
                || circuit.isTrailer()
                || !circuit.axles().get(BrakeModel.FRONT).isDisc()) {
            return new FadeCampaign(List.of(), List.copyOf(asked.missing()));
        }
        List<QuantityAt> used = reckoning.used(v -> play(v).fluid());
        List<Sample> samples = new ArrayList<>();
        for (int i = from; i < from + count; i++) {
            Map<QuantityAt, Double> drawn = drawn(circuit, used, i);
            reckoning.at(drawn, FadeCampaign::play).ifPresent(samples::add);
        }
        return new FadeCampaign(samples, List.of());
    }

    private static Map<QuantityAt, Double> drawn(BrakeCircuit circuit, List<QuantityAt> used, int number) {
        SplittableRandom random = new SplittableRandom(number * SEED_STEP);
        Map<QuantityAt, Double> shifts = new HashMap<>();
        for (QuantityAt at : used) {
            double middle = circuit.measured(at).orElseThrow().value();
            double u = circuit.measured(at).orElseThrow().u();
            double value = middle + u * random.nextGaussian();
            double within = Math.max(at.quantity().min(), Math.min(at.quantity().max(), value));
            shifts.put(at, within - middle);
        }
        return shifts;
    }

    private static Sample play(Values v) {
        BrakeHeat ring = HeatModel.ring(v, BrakeModel.FRONT);
        double joules = BrakeHeat.energy(v.of(BrakeQuantity.MASS_LADEN), SPEED, HeatModel.TURNING)
                * HeatModel.share(v, BrakeModel.FRONT, Z);
        double cold = BrakeModel.footFor(v, Z, Load.LADEN, false);
        double hot = BrakeModel.footFor(v, Z, Load.LADEN, true);
        double[] disc = new double[STOPS];
        double[] force = new double[STOPS];
        double at = HeatModel.AIR;
        for (int i = 0; i < STOPS; i++) {
            double before = i == 0 ? at : ring.cooled(at, HeatModel.AIR, PAUSE);
            double faded = Math.max(0, Math.min(1, (before - HeatModel.AIR) / (HOT - HeatModel.AIR)));
            force[i] = cold + faded * (hot - cold);
            at = before + ring.rise(joules);
            disc[i] = at;
        }
        return new Sample(disc, force, HeatModel.fluidAt(v, at));
    }
}
