package itrova.bench.campaign;

import itrova.core.measure.Consolidation;
import itrova.core.measure.DerivedValues;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * How often the stated doubt covers the truth, over seeded runs with instruments and hands drawn anew. Wanted: at least 95 %
 * for every kind of reading, 93 to 98 % for derived values of four or more components.
 */
public final class CoverageCampaign {
    private static final long SEED = 20_261_124;
    private static final AxleForm LIVE_AXLE = new AxleForm(
            AxleEndKind.REAR_LIVE_AXLE,
            BracketShape.RECTANGLE,
            SpindleNut.CASTLE,
            Retention.C_CLIP,
            false,
            false,
            false,
            false);

    private CoverageCampaign() {}

    /** Shares of truths covered, by what was measured or derived. */
    public record Result(Map<String, Double> readings, Map<String, Double> derived) {}

    public static void main(String[] args) {
        int runs = args.length > 0 ? Integer.parseInt(args[0]) : 10_000;
        Result result = run(runs);
        System.out.printf(Locale.ROOT, "Coverage of the stated doubt, %d seeded runs each%n", runs);
        result.readings()
                .forEach((name, share) -> System.out.printf(Locale.ROOT, "  %-34s %.1f %%%n", name, 100 * share));
        System.out.println(" derived");
        result.derived()
                .forEach((name, share) -> System.out.printf(Locale.ROOT, "  %-34s %.1f %%%n", name, 100 * share));
        System.out.printf(
                Locale.ROOT,
                "least over readings %.1f %%, derived %.1f to %.1f %%%n",
                100
                        * result.readings().values().stream()
                                .mapToDouble(d -> d)
                                .min()
                                .orElseThrow(),
                100
                        * result.derived().values().stream()
                                .mapToDouble(d -> d)
                                .min()
                                .orElseThrow(),
                100
                        * result.derived().values().stream()
                                .mapToDouble(d -> d)
                                .max()
                                .orElseThrow());
    }

    /** Runs the campaign. */
    public static Result run(int runs) {
        Map<String, Double> readings = new TreeMap<>();
        for (Callout callout : Callout.values()) {
            if (callout.kind() == Callout.Kind.LENGTH) {
                readings.put(callout.title(), ofReading(callout, runs));
            }
        }
        Map<String, Double> derived = new TreeMap<>();
        derived.put("bolt circle, over next but one", share(runs, CoverageCampaign::circleOneWay));
        derived.put("bolt circle, two ways", share(runs, CoverageCampaign::circleTwoWays));
        derived.put("stick-out from the drum", share(runs, CoverageCampaign::stickOut));
        derived.put("wheel offset", share(runs, CoverageCampaign::wheelOffset));
        derived.put("axle offset from in and out", share(runs, CoverageCampaign::axleOffset));
        derived.put("outer step over first step", share(runs, CoverageCampaign::step));
        derived.put("track", share(runs, CoverageCampaign::track));
        return new Result(readings, derived);
    }

    private static double ofReading(Callout callout, int runs) {
        ReadingSpec spec = ReadingSpec.of(callout);
        return share(runs, random -> {
            double truth = spec.min() + (0.2 + 0.6 * random.nextDouble()) * (spec.max() - spec.min());
            List<Reading> read = new Hands(random)
                    .read(Side.LEFT, callout, callout.hasPlaces() ? "40" : "", truth, 1 + random.nextInt(6));
            return covers(consolidated(callout, read), truth);
        });
    }

    private static Measured consolidated(Callout callout, List<Reading> read) {
        AxleEnd end = Consolidation.of(Side.LEFT, LIVE_AXLE, read);
        return switch (callout) {
            case WHEEL_BARREL -> end.barrel().get(0).size();
            case WHEEL_SPOKE -> end.spokes().get(0).size();
            default -> end.length(callout).orElseThrow();
        };
    }

    private static boolean covers(Measured m, double truth) {
        return Math.abs(m.value() - truth) <= m.expanded();
    }

    private static double share(int runs, Function<Random, Boolean> trial) {
        Random random = new Random(SEED);
        int covered = 0;
        for (int i = 0; i < runs; i++) {
            covered += trial.apply(random) ? 1 : 0;
        }
        return covered / (double) runs;
    }

    /** Truths of one end, read in hand order; the geometry is worked out here on its own. */
    private static AxleEnd read(Random random, Hands hands, Side side, Object... calloutsAndTruths) {
        List<Reading> all = new ArrayList<>();
        all.add(Hands.take(side, Callout.LUG_COUNT, "", "5"));
        for (int i = 0; i < calloutsAndTruths.length; i += 2) {
            all.addAll(hands.read(
                    side,
                    (Callout) calloutsAndTruths[i],
                    "",
                    (Double) calloutsAndTruths[i + 1],
                    1 + random.nextInt(3)));
        }
        return Consolidation.of(side, LIVE_AXLE, all);
    }

    private static double between(Random random, double min, double max) {
        return min + (max - min) * random.nextDouble();
    }

    private static boolean circleOneWay(Random random) {
        double circle = between(random, 100, 140);
        double stud = between(random, 11, 14);
        AxleEnd end = read(
                random,
                new Hands(random),
                Side.LEFT,
                Callout.STUD_MAJOR,
                stud,
                Callout.STUD_OVER_SKIP_ONE,
                circle * Math.sin(Math.toRadians(72)) + stud);
        return covers(end.boltCircle().orElseThrow(), circle);
    }

    private static boolean circleTwoWays(Random random) {
        double circle = between(random, 100, 140);
        double stud = between(random, 11, 14);
        AxleEnd end = read(
                random,
                new Hands(random),
                Side.LEFT,
                Callout.STUD_MAJOR,
                stud,
                Callout.STUD_OVER_SKIP_ONE,
                circle * Math.sin(Math.toRadians(72)) + stud,
                Callout.STUD_NEIGHBOUR,
                circle * Math.sin(Math.toRadians(36)));
        return covers(end.boltCircle().orElseThrow(), circle);
    }

    private static boolean stickOut(Random random) {
        double beyond = between(random, 20, 40);
        double face = between(random, 4, 9);
        AxleEnd end =
                read(random, new Hands(random), Side.LEFT, Callout.STUD_FROM_DRUM, beyond, Callout.DRUM_FACE, face);
        return covers(end.length(Callout.STUD_STICK_OUT).orElseThrow(), beyond + face);
    }

    private static boolean wheelOffset(Random random) {
        double backspacing = between(random, 70, 130);
        double overall = between(random, 130, 200);
        AxleEnd end = read(
                random,
                new Hands(random),
                Side.LEFT,
                Callout.WHEEL_BACKSPACING,
                backspacing,
                Callout.WHEEL_OVERALL,
                overall);
        return covers(derived(end, "Wheel offset"), backspacing - overall / 2);
    }

    private static boolean axleOffset(Random random) {
        double in = between(random, 50, 75);
        double out = in + between(random, 0, 1.2);
        AxleEnd end = read(random, new Hands(random), Side.LEFT, Callout.AXLE_OFFSET, in, Callout.AXLE_OFFSET_OUT, out);
        // the middle of the float; the float itself is travel and no doubt
        return covers(DerivedValues.axleOffset(end).orElseThrow(), (in + out) / 2);
    }

    private static boolean step(Random random) {
        double first = between(random, 5, 15);
        double outer = first + between(random, 3, 12);
        AxleEnd end = read(
                random,
                new Hands(random),
                Side.LEFT,
                Callout.REGISTER_HEIGHT,
                first,
                Callout.REGISTER_STEP_HEIGHT,
                outer);
        return covers(derived(end, "Outer step over first step"), outer - first);
    }

    private static boolean track(Random random) {
        Hands hands = new Hands(random);
        double width = between(random, 1200, 1600);
        double[] offsets = new double[2];
        AxleEnd[] ends = new AxleEnd[2];
        for (int i = 0; i < 2; i++) {
            double backspacing = between(random, 70, 130);
            double overall = between(random, 130, 200);
            offsets[i] = backspacing - overall / 2;
            List<Object> truths =
                    new ArrayList<>(List.of(Callout.WHEEL_BACKSPACING, backspacing, Callout.WHEEL_OVERALL, overall));
            if (i == 0) {
                truths.addAll(List.of(Callout.AXLE_WIDTH, width));
            }
            ends[i] = read(random, hands, i == 0 ? Side.LEFT : Side.RIGHT, truths.toArray());
        }
        Measured track = DerivedValues.track(ends[0], ends[1]).orElseThrow().value();
        return covers(track, width - offsets[0] - offsets[1]);
    }

    private static Measured derived(AxleEnd end, String title) {
        return DerivedValues.of(end).stream()
                .filter(d -> d.title().equals(title))
                .findFirst()
                .orElseThrow()
                .value();
    }
}
