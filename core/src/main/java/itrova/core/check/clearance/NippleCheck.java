package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.BracketMount;
import itrova.core.kit.CaliperPlumbing;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PistonBore;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** The bleed nipple must be the highest point of the hydraulic cavity, on both sides: calipers and brackets are handed. */
final class NippleCheck implements Check {
    static final String FORMULA = "m = r_n·cos(φ + φ_n) − max over bores of (r_b·cos(φ + φ_b) + d_b/2)";
    private static final String SOURCE =
            "Geometry: heights above the wheel axis; that air collects at the top is common practice";
    /** How far the caliper's place around the axle may be off (degrees); common practice. */
    private static final double CLOCK_DOUBT = 1;

    @Override
    public CheckId id() {
        return CheckId.NIPPLE;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.CALIPER, KitPart.BRACKET);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.NIPPLE, c);
        CaliperPlumbing plumbing = c.kit().caliper().plumbing();
        if (plumbing.nipple().isEmpty() || plumbing.bores().isEmpty()) {
            ruling.missing(Phrase.of("nipple.where-bores-and-bleed-nipple"));
        }
        OptionalDouble clock = c.clock();
        if (clock.isEmpty()) {
            ruling.missing(Phrase.of("nipple.where-around-axle-bracket-holds"));
        }
        boolean known = plumbing.nipple().isPresent() && !plumbing.bores().isEmpty() && clock.isPresent();
        Optional<Measured> over = known ? Optional.of(over(c, clock.getAsDouble())) : Optional.empty();
        over.ifPresent(m -> ruling.require(Phrase.of("nipple.nipple-over-bores"), m));
        return ruling.finding(r -> new Explanation(
                over.map(m -> words(c, m, clock.getAsDouble())).orElse(Phrase.of("nipple.nipple-and-bores-cannot-be")),
                FORMULA,
                new Inputs()
                        .add("nipple over the highest bore", over)
                        .add("φ", clock, "°")
                        .list(),
                SOURCE));
    }

    private static Phrase words(KitOnSide c, Measured over, double clock) {
        BracketMount mount = c.kit().bracket().mount();
        Phrase text = Phrase.of(
                "nipple.with-caliper-s-middle-at",
                Amount.number(clock, 0),
                Amount.mm(Math.abs(over.value()), 1),
                over.value() >= 0 ? Phrase.of("nipple.over") : Phrase.of("nipple.under"));
        if (mount.weldRange().isPresent()) {
            text = Phrase.all(
                    text,
                    Phrase.of(
                            "nipple.weld-bracket-on-at",
                            Amount.number(clock, 0),
                            Amount.number(mount.weldRange().get().from(), 0),
                            Amount.number(mount.weldRange().get().to(), 0)));
        }
        if (c.kit().caliper().plumbing().handed()) {
            text = Phrase.all(text, Phrase.of("nipple.left-and-right-differ"));
        }
        if (over.value() < 0) {
            text = Phrase.all(text, Phrase.of("nipple.turned-for-bleeding"));
        }
        return text;
    }

    /** How far the nipple stands over the highest place of the bores (mm). */
    private static Measured over(KitOnSide c, double clock) {
        CaliperPlumbing plumbing = c.kit().caliper().plumbing();
        CaliperPlumbing.Place nipple = plumbing.nipple().orElseThrow();
        double top = Double.NEGATIVE_INFINITY;
        double slopeOfTop = 0;
        for (PistonBore bore : plumbing.bores()) {
            double angle = Math.toRadians(clock + bore.clock());
            double height = bore.radius() * Math.cos(angle) + bore.diameter() / 2;
            if (height > top) {
                top = height;
                slopeOfTop = -bore.radius() * Math.sin(angle);
            }
        }
        double angle = Math.toRadians(clock + nipple.clock());
        double slope = -nipple.radius() * Math.sin(angle) - slopeOfTop;
        return Measured.of(
                nipple.radius() * Math.cos(angle) - top,
                Component.rectangular(c.kit().source(PaperFigure.BRACKET_CLOCK), Math.toRadians(CLOCK_DOUBT) * slope));
    }
}
