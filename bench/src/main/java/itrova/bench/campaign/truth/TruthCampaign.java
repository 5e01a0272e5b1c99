package itrova.bench.campaign.truth;

import itrova.bench.campaign.Hands;
import itrova.core.clearance.WheelProfile;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.kit.Kit;
import itrova.core.measure.OutOfRangeException;
import itrova.core.measure.Reading;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;

/**
 * How often a verdict is wrong about the truth, check by check.
 *
 * <p>True geometries are drawn near the limit, within twice the doubt of the margin either way. A mechanic with instruments of his
 * own, each with one error, reads them; where the finding asks for a place between two readings, he reads there. Wanted: wrong
 * "fits" at most 0.5 % of all pairs and 2.5 % at the limit itself, wrong "does not fit" the same, and at least 45 % proven near the
 * limit, so that safety is not bought with silence.
 */
public final class TruthCampaign {
    private static final long SEED = 20_261_126;
    /** Near the limit: the true margin is within so many times its doubt. */
    private static final double NEAR = 2;
    /** At the limit: within so many times its doubt. */
    private static final double AT = 0.1;
    /** Readings taken between two others when asked for. */
    private static final int MOST_BETWEEN = 12;

    private static final Set<CheckId> PROFILES = Set.of(CheckId.BARREL, CheckId.SPOKES, CheckId.DISC_IN_WHEEL);

    private TruthCampaign() {}

    /**
     * A way to a check's limit.
     *
     * @param name what is told in the table
     * @param knob sets what is turned until the true margin is as wanted
     */
    private record Scenario(
            String name,
            CheckId check,
            AxleEndKind kind,
            BracketShape shape,
            BiConsumer<World, Random> prepare,
            BiConsumer<World, Double> knob) {}

    private static Scenario of(String name, CheckId check, AxleEndKind kind, BiConsumer<World, Double> knob) {
        return new Scenario(name, check, kind, BracketShape.CIRCLE, (w, r) -> {}, knob);
    }

    private static BiConsumer<World, Double> reading(Callout callout) {
        return (w, by) -> w.put(callout, w.lengths.get(callout) + by);
    }

    private static BiConsumer<World, Double> figure(String name) {
        return (w, by) -> w.nominal(name, w.figures.get(name)[0] + by);
    }

    private static List<Scenario> scenarios() {
        AxleEndKind front = AxleEndKind.FRONT_SPINDLE;
        AxleEndKind rear = AxleEndKind.REAR_LIVE_AXLE;
        List<Scenario> all = new ArrayList<>(List.of(
                of("pattern", CheckId.PATTERN, front, figure("circle")),
                of("stud holes", CheckId.STUD_HOLES, front, figure("hole")),
                of("nut engagement", CheckId.NUT_ENGAGEMENT, front, reading(Callout.STUD_STICK_OUT)),
                of("register, loose", CheckId.REGISTER, front, figure("bore")),
                of("wheel centring, loose", CheckId.WHEEL_CENTRING, front, reading(Callout.WHEEL_BORE)),
                of("hat over flange", CheckId.HAT_FLANGE, front, reading(Callout.FLANGE)),
                of("bracket, circle", CheckId.BRACKET, front, reading(Callout.BRACKET_CIRCLE)),
                new Scenario(
                        "bracket, rectangle",
                        CheckId.BRACKET,
                        front,
                        BracketShape.RECTANGLE,
                        (w, r) -> {
                            w.put(Callout.BRACKET_ACROSS, 90.5);
                            w.put(Callout.BRACKET_UP, 60 + r.nextDouble());
                        },
                        reading(Callout.BRACKET_ACROSS)),
                of("stack on the T-bolts", CheckId.HOUSING_STACK, rear, reading(Callout.T_BOLT_LENGTH)),
                of("axle offset", CheckId.AXLE_OFFSET, rear, reading(Callout.AXLE_OFFSET)),
                of("disc in wheel", CheckId.DISC_IN_WHEEL, front, figure("diameter")),
                of("worn pads, inboard", CheckId.INBOARD, front, reading(Callout.KNUCKLE_RIB)),
                of("tyre room", CheckId.TYRE_ROOM, front, reading(Callout.WHEEL_TO_FENDER)),
                of("axle width", CheckId.NEEDS, rear, reading(Callout.AXLE_WIDTH)),
                new Scenario(
                        "bearings",
                        CheckId.BEARINGS,
                        front,
                        BracketShape.CIRCLE,
                        (w, r) -> w.hasOwnHub = true,
                        reading(Callout.INNER_JOURNAL)),
                new Scenario(
                        "lock and travel",
                        CheckId.SWEEP,
                        front,
                        BracketShape.CIRCLE,
                        (w, r) -> w.rail = Optional.of(-200.0),
                        (w, by) -> w.rail = w.rail.map(x -> x + by)),
                of("axle load, weighed", CheckId.LOAD, front, figure("rated")),
                of("tyre rating", CheckId.RATINGS, front, (w, by) -> w.tyreRating += 450 * by)));
        for (Walls.Kind kind : Walls.Kind.values()) {
            String how = kind.name().toLowerCase(Locale.ROOT);
            all.add(new Scenario(
                    "caliper to barrel, " + how,
                    CheckId.BARREL,
                    front,
                    BracketShape.CIRCLE,
                    (w, r) -> w.barrel = Walls.of(kind, 5, 115, 338, 10 * (2 * r.nextDouble() - 1), r),
                    (w, by) -> w.barrel = w.barrel.moved(by)));
            all.add(new Scenario(
                    "caliper to spokes, " + how,
                    CheckId.SPOKES,
                    front,
                    BracketShape.CIRCLE,
                    (w, r) -> w.spokes = Walls.of(kind, 68, 172, -4, 25 * (2 * r.nextDouble() - 1), r),
                    (w, by) -> w.spokes = w.spokes.moved(by)));
        }
        return all;
    }

    /** One pair of truth and verdict. */
    private record Pair(double truth, double doubt, Verdict verdict, int between) {}

    /** Shares over all pairs of one check. */
    public record Row(
            String name,
            int pairs,
            double wrongFits,
            double wrongFitsAtLimit,
            double wrongMisfits,
            double wrongMisfitsAtLimit,
            double proven,
            double readingsBetween) {}

    public static void main(String[] args) {
        int pairs = args.length > 0 ? Integer.parseInt(args[0]) : 20_000;
        System.out.printf(
                Locale.ROOT,
                "Verdicts against the truth, %d pairs each, true margin within %.0f U of the limit%n%-28s %10s %10s %10s %10s %10s %9s%n",
                pairs,
                NEAR,
                "",
                "wrong fits",
                "at limit",
                "w. misfit",
                "at limit",
                "proven",
                "between");
        scenarios().forEach(s -> print(row(s, pairs)));
    }

    private static void print(Row r) {
        System.out.printf(
                Locale.ROOT,
                "%-28s %9.2f%% %9.2f%% %9.2f%% %9.2f%% %9.1f%% %9.2f   (%d pairs)%n",
                r.name(),
                100 * r.wrongFits(),
                100 * r.wrongFitsAtLimit(),
                100 * r.wrongMisfits(),
                100 * r.wrongMisfitsAtLimit(),
                100 * r.proven(),
                r.readingsBetween(),
                r.pairs());
    }

    private static Row row(Scenario s, int pairs) {
        List<Pair> all = IntStream.range(0, pairs)
                .parallel()
                .mapToObj(i -> pair(s, SEED + 31L * i + s.name().hashCode()))
                .flatMap(Optional::stream)
                .toList();
        List<Pair> at =
                all.stream().filter(p -> Math.abs(p.truth()) <= AT * p.doubt()).toList();
        return new Row(
                s.name(),
                all.size(),
                wrongFits(all) / (double) all.size(),
                wrongFits(at) / (double) at.size(),
                wrongMisfits(all) / (double) all.size(),
                wrongMisfits(at) / (double) at.size(),
                all.stream().filter(p -> p.verdict() != Verdict.NOT_PROVEN).count() / (double) all.size(),
                all.stream().mapToInt(Pair::between).average().orElse(0));
    }

    private static long wrongFits(List<Pair> pairs) {
        return pairs.stream()
                .filter(p -> p.verdict() == Verdict.FITS && p.truth() < 0)
                .count();
    }

    private static long wrongMisfits(List<Pair> pairs) {
        return pairs.stream()
                .filter(p -> p.verdict() == Verdict.DOES_NOT_FIT && p.truth() >= 0)
                .count();
    }

    /** A pair whose true margin lies where it was wanted; absent where the knob could not take it there. */
    private static Optional<Pair> pair(Scenario s, long seed) {
        try {
            return found(s, seed);
        } catch (OutOfRangeException e) {
            return Optional.empty(); // the knob had to go where no reading would be believed
        }
    }

    private static Optional<Pair> found(Scenario s, long seed) {
        double doubt = doubt(s, seed);
        double wanted = (2 * random(seed, 7).nextDouble() - 1) * NEAR * doubt;
        double knob = 0;
        double last = truth(s, seed, 0);
        double step = doubt;
        for (int n = 0; n < 30 && Math.abs(last - wanted) > 0.05 * doubt; n++) {
            double next = truth(s, seed, knob + step);
            double slope = (next - last) / step;
            if (Math.abs(slope) < 1e-3) {
                step *= 4; // a margin that another requirement holds yet
                continue;
            }
            double change = (wanted - last) / slope;
            knob += Math.max(-3 * doubt - 1, Math.min(3 * doubt + 1, change));
            last = truth(s, seed, knob);
            step = doubt / 2;
        }
        if (Math.abs(last - wanted) > doubt) {
            return Optional.empty();
        }
        return Optional.of(judged(s, seed, knob, last));
    }

    /** Independent streams: neighbouring seeds of a plain generator begin alike. */
    private static Random random(long seed, int stream) {
        return new Random(new SplittableRandom(seed * 16 + stream).nextLong());
    }

    private static World world(Scenario s, long seed, double knob) {
        World w = new World(s.kind(), s.shape(), random(seed, 0));
        w.isProfile = PROFILES.contains(s.check());
        s.prepare().accept(w, random(seed, 1));
        s.knob().accept(w, knob);
        return w;
    }

    private static double truth(Scenario s, long seed, double knob) {
        World w = world(s, seed, knob);
        if (s.check() == CheckId.RATINGS) {
            // the true wheel carries up to 3 % more or less than half
            double share = 1 + 0.03 * (2 * random(seed, 3).nextDouble() - 1);
            return w.tyreRating / (w.axleKg / 2 * share) - 1;
        }
        AxleEnd end = w.trueEnd();
        return find(end, w.trueKit(), new AxleLoad(w.axleKg, AxleLoad.Source.PLATE), s.check())
                .margin()
                .orElseThrow()
                .value();
    }

    private static Finding find(AxleEnd end, Kit kit, AxleLoad load, CheckId check) {
        if (check == CheckId.SWEEP) {
            return FitEngine.report(new AxleCase(List.of(end), Optional.of(load)), kit, ShopSettings.DEFAULTS)
                    .findings()
                    .stream()
                    .filter(f -> f.check() == check)
                    .findFirst()
                    .orElseThrow();
        }
        return FitEngine.asFound(end, WheelProfile.of(end), Optional.of(load), kit, ShopSettings.DEFAULTS).stream()
                .filter(f -> f.check() == check)
                .findFirst()
                .orElseThrow();
    }

    private static AxleLoad weighed(World w, long seed) {
        double error = 20 * (2 * random(seed, 4).nextDouble() - 1);
        return new AxleLoad(w.axleKg + error, AxleLoad.Source.WEIGHBRIDGE);
    }

    /** The doubt the finding would have, about. */
    private static double doubt(Scenario s, long seed) {
        World w = world(s, seed, 0);
        Finding f = find(w.trueEndAsRead(new Hands(random(seed, 2))), w.statedKit(), weighed(w, seed), s.check());
        return f.margin().map(Measured::expanded).orElse(0.5);
    }

    private static Pair judged(Scenario s, long seed, double knob, double truth) {
        World w = world(s, seed, knob);
        Hands hands = new Hands(random(seed, 2));
        List<Reading> taken = new ArrayList<>(w.read(hands));
        Finding f = find(w.asRead(taken), w.statedKit(), weighed(w, seed), s.check());
        int between = 0;
        while (f.verdict() == Verdict.NOT_PROVEN && between < MOST_BETWEEN) {
            Optional<Reading> more = between(f, w, hands);
            if (more.isEmpty()) {
                break;
            }
            taken.add(more.get());
            between++;
            f = find(w.asRead(taken), w.statedKit(), weighed(w, seed), s.check());
        }
        double doubt = f.margin().map(Measured::expanded).orElse(0.5);
        return new Pair(truth, doubt, f.verdict(), between);
    }

    /** The reading between two others that the finding asks for. */
    private static Optional<Reading> between(Finding f, World w, Hands hands) {
        for (Phrase words : f.missingInWords()) {
            boolean barrel = words.code().equals("caliper-in-wheel.barrel-between");
            if (barrel || words.code().equals("caliper-in-wheel.spoke-back-between")) {
                double from = Math.round(((Amount) words.values().get(0)).value());
                double to = Math.round(((Amount) words.values().get(1)).value());
                if (to - from >= 1) {
                    return Optional.of(
                            w.place(hands, barrel ? Callout.WHEEL_BARREL : Callout.WHEEL_SPOKE, (from + to) / 2));
                }
            }
        }
        return Optional.empty();
    }
}
