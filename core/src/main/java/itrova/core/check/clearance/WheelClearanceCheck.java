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
            ruling.missing("the caliper's outline: ask the supplier or take it from a template");
        }
        ruling.wantWear();
        ruling.reads("disc.hatDepth", "disc.hatThickness");
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
                        barrel ? "caliper to barrel" : "caliper to spokes",
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
        String part = barrel ? "barrel" : "spokes";
        String why = least.map(g -> String.format(
                        Locale.ROOT,
                        g.size().value() >= 0
                                ? "%.1f mm from the %s at %s pads (x %.0f, r %.0f mm), wants %.1f and %.1f for deflection and run-out%s. Largest spacing of readings %.0f mm; what clears the nearer one fits, what touches the further one does not."
                                : "Overlaps the %2$s by %1$.1f mm at %3$s pads (x %4$.0f, r %5$.0f mm), wants %6$.1f clear and %7$.1f for deflection and run-out%8$s. Largest spacing of readings %9$.0f mm; what clears the nearer one fits, what touches the further one does not.",
                        Math.abs(g.size().value()),
                        part,
                        g.padsWorn() ? "worn" : "new",
                        g.gap().onWall().x(),
                        g.gap().onWall().r(),
                        c.settings().of(Limit.TURNING_GAP),
                        c.settings().turningDeduction(),
                        barrel && weights.isPresent()
                                ? String.format(
                                        Locale.ROOT,
                                        " and %.1f for weights",
                                        weights.get().value())
                                : "",
                        spacing(c, barrel)))
                .orElse("Caliper and " + part + " cannot be compared yet.");
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
            return List.of(WorkOffer.refused(String.format(
                    Locale.ROOT,
                    "A spacer of %.0f mm would clear the spokes; the shop's school takes none.",
                    thickness)));
        }
        double most = c.settings().of(Limit.SPACER_MOST);
        if (thickness > most) {
            return List.of(WorkOffer.refused(String.format(
                    Locale.ROOT, "A spacer of %.0f mm would be needed, %.0f mm are allowed.", thickness, most)));
        }
        return List.of(WorkOffer.of(Work.to(
                WorkKind.WHEEL_SPACER,
                c.end().side(),
                0,
                thickness,
                String.format(
                        Locale.ROOT,
                        "the track grows by %.0f mm, both sides alike; studs longer where the nut wants it",
                        2 * thickness))));
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
