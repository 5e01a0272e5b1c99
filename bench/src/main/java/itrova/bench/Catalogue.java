package itrova.bench;

import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.kit.KitStuds;
import itrova.core.kit.NutSeat;
import itrova.core.kit.WheelNuts;
import itrova.core.placed.AxleCase;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Side;
import itrova.formats.DemoData;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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

    /**
     * Kits for all kinds of axle end, pattern and bracket drawn from what is common, as many as asked for; the same seed gives the
     * same kits.
     */
    static List<Kit> mixedKits(int count, long seed) {
        List<Kit> models = DemoData.kits();
        Random random = new Random(seed);
        List<Kit> kits = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            Kit model = models.get(i % models.size());
            double circle = CIRCLES[random.nextInt(CIRCLES.length)];
            Disc disc = moved(model.disc(), random);
            int lugs = circle > 130 ? 6 : 5;
            Disc drilled = disc.but()
                    .patterns(List.of(new HolePattern(lugs, Figure.stated(circle, 0.1), Figure.stated(13.4, 0.1))))
                    .build();
            kits.add(model.withCode("M-" + i).withDisc(drilled));
        }
        return kits;
    }

    private static final double[] CIRCLES = {98, 100, 101.6, 108, 112, 114.3, 120, 120.65, 127, 130, 139.7};

    /** Front kits with options: up to twelve, in groups of three. */
    static List<Kit> kitsWithOptions(int count, long seed) {
        Random random = new Random(seed);
        return frontKits(count, seed).stream().map(k -> withOptions(k, random)).toList();
    }

    private static Kit withOptions(Kit k, Random random) {
        List<KitOption> options = new ArrayList<>();
        int wanted = random.nextInt(13);
        for (int i = 0; i < wanted; i++) {
            String group = "group " + i % 4;
            KitOption.Change change = new KitOption.Change(
                    i % 4 == 0 ? Optional.of(moved(k.disc(), random)) : Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    i % 4 == 1
                            ? Optional.of(new KitStuds(
                                    itrova.core.fastener.Thread.parse("1/2-20"),
                                    Figure.stated(12.75, 0.05),
                                    Figure.stated(30 + 14 * random.nextDouble(), 0.3)))
                            : Optional.empty(),
                    i % 4 == 2
                            ? Optional.of(new WheelNuts(
                                    itrova.core.fastener.Thread.parse("1/2-20"),
                                    NutSeat.CONE_60,
                                    OptionalDouble.empty()))
                            : Optional.empty(),
                    Optional.empty());
            options.add(new KitOption("O" + i, "option " + i, group, 500 + random.nextInt(5000), 8, change));
        }
        return new Kit(
                k.code(),
                k.name(),
                k.supplier(),
                k.fits(),
                k.parts(),
                k.terms(),
                k.torques(),
                k.notes(),
                new Kit.Choices(options, List.of(), List.of()));
    }

    private static Disc moved(Disc d, Random random) {
        return d.but()
                .bore(moved(d.bore(), 0.1, random))
                .hatInside(moved(d.hatInside(), 2, random))
                .hatThickness(moved(d.hatThickness(), 1, random))
                .hatDepth(moved(d.hatDepth(), 3, random))
                .build();
    }

    private static Figure moved(Figure f, double by, Random random) {
        return Figure.stated(f.value() + by * (2 * random.nextDouble() - 1), f.tolerance());
    }
}
