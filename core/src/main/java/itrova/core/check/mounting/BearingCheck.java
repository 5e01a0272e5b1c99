package itrova.core.check.mounting;

import itrova.core.bearing.StandardBearing;
import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.Figure;
import itrova.core.kit.KitPart;
import itrova.core.kit.RotorHub;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** A hub of the kit on the old spindle: cones on the journals, cups in the hub, the seal on its land, the seats' spacing. */
final class BearingCheck implements Check {
    static final String FORMULA = "m = min(s − s_min, s_max − s), s = d_bore − d_journal; |d_cup − d_hub| ≤ 0.05 mm";
    private static final String SOURCE =
            "Boundary sizes of tapered roller bearings, ISO 355 and ABMA 19.2, from memory; slip fit of cones on a spindle: common practice";
    /** A cone slips over its journal with so much play (mm); common practice. */
    private static final double TIGHTEST = -0.01;

    private static final double LOOSEST = 0.06;
    /** Cup and hub are of one size when they differ by no more than this (mm). */
    private static final double SAME_CUP = 0.05;
    /** A seal's lip runs on a shaft this much off its size (mm); common practice. */
    private static final double SEAL_ROOM = 0.4;
    /** The nut takes up this much of the seats' spacing (mm); common practice. */
    private static final double SPACING_ROOM = 1.0;

    @Override
    public CheckId id() {
        return CheckId.BEARINGS;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.kit().fitting().hub().isPresent() && c.end().kind().hasSpindle();
    }

    @Override
    public Finding judge(KitOnSide c) {
        RotorHub hub = c.kit().fitting().hub().orElseThrow();
        FindingBuilder ruling = new FindingBuilder(CheckId.BEARINGS, c);
        List<String> words = new ArrayList<>();
        seat(c, ruling, hub.inner(), Callout.INNER_JOURNAL, "large bearing", words);
        seat(c, ruling, hub.outer(), Callout.OUTER_JOURNAL, "small bearing", words);
        Optional<Measured> land = c.length(Callout.SEAL_JOURNAL);
        hub.sealOn().ifPresent(on -> {
            ruling.want(land, Callout.SEAL_JOURNAL);
            land.ifPresent(l -> within(
                    ruling, "seal on its land", l.minus(on.measured(c.kit().source("hub.sealOn"))), SEAL_ROOM));
        });
        Optional<Measured> spread = c.length(Callout.BEARING_SPREAD);
        hub.spacing().ifPresent(apart -> {
            ruling.want(spread, Callout.BEARING_SPREAD);
            spread.ifPresent(s -> within(
                    ruling,
                    "bearing seats apart",
                    s.minus(apart.measured(c.kit().source("hub.spacing"))),
                    SPACING_ROOM));
        });
        return ruling.finding(r -> new Explanation(
                (words.isEmpty() ? "The bearings cannot be judged yet." : String.join(" ", words))
                        + r.map(w -> String.format(
                                        Locale.ROOT,
                                        " Tightest: %s, margin %.2f mm.",
                                        w.name(),
                                        w.margin().value()))
                                .orElse(""),
                FORMULA,
                new Inputs()
                        .add("d_journal, inner", c.length(Callout.INNER_JOURNAL))
                        .add("d_journal, outer", c.length(Callout.OUTER_JOURNAL))
                        .add("d_hub, inner", hub.inner().cup().measured(c.kit().source("hub.inner")))
                        .add("d_hub, outer", hub.outer().cup().measured(c.kit().source("hub.outer")))
                        .add("seal land", land)
                        .list(),
                SOURCE));
    }

    private static void within(FindingBuilder ruling, String name, Measured off, double room) {
        ruling.require(name + ", not too large", off.times(-1).plus(room))
                .require(name + ", not too small", off.plus(room));
    }

    private static void seat(
            KitOnSide c, FindingBuilder ruling, RotorHub.Seat seat, Callout callout, String name, List<String> words) {
        Optional<Measured> journal = c.length(callout);
        ruling.want(journal, callout);
        Measured cup =
                seat.cup().measured(c.kit().source(callout == Callout.INNER_JOURNAL ? "hub.inner" : "hub.outer"));
        Optional<StandardBearing> bearing = seat.designation().flatMap(StandardBearing::find);
        if (seat.designation().isPresent() && bearing.isEmpty()) {
            String bySize = journal.flatMap(j -> search(j, seat.cup()))
                    .map(b -> "; by size a " + b.designation() + " would serve in its place")
                    .orElse("");
            ruling.missing("sizes of bearing " + seat.designation().get() + ": it is in no table here" + bySize);
            return;
        }
        if (journal.isEmpty()) {
            return;
        }
        if (bearing.isEmpty()) {
            bearing = search(journal.get(), seat.cup());
            if (bearing.isEmpty()) {
                ruling.require(name + " of a standard size", Measured.exact(-nearestMiss(journal.get(), seat.cup())));
                words.add(String.format(
                        Locale.ROOT,
                        "No standard bearing has a bore of %.2f mm and an outside diameter of %.2f mm.",
                        journal.get().value(),
                        seat.cup().value()));
                return;
            }
            words.add("The " + name + " is " + bearing.get().designation() + ", to be bought.");
        } else {
            words.add(String.format(
                    Locale.ROOT,
                    "The %s %s has a bore of %.3f mm, the journal is %.3f mm.",
                    name,
                    bearing.get().designation(),
                    bearing.get().bore(),
                    journal.get().value()));
        }
        StandardBearing b = bearing.get();
        Measured play = journal.get().times(-1).plus(b.bore());
        ruling.require(name + ", cone over journal", play.plus(-TIGHTEST))
                .require(name + ", cone not loose", play.times(-1).plus(LOOSEST));
        within(
                ruling,
                name + ", cup in hub",
                cup.plus(-b.outside()),
                SAME_CUP + seat.cup().tolerance());
    }

    /** The standard bearing whose bore goes over a journal and whose cup goes into a hub; the nearest of several. */
    private static Optional<StandardBearing> search(Measured journal, Figure cup) {
        return StandardBearing.all().stream()
                .filter(b -> b.bore() - journal.value() > TIGHTEST - journal.expanded())
                .filter(b -> b.bore() - journal.value() < LOOSEST + journal.expanded())
                .filter(b -> Math.abs(b.outside() - cup.value()) <= SAME_CUP + cup.tolerance())
                .min(java.util.Comparator.comparingDouble(b -> Math.abs(b.bore() - journal.value())));
    }

    /** How far the nearest bearing of the right cup is from the journal, beyond what is allowed (mm). */
    private static double nearestMiss(Measured journal, Figure cup) {
        return StandardBearing.all().stream()
                .mapToDouble(b -> Math.max(
                        Math.max(TIGHTEST - (b.bore() - journal.value()), b.bore() - journal.value() - LOOSEST),
                        Math.abs(b.outside() - cup.value()) - SAME_CUP - cup.tolerance()))
                .min()
                .orElse(LOOSEST);
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        RotorHub hub = c.kit().fitting().hub().orElseThrow();
        Optional<Measured> inner = c.length(Callout.INNER_JOURNAL);
        Optional<Measured> outer = c.length(Callout.OUTER_JOURNAL);
        if (inner.isEmpty() || outer.isEmpty()) {
            return List.of();
        }
        Optional<StandardBearing> large = search(inner.get(), hub.inner().cup());
        Optional<StandardBearing> small = search(outer.get(), hub.outer().cup());
        if (large.isEmpty() || small.isEmpty()) {
            return List.of(WorkOffer.refused("No standard bearing joins this spindle to this hub."));
        }
        boolean same = hub.inner().designation().equals(large.map(StandardBearing::designation))
                && hub.outer().designation().equals(small.map(StandardBearing::designation));
        if (same) {
            return List.of();
        }
        RotorHub other = new RotorHub(
                new RotorHub.Seat(hub.inner().cup(), large.map(StandardBearing::designation), Optional.empty()),
                new RotorHub.Seat(hub.outer().cup(), small.map(StandardBearing::designation), Optional.empty()),
                hub.spacing(),
                hub.sealBore(),
                hub.sealOn(),
                hub.pilot(),
                hub.face(),
                hub.reach());
        return List.of(WorkOffer.of(Work.with(
                WorkKind.OTHER_BEARINGS,
                c.end().side(),
                new NewPart.Hub(other),
                "inner " + large.get().designation() + ", outer " + small.get().designation())));
    }
}
