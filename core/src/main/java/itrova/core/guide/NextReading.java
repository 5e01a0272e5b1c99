package itrova.core.guide;

import itrova.core.clearance.WheelProfile;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.identity.Families;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.TakenApart;
import itrova.core.measure.WantedReadings;
import itrova.core.phrase.Phrase;
import itrova.core.placed.AxleCase;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/** Ranks the readings of an axle by how much each is expected to settle per minute. */
public final class NextReading {
    /** What a bit of identity is worth beside a bit of a kit's verdict: the verdicts are what an order hangs on. */
    private static final double IDENTITY_WORTH = 0.25;
    /** Less than this (bit) over all kits changes no verdict. */
    private static final double NOTHING = 1e-6;
    /** Less than this (bit) tells nothing of what a part is. */
    private static final double LEAST_IDENTITY = 0.01;
    /** Scores this near to the best are as good: then the order of the hand decides. */
    private static final double AS_GOOD_AS = 0.90;

    private NextReading() {}

    /**
     * One reading with what it is worth.
     *
     * @param side where
     * @param callout what
     * @param place place along a profile to read again (mm); absent otherwise
     * @param isAgain whether it was read before and is worth taking again
     * @param bits verdicts it is expected to settle: each open kit counts by the share of its entropy taken away
     * @param identityBits identity entropy it is expected to take away (bit)
     * @param minutes time it takes (min)
     * @param why one sentence
     * @param howTo what must come off first; empty if nothing
     */
    public record Suggestion(
            Side side,
            Callout callout,
            OptionalDouble place,
            boolean isAgain,
            double bits,
            double identityBits,
            double minutes,
            Phrase why,
            Phrase howTo) {
        /** The same for another reason. */
        Suggestion because(Phrase other) {
            return new Suggestion(side, callout, place, isAgain, bits, identityBits, minutes, other, howTo);
        }

        double worth() {
            return bits + IDENTITY_WORTH * identityBits;
        }
    }

    /**
     * The whole advice.
     *
     * @param ranked best first
     * @param openKits kits whose verdict is not settled
     * @param waiting of those, kits no reading can settle: their papers lack something
     * @param finished said when no reading can change any verdict
     */
    public record Advice(List<Suggestion> ranked, int openKits, int waiting, Optional<Phrase> finished) {
        public Advice {
            ranked = List.copyOf(ranked);
        }

        /** The reading to take next. */
        public Optional<Suggestion> next() {
            return ranked.stream().findFirst();
        }
    }

    /**
     * Ranks what is worth reading.
     *
     * @param axle both sides, left first, and the load
     * @param readings the readings behind them
     * @param reports the kits made for this kind of axle end, as judged now
     * @param families families for telling what the parts are
     */
    public static Advice advise(
            AxleCase axle, List<Reading> readings, List<KitReport> reports, Families families, ShopSettings settings) {
        List<OpenKit> open = openKits(axle, readings, reports, settings);
        Map<Worthwhile, Tally> tallies = tally(open);
        List<Suggestion> suggestions = new ArrayList<>();
        for (AxleEnd end : axle.ends()) {
            TakenApart state = TakenApart.of(end);
            IdentityGain identity = new IdentityGain(end, families);
            for (Callout callout : ReadingSpec.handOrder(end.form())) {
                if (callout.isOfBothEnds() && end.side() != Side.LEFT) {
                    continue; // asked once
                }
                Worthwhile prior = Worthwhile.first(end.side(), callout);
                if (WantedReadings.isOpen(callout, end) || callout.hasPlaces() && tallies.containsKey(prior)) {
                    suggest(end, state, callout, tallies.get(prior), identity, open.size(), OptionalDouble.empty())
                            .ifPresent(suggestions::add);
                    continue;
                }
                tallies.forEach((reading, tally) -> {
                    if (reading.isAgain()
                            && reading.at().side() == end.side()
                            && reading.at().callout() == callout) {
                        suggestions.add(again(
                                end, callout, tally, open.size(), reading.at().place()));
                    }
                });
            }
        }
        boolean settles = suggestions.stream().anyMatch(s -> s.bits() > NOTHING);
        int waiting = (int) open.stream().filter(k -> k.readings().isEmpty()).count();
        return new Advice(
                inOrder(suggestions, axle),
                open.size(),
                waiting,
                settles ? Optional.empty() : Optional.of(finished(open.size())));
    }

    /** What one reading settles over all open kits. */
    private static final class Tally {
        private double verdicts;
        private int kits;
        private @org.jspecify.annotations.Nullable CheckId check;
    }

    private static Map<Worthwhile, Tally> tally(List<OpenKit> open) {
        Map<Worthwhile, Tally> tallies = new TreeMap<>();
        List<Map<Worthwhile, Double>> shares =
                open.parallelStream().map(OpenKit::shares).toList();
        for (int i = 0; i < open.size(); i++) {
            OpenKit kit = open.get(i);
            shares.get(i).forEach((reading, share) -> {
                Tally tally = tallies.computeIfAbsent(reading, k -> new Tally());
                tally.verdicts += share;
                tally.kits++;
                if (tally.check == null) {
                    tally.check = kit.check(reading).orElse(null);
                }
            });
        }
        return tallies;
    }

    private static Optional<Suggestion> suggest(
            AxleEnd end,
            TakenApart state,
            Callout callout,
            @org.jspecify.annotations.Nullable Tally tally,
            IdentityGain identity,
            int open,
            OptionalDouble place) {
        double identityBits = identity.bits(callout);
        if (tally == null && identityBits < LEAST_IDENTITY) {
            return Optional.empty();
        }
        ReadingSpec spec = ReadingSpec.of(callout);
        return Optional.of(new Suggestion(
                end.side(),
                callout,
                place,
                false,
                tally == null ? 0 : tally.verdicts,
                identityBits,
                spec.minutes() * readingsWanted(callout, end),
                tally == null ? identity.why(callout) : why(false, tally, open),
                spec.needs().compareTo(state) > 0 ? spec.needs().howTo() : Phrase.NOTHING));
    }

    private static Suggestion again(AxleEnd end, Callout callout, Tally tally, int open, OptionalDouble place) {
        return new Suggestion(
                end.side(),
                callout,
                place,
                true,
                tally.verdicts,
                0,
                ReadingSpec.of(callout).minutes(),
                why(true, tally, open),
                Phrase.NOTHING);
    }

    private static Phrase why(boolean isAgain, Tally tally, int open) {
        return Phrase.of(
                isAgain ? "next-reading.again-decides" : "next-reading.decides",
                tally.check == null ? Phrase.NOTHING : Phrase.of("next-reading.check", tally.check),
                tally.kits,
                open == 1 ? Phrase.of("next-reading.one-kit") : Phrase.of("next-reading.kits", open));
    }

    /** A profile tells only once it was read at enough places: its first reading answers for the cost of all. */
    private static int readingsWanted(Callout callout, AxleEnd end) {
        int read =
                switch (callout) {
                    case WHEEL_BARREL -> end.barrel().size();
                    case WHEEL_SPOKE -> end.spokes().size();
                    default -> WantedReadings.PLACES_WANTED - 1;
                };
        return Math.max(1, WantedReadings.PLACES_WANTED - read);
    }

    private static Phrase finished(int open) {
        return switch (open) {
            case 0 -> Phrase.of("next-reading.finished");
            case 1 -> Phrase.of("next-reading.finished-but-one");
            default -> Phrase.of("next-reading.finished-but-some", open);
        };
    }

    private static List<OpenKit> openKits(
            AxleCase axle, List<Reading> readings, List<KitReport> reports, ShopSettings settings) {
        List<Kit> kits = reports.stream().map(KitReport::kit).toList();
        Priors priors = Priors.from(kits);
        Rereads rereads = new Rereads(readings);
        Map<Long, List<Filled>> filled = new ConcurrentHashMap<>();
        return reports.parallelStream()
                .filter(KitReport::isOpen)
                .map(report -> {
                    int lugs = report.kit().disc().patterns().get(0).count();
                    int bolts = report.kit().bracket().count();
                    List<Filled> ends =
                            filled.computeIfAbsent(lugs * 100L + bolts, k -> fill(axle, priors, lugs, bolts));
                    return openKit(axle, ends, report, priors, rereads, settings);
                })
                .toList();
    }

    private static OpenKit openKit(
            AxleCase axle, List<Filled> ends, KitReport report, Priors priors, Rereads rereads, ShopSettings settings) {
        Kit kit = report.kit();
        OpenKit open = new OpenKit();
        for (int i = 0; i < ends.size(); i++) {
            for (Finding f : FitEngine.asFound(ends.get(i).end(), ends.get(i).wheel(), axle.load(), kit, settings)) {
                if (f.check().isCritical() && !isMendable(report, f)) {
                    open.add(f, rereads);
                }
            }
            yesOrNo(open, axle.ends().get(i), priors, kit, i == 0);
        }
        report.findings().stream().filter(f -> f.check().isCritical()).forEach(f -> f.missing()
                .forEach(c -> open.addNeeded(Worthwhile.first(f.side(), c))));
        return open;
    }

    /** What work mends, or may mend once more is read, is not held against the kit. */
    private static boolean isMendable(KitReport report, Finding filled) {
        return report.findings().stream()
                .anyMatch(f -> f.check() == filled.check()
                        && f.side() == filled.side()
                        && (f.verdict() == Verdict.FITS_WITH_WORK || f.isWorkOpen()));
    }

    /** Counts and threads that were not read; once one side is counted, the other is nearly sure to be the same. */
    private static void yesOrNo(OpenKit kit, AxleEnd end, Priors priors, Kit of, boolean isFirst) {
        double nearlySure = 0.99;
        if (end.count(Callout.LUG_COUNT).isEmpty()) {
            kit.addYesOrNo(
                    Worthwhile.first(end.side(), Callout.LUG_COUNT), isFirst ? priors.lugsMatch(of) : nearlySure);
        }
        boolean counts = ReadingSpec.handOrder(end.form()).contains(Callout.BRACKET_COUNT);
        if (counts && end.count(Callout.BRACKET_COUNT).isEmpty()) {
            kit.addYesOrNo(
                    Worthwhile.first(end.side(), Callout.BRACKET_COUNT),
                    isFirst ? priors.bracketBoltsMatch(of) : nearlySure);
        }
        if (end.studThread().isEmpty() && of.studs().isEmpty()) {
            kit.addYesOrNo(Worthwhile.first(end.side(), Callout.STUD_THREAD), isFirst ? 0.9 : nearlySure);
        }
    }

    private record Filled(AxleEnd end, WheelProfile wheel) {}

    private static List<Filled> fill(AxleCase axle, Priors priors, int lugs, int bolts) {
        List<Filled> ends = new ArrayList<>();
        for (int i = 0; i < axle.ends().size(); i++) {
            AxleEnd other = axle.ends().get(axle.ends().size() - 1 - i);
            AxleEnd end = priors.fill(axle.ends().get(i), other, lugs, bolts);
            ends.add(new Filled(end, WheelProfile.of(end)));
        }
        return ends;
    }

    /**
     * In the order the axle is taken apart, best first within a stage: what needs the wheel on comes before it is off, what needs the drum
     * on before that is. What must come off first costs its time too, shared by all readings worth taking behind it.
     */
    private static List<Suggestion> inOrder(List<Suggestion> suggestions, AxleCase axle) {
        Map<Side, TakenApart> opened = new EnumMap<>(Side.class);
        axle.ends().forEach(e -> opened.put(e.side(), TakenApart.of(e)));
        boolean anyVerdict = suggestions.stream().anyMatch(s -> s.bits() > NOTHING);
        Map<Suggestion, Double> scores = new IdentityHashMap<>();
        for (Suggestion s : suggestions) {
            boolean counts = !anyVerdict || s.bits() > NOTHING;
            scores.put(s, counts ? s.worth() / (s.minutes() + opening(s, suggestions, opened)) : 0);
        }
        List<Suggestion> left = new ArrayList<>(suggestions); // in hand order, side by side
        List<Suggestion> ordered = new ArrayList<>(left.size());
        while (!left.isEmpty()) {
            int stage = left.stream()
                    .mapToInt(s -> stage(s, scores.get(s) > 0, opened))
                    .min()
                    .orElseThrow();
            List<Suggestion> now = left.stream()
                    .filter(s -> stage(s, scores.get(s) > 0, opened) == stage)
                    .toList();
            double best = now.stream().mapToDouble(scores::get).max().orElseThrow();
            Suggestion next = now.stream()
                    .filter(s -> scores.get(s) >= AS_GOOD_AS * best)
                    .findFirst()
                    .orElseThrow();
            Suggestion first = placing(next, now).orElse(next);
            ordered.add(first);
            left.remove(first);
        }
        return ordered;
    }

    /** A wheel's profile has no place on the axle before the backspacing is read, and nobody knows how deep to read it. */
    private static Optional<Suggestion> placing(Suggestion next, List<Suggestion> now) {
        return next.callout().hasPlaces() && !next.isAgain()
                ? now.stream()
                        .filter(s -> s.side() == next.side() && s.callout() == Callout.WHEEL_BACKSPACING)
                        .findFirst()
                : Optional.empty();
    }

    /** When its turn comes: what is open already is one stage; a gap beside a wheel that is off waits until the wheel is on again. */
    private static int stage(Suggestion s, boolean isWorth, Map<Side, TakenApart> opened) {
        TakenApart state = opened.get(s.side());
        int last = TakenApart.values().length;
        if (!isWorth) {
            return last + 1;
        }
        if (s.callout().isGapOfVehicle() && state != TakenApart.ON) {
            return last;
        }
        TakenApart needs = ReadingSpec.of(s.callout()).needs();
        return (needs.compareTo(state) > 0 ? needs : state).ordinal();
    }

    /** Time (min) a reading's share of the opening takes. */
    private static double opening(Suggestion s, List<Suggestion> all, Map<Side, TakenApart> opened) {
        TakenApart needs = ReadingSpec.of(s.callout()).needs();
        double minutes = 0;
        for (TakenApart stage : TakenApart.values()) {
            if (stage.compareTo(opened.get(s.side())) > 0 && stage.compareTo(needs) <= 0) {
                long behind = all.stream()
                        .filter(o -> o.side() == s.side()
                                && o.bits() > NOTHING
                                && ReadingSpec.of(o.callout()).needs().compareTo(stage) >= 0)
                        .count();
                minutes += stage.minutes() / Math.max(1, behind);
            }
        }
        return minutes;
    }
}
