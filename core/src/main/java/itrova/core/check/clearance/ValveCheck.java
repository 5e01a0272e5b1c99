package itrova.core.check.clearance;

import itrova.core.check.BetweenReadings;
import itrova.core.check.Check;
import itrova.core.clearance.CaliperInWheel.Wall;
import itrova.core.clearance.SectionGap;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.WheelDetails.Valve;
import java.util.Optional;
import java.util.Set;

/** The valve turns with the wheel: caliper with new and worn pads must clear it wherever it stands. */
final class ValveCheck implements Check {
    static final String FORMULA = "m = g − δ − g_min, δ deflection and run-out at their worst";
    private static final String SOURCE =
            "Distance of two profiles in the axial-radial half-plane, the valve a step of the barrel 18 mm long (common practice); least gap 3 mm is common practice";

    @Override
    public CheckId id() {
        return CheckId.VALVE;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.CALIPER);
    }

    /** Another wheel has its valve elsewhere; where none stands inside there is nothing to touch. */
    @Override
    public boolean appliesTo(KitOnSide c) {
        Optional<Valve> valve = c.end().around().details().valve();
        return valve.isPresent()
                && valve.get().height() > 0
                && c.end().otherWheel().isEmpty();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.VALVE, c);
        ruling.want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING);
        if (c.end().barrel().size() < 2) {
            ruling.missing(Callout.WHEEL_BARREL);
        }
        if (!c.kit().caliper().hasShape()) {
            ruling.missing(Phrase.of("valve.caliper-s-outline-ask-supplier"));
        }
        ruling.wantWear();
        ruling.reads(PaperFigure.DISC_HAT_DEPTH, PaperFigure.DISC_HAT_THICKNESS);
        double deduct = c.settings().turningDeduction();
        double wanted = c.settings().of(Limit.TURNING_GAP);
        Optional<SectionGap> least = c.placed().toValve(Wall.NEAR);
        new BetweenReadings(c.placed(), ruling)
                .require(
                        Phrase.of("valve.caliper-valve"),
                        Callout.WHEEL_BARREL,
                        least,
                        () -> c.placed().toValve(Wall.FAR),
                        Measured.exact(deduct + wanted));
        return ruling.finding(r -> new Explanation(
                least.map(g -> (g.size().value() >= 0
                                ? Phrase.of(
                                        "valve.caliper-passes-valve-at-wants",
                                        Amount.mm(Math.abs(g.size().value()), 1),
                                        g.padsWorn() ? Phrase.of("valve.at-worn-pads") : "",
                                        Amount.mm(wanted, 1),
                                        Amount.mm(deduct, 1))
                                : Phrase.of(
                                        "valve.valve-would-run-into-caliper",
                                        Amount.mm(Math.abs(g.size().value()), 1),
                                        g.padsWorn() ? Phrase.of("valve.at-worn-pads") : "",
                                        Amount.mm(wanted, 1),
                                        Amount.mm(deduct, 1))))
                        .orElse(Phrase.of("valve.valve-and-caliper-cannot-be")),
                FORMULA,
                new Inputs()
                        .add("g", least.map(SectionGap::size))
                        .add("δ", deduct, "mm")
                        .add("g_min", wanted, "mm")
                        .list(),
                SOURCE));
    }
}
