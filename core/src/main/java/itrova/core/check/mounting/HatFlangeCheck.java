package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The hat must go over the axle flange and sit flat: its corner fillet must not ride on the flange's edge. */
final class HatFlangeCheck implements Check {
    static final String FORMULA = "m = (d_hat − d_flange)/2 − max(a_room, r_fillet)";
    private static final String SOURCE =
            "Common practice; the fillet is kept clear without counting on the flange's corner";
    /** Room given beyond the least when a flange is turned (mm of radius). */
    private static final double TURN_ROOM = 0.3;
    /** A flange's corner is rounded to no more than this (mm); common practice. */
    private static final double CORNER_MOST = 4.0;

    @Override
    public CheckId id() {
        return CheckId.HAT_FLANGE;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.bringsHub();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.HAT_FLANGE, c);
        Optional<Measured> flange = c.length(Callout.FLANGE);
        Measured hat = c.kit().disc().hatInside().measured(c.kit().source(PaperFigure.DISC_HAT_INSIDE));
        ruling.want(flange, Callout.FLANGE).reads(PaperFigure.DISC_FILLET);
        if (c.kit().disc().fillet().isEmpty()) {
            ruling.missing(Phrase.of("hat-flange.fillet-inside-hat-s-corner"));
        }
        flange.ifPresent(f -> ruling.require(
                Phrase.of("hat-flange.flat-seat"), hat.minus(f).times(0.5).plus(-room(c))));
        return ruling.finding(r -> explain(c, flange, hat));
    }

    /** Room wanted a side (mm): a corner rounded to the fillet or more no longer rides on it. */
    private static double room(KitOnSide c) {
        // a fillet nobody stated only takes more room: what does not fit without it does not fit
        double fillet = c.kit().disc().fillet().orElse(0);
        return c.worked().corner() >= fillet
                ? c.settings().of(Limit.HAT_ROOM)
                : Math.max(c.settings().of(Limit.HAT_ROOM), fillet);
    }

    private static Explanation explain(KitOnSide c, Optional<Measured> flange, Measured hat) {
        List<Input> inputs = new ArrayList<>();
        inputs.add(new Input("d_hat", hat, "mm"));
        flange.ifPresent(m -> inputs.add(new Input("d_flange", m, "mm")));
        inputs.add(new Input("max(a_room, r_fillet)", Measured.exact(room(c)), "mm"));
        Phrase why = flange.map(f -> Phrase.of(
                        "hat-flange.hat-inside-flange-side-wants",
                        Amount.mm(hat.value(), 1),
                        Amount.mm(f.value(), 1),
                        Amount.mm((hat.value() - f.value()) / 2, 1),
                        Amount.mm(room(c), 1)))
                .orElse(Phrase.of("hat-flange.flange-was-not-read-yet"));
        return new Explanation(why, FORMULA, inputs, SOURCE);
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        List<WorkOffer> offers = new ArrayList<>();
        roundCorner(c).ifPresent(offers::add);
        turnFlange(c).ifPresent(offers::add);
        return offers;
    }

    /** Where only the hat's fillet is in the way, the flange's corner is rounded past it. */
    private static Optional<WorkOffer> roundCorner(KitOnSide c) {
        Optional<Measured> flange = c.length(Callout.FLANGE);
        Measured hat = c.kit().disc().hatInside().measured(c.kit().source(PaperFigure.DISC_HAT_INSIDE));
        double fillet = c.kit().disc().fillet().orElse(0);
        if (flange.isEmpty() || c.worked().corner() >= fillet) {
            return Optional.empty();
        }
        Measured side = hat.minus(flange.get()).times(0.5).plus(-c.settings().of(Limit.HAT_ROOM));
        if (side.value() - side.expanded() < 0) {
            return Optional.empty();
        }
        double radius = fillet + 2 * WorkKind.ROUND_CORNER.tolerance();
        if (radius > CORNER_MOST) {
            return Optional.of(WorkOffer.refused(Phrase.of(
                    "hat-flange.corner-would-be-rounded-allowed", Amount.mm(radius, 1), Amount.mm(CORNER_MOST, 1))));
        }
        return Optional.of(WorkOffer.of(Work.to(
                WorkKind.ROUND_CORNER,
                c.end().side(),
                0,
                radius,
                Phrase.of("hat-flange.past-hat-s-fillet", Amount.mm(fillet, 1)))));
    }

    private static Optional<WorkOffer> turnFlange(KitOnSide c) {
        Optional<Measured> flange = c.length(Callout.FLANGE);
        Optional<Measured> circle = c.end().boltCircle();
        Optional<Measured> stud = c.studWidest();
        if (flange.isEmpty()) {
            return Optional.empty();
        }
        if (circle.isEmpty() || stud.isEmpty()) {
            List<Callout> wanted = new ArrayList<>();
            if (circle.isEmpty()) {
                wanted.add(BoltCircle.lacking(c.end()));
            }
            if (stud.isEmpty()) {
                wanted.add(Callout.STUD_SHOULDER);
            }
            return Optional.of(WorkOffer.wanting(Phrase.of("hat-flange.turning-flange-wants-bolt-circle"), wanted));
        }
        double hatLeast =
                c.kit().disc().hatInside().value() - c.kit().disc().hatInside().tolerance();
        double target = Math.floor((hatLeast - 2 * (room(c) + TURN_ROOM)) * 10) / 10;
        double wall = (target
                        - WorkKind.TURN_FLANGE.tolerance()
                        - circle.get().value()
                        - circle.get().expanded()
                        - stud.get().value())
                / 2;
        if (wall < c.settings().of(Limit.FLANGE_WALL)) {
            return Optional.of(WorkOffer.refused(Phrase.of(
                    "hat-flange.turning-flange-would-leave-outside",
                    Amount.mm(target, 1),
                    Amount.mm(wall, 1),
                    Amount.mm(c.settings().of(Limit.FLANGE_WALL), 1))));
        }
        return Optional.of(WorkOffer.of(Work.to(
                WorkKind.TURN_FLANGE,
                c.end().side(),
                flange.get().value(),
                target,
                Phrase.of(
                        "hat-flange.stay-outside-studs-must",
                        Amount.mm(wall, 1),
                        Amount.mm(c.settings().of(Limit.FLANGE_WALL), 1)))));
    }
}
