package itrova.core.guide;

import itrova.core.clearance.WheelProfile;
import itrova.core.fit.AxleCase;
import itrova.core.fit.CheckId;
import itrova.core.fit.Finding;
import itrova.core.fit.FitEngine;
import itrova.core.fit.KitReport;
import itrova.core.fit.ShopSettings;
import itrova.core.fit.Verdict;
import itrova.core.identity.Families;
import itrova.core.kit.Kit;
import itrova.core.measure.Consolidation;
import itrova.core.measure.Opened;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.TakeNext;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Ranks the readings of an axle by how much each is expected to settle per minute. */
public final class NextReading {
    /** What a bit of identity is worth beside a bit of a kit's verdict: the verdicts are what an order hangs on. */
    private static final double IDENTITY_WORTH = 0.25;
    /** Less than this (bit) over all kits changes no verdict. */
    private static final double NOTHING = 1e-6;
    /** Scores this near to the best are as good: then the order of the hand decides. */
    private static final double AS_GOOD_AS = 0.90;

    private NextReading() {}

    /**
     * One reading with what it is worth.
     *
     * @param side where
     * @param callout what
     * @param isAgain whether it was read before and is worth taking again
     * @param bits verdict entropy it is expected to take away, over all open kits (bit)
     * @param identityBits identity entropy it is expected to take away (bit)
     * @param minutes time it takes (min)
     * @param why one sentence
     * @param firstDo what must come off first; empty if nothing
     */
    public record Suggestion(
            Side side,
            Callout callout,
            boolean isAgain,
            double bits,
            double identityBits,
            double minutes,
            String why,
            String firstDo) {
        double score() {
            return (bits + IDENTITY_WORTH * identityBits) / minutes;
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
    public record Advice(List<Suggestion> ranked, int openKits, int waiting, Optional<String> finished) {
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
        Map<String, Double> bits = new HashMap<>();
        Map<String, Integer> kits = new HashMap<>();
        Map<String, CheckId> checks = new HashMap<>();
        for (OpenKit kit : open) {
            for (String reading : kit.readings()) {
                double gain = kit.gain(reading);
                if (gain > 0) {
                    bits.merge(reading, gain, Double::sum);
                    kits.merge(reading, 1, Integer::sum);
                    checks.putIfAbsent(reading, kit.check(reading, CheckId.PATTERN));
                }
            }
        }
        List<Suggestion> suggestions = new ArrayList<>();
        for (AxleEnd end : axle.ends()) {
            Opened state = Opened.of(end);
            IdentityGain identity = new IdentityGain(end, families);
            for (Callout callout : ReadingSpec.handOrder(end.form())) {
                String prior = Priors.key(end.side(), callout);
                String again = Rereads.SOURCE + Consolidation.key(end.side(), callout);
                boolean isOpen = TakeNext.isOpen(callout, end);
                String key = isOpen ? prior : again;
                double verdict = bits.getOrDefault(key, 0.0);
                double what = isOpen ? identity.bits(callout) : 0;
                if (verdict <= NOTHING && what < 0.01) {
                    continue;
                }
                ReadingSpec spec = ReadingSpec.of(callout);
                suggestions.add(new Suggestion(
                        end.side(),
                        callout,
                        !isOpen,
                        verdict,
                        what,
                        spec.minutes(),
                        why(
                                verdict,
                                kits.getOrDefault(key, 0),
                                open.size(),
                                checks.get(key),
                                identity,
                                callout,
                                isOpen),
                        spec.needs().compareTo(state) > 0 ? spec.needs().firstDo() : ""));
            }
        }
        boolean settles = suggestions.stream().anyMatch(s -> s.bits() > NOTHING);
        int waiting = (int)
                open.stream().filter(k -> !k.readings().iterator().hasNext()).count();
        return new Advice(
                inOrder(suggestions, axle),
                open.size(),
                waiting,
                settles ? Optional.empty() : Optional.of(finished(open.size())));
    }

    private static String finished(int open) {
        return "Measuring is finished: no further reading changes a verdict."
                + (open == 0
                        ? ""
                        : open == 1
                                ? " One kit stays not proven for want of papers or by a hair: ask its supplier or test-fit."
                                : " " + open
                                        + " kits stay not proven for want of papers or by a hair: ask their suppliers or test-fit.");
    }

    private static List<OpenKit> openKits(
            AxleCase axle, List<Reading> readings, List<KitReport> reports, ShopSettings settings) {
        List<Kit> kits = reports.stream().map(KitReport::kit).toList();
        Priors priors = Priors.from(kits);
        Rereads rereads = new Rereads(readings);
        Map<Long, List<Filled>> filled = new HashMap<>();
        List<OpenKit> open = new ArrayList<>();
        for (KitReport report : reports) {
            if (report.verdict() != Verdict.NOT_PROVEN) {
                continue;
            }
            Kit kit = report.kit();
            int lugs = kit.disc().patterns().get(0).count();
            int bolts = kit.bracket().count();
            List<Filled> ends = filled.computeIfAbsent(lugs * 100L + bolts, k -> fill(axle, priors, lugs, bolts));
            OpenKit openKit = new OpenKit();
            boolean first = true;
            for (int i = 0; i < ends.size(); i++) {
                AxleEnd asRead = axle.ends().get(i);
                for (Finding f :
                        FitEngine.asFound(ends.get(i).end(), ends.get(i).wheel(), axle.load(), kit, settings)) {
                    openKit.add(f, rereads);
                }
                yesOrNo(openKit, asRead, priors, kit, first);
                first = false;
            }
            open.add(openKit);
        }
        return open;
    }

    /** Counts and threads that were not read; once one side is counted, the other is nearly sure to be the same. */
    private static void yesOrNo(OpenKit kit, AxleEnd end, Priors priors, Kit of, boolean isFirst) {
        double nearlySure = 0.99;
        if (end.count(Callout.LUG_COUNT).isEmpty()) {
            kit.addYesOrNo(Priors.key(end.side(), Callout.LUG_COUNT), isFirst ? priors.lugsMatch(of) : nearlySure);
        }
        boolean counts = ReadingSpec.handOrder(end.form()).contains(Callout.BRACKET_COUNT);
        if (counts && end.count(Callout.BRACKET_COUNT).isEmpty()) {
            kit.addYesOrNo(
                    Priors.key(end.side(), Callout.BRACKET_COUNT), isFirst ? priors.bracketBoltsMatch(of) : nearlySure);
        }
        if (end.studThread().isEmpty() && of.studs().isEmpty()) {
            kit.addYesOrNo(Priors.key(end.side(), Callout.STUD_THREAD), isFirst ? 0.9 : nearlySure);
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

    private static String why(
            double verdict,
            int kits,
            int open,
            @org.jspecify.annotations.Nullable CheckId check,
            IdentityGain identity,
            Callout callout,
            boolean isOpen) {
        if (verdict > NOTHING && check != null) {
            String how =
                    isOpen ? "It decides" : "It is too doubtful: once more, or with the usual instrument, it decides";
            return how + " “" + check.title() + "” for " + kits + " of " + (open == 1 ? "1 kit" : open + " kits")
                    + " still open.";
        }
        return identity.why(callout);
    }

    /** Best first; what is reachable as the end stands comes before what needs more taken apart. */
    private static List<Suggestion> inOrder(List<Suggestion> suggestions, AxleCase axle) {
        Map<Side, Opened> opened = new EnumMap<>(Side.class);
        axle.ends().forEach(e -> opened.put(e.side(), Opened.of(e)));
        List<Suggestion> left = new ArrayList<>(suggestions); // in hand order, side by side
        List<Suggestion> ordered = new ArrayList<>(left.size());
        while (!left.isEmpty()) {
            boolean anyVerdict = left.stream().anyMatch(s -> s.bits() > NOTHING);
            List<Suggestion> worth =
                    anyVerdict ? left.stream().filter(s -> s.bits() > NOTHING).toList() : List.copyOf(left);
            int nearest =
                    worth.stream().mapToInt(s -> stagesAway(s, opened)).min().orElse(0);
            List<Suggestion> reachable =
                    worth.stream().filter(s -> stagesAway(s, opened) == nearest).toList();
            double best = reachable.stream()
                    .max(Comparator.comparingDouble(Suggestion::score))
                    .orElseThrow()
                    .score();
            Suggestion next = reachable.stream()
                    .filter(s -> s.score() >= AS_GOOD_AS * best)
                    .findFirst()
                    .orElseThrow();
            ordered.add(next);
            left.remove(next);
        }
        return ordered;
    }

    private static int stagesAway(Suggestion s, Map<Side, Opened> opened) {
        int needs = ReadingSpec.of(s.callout()).needs().ordinal();
        return Math.max(0, needs - opened.get(s.side()).ordinal());
    }
}
