package itrova.bench.campaign;

import itrova.core.finding.Verdict;
import itrova.core.guide.NextReading;
import itrova.core.identity.Families;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.measure.Consolidation;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.WantedReadings;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.WheelDetails;
import itrova.formats.DemoData;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * How many readings "take this next" needs, against the sheet's own hand order, to reach the verdicts that all readings would
 * give. The hand order is that of the sheet, left side then right, fixed before; each order skips what is already derived.
 * Wanted: at least 30 % fewer on average.
 */
public final class NextReadingCampaign {
    private static final long SEED = 411;
    private static final AxleForm FORM = AxleForm.defaultFor(AxleEndKind.FRONT_SPINDLE, BracketShape.CIRCLE);
    private static final int MOST = 150;

    private NextReadingCampaign() {}

    /** Mean readings by each order. */
    public record Result(double byHand, double byAdvice, int runs, int notReached) {
        public double saved() {
            return 1 - byAdvice / byHand;
        }
    }

    public static void main(String[] args) {
        int runs = args.length > 0 ? Integer.parseInt(args[0]) : 200;
        Result result = run(runs);
        System.out.printf(
                Locale.ROOT,
                "Readings to the same verdicts, mean of %d axles: hand order %.1f, take this next %.1f: %.0f %% fewer; verdicts not reached %d times%n",
                runs,
                result.byHand(),
                result.byAdvice(),
                100 * result.saved(),
                result.notReached());
    }

    /** Runs the campaign over random axles and the demo's front kits. */
    public static Result run(int runs) {
        Random random = new Random(SEED);
        List<Kit> kits = DemoData.kits().stream()
                .filter(k -> k.fits().contains(AxleEndKind.FRONT_SPINDLE))
                .toList();
        double hand = 0;
        double advice = 0;
        int notReached = 0;
        for (int run = 0; run < runs; run++) {
            Axle axle = new Axle(random);
            Map<String, Verdict> wanted = verdicts(axle.all(), kits, axle);
            int byHand = count(wanted, kits, axle, NextReadingCampaign::nextByHand);
            int byAdvice = count(wanted, kits, axle, (now, taken, reports) -> nextByAdvice(axle, now, taken, reports));
            notReached += byHand >= MOST ? 1 : 0;
            notReached += byAdvice >= MOST ? 1 : 0;
            hand += byHand;
            advice += byAdvice;
        }
        return new Result(hand / runs, advice / runs, runs, notReached);
    }

    /** What to read; an index for a place of a profile that was read before. */
    private record Wanted(Side side, Callout callout, OptionalDouble place) {}

    private interface Order {
        Optional<Wanted> next(AxleCase axle, List<Reading> readings, List<KitReport> reports);
    }

    private static int count(Map<String, Verdict> wanted, List<Kit> kits, Axle axle, Order order) {
        List<Reading> taken = new ArrayList<>();
        for (int n = 0; n < MOST; n++) {
            AxleCase now = axle.toCase(taken);
            List<KitReport> reports = FitEngine.match(now, kits, ShopSettings.DEFAULTS);
            if (same(reports, wanted)) {
                return n;
            }
            Optional<Wanted> next = order.next(now, taken, reports);
            if (next.isEmpty()) {
                return MOST; // an order that ends too early must not look thrifty
            }
            taken.add(axle.read(next.get(), taken));
        }
        return MOST;
    }

    /** Every verdict that all readings prove is proven; one they leave open may be anything. */
    private static boolean same(List<KitReport> reports, Map<String, Verdict> wanted) {
        return reports.stream()
                .allMatch(r -> wanted.get(r.kit().code()) == Verdict.NOT_PROVEN
                        || r.verdict() == wanted.get(r.kit().code()));
    }

    private static Map<String, Verdict> verdicts(List<Reading> readings, List<Kit> kits, Axle axle) {
        Map<String, Verdict> map = new HashMap<>();
        FitEngine.match(axle.toCase(readings), kits, ShopSettings.DEFAULTS)
                .forEach(r -> map.put(r.kit().code(), r.verdict()));
        return map;
    }

    private static Optional<Wanted> nextByHand(AxleCase axle, List<Reading> readings, List<KitReport> reports) {
        for (AxleEnd end : axle.ends()) {
            for (Callout callout : ReadingSpec.handOrder(FORM)) {
                if (WantedReadings.isOpen(callout, end)) {
                    return Optional.of(new Wanted(end.side(), callout, OptionalDouble.empty()));
                }
            }
        }
        return Optional.empty();
    }

    /** The first of the advice that is still to be had: a profile read where it matters is read, and a hand repeats a reading twice. */
    private static Optional<Wanted> nextByAdvice(
            Axle truth, AxleCase axle, List<Reading> readings, List<KitReport> reports) {
        return NextReading.advise(axle, readings, reports, Families.SHIPPED, ShopSettings.DEFAULTS).ranked().stream()
                .filter(s -> s.bits() > 0)
                .map(s -> new Wanted(s.side(), s.callout(), s.place()))
                .filter(wanted -> truth.isToBeHad(wanted, readings))
                .findFirst();
    }

    /** A random front axle with the truth of every dimension, and one reading of each as a hand would take it. */
    private static final class Axle {
        private final Map<String, List<Reading>> all = new HashMap<>();

        Axle(Random random) {
            double[] circles = {114.3, 114.3, 114.3, 120.65, 108, 127};
            double circle = circles[random.nextInt(circles.length)];
            double register = 70.8 + pick(random, 0, 0, -1.2, 2.4);
            double flange = 148 + 3 * random.nextGaussian();
            double stud = random.nextInt(5) == 0 ? 11.0 : 12.62;
            double stickOut = 33 + 5 * random.nextDouble();
            double bracket = 101.6 + pick(random, 0, 0, 0, -12.7);
            double barrel = 342 + 8 * random.nextGaussian();
            double spoke = 4 * random.nextGaussian();
            double backspacing = 80 + 4 * random.nextGaussian();
            for (Side side : Side.values()) {
                Hands hands = new Hands(random);
                boolean swapped = random.nextInt(8) == 0;
                count(side, Callout.LUG_COUNT, "5");
                count(side, Callout.BRACKET_COUNT, "4");
                count(side, Callout.STUD_THREAD, stud > 12 ? "1/2-20" : "7/16-20");
                length(hands, side, Callout.STUD_OVER_SKIP_ONE, circle * Math.sin(Math.toRadians(72)) + stud);
                length(hands, side, Callout.STUD_MAJOR, stud);
                length(hands, side, Callout.STUD_SHOULDER, stud + 0.06);
                length(hands, side, Callout.STUD_STICK_OUT, stickOut);
                length(hands, side, Callout.REGISTER, register - (swapped ? 0.6 : 0));
                length(hands, side, Callout.FLANGE, flange);
                length(hands, side, Callout.BRACKET_CIRCLE, bracket);
                length(hands, side, Callout.BRACKET_HOLE, 11.58);
                length(hands, side, Callout.WHEEL_BACKSPACING, backspacing);
                length(hands, side, Callout.WHEEL_PAD, 5.1);
                length(hands, side, Callout.WHEEL_BORE, 73 + random.nextDouble());
                length(hands, side, Callout.WHEEL_WEIGHTS, 3);
                for (double[] at : new double[][] {{10, 20}, {55, 0}, {110, 4}}) {
                    place(hands, side, Callout.WHEEL_BARREL, at[0], barrel + at[1]);
                }
                for (double[] at : new double[][] {{65, 6}, {100, 14}, {165, 28}}) {
                    place(hands, side, Callout.WHEEL_SPOKE, at[0], at[1] + spoke);
                }
                identity(random, hands, side, stickOut);
            }
        }

        /** What no kit of the catalogue hangs on, but the sheet asks for. */
        private void identity(Random random, Hands hands, Side side, double stickOut) {
            length(hands, side, Callout.STUD_PITCH, 12.7);
            length(hands, side, Callout.STUD_FROM_DRUM, stickOut - 7.5);
            length(hands, side, Callout.DRUM_FACE, 7.5);
            length(hands, side, Callout.REGISTER_HEIGHT, 9);
            length(hands, side, Callout.KNUCKLE_RIB, 4 + random.nextDouble());
            length(hands, side, Callout.KNUCKLE_RIB_RADIUS, 66);
            length(hands, side, Callout.HUB_FACE, 65 + 2 * random.nextDouble());
            length(hands, side, Callout.WHEEL_TO_FENDER, 40 + 10 * random.nextDouble());
            length(hands, side, Callout.WHEEL_TO_FRAME, 55 + 10 * random.nextDouble());
            length(hands, side, Callout.BEARING_SPREAD, 56);
            count(side, Callout.INNER_NUMBER, "LM67048");
            count(side, Callout.OUTER_NUMBER, "LM11949");
            length(hands, side, Callout.REGISTER_HEIGHT, 18.2);
            length(hands, side, Callout.INNER_JOURNAL, 31.735);
            length(hands, side, Callout.OUTER_JOURNAL, 19.035);
            length(hands, side, Callout.SEAL_JOURNAL, 41.3);
            length(hands, side, Callout.SHOULDER, 24);
            length(hands, side, Callout.SEAL_START, 8);
            count(side, Callout.SPINDLE_THREAD, "3/4-20");
            length(hands, side, Callout.WHEEL_OVERALL, 152);
            length(hands, side, Callout.WHEEL_OFFSET, 4);
            length(hands, side, Callout.WHEEL_FLANGE, 389);
            length(hands, side, Callout.WHEEL_STUD_HOLE, 16);
            count(side, Callout.WHEEL_NUT_SEAT, "60 deg cone");
            count(side, Callout.WHEEL_MARKING, "5J x 14");
        }

        private static double pick(Random random, double... offsets) {
            return offsets[random.nextInt(offsets.length)];
        }

        private void count(Side side, Callout callout, String text) {
            all.put(side + ":" + callout, List.of(Hands.take(side, callout, "", text)));
        }

        private void length(Hands hands, Side side, Callout callout, double truth) {
            all.put(side + ":" + callout, hands.read(side, callout, "", truth, 3));
        }

        private void place(Hands hands, Side side, Callout callout, double at, double truth) {
            all.computeIfAbsent(side + ":" + callout, k -> new ArrayList<>())
                    .addAll(hands.read(side, callout, String.valueOf(at), truth, 1));
        }

        /** Whether a dimension has a place or a repeat that is not among those taken. */
        boolean isToBeHad(Wanted wanted, List<Reading> taken) {
            long had = taken.stream()
                    .filter(r -> r.side() == wanted.side() && r.callout() == wanted.callout())
                    .distinct()
                    .count();
            return had
                    < all.getOrDefault(wanted.side() + ":" + wanted.callout(), List.of())
                            .size();
        }

        /** The next repeat or place of a dimension; after the last one the last again. */
        Reading read(Wanted wanted, List<Reading> taken) {
            Side side = wanted.side();
            Callout callout = wanted.callout();
            List<Reading> mine = all.get(side + ":" + callout);
            if (mine == null) {
                throw new IllegalStateException("no truth for " + callout);
            }
            if (wanted.place().isPresent()) {
                return mine.stream()
                        .filter(r -> r.place().equals(wanted.place()))
                        .findFirst()
                        .orElseThrow();
            }
            int n = (int) taken.stream()
                    .filter(r -> r.side() == side && r.callout() == callout)
                    .count();
            return mine.get(Math.min(n, mine.size() - 1));
        }

        /** One reading of everything. */
        List<Reading> all() {
            List<Reading> once = new ArrayList<>();
            all.values().forEach(r -> {
                if (r.get(0).callout().hasPlaces()) {
                    once.addAll(r);
                } else {
                    once.add(r.get(0));
                }
            });
            return once;
        }

        AxleCase toCase(List<Reading> taken) {
            return new AxleCase(
                    List.of(looked(Side.LEFT, taken), looked(Side.RIGHT, taken)),
                    Optional.of(new AxleLoad(900, AxleLoad.Source.PLATE)));
        }

        private static final Surroundings RATED = new Surroundings(
                Surroundings.CLEAR.inboard(),
                Surroundings.CLEAR.chassis(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Surroundings.Tyre(165, 634, OptionalDouble.of(600))),
                Optional.empty(),
                List.of(),
                WheelDetails.UNSEEN.withRating(600));

        /** Somebody looked around the wheel and found nothing. */
        private static AxleEnd looked(Side side, List<Reading> taken) {
            return Consolidation.of(side, FORM, taken).toBuilder().around(RATED).build();
        }
    }
}
