package itrova.core.fit;

import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The disc's bore must centre on the hub's register with a little play, and the wheel's bore must pass the disc's lip. */
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
    public Finding judge(FitCase c) {
        Ruling ruling = new Ruling(CheckId.REGISTER, c, "mm");
        Optional<Measured> register = c.length(Callout.REGISTER);
        Measured bore = bore(c);
        ruling.want(register, Callout.REGISTER);
        register.ifPresent(pilot -> {
            Measured play = bore.minus(pilot);
            ruling.require("not too tight", play.plus(-c.settings().playLeast()));
            ruling.require("not too loose", play.times(-1).plus(c.settings().playMost()));
        });
        c.kit().disc().wheelLip().ifPresent(lip -> {
            Optional<Measured> wheelBore = c.length(Callout.WHEEL_BORE);
            ruling.want(wheelBore, Callout.WHEEL_BORE);
            wheelBore.ifPresent(w -> ruling.require(
                    "wheel over the disc's lip", w.minus(lip.measured(c.kit().source("disc.wheelLip")))));
        });
        return ruling.finding(r -> explain(c, r, register, bore));
    }

    private static Explanation explain(
            FitCase c, Optional<Requirement> worst, Optional<Measured> register, Measured bore) {
        List<Input> inputs = new ArrayList<>();
        inputs.add(new Input("d_bore", bore, "mm"));
        register.ifPresent(m -> inputs.add(new Input("d_register", m, "mm")));
        inputs.add(new Input("s_min", Measured.exact(c.settings().playLeast()), "mm"));
        inputs.add(new Input("s_max", Measured.exact(c.settings().playMost()), "mm"));
        c.kit()
                .disc()
                .wheelLip()
                .ifPresent(l ->
                        inputs.add(new Input("disc's lip", l.measured(c.kit().source("disc.wheelLip")), "mm")));
        String why = register.map(pilot -> String.format(
                        Locale.ROOT,
                        "Bore %.2f mm on register %.2f mm: %s of %.2f mm, %.2f to %.2f mm is right (“%s” decides).",
                        bore.value(),
                        pilot.value(),
                        bore.value() >= pilot.value() ? "play" : "overlap",
                        Math.abs(bore.value() - pilot.value()),
                        c.settings().playLeast(),
                        c.settings().playMost(),
                        worst.map(Requirement::name).orElse("")))
                .orElse("The register was not read yet.");
        return new Explanation(why, FORMULA, inputs, SOURCE);
    }

    private static Measured bore(FitCase c) {
        return c.kit().disc().bore().measured(c.kit().source("disc.bore"));
    }

    @Override
    public Optional<WorkOffer> remedy(FitCase c) {
        Optional<Measured> register = c.length(Callout.REGISTER);
        if (register.isEmpty()) {
            return Optional.empty();
        }
        double bore = bore(c).value();
        double target = Math.round((register.get().value() + WORKED_PLAY) * 100) / 100.0;
        if (bore < register.get().value() + c.settings().playLeast()) {
            if (target - bore > BORE_MOST) {
                return Optional.of(WorkOffer.refused(String.format(
                        Locale.ROOT,
                        "Boring would take %.2f mm, more than the %.1f mm allowed.",
                        target - bore,
                        BORE_MOST)));
            }
            return Optional.of(WorkOffer.of(new Work(
                    Work.Kind.BORE_DISC,
                    c.end().side(),
                    bore,
                    target,
                    "both discs are bored to their own side's register")));
        }
        double ring = (bore - target) / 2;
        if (ring < THINNEST_RING) {
            return Optional.of(WorkOffer.refused(String.format(
                    Locale.ROOT,
                    "A centring ring would be %.2f mm thin, at least %.1f mm is needed.",
                    ring,
                    THINNEST_RING)));
        }
        return Optional.of(WorkOffer.of(new Work(
                Work.Kind.CENTRING_RING,
                c.end().side(),
                bore,
                target,
                String.format(Locale.ROOT, "the ring is %.2f mm thick", ring))));
    }
}
