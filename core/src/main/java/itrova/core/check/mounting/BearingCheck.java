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
import itrova.core.kit.PaperFigure;
import itrova.core.kit.RotorHub;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
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
        List<Phrase> words = new ArrayList<>();
        seat(c, ruling, hub.inner(), Callout.INNER_JOURNAL, Phrase.of("bearing.large-bearing"), words);
        seat(c, ruling, hub.outer(), Callout.OUTER_JOURNAL, Phrase.of("bearing.small-bearing"), words);
        Optional<Measured> land = c.length(Callout.SEAL_JOURNAL);
        hub.sealOn().ifPresent(on -> {
            ruling.want(land, Callout.SEAL_JOURNAL);
            land.ifPresent(l -> within(
                    ruling,
                    Phrase.of("bearing.seal-on-its-land"),
                    l.minus(on.measured(c.kit().source(PaperFigure.HUB_SEAL_ON))),
                    SEAL_ROOM));
        });
        Optional<Measured> spread = c.length(Callout.BEARING_SPREAD);
        hub.spacing().ifPresent(apart -> {
            ruling.want(spread, Callout.BEARING_SPREAD);
            spread.ifPresent(s -> within(
                    ruling,
                    Phrase.of("bearing.bearing-seats-apart"),
                    s.minus(apart.measured(c.kit().source(PaperFigure.HUB_SPACING))),
                    SPACING_ROOM));
        });
        return ruling.finding(r -> new Explanation(
                Phrase.all(
                        words.isEmpty()
                                ? Phrase.of("bearing.bearings-cannot-be-judged-yet")
                                : Phrase.joined(" ", words),
                        r.map(w -> Phrase.of(
                                        "bearing.tightest-margin",
                                        w.name(),
                                        Amount.mm(w.margin().value(), 2)))
                                .orElse(Phrase.NOTHING)),
                FORMULA,
                new Inputs()
                        .add("d_journal, inner", c.length(Callout.INNER_JOURNAL))
                        .add("d_journal, outer", c.length(Callout.OUTER_JOURNAL))
                        .add("d_hub, inner", hub.inner().cup().measured(c.kit().source(PaperFigure.HUB_INNER)))
                        .add("d_hub, outer", hub.outer().cup().measured(c.kit().source(PaperFigure.HUB_OUTER)))
                        .add("seal land", land)
                        .list(),
                SOURCE));
    }

    private static void within(FindingBuilder ruling, Phrase name, Measured off, double room) {
        ruling.require(Phrase.of("bearing.not-too-large", name), off.times(-1).plus(room))
                .require(Phrase.of("bearing.not-too-small", name), off.plus(room));
    }

    private static void seat(
            KitOnSide c, FindingBuilder ruling, RotorHub.Seat seat, Callout callout, Phrase name, List<Phrase> words) {
        Optional<Measured> journal = c.length(callout);
        ruling.want(journal, callout);
        Measured cup = seat.cup()
                .measured(c.kit()
                        .source(callout == Callout.INNER_JOURNAL ? PaperFigure.HUB_INNER : PaperFigure.HUB_OUTER));
        Optional<StandardBearing> bearing = seat.designation().flatMap(StandardBearing::find);
        if (seat.designation().isPresent() && bearing.isEmpty()) {
            Phrase bySize = journal.flatMap(j -> search(j, seat.cup()))
                    .map(b -> Phrase.of("bearing.by-size-would-serve-in", b.designation()))
                    .orElse(Phrase.NOTHING);
            ruling.missing(Phrase.of(
                    "bearing.sizes-bearing-in-no-table", seat.designation().get(), bySize));
            return;
        }
        if (journal.isEmpty()) {
            return;
        }
        if (bearing.isEmpty()) {
            bearing = search(journal.get(), seat.cup());
            if (bearing.isEmpty()) {
                ruling.require(
                        Phrase.of("bearing.standard-size", name),
                        Measured.exact(-nearestMiss(journal.get(), seat.cup())));
                words.add(Phrase.of(
                        "bearing.no-standard-bearing-has-bore",
                        Amount.mm(journal.get().value(), 2),
                        Amount.mm(seat.cup().value(), 2)));
                return;
            }
            words.add(Phrase.of("bearing.be-bought", name, bearing.get().designation()));
        } else {
            words.add(Phrase.of(
                    "bearing.has-bore-journal",
                    name,
                    bearing.get().designation(),
                    Amount.mm(bearing.get().bore(), 3),
                    Amount.mm(journal.get().value(), 3)));
        }
        StandardBearing b = bearing.get();
        Measured play = journal.get().times(-1).plus(b.bore());
        ruling.require(Phrase.of("bearing.cone-over-journal", name), play.plus(-TIGHTEST))
                .require(
                        Phrase.of("bearing.cone-not-loose", name),
                        play.times(-1).plus(LOOSEST));
        within(
                ruling,
                Phrase.of("bearing.cup-in-hub", name),
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
            return List.of(WorkOffer.refused(Phrase.of("bearing.no-standard-bearing-joins-this")));
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
                Phrase.of(
                        "bearing.inner-outer",
                        large.get().designation(),
                        small.get().designation()))));
    }
}
