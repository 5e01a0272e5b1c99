package itrova.bench;

import itrova.core.fit.AxleCase;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Side;
import itrova.formats.DemoData;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** A large catalogue made from the demo's kits, every figure moved a little, and the axle it is matched against. */
final class Catalogue {
    private Catalogue() {}

    /** The demo's fully read front axle, both sides. */
    static AxleRecord axle() {
        return DemoData.jobs().stream()
                .map(Job::axles)
                .flatMap(List::stream)
                .filter(a -> a.form().kind() == AxleEndKind.FRONT_SPINDLE)
                .findFirst()
                .orElseThrow();
    }

    static AxleCase axleCase() {
        return axle().toCase(List.of(Side.values()));
    }

    /** Kits for front spindles, as many as asked for; the same seed gives the same kits. */
    static List<Kit> frontKits(int count, long seed) {
        List<Kit> models = DemoData.kits().stream()
                .filter(k -> k.fits().contains(AxleEndKind.FRONT_SPINDLE))
                .toList();
        Random random = new Random(seed);
        List<Kit> kits = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            Kit model = models.get(i % models.size());
            kits.add(model.withCode("B-" + i).withDisc(moved(model.disc(), random)));
        }
        return kits;
    }

    private static Disc moved(Disc d, Random random) {
        return new Disc(
                d.diameter(),
                d.thickness(),
                moved(d.bore(), 0.1, random),
                moved(d.hatInside(), 2, random),
                moved(d.hatThickness(), 1, random),
                moved(d.hatDepth(), 3, random),
                d.fillet(),
                d.patterns(),
                d.holeToEdge(),
                d.wheelLip());
    }

    private static Figure moved(Figure f, double by, Random random) {
        return Figure.stated(f.value() + by * (2 * random.nextDouble() - 1), f.tolerance());
    }
}
