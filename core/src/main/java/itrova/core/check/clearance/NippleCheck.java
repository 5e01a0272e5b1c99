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
import itrova.core.kit.PistonBore;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import java.util.Locale;
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
            ruling.missing("where bores and bleed nipple are on the caliper: ask the supplier");
        }
        OptionalDouble clock = c.clock();
        if (clock.isEmpty()) {
            ruling.missing("where around the axle the bracket holds the caliper: ask the supplier");
        }
        boolean known = plumbing.nipple().isPresent() && !plumbing.bores().isEmpty() && clock.isPresent();
        Optional<Measured> over = known ? Optional.of(over(c, clock.getAsDouble())) : Optional.empty();
        over.ifPresent(m -> ruling.require("nipple over the bores", m));
        return ruling.finding(r -> new Explanation(
                over.map(m -> words(c, m, clock.getAsDouble())).orElse("Nipple and bores cannot be compared yet."),
                FORMULA,
                new Inputs()
                        .add("nipple over the highest bore", over)
                        .add("φ", clock, "°")
                        .list(),
                SOURCE));
    }

    private static String words(KitOnSide c, Measured over, double clock) {
        BracketMount mount = c.kit().bracket().mount();
        String text = String.format(
                Locale.ROOT,
                "With the caliper's middle at %.0f° the nipple stands %.1f mm %s the top of the highest bore.",
                clock,
                Math.abs(over.value()),
                over.value() >= 0 ? "over" : "under");
        if (mount.weldRange().isPresent()) {
            text += String.format(
                    Locale.ROOT,
                    " Weld the bracket on at %.0f° (%.0f° to %.0f° are possible), equal left and right to a tenth of a degree: this angle serves all that hangs on it best.",
                    clock,
                    mount.weldRange().get().from(),
                    mount.weldRange().get().to());
        }
        if (c.kit().caliper().plumbing().handed()) {
            text += " Left and right calipers differ: swapped, the nipple is at the bottom.";
        }
        if (over.value() < 0) {
            text += " The caliper could be unbolted and turned for bleeding, with a block between the pads.";
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
                Component.rectangular(c.kit().source("bracket.clock"), Math.toRadians(CLOCK_DOUBT) * slope));
    }
}
