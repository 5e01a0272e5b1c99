package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.measure.BoltCircle;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** Thread and shoulder of the studs must pass the disc's holes, else the disc does not seat. */
final class StudHoleCheck implements Check {
    static final String FORMULA = "m = d_hole − max(d_stud, d_shoulder)";
    private static final String SOURCE = "Common practice: a shoulder wider than the hole holds the disc off the hub";
    /** Room left around a shoulder after drilling (mm); common practice. */
    private static final double DRILL_ROOM = 0.4;
    /** A hole is drilled out by no more than this (mm); common practice. */
    private static final double DRILL_MOST = 2.0;

    @Override
    public CheckId id() {
        return CheckId.STUD_HOLES;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.STUDS);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.bringsHub();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.STUD_HOLES, c);
        Optional<Measured> hole = hole(c).map(h -> h.measured(c.kit().source(PaperFigure.DISC_HOLE)));
        Optional<Measured> major = c.studMajor();
        Optional<Measured> shoulder = c.studShoulder();
        if (hole.isEmpty()) {
            if (isDrilledForThem(c)) {
                ruling.missing(BoltCircle.lacking(c.end()));
            } else {
                ruling.missing(Phrase.of("stud-hole.disc-drilled-for-this-many"));
            }
        } else {
            major.ifPresent(m -> ruling.require(
                    Phrase.of("stud-hole.thread-through-hole"), hole.get().minus(m)));
            shoulder.ifPresent(s -> ruling.require(
                    Phrase.of("stud-hole.shoulder-through-hole"), hole.get().minus(s)));
        }
        ruling.want(major, Callout.STUD_MAJOR).want(shoulder, Callout.STUD_SHOULDER);
        return ruling.finding(r -> new Explanation(
                r.map(worst -> Phrase.of(
                                "stud-hole.disc-s-holes-tightest",
                                Amount.mm(hole.orElseThrow().value(), 2),
                                worst.name(),
                                worst.margin().value() < 0
                                        ? Phrase.of("stud-hole.too-small-by")
                                        : Phrase.of("stud-hole.with-room"),
                                Amount.mm(Math.abs(worst.margin().value()), 2)))
                        .orElse(Phrase.of("stud-hole.studs-and-holes-cannot-be")),
                FORMULA,
                inputs(hole, major, shoulder),
                SOURCE));
    }

    private static List<Input> inputs(Optional<Measured> hole, Optional<Measured> major, Optional<Measured> shoulder) {
        List<Input> inputs = new java.util.ArrayList<>();
        hole.ifPresent(m -> inputs.add(new Input("d_hole", m, "mm")));
        major.ifPresent(m -> inputs.add(new Input("d_stud", m, "mm")));
        shoulder.ifPresent(m -> inputs.add(new Input("d_shoulder", m, "mm")));
        return inputs;
    }

    private static Optional<Figure> hole(KitOnSide c) {
        OptionalInt lugs = c.end().count(Callout.LUG_COUNT);
        return lugs.isEmpty()
                ? Optional.empty()
                : PatternCheck.meant(c, lugs.getAsInt()).map(HolePattern::hole);
    }

    /** Whether a pattern of the disc may yet be the one: of several, the circle says which. */
    private static boolean isDrilledForThem(KitOnSide c) {
        OptionalInt lugs = c.end().count(Callout.LUG_COUNT);
        return lugs.isEmpty() || c.kit().disc().patterns().stream().anyMatch(p -> p.count() == lugs.getAsInt());
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Optional<Figure> hole = hole(c);
        Optional<Measured> widest = c.studWidest();
        if (hole.isEmpty() || widest.isEmpty()) {
            return List.of();
        }
        double target = Math.ceil((widest.get().value() + widest.get().expanded() + DRILL_ROOM) * 10) / 10;
        double growth = target - hole.get().value();
        if (growth > DRILL_MOST) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "stud-hole.drilling-would-take-more-than", Amount.mm(growth, 1), Amount.mm(DRILL_MOST, 1))));
        }
        if (c.kit().contradicts(PaperFigure.DISC_HOLE_TO_EDGE)) {
            return List.of(WorkOffer.refused(Phrase.of("stud-hole.drilling-not-offered-papers-contradict")));
        }
        Optional<Figure> toEdge = c.kit().disc().holeToEdge();
        if (toEdge.isEmpty()) {
            return List.of(WorkOffer.refused(Phrase.of("stud-hole.drilling-not-offered-papers-do")));
        }
        double wall =
                toEdge.get().value() - toEdge.get().tolerance() - target / 2 - WorkKind.DRILL_HOLES.tolerance() / 2;
        if (wall < c.settings().of(Limit.HOLE_WALL)) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "stud-hole.drilling-would-leave-beside-hole",
                    Amount.mm(wall, 1),
                    Amount.mm(c.settings().of(Limit.HOLE_WALL), 1))));
        }
        return List.of(WorkOffer.of(Work.to(
                WorkKind.DRILL_HOLES,
                c.end().side(),
                hole.get().value(),
                target,
                Phrase.of(
                        "stud-hole.metal-stay-beside-each-hole",
                        Amount.mm(wall, 1),
                        Amount.mm(c.settings().of(Limit.HOLE_WALL), 1)))));
    }
}
