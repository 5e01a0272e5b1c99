package itrova.core.check.clearance;

import itrova.core.check.BetweenReadings;
import itrova.core.check.Check;
import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.CaliperInWheel.Wall;
import itrova.core.clearance.SectionGap;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
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

/** Caliper inside the turning wheel: least gap to the barrel, or to the back of the spokes, over new and worn pads. */
final class WheelClearanceCheck implements Check {
    static final String FORMULA_BARREL = "m = g − h_weights − δ − g_min, δ deflection and run-out at their worst";
    static final String FORMULA_SPOKES = "m = g − δ − g_min, δ deflection and run-out at their worst";
    private static final String SOURCE =
            "Distance of two profiles in the axial-radial half-plane; least gap 3 mm is common practice; ISO 14253-1 guard band";

    private static final Measured NOTHING = Measured.exact(0);

    /** Spacers are sold from this thickness on, in such steps (mm); common practice. */
    private static final double SPACER_LEAST = 3;

    private static final double SPACER_STEP = 1;

    private final CheckId id;

    private WheelClearanceCheck(CheckId id) {
        this.id = id;
    }

    static WheelClearanceCheck barrel() {
        return new WheelClearanceCheck(CheckId.BARREL);
    }

    static WheelClearanceCheck spokes() {
        return new WheelClearanceCheck(CheckId.SPOKES);
    }

    @Override
    public CheckId id() {
        return id;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.CALIPER);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(id, c);
        CaliperInWheel placed = c.placed();
        if (!c.kit().caliper().hasShape()) {
            ruling.missing(Phrase.of("wheel-clearance.caliper-s-outline-ask-supplier"));
        }
        ruling.wantWear();
        ruling.reads(PaperFigure.DISC_HAT_DEPTH, PaperFigure.DISC_HAT_THICKNESS);
        boolean barrel = id == CheckId.BARREL;
        Optional<Measured> weights = c.length(Callout.WHEEL_WEIGHTS);
        if (barrel) {
            ruling.want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING)
                    .want(weights, Callout.WHEEL_WEIGHTS);
            if (c.end().barrel().size() < 2) {
                ruling.missing(Callout.WHEEL_BARREL);
            }
            placed.unreadBarrel().ifPresent(words -> ruling.missingPlace(Callout.WHEEL_BARREL, words));
        } else {
            if (c.end().spokes().size() < 2) {
                ruling.missing(Callout.WHEEL_SPOKE);
            }
            placed.unreadSpokes().ifPresent(words -> ruling.missingPlace(Callout.WHEEL_SPOKE, words));
        }
        Measured taken = (barrel ? weights.orElse(NOTHING) : NOTHING)
                .plus(c.settings().turningDeduction() + c.settings().of(Limit.TURNING_GAP));
        Optional<SectionGap> least = barrel ? placed.toBarrel(Wall.NEAR, taken) : placed.toSpokes(Wall.NEAR, taken);
        new BetweenReadings(placed, ruling)
                .require(
                        barrel
                                ? Phrase.of("wheel-clearance.caliper-barrel")
                                : Phrase.of("wheel-clearance.caliper-spokes"),
                        barrel ? Callout.WHEEL_BARREL : Callout.WHEEL_SPOKE,
                        least,
                        () -> barrel ? placed.toBarrel(Wall.FAR, taken) : placed.toSpokes(Wall.FAR, taken),
                        taken);
        return ruling.finding(r -> explain(c, least, weights, barrel));
    }

    private static Explanation explain(
            KitOnSide c, Optional<SectionGap> least, Optional<Measured> weights, boolean barrel) {
        List<Input> inputs = new ArrayList<>();
        least.ifPresent(g -> inputs.add(new Input("g", g.size(), "mm")));
        if (barrel) {
            weights.ifPresent(w -> inputs.add(new Input("h_weights", w, "mm")));
        }
        inputs.add(new Input("δ", Measured.exact(c.settings().turningDeduction()), "mm"));
        inputs.add(new Input("g_min", Measured.exact(c.settings().of(Limit.TURNING_GAP)), "mm"));
        Phrase part = barrel ? Phrase.of("wheel-clearance.barrel") : Phrase.of("wheel-clearance.spokes");
        Phrase why = least.map(g -> (g.size().value() >= 0
                        ? Phrase.of(
                                "wheel-clearance.from-at-pads-x-r",
                                Amount.mm(Math.abs(g.size().value()), 1),
                                part,
                                g.padsWorn() ? Phrase.of("wheel-clearance.worn") : Phrase.of("wheel-clearance.new"),
                                Amount.mm(g.gap().onWall().x(), 0).asBare(),
                                Amount.mm(g.gap().onWall().r(), 0),
                                Amount.mm(c.settings().of(Limit.TURNING_GAP), 1),
                                Amount.mm(c.settings().turningDeduction(), 1),
                                barrel && weights.isPresent()
                                        ? Phrase.of(
                                                "wheel-clearance.and-for-weights",
                                                Amount.mm(weights.get().value(), 1))
                                        : "",
                                Amount.mm(spacing(c, barrel), 0))
                        : Phrase.of(
                                "wheel-clearance.overlaps-by-at-pads-x",
                                part,
                                Amount.mm(Math.abs(g.size().value()), 1),
                                g.padsWorn() ? Phrase.of("wheel-clearance.worn") : Phrase.of("wheel-clearance.new"),
                                Amount.mm(g.gap().onWall().x(), 0).asBare(),
                                Amount.mm(g.gap().onWall().r(), 0),
                                Amount.mm(c.settings().of(Limit.TURNING_GAP), 1),
                                Amount.mm(c.settings().turningDeduction(), 1),
                                barrel && weights.isPresent()
                                        ? Phrase.of(
                                                "wheel-clearance.and-for-weights",
                                                Amount.mm(weights.get().value(), 1))
                                        : "",
                                Amount.mm(spacing(c, barrel), 0))))
                .orElse(Phrase.of("wheel-clearance.caliper-and-cannot-be-compared", part));
        return new Explanation(why, barrel ? FORMULA_BARREL : FORMULA_SPOKES, inputs, SOURCE);
    }

    /** A spacer between disc and wheel takes the spokes outboard, never the barrel out. */
    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Finding now = judge(c);
        if (id != CheckId.SPOKES
                || now.margin().isEmpty()
                || c.worked().spacer().value() > 0) {
            return List.of();
        }
        double lacking = now.margin().get().expanded() - now.margin().get().value();
        double thickness =
                Math.ceil(Math.max(SPACER_LEAST, lacking + 2 * WorkKind.WHEEL_SPACER.tolerance()) / SPACER_STEP)
                        * SPACER_STEP;
        if (!c.settings().follows(Limit.WHEEL_SPACERS)) {
            return List.of(WorkOffer.refused(
                    Phrase.of("wheel-clearance.spacer-would-clear-spokes-shop", Amount.mm(thickness, 0))));
        }
        double most = c.settings().of(Limit.SPACER_MOST);
        if (thickness > most) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "wheel-clearance.spacer-would-be-needed-allowed", Amount.mm(thickness, 0), Amount.mm(most, 0))));
        }
        return List.of(WorkOffer.of(Work.to(
                WorkKind.WHEEL_SPACER,
                c.end().side(),
                0,
                thickness,
                Phrase.of("wheel-clearance.track-grows-by-both-sides", Amount.mm(2 * thickness, 0)))));
    }

    private static double spacing(KitOnSide c, boolean barrel) {
        List<itrova.core.vehicle.Station> stations =
                barrel ? c.end().barrel() : c.end().spokes();
        double largest = 0;
        for (int i = 0; i + 1 < stations.size(); i++) {
            largest = Math.max(
                    largest,
                    stations.get(i + 1).place().value()
                            - stations.get(i).place().value());
        }
        return largest;
    }
}
