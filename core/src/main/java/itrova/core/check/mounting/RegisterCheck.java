package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.finding.Requirement;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
            ruling.require("not too tight", play.plus(-c.settings().of(Limit.PLAY_LEAST)));
            if (!c.settings().follows(Limit.LUG_CENTRING)) {
                ruling.require("not too loose", play.times(-1).plus(c.settings().of(Limit.PLAY_MOST)));
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

    private static String why(KitOnSide c, Optional<Requirement> worst, Optional<Measured> register) {
        if (register.isEmpty()) {
            return "The register was not read yet.";
        }
        double play = bore(c).value() - register.get().value();
        String text = String.format(
                Locale.ROOT,
                "Bore %.2f mm on register %.2f mm: %s of %.2f mm, %.2f to %.2f mm is right (“%s” decides).",
                bore(c).value(),
                register.get().value(),
                play >= 0 ? "play" : "overlap",
                Math.abs(play),
                c.settings().of(Limit.PLAY_LEAST),
                c.settings().of(Limit.PLAY_MOST),
                worst.map(Requirement::name).orElse(""));
        boolean byStuds =
                c.settings().follows(Limit.LUG_CENTRING) && play > c.settings().of(Limit.PLAY_MOST);
        return byStuds ? text + " The studs hold the disc's place, as the shop's school allows." : text;
    }

    private static Measured bore(KitOnSide c) {
        return c.kit().disc().bore().measured(c.kit().source("disc.bore"));
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
            return WorkOffer.refused(String.format(
                    Locale.ROOT, "Boring would take %.2f mm, more than the %.1f mm allowed.", growth, BORE_MOST));
        }
        return WorkOffer.of(Work.to(
                WorkKind.BORE_DISC,
                c.end().side(),
                bore(c).value(),
                target,
                "both discs are bored to their own side's register"));
    }

    private static WorkOffer ringed(KitOnSide c, double target) {
        double ring = (bore(c).value() - target) / 2;
        if (ring < THINNEST_RING) {
            return WorkOffer.refused(String.format(
                    Locale.ROOT,
                    "A centring ring would be %.2f mm thin, at least %.1f mm is needed.",
                    ring,
                    THINNEST_RING));
        }
        return WorkOffer.of(Work.to(
                WorkKind.CENTRING_RING,
                c.end().side(),
                bore(c).value(),
                target,
                String.format(Locale.ROOT, "the ring is %.2f mm thick", ring)));
    }
}
