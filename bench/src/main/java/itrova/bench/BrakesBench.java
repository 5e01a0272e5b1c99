package itrova.bench;

import itrova.core.brakes.BrakeCircuit;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.FadeCampaign;
import itrova.core.brakes.KitBrakes;
import itrova.core.brakes.Load;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.brakes.QuantityAt;
import itrova.core.brakes.WhatIf;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.core.placed.AxleCase;
import itrova.core.record.Job;
import itrova.core.settings.ShopSettings;
import itrova.formats.DemoData;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The brakes of the demo's van: a slider's move (wanted: at most 30 ms), ten stops drawn 2,000 times (at most 1 s), the whole report, and
 * what the brakes' findings add to the match of 1,000 kits (at most 20 % of the yardstick, the match without them in the same run).
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class BrakesBench {
    private static final int SAMPLES = 2000;

    private PlannedVehicle vehicle;
    private BrakeCircuit planned;
    private AxleCase axle;
    private List<Kit> kits;

    @Setup
    public void make() {
        Job van = DemoData.jobs().get(0);
        Map<String, Part> parts = new HashMap<>();
        DemoData.parts().forEach(p -> parts.put(p.code(), p));
        Kit kit = DemoData.kits().stream()
                .filter(k -> k.code().equals("QF-101"))
                .findFirst()
                .orElseThrow();
        vehicle = PlannedVehicle.of(van.circuit(), van.sheet(), false, Map.of("front axle", kit), parts);
        planned = vehicle.planned();
        axle = Catalogue.axleCase();
        kits = Catalogue.frontKits(1000, 1);
    }

    @Benchmark
    public WhatIf sliderMoves() {
        return WhatIf.of(
                planned, new WhatIf.Asked(Map.<QuantityAt, Double>of(), Load.LADEN, 300, 100, 0.8, WhatIf.Cut.NOTHING));
    }

    @Benchmark
    public FadeCampaign tenStopsDrawnTwoThousandTimes() {
        return FadeCampaign.of(planned, 0, SAMPLES);
    }

    @Benchmark
    public BrakeReport wholeReport() {
        return vehicle.report().orElseThrow();
    }

    @Benchmark
    public int brakesWithAThousandKits() {
        KitBrakes brakes = new KitBrakes(vehicle, "front axle");
        int proven = 0;
        for (Kit kit : kits) {
            proven += brakes.with(kit).orElseThrow().isProven() ? 1 : 0;
        }
        return proven;
    }

    @Benchmark
    public List<KitReport> yardstickMatchOfAThousandKits() {
        return FitEngine.match(axle, kits, ShopSettings.DEFAULTS);
    }
}
