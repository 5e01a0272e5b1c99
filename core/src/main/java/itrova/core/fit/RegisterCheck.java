package itrova.core.fit;

import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The disc's bore must centre on the hub's register with a little play, and the wheel's bore must pass the disc's lip. */
final class RegisterCheck implements Check {
    static final String FORMULA = "m = min(s − s_min, s_max − s), s = d_bore − d_register";
    private static final String SOURCE = "Common practice: a few hundredths of a millimetre of play";
    /** Play aimed at when a bore or a ring is made (mm); the middle of the allowed play. */
    private static final double WORKED_PLAY = 0.10;
    /** A bore is opened by no more than this (mm); common practice. */
    private static final double BORE_MOST = 1.0;
    /** A wheel's bore is opened by no more than this (mm); common practice. */
    private static final double WHEEL_BORE_MOST = 2.0;
    /** Thinnest ring that can be turned and stays round (mm of wall); common practice. */
    private static final double THINNEST_RING = 1.5;

    @Override
    public CheckId id() {
        return CheckId.REGISTER;
    }

    @Override
    public Finding judge(FitCase c) {
        Ruling ruling = new Ruling(CheckId.REGISTER, c);
        Optional<Measured> register = c.length(Callout.REGISTER);
        if (!c.bringsHub()) {
            ruling.want(register, Callout.REGISTER);
            register.ifPresent(pilot -> {
                Measured play = bore(c).minus(pilot);
                ruling.require("not too tight", play.plus(-c.settings().of(Limit.PLAY_LEAST)));
                if (!c.settings().follows(Limit.LUG_CENTRING)) {
                    ruling.require(
                            "not too loose", play.times(-1).plus(c.settings().of(Limit.PLAY_MOST)));
                }
            });
        }
        Optional<Measured> lip = lip(c);
        Optional<Measured> wheelBore = c.length(Callout.WHEEL_BORE);
        lip.ifPresent(l -> {
            ruling.want(wheelBore, Callout.WHEEL_BORE);
            wheelBore.ifPresent(w -> ruling.require("wheel over the lip", w.minus(l)));
        });
        if (c.bringsHub() && lip.isEmpty()) {
            ruling.missing("the pilot of the kit's hub that centres the wheel: ask the supplier");
        }
        return ruling.finding(r -> new Explanation(
                why(c, r, register, wheelBore),
                FORMULA,
                new Say.Inputs()
                        .add("d_bore", bore(c))
                        .add("d_register", register)
                        .add("s_min", c.settings().of(Limit.PLAY_LEAST), "mm")
                        .add("s_max", c.settings().of(Limit.PLAY_MOST), "mm")
                        .add("lip that centres the wheel", lip)
                        .list(),
                SOURCE));
    }

    private static String why(
            FitCase c, Optional<Requirement> worst, Optional<Measured> register, Optional<Measured> wheelBore) {
        if (c.bringsHub()) {
            return lip(c).isPresent() && wheelBore.isPresent()
                    ? Say.text(
                            "The kit's hub centres the wheel on %.2f mm, the wheel's bore is %.2f mm.",
                            lip(c).get().value(), wheelBore.get().value())
                    : "The pilot of the kit's hub and the wheel's bore cannot be compared yet.";
        }
        if (register.isEmpty()) {
            return "The register was not read yet.";
        }
        double play = bore(c).value() - register.get().value();
        String text = Say.text(
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
        return byStuds ? text + " The studs' conical seats do the centring, as the shop's school allows." : text;
    }

    private static Measured bore(FitCase c) {
        return c.kit().disc().bore().measured(c.kit().source("disc.bore"));
    }

    /** What centres the wheel (mm), if the kit has it: the pilot of its hub, or the lip of its disc. */
    private static Optional<Measured> lip(FitCase c) {
        if (c.bringsHub()) {
            return c.kit().fitting().hub().flatMap(h -> h.pilot()
                    .map(p -> p.measured(c.kit().source("hub.pilot"))));
        }
        return c.kit().disc().wheelLip().map(l -> l.measured(c.kit().source("disc.wheelLip")));
    }

    @Override
    public List<WorkOffer> remedies(FitCase c) {
        List<WorkOffer> offers = new ArrayList<>();
        openWheel(c).ifPresent(offers::add);
        Optional<Measured> register = c.length(Callout.REGISTER);
        if (register.isEmpty() || c.bringsHub()) {
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

    private static WorkOffer bored(FitCase c, double target) {
        double growth = target - bore(c).value();
        if (growth > BORE_MOST) {
            return WorkOffer.refused(
                    Say.text("Boring would take %.2f mm, more than the %.1f mm allowed.", growth, BORE_MOST));
        }
        return WorkOffer.of(Work.to(
                WorkKind.BORE_DISC,
                c.end().side(),
                bore(c).value(),
                target,
                "both discs are bored to their own side's register"));
    }

    private static WorkOffer ringed(FitCase c, double target) {
        double ring = (bore(c).value() - target) / 2;
        if (ring < THINNEST_RING) {
            return WorkOffer.refused(Say.text(
                    "A centring ring would be %.2f mm thin, at least %.1f mm is needed.", ring, THINNEST_RING));
        }
        return WorkOffer.of(Work.to(
                WorkKind.CENTRING_RING,
                c.end().side(),
                bore(c).value(),
                target,
                Say.text("the ring is %.2f mm thick", ring)));
    }

    /** A wheel too small for the lip is opened to it: then the lip still centres the wheel. */
    private static Optional<WorkOffer> openWheel(FitCase c) {
        Optional<Measured> lip = lip(c);
        Optional<Measured> wheel = c.length(Callout.WHEEL_BORE);
        if (lip.isEmpty() || wheel.isEmpty() || wheel.get().value() >= lip.get().value()) {
            return Optional.empty();
        }
        double largest = lip.get().value() + lip.get().expanded();
        double target = Math.ceil((largest + 2 * WorkKind.BORE_WHEEL.tolerance()) * 100) / 100;
        double growth = target - wheel.get().value();
        if (growth > WHEEL_BORE_MOST) {
            return Optional.of(WorkOffer.refused(Say.text(
                    "Opening the wheel's bore would take %.2f mm, more than the %.1f mm allowed.",
                    growth, WHEEL_BORE_MOST)));
        }
        return Optional.of(WorkOffer.of(Work.to(
                WorkKind.BORE_WHEEL,
                c.end().side(),
                wheel.get().value(),
                target,
                "the lip still centres the wheel; spare wheel alike")));
    }
}
