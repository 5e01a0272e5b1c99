package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.finding.Requirement;
import itrova.core.kit.KitPart;
import itrova.core.kit.NutSeat;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The wheel's bore on what centres it: neither tight nor loose, and enough of it left past disc and spacer.
 *
 * <p>The pilot of the kit's own hub centres it, or a lip of the disc, or the lip of a spacer, or the hub's register: its outer step
 * where it has two. Conical seats may do it in its place where the shop's school allows.
 */
final class WheelCentringCheck implements Check {
    static final String FORMULA =
            "m = min(s − s_min, s_max − s), s = d_wheel − d_centring; h_register − t_hat − t_spacer ≥ h_min";
    private static final String SOURCE =
            "Common practice: a wheel sits on its pilot with a few tenths of a millimetre of play at most; lug centring only with conical seats";
    /** A wheel's bore is opened by no more than this (mm); common practice. */
    private static final double WHEEL_BORE_MOST = 2.0;
    /** Thinnest ring that can be turned and stays round (mm of wall); common practice. */
    private static final double THINNEST_RING = 1.5;
    /** Play a ring is made to (mm); common practice. */
    private static final double RING_PLAY = 0.15;

    @Override
    public CheckId id() {
        return CheckId.WHEEL_CENTRING;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC);
    }

    /** What centres the wheel, in words, with its diameter (mm). */
    private record Centring(Phrase what, Measured diameter) {}

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.WHEEL_CENTRING, c);
        Optional<Measured> bore = c.length(Callout.WHEEL_BORE);
        ruling.want(bore, Callout.WHEEL_BORE);
        boolean byStuds = byStuds(c, ruling);
        Optional<Centring> centring = centring(c, ruling);
        if (isOnRegister(c)) {
            height(c, ruling, byStuds);
        }
        if (centring.isPresent() && bore.isPresent()) {
            Measured play = bore.get().minus(centring.get().diameter());
            ruling.require(Phrase.of("wheel-centring.wheel-over", centring.get().what()), play);
            if (!byStuds) {
                ruling.require(
                        Phrase.of(
                                "wheel-centring.wheel-not-loose-on",
                                centring.get().what()),
                        play.times(-1).plus(c.settings().of(Limit.WHEEL_PLAY_MOST)));
            }
        }
        return ruling.finding(r -> new Explanation(
                why(c, centring, bore, byStuds, r),
                FORMULA,
                new Inputs()
                        .add("d_wheel", bore)
                        .add("d_centring", centring.map(Centring::diameter))
                        .add("s_max", c.settings().of(Limit.WHEEL_PLAY_MOST), "mm")
                        .add("h_register", isOnRegister(c) ? c.length(heightCallout(c)) : Optional.empty())
                        .add("t_hat", c.hat())
                        .add("h_min", c.settings().of(Limit.WHEEL_HOLD), "mm")
                        .list(),
                SOURCE));
    }

    /** Whether conical seats may centre the wheel: the shop's school and the seat read at the wheel. */
    private static boolean byStuds(KitOnSide c, FindingBuilder ruling) {
        if (!c.settings().follows(Limit.LUG_CENTRING)) {
            return false;
        }
        Optional<NutSeat> seat = c.end().word(Callout.WHEEL_NUT_SEAT).flatMap(NutSeat::of);
        ruling.want(seat, Callout.WHEEL_NUT_SEAT);
        return seat.filter(s -> s == NutSeat.CONE_60).isPresent();
    }

    private static Optional<Centring> centring(KitOnSide c, FindingBuilder ruling) {
        if (c.bringsHub()) {
            Optional<Centring> pilot = c.kit().fitting().hub().flatMap(h -> h.pilot()
                    .map(p -> new Centring(
                            Phrase.of("wheel-centring.kit-s-pilot"),
                            p.measured(c.kit().source(PaperFigure.HUB_PILOT)))));
            if (pilot.isEmpty()) {
                ruling.missing(Phrase.of("wheel-centring.pilot-kit-s-hub-that"));
            }
            return pilot;
        }
        if (c.kit().disc().wheelLip().isPresent()) {
            return c.kit()
                    .disc()
                    .wheelLip()
                    .map(l -> new Centring(
                            Phrase.of("wheel-centring.disc-s-lip"),
                            l.measured(c.kit().source(PaperFigure.DISC_WHEEL_LIP))));
        }
        Callout register = registerCallout(c);
        ruling.want(c.length(register), register);
        return c.length(register)
                .map(d -> new Centring(
                        register == Callout.REGISTER_STEP
                                ? Phrase.of("wheel-centring.register-s-outer-step")
                                : Phrase.of("wheel-centring.register"),
                        c.worked().wheelRing().orElse(d)));
    }

    private static boolean isOnRegister(KitOnSide c) {
        return !c.bringsHub() && c.kit().disc().wheelLip().isEmpty();
    }

    /** A hub with two steps centres the wheel on the outer one. */
    private static boolean hasTwoSteps(KitOnSide c) {
        return c.end().has(Callout.REGISTER_STEP) || c.end().kind() == AxleEndKind.PORTAL_HUB;
    }

    private static Callout registerCallout(KitOnSide c) {
        return hasTwoSteps(c) ? Callout.REGISTER_STEP : Callout.REGISTER;
    }

    private static Callout heightCallout(KitOnSide c) {
        return hasTwoSteps(c) ? Callout.REGISTER_STEP_HEIGHT : Callout.REGISTER_HEIGHT;
    }

    private static void height(KitOnSide c, FindingBuilder ruling, boolean byStuds) {
        if (byStuds) {
            return;
        }
        Callout callout = heightCallout(c);
        Optional<Measured> height = c.length(callout);
        ruling.want(height, callout);
        height.ifPresent(h -> ruling.require(
                Phrase.of("wheel-centring.register-past-disc"),
                h.minus(c.hat()).minus(c.worked().spacer()).plus(-c.settings().of(Limit.WHEEL_HOLD))));
    }

    private static Phrase why(
            KitOnSide c,
            Optional<Centring> centring,
            Optional<Measured> bore,
            boolean byStuds,
            Optional<Requirement> worst) {
        if (centring.isEmpty() || bore.isEmpty()) {
            return Phrase.of("wheel-centring.wheel-and-what-centres-cannot");
        }
        double play = bore.get().value() - centring.get().diameter().value();
        Phrase text = Phrase.of(
                "wheel-centring.wheel-s-bore-up-right",
                Amount.mm(bore.get().value(), 2),
                centring.get().what(),
                Amount.mm(centring.get().diameter().value(), 2),
                play >= 0 ? Phrase.of("register.play") : Phrase.of("register.overlap"),
                Amount.mm(Math.abs(play), 2),
                Amount.mm(c.settings().of(Limit.WHEEL_PLAY_MOST), 2),
                worst.map(Requirement::name).orElse(Phrase.NOTHING));
        return byStuds ? Phrase.all(text, Phrase.of("wheel-centring.studs-conical-seats-do-centring")) : text;
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Optional<Centring> centring = centring(c, new FindingBuilder(CheckId.WHEEL_CENTRING, c));
        Optional<Measured> bore = c.length(Callout.WHEEL_BORE);
        if (centring.isEmpty() || bore.isEmpty()) {
            return List.of();
        }
        Measured play = bore.get().minus(centring.get().diameter());
        List<WorkOffer> offers = new ArrayList<>();
        if (play.value() + play.expanded() < 0) {
            offers.add(opened(c, bore.get(), centring.get().diameter()));
        } else if (play.value() - play.expanded() > c.settings().of(Limit.WHEEL_PLAY_MOST)) {
            offers.add(ringed(c, bore.get(), centring.get().diameter()));
        } else {
            offers.add(WorkOffer.refused(Phrase.of("wheel-centring.too-little-register-stands-past")));
        }
        return offers;
    }

    /** A wheel too small for what centres it is opened to it: then that still centres the wheel. */
    private static WorkOffer opened(KitOnSide c, Measured wheel, Measured centring) {
        double largest = centring.value() + centring.expanded();
        double target = Math.ceil((largest + 2 * WorkKind.BORE_WHEEL.tolerance()) * 100) / 100;
        double growth = target - wheel.value();
        if (growth > WHEEL_BORE_MOST) {
            return WorkOffer.refused(Phrase.of(
                    "wheel-centring.opening-wheel-s-bore-would", Amount.mm(growth, 2), Amount.mm(WHEEL_BORE_MOST, 1)));
        }
        return WorkOffer.of(Work.to(
                WorkKind.BORE_WHEEL,
                c.end().side(),
                wheel.value(),
                target,
                Phrase.of("wheel-centring.wheel-still-centred-spare-wheel")));
    }

    /** A ring takes up the play of a loose wheel: bored to the register, turned to the wheel. */
    private static WorkOffer ringed(KitOnSide c, Measured wheel, Measured centring) {
        double target = Math.floor((wheel.value() - RING_PLAY) * 100) / 100;
        double wall = (target - centring.value()) / 2;
        if (wall < THINNEST_RING) {
            return WorkOffer.refused(Phrase.of(
                    "wheel-centring.centring-ring-would-be-thin", Amount.mm(wall, 2), Amount.mm(THINNEST_RING, 1)));
        }
        return WorkOffer.of(Work.to(
                WorkKind.WHEEL_RING,
                c.end().side(),
                centring.value(),
                target,
                Phrase.of("wheel-centring.ring-thick-spare-wheel-alike", Amount.mm(wall, 2))));
    }
}
