package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.finding.Requirement;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
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

/** The disc's bore must centre on the hub's register with a little play. */
final class RegisterCheck implements Check {
    static final String FORMULA = "m = min(s − s_min, s_max − s), s = d_bore − d_register";
    private static final String SOURCE = "Common practice: a few hundredths of a millimetre of play";
    /** Play aimed at when a bore or a ring is made (mm); the middle of the allowed play. */
    private static final double WORKED_PLAY = 0.10;
    /** A bore is opened by no more than this (mm); common practice. */
    private static final double BORE_MOST = 1.0;
    /** Thinnest ring that can be turned and stays round (mm of wall); common practice. */
    private static final double THINNEST_RING = 1.5;

    @Override
    public CheckId id() {
        return CheckId.REGISTER;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC);
    }

    /** The kit's own hub carries its disc. */
    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.bringsHub();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.REGISTER, c);
        Optional<Measured> register = c.length(Callout.REGISTER);
        ruling.want(register, Callout.REGISTER);
        register.ifPresent(pilot -> {
            Measured play = bore(c).minus(pilot);
            ruling.require(
                    Phrase.of("register.not-too-tight"), play.plus(-c.settings().of(Limit.PLAY_LEAST)));
            if (!c.settings().follows(Limit.LUG_CENTRING)) {
                ruling.require(
                        Phrase.of("register.not-too-loose"),
                        play.times(-1).plus(c.settings().of(Limit.PLAY_MOST)));
            }
        });
        return ruling.finding(r -> new Explanation(
                why(c, r, register),
                FORMULA,
                new Inputs()
                        .add("d_bore", bore(c))
                        .add("d_register", register)
                        .add("s_min", c.settings().of(Limit.PLAY_LEAST), "mm")
                        .add("s_max", c.settings().of(Limit.PLAY_MOST), "mm")
                        .list(),
                SOURCE));
    }

    private static Phrase why(KitOnSide c, Optional<Requirement> worst, Optional<Measured> register) {
        if (register.isEmpty()) {
            return Phrase.of("register.register-was-not-read-yet");
        }
        double play = bore(c).value() - register.get().value();
        Phrase text = Phrase.of(
                "register.bore-on-register-right-decides",
                Amount.mm(bore(c).value(), 2),
                Amount.mm(register.get().value(), 2),
                play >= 0 ? Phrase.of("register.play") : Phrase.of("register.overlap"),
                Amount.mm(Math.abs(play), 2),
                Amount.mm(c.settings().of(Limit.PLAY_LEAST), 2).asBare(),
                Amount.mm(c.settings().of(Limit.PLAY_MOST), 2),
                worst.map(Requirement::name).orElse(Phrase.NOTHING));
        boolean byStuds =
                c.settings().follows(Limit.LUG_CENTRING) && play > c.settings().of(Limit.PLAY_MOST);
        return byStuds ? Phrase.all(text, Phrase.of("register.studs-hold-disc-s-place")) : text;
    }

    private static Measured bore(KitOnSide c) {
        return c.kit().disc().bore().measured(c.kit().source(PaperFigure.DISC_BORE));
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        List<WorkOffer> offers = new ArrayList<>();
        Optional<Measured> register = c.length(Callout.REGISTER);
        if (register.isEmpty()) {
            return offers;
        }
        Measured play = bore(c).minus(register.get());
        double target = Math.round((register.get().value() + WORKED_PLAY) * 100) / 100.0;
        if (play.value() + play.expanded() < c.settings().of(Limit.PLAY_LEAST)) {
            offers.add(bored(c, target));
        } else if (play.value() - play.expanded() > c.settings().of(Limit.PLAY_MOST)) {
            offers.add(ringed(c, target));
        }
        return offers;
    }

    private static WorkOffer bored(KitOnSide c, double target) {
        double growth = target - bore(c).value();
        if (growth > BORE_MOST) {
            return WorkOffer.refused(
                    Phrase.of("register.boring-would-take-more-than", Amount.mm(growth, 2), Amount.mm(BORE_MOST, 1)));
        }
        return WorkOffer.of(Work.to(
                WorkKind.BORE_DISC,
                c.end().side(),
                bore(c).value(),
                target,
                Phrase.of("register.both-discs-bored-their-own")));
    }

    private static WorkOffer ringed(KitOnSide c, double target) {
        double ring = (bore(c).value() - target) / 2;
        if (ring < THINNEST_RING) {
            return WorkOffer.refused(
                    Phrase.of("register.centring-ring-would-be-thin", Amount.mm(ring, 2), Amount.mm(THINNEST_RING, 1)));
        }
        return WorkOffer.of(Work.to(
                WorkKind.CENTRING_RING,
                c.end().side(),
                bore(c).value(),
                target,
                Phrase.of("register.ring-thick", Amount.mm(ring, 2))));
    }
}
