package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.clearance.CaliperBeside;
import itrova.core.clearance.InboardGap;
import itrova.core.clearance.MovingPart;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.geometry.ClockWindow;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.TapedThing;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Caliper with new and worn pads, and the disc, must clear what stands still beside them: knuckle, arm, spring. */
final class InboardCheck implements Check {
    static final String FORMULA =
            "m = g − g_min − float/2, over new and worn pads and every obstacle in the caliper's clock range";
    private static final String SOURCE =
            "Distance of two profiles in the axial-radial half-plane; a sliding caliper moves inboard by outer pad and disc wear; least gap 3 mm is common practice";
    /** Room ground beyond the least (mm of depth). */
    private static final double GRIND_ROOM = 0.5;

    @Override
    public CheckId id() {
        return CheckId.INBOARD;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.CALIPER, KitPart.BRACKET);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.INBOARD, c);
        Optional<Measured> midPlane = c.midPlane();
        ruling.want(midPlane, c.hubFaceCallout());
        if (!c.kit().caliper().hasShape()) {
            ruling.missing(Phrase.of("inboard.caliper-s-outline-ask-supplier"));
        }
        ruling.wantWear();
        ruling.reads(
                PaperFigure.DISC_THICKNESS,
                PaperFigure.DISC_DIAMETER,
                PaperFigure.DISC_HAT_INSIDE,
                PaperFigure.DISC_HAT_DEPTH);
        if (c.end().kind().isSteered() && !c.isReplaced(Callout.KNUCKLE_RIB)) {
            ruling.want(c.length(Callout.KNUCKLE_RIB), Callout.KNUCKLE_RIB)
                    .want(c.length(Callout.KNUCKLE_RIB_RADIUS), Callout.KNUCKLE_RIB_RADIUS);
        }
        if (!UnplacedThings.want(ruling, c, TapedThing.Beside.class)
                && !c.end().around().inboard().isAll()) {
            ruling.missing(Phrase.of("inboard.what-stands-beside-caliper-look"));
        }
        Optional<InboardGap> least = midPlane.flatMap(m -> least(c, m));
        double wanted = c.settings().of(Limit.STILL_GAP);
        least.ifPresent(g -> ruling.require(
                Phrase.of("inboard.part-to-obstacle", g.part(), g.obstacle().name()),
                g.size().plus(-wanted - c.halfFloat())));
        if (least.isEmpty()) {
            ruling.satisfied();
        }
        return ruling.finding(r -> new Explanation(
                least.map(g -> (g.size().value() >= 0
                                ? Phrase.of(
                                        "inboard.comes-within-x-from-bracket",
                                        g.part(),
                                        Amount.mm(Math.abs(g.size().value()), 1),
                                        g.obstacle().name(),
                                        g.padsWorn() ? Phrase.of("inboard.at-worn-pads") : "",
                                        Amount.mm(g.gap().onWall().x(), 0),
                                        Amount.mm(g.gap().onWall().r(), 0),
                                        Amount.mm(wanted, 1))
                                : Phrase.of(
                                        "inboard.would-stand-into-x-from",
                                        g.part(),
                                        Amount.mm(Math.abs(g.size().value()), 1),
                                        g.obstacle().name(),
                                        g.padsWorn() ? Phrase.of("inboard.at-worn-pads") : "",
                                        Amount.mm(g.gap().onWall().x(), 0),
                                        Amount.mm(g.gap().onWall().r(), 0),
                                        Amount.mm(wanted, 1))))
                        .orElse(
                                midPlane.isPresent()
                                        ? Phrase.of("inboard.nothing-stands-beside-caliper")
                                        : Phrase.of("inboard.where-disc-comes-stand-not")),
                FORMULA,
                new Inputs()
                        .add("g", least.map(InboardGap::size))
                        .add("g_min", wanted, "mm")
                        .add("float/2", c.halfFloat(), "mm")
                        .add("disc's mid-plane from the bracket face", midPlane)
                        .list(),
                SOURCE));
    }

    private static Optional<InboardGap> least(KitOnSide c, Measured midPlane) {
        CaliperBeside beside = beside(c, midPlane);
        return CaliperBeside.obstacles(c.end()).stream()
                .map(beside::to)
                .min(Comparator.comparingDouble(InboardGap::left));
    }

    private static CaliperBeside beside(KitOnSide c, Measured midPlane) {
        return new CaliperBeside(c.end().side(), c.kit(), midPlane, c.clock());
    }

    /** A flat where the disc turns or the caliper covers all of the metal; a trough where metal is left beside the caliper. */
    private static Phrase cut(KitOnSide c, Measured midPlane, InboardGap gap) {
        ClockWindow metal = gap.obstacle().window();
        return beside(c, midPlane)
                .clockRange()
                .filter(range -> gap.part() == MovingPart.CALIPER && !range.holds(metal))
                .map(range -> Phrase.of(
                        "inboard.trough-from-clock",
                        Amount.number(clockwise(range.from()), 0),
                        Amount.number(clockwise(range.to()), 0)))
                .orElse(Phrase.of("inboard.flat"));
    }

    private static double clockwise(double angle) {
        return (angle % 360 + 360) % 360;
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Optional<Measured> midPlane = c.midPlane();
        Optional<InboardGap> least = midPlane.flatMap(m -> least(c, m));
        if (least.isEmpty()) {
            return List.of();
        }
        InboardGap gap = least.get();
        Obstacle obstacle = gap.obstacle();
        double lacking = c.settings().of(Limit.STILL_GAP)
                + c.halfFloat()
                + gap.size().expanded()
                - gap.size().value()
                + GRIND_ROOM;
        boolean isRib = obstacle.name().equalsIgnoreCase(CaliperBeside.RIB);
        double allowed = obstacle.mayBeGround().isPresent()
                ? obstacle.mayBeGround().getAsDouble()
                : isRib ? c.settings().of(Limit.GRIND_MOST) : 0;
        Phrase advice = Phrase.of("inboard.arm-or-stop-in-way");
        if (!c.settings().follows(Limit.GRIND_KNUCKLE) || !(allowed > 0)) {
            return List.of(WorkOffer.refused(Phrase.of("inboard.nothing-may-be-ground-off", obstacle.name(), advice)));
        }
        Phrase cut = cut(c, midPlane.get(), gap);
        if (lacking > allowed) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "inboard.deep-would-be-needed-on",
                    cut,
                    Amount.mm(lacking, 1),
                    obstacle.name(),
                    Amount.mm(allowed, 1),
                    advice)));
        }
        double target = obstacle.xTo() - lacking;
        Phrase words = Phrase.of(
                "inboard.deep-on-allowed-edges-radiused",
                cut,
                Amount.mm(lacking, 1),
                obstacle.name(),
                Amount.mm(allowed, 1));
        Work grind = gap.standing().wasRead()
                ? Work.to(WorkKind.GRIND_RIB, c.end().side(), obstacle.xTo(), target, words)
                : new Work(
                        WorkKind.GRIND_RIB,
                        c.end().side(),
                        obstacle.xTo(),
                        target,
                        words,
                        Optional.of(new NewPart.Ground(obstacle, obstacle.groundTo(target))));
        return List.of(WorkOffer.of(grind));
    }
}
