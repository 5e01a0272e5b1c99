package itrova.bench;

import itrova.core.guide.NextReading;
import itrova.core.identity.Families;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.measure.Consolidation;
import itrova.core.measure.Reading;
import itrova.core.placed.AxleCase;
import itrova.core.record.AxleRecord;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
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
 * Ranking the readings of a barely read axle with 2,000 kits, all open, and about 40 open readings. Wanted: at most 300 ms. The
 * yardstick in the same run judges the same kits once.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class NextReadingBench {
    private AxleCase axle;
    private List<Reading> readings;
    private List<Kit> kits;
    private List<KitReport> reports;

    @Setup
    public void make() {
        AxleRecord record = Catalogue.axle();
        readings = record.readings().stream()
                .filter(r -> r.callout() == Callout.LUG_COUNT)
                .toList();
        axle = new AxleCase(
                List.of(
                        Consolidation.of(Side.LEFT, record.form(), readings),
                        Consolidation.of(Side.RIGHT, record.form(), readings)),
                record.load());
        kits = Catalogue.frontKits(2000, 3);
        reports = FitEngine.match(axle, kits, ShopSettings.DEFAULTS);
    }

    @Benchmark
    public NextReading.Advice rank() {
        return NextReading.advise(axle, readings, reports, Families.SHIPPED, ShopSettings.DEFAULTS);
    }

    @Benchmark
    public List<KitReport> yardstickMatchOnce() {
        return FitEngine.match(axle, kits, ShopSettings.DEFAULTS);
    }
}
