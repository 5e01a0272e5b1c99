package itrova.bench;

import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.WheelProfile;
import itrova.core.geometry.WallStep;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
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
 * 1,000 kits against one axle, both sides, all checks. Wanted: at most 200 ms.
 *
 * <p>The yardstick in the same run is only the distance caliper to barrel of the same kits and sides, without doubt, by a
 * general geometry library.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class MatchBench {
    private AxleCase axle;
    private List<Kit> kits;
    private final GeometryFactory geometry = new GeometryFactory();

    @Setup
    public void make() {
        axle = Catalogue.axleCase();
        kits = Catalogue.frontKits(1000, 1);
    }

    @Benchmark
    public List<KitReport> thousandKits() {
        return FitEngine.match(axle, kits, ShopSettings.DEFAULTS);
    }

    @Benchmark
    public double yardstickDistancesOnly() {
        double sum = 0;
        for (AxleEnd end : axle.ends()) {
            WheelProfile wheel = WheelProfile.of(end);
            List<Geometry> steps =
                    wheel.barrel().near().stream().map(s -> wall(s.step())).toList();
            for (Kit kit : kits) {
                CaliperInWheel placed = new CaliperInWheel(end, wheel, kit);
                if (placed.outlines(false).isEmpty()) {
                    continue;
                }
                Coordinate[] corners = placed.outlines(false).get(0).corners().stream()
                        .map(p -> new Coordinate(p.x(), p.r()))
                        .toArray(Coordinate[]::new);
                Coordinate[] ring = java.util.Arrays.copyOf(corners, corners.length + 1);
                ring[corners.length] = corners[0];
                Geometry caliper = geometry.createPolygon(ring);
                double least = Double.POSITIVE_INFINITY;
                for (Geometry step : steps) {
                    least = Math.min(least, caliper.distance(step));
                }
                sum += least;
            }
        }
        return sum;
    }

    private Geometry wall(WallStep step) {
        return geometry.createLineString(
                new Coordinate[] {new Coordinate(step.from(), step.level()), new Coordinate(step.to(), step.level())});
    }
}
