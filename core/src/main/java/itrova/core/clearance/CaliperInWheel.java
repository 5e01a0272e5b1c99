package itrova.core.clearance;

import itrova.core.clearance.WheelProfile.DoubtfulStep;
import itrova.core.geometry.Gap;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.geometry.WallStep;
import itrova.core.kit.Disc;
import itrova.core.kit.Kit;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PaperSource;
import itrova.core.kit.SectorOutline;
import itrova.core.measure.DerivedValues;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Source;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Station;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * A kit's caliper placed in a wheel.
 *
 * <p>Every gap is asked for with what is taken off it before it is judged, such as weights: the place counts where least is left of
 * both after their doubt, and what they share is in it.
 *
 * <p>The disc's hat sits on the hub, the wheel on the hat: the disc's mid-plane lies hat depth plus hat thickness inboard
 * of the wheel's mounting face. A sliding caliper is looked at from new pads to worn ones and everywhere between: moving it inboard
 * past a step of the barrel is the same as drawing the step that much longer. A shaft that floats takes the wheel half its float either
 * way, which the caliper does not follow.
 */
public final class CaliperInWheel {
    private static final Measured NOTHING = Measured.exact(0);

    private final AxleEnd end;
    private final WheelProfile wheel;
    private final Kit kit;
    private final Measured midPlane;
    private final List<Outline> asNew;
    private final List<Outline> worn;
    /** Furthest outboard, the shaft pushed in; the caliper moves inboard from here. */
    private final List<Outline> outboard;

    private final double travel;

    /**
     * @param end the axle end with its wheel
     * @param wheel profile of that wheel, made once for many kits
     * @param kit the kit
     */
    public CaliperInWheel(AxleEnd end, WheelProfile wheel, Kit kit) {
        this(end, wheel, kit, Measured.exact(0));
    }

    /**
     * @param end the axle end with its wheel
     * @param wheel profile of that wheel, made once for many kits
     * @param kit the kit
     * @param spacer spacer between disc and wheel (mm)
     */
    public CaliperInWheel(AxleEnd end, WheelProfile wheel, Kit kit, Measured spacer) {
        this.end = end;
        this.wheel = wheel;
        this.kit = kit;
        midPlane = kit.disc()
                .hatDepth()
                .measured(kit.source(PaperFigure.DISC_HAT_DEPTH))
                .plus(kit.disc().hatThickness().measured(kit.source(PaperFigure.DISC_HAT_THICKNESS)))
                .plus(spacer)
                .times(-1);
        double x = midPlane.value();
        List<SectorOutline> parts = kit.caliper().parts();
        asNew = parts.stream().map(p -> p.outline().shifted(x)).toList();
        double wear = kit.caliper().wearTravel();
        worn = wear > 0 ? asNew.stream().map(o -> o.shifted(-wear)).toList() : asNew;
        double loose = DerivedValues.halfFloat(end);
        outboard = loose > 0 ? asNew.stream().map(o -> o.shifted(loose)).toList() : asNew;
        travel = wear + 2 * loose;
    }

    /** The caliper's outlines in the wheel's frame, part by part; empty if the kit's papers give none. */
    public List<Outline> outlines(boolean padsWorn) {
        return padsWorn ? worn : asNew;
    }

    /** Place of the disc's mid-plane (mm) in the wheel's frame, with its doubt. */
    public Measured midPlane() {
        return midPlane;
    }

    /** Which of the two walls counts: the near one proves that it clears, the far one that it does not. */
    public enum Wall {
        NEAR(-1),
        FAR(1);

        private final double sign;

        Wall(double sign) {
            this.sign = sign;
        }

        private List<DoubtfulStep> of(WheelProfile.Walls walls) {
            return this == NEAR ? walls.near() : walls.far();
        }

        /** What is left of a margin by this wall: m − U by the near one, m + U by the far one. */
        private double left(Measured margin) {
            return margin.value() + sign * margin.expanded();
        }
    }

    /** The gap to the barrel for which least is left; absent without outline or profile. */
    public Optional<SectionGap> toBarrel(Wall wall, Measured taken) {
        return least(wall, wheel.barrel(), taken);
    }

    /** The gap to the spokes for which least is left; absent without outline or profile. */
    public Optional<SectionGap> toSpokes(Wall wall, Measured taken) {
        return least(wall, wheel.spokes(), taken);
    }

    /** The gap to the valve for which least is left; absent where none stands inside or it was not measured. */
    public Optional<SectionGap> toValve(Wall wall) {
        return least(wall, wheel.valve(), NOTHING);
    }

    /** The gap to the barrel for which least is left at a share of the wear (0 new to 1 worn out). */
    public Optional<SectionGap> toBarrelAt(double wear) {
        return leastAtWear(wheel.barrel(), wear);
    }

    /** The gap to the spokes for which least is left at a share of the wear (0 new to 1 worn out). */
    public Optional<SectionGap> toSpokesAt(double wear) {
        return leastAtWear(wheel.spokes(), wear);
    }

    private Optional<SectionGap> leastAtWear(WheelProfile.Walls walls, double wear) {
        Sought sought = new Sought(Wall.NEAR, walls, NOTHING);
        if (!walls.isUnknown()) {
            for (Outline outline : asNew) {
                sought.look(outline.shifted(-wear * kit.caliper().wearTravel()), caliper(), 0, wear > 0);
            }
        }
        return Optional.ofNullable(sought.best);
    }

    /** The disc's gap to the barrel for which least is left; it turns with the wheel and is widest when new. */
    public Optional<SectionGap> discToBarrel(Wall wall, Measured taken) {
        return discTo(wall, wheel.barrel(), taken);
    }

    /** The disc's gap to the spokes for which least is left. */
    public Optional<SectionGap> discToSpokes(Wall wall) {
        return discTo(wall, wheel.spokes(), NOTHING);
    }

    private Optional<SectionGap> discTo(Wall wall, WheelProfile.Walls walls, Measured taken) {
        Disc disc = kit.disc();
        Body body = new Body(
                disc.thickness().tolerance() / 2,
                disc.diameter().tolerance() / 2,
                kit.source(PaperFigure.DISC_THICKNESS),
                kit.source(PaperFigure.DISC_DIAMETER));
        Sought sought = new Sought(wall, walls, taken);
        sought.look(disc(), body, 0, false);
        return Optional.ofNullable(sought.best);
    }

    /** Where between two readings a gap is; absent where it lies at one or beyond the last. */
    public Optional<Phrase> between(SectionGap gap) {
        DoubtfulStep step = gap.step();
        if (step.from().value() >= step.to().value()) {
            return Optional.empty();
        }
        if (step.step().kind() == WallStep.Kind.SPOKES) {
            return Optional.of(Phrase.of(
                    "caliper-in-wheel.spoke-back-between",
                    Amount.mm(step.from().value(), 0).asBare(),
                    Amount.mm(step.to().value(), 0)));
        }
        double edge = end.length(Callout.WHEEL_BACKSPACING).orElseThrow().value();
        return Optional.of(Phrase.of(
                "caliper-in-wheel.barrel-between",
                Amount.mm(step.from().value() + edge, 0).asBare(),
                Amount.mm(step.to().value() + edge, 0)));
    }

    /** The disc's ring in the wheel's frame, from the hat outwards. */
    private Outline disc() {
        double half = kit.disc().thickness().value() / 2;
        double inner =
                Math.min(kit.disc().hatInside().value(), kit.disc().diameter().value()) / 2;
        double outer = kit.disc().diameter().value() / 2;
        double x = midPlane.value();
        return new Outline(List.of(
                new Point(x - half, inner),
                new Point(x + half, inner),
                new Point(x + half, outer),
                new Point(x - half, outer)));
    }

    /** What of the barrel beside the disc was not read, in words; absent if all was. */
    public Optional<Phrase> unreadBesideDisc() {
        return unreadBarrel(List.of(disc()), List.of(disc()));
    }

    /** What of the spokes beside the disc was not read, in words; absent if all was. */
    public Optional<Phrase> unreadBehindDisc() {
        return unreadSpokes(List.of(disc()));
    }

    /**
     * What may touch the wheel, with how true its figures are.
     *
     * @param name what it is called
     * @param alongTolerance half-width of its tolerance along the axis (mm)
     * @param radialTolerance half-width of its tolerance along the radius (mm)
     */
    private record Body(double alongTolerance, double radialTolerance, Source alongSource, Source radialSource) {}

    private Body caliper() {
        double tolerance = kit.caliper().outlineTolerance();
        return new Body(
                tolerance,
                tolerance,
                kit.source(PaperFigure.CALIPER_OUTLINE, PaperSource.Along.AXLE),
                kit.source(PaperFigure.CALIPER_OUTLINE, PaperSource.Along.RADIUS));
    }

    /** What of the barrel beside the caliper was not read, in words; absent if all was. */
    public Optional<Phrase> unreadBarrel() {
        return unreadBarrel(asNew, worn);
    }

    private Optional<Phrase> unreadBarrel(List<Outline> asNew, List<Outline> worn) {
        Optional<Measured> backspacing = end.length(Callout.WHEEL_BACKSPACING);
        if (asNew.isEmpty() || backspacing.isEmpty() || end.barrel().isEmpty()) {
            return Optional.empty();
        }
        List<Station> stations = end.barrel();
        double wantedDepth =
                bound(asNew, Outline::maxX, true) + backspacing.get().value();
        if (wantedDepth > stations.get(stations.size() - 1).place().value()) {
            return Optional.of(Phrase.of("caliper-in-wheel.barrel-or-more", Amount.mm(Math.ceil(wantedDepth), 0)));
        }
        double inboard = Math.max(
                0, bound(worn, Outline::minX, false) + backspacing.get().value());
        double first = stations.get(0).place().value();
        if (first > WheelProfile.REACH_BEYOND_LAST_READING && inboard < first) {
            return Optional.of(Phrase.of("caliper-in-wheel.barrel-or-less", Amount.mm(Math.floor(inboard), 0)));
        }
        return Optional.empty();
    }

    /** What of the spokes beside the caliper was not read, in words; absent if all was. */
    public Optional<Phrase> unreadSpokes() {
        return unreadSpokes(asNew);
    }

    private Optional<Phrase> unreadSpokes(List<Outline> asNew) {
        if (asNew.isEmpty() || end.spokes().isEmpty()) {
            return Optional.empty();
        }
        List<Station> stations = end.spokes();
        double last = stations.get(stations.size() - 1).place().value();
        double reach = bound(asNew, Outline::maxR, true);
        if (reach > last + WheelProfile.REACH_BEYOND_LAST_READING) {
            return Optional.of(Phrase.of("caliper-in-wheel.spoke-back-or-more", Amount.mm(Math.ceil(reach), 0)));
        }
        double inner = bound(asNew, Outline::minR, false);
        if (inner < stations.get(0).place().value()) {
            return Optional.of(Phrase.of("caliper-in-wheel.spoke-back-or-less", Amount.mm(Math.floor(inner), 0)));
        }
        return Optional.empty();
    }

    private static double bound(List<Outline> outlines, ToDoubleFunction<Outline> of, boolean greatest) {
        double bound = greatest ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
        for (Outline o : outlines) {
            bound = greatest ? Math.max(bound, of.applyAsDouble(o)) : Math.min(bound, of.applyAsDouble(o));
        }
        return bound;
    }

    private Optional<SectionGap> least(Wall wall, WheelProfile.Walls walls, Measured taken) {
        Sought sought = new Sought(wall, walls, taken);
        for (Outline outline : outboard) {
            sought.look(outline, caliper(), travel, false);
        }
        return Optional.ofNullable(sought.best);
    }

    /** The gap for which least is left, as far as was looked. */
    private final class Sought {
        private final Wall wall;
        private final List<DoubtfulStep> steps;
        private final Measured taken;
        private final double mostDoubt;
        private @Nullable SectionGap best;
        private double left = Double.POSITIVE_INFINITY;

        Sought(Wall wall, WheelProfile.Walls walls, Measured taken) {
            this.wall = wall;
            this.taken = taken;
            steps = wall.of(walls);
            mostDoubt = wheel.mostDoubt() + midPlane.expanded() + taken.expanded();
        }

        void look(Outline outline, Body body, double travel, boolean worn) {
            double most = taken.value() + mostDoubt + body.alongTolerance() + body.radialTolerance();
            for (DoubtfulStep step : steps) {
                WallStep passed = passed(step.step(), travel);
                if (passed.gapAtLeast(outline) - most > left) {
                    continue; // not even its whole doubt makes this the least
                }
                Gap drawn = passed.gap(outline);
                double moved = step.step().kind() == WallStep.Kind.BARREL
                        ? Math.max(0, drawn.onWall().x() - step.step().to())
                        : 0;
                Gap gap = moved > 0 ? drawn.shifted(-moved) : drawn;
                Measured size = withDoubt(step, gap, body);
                double now = wall.left(size.minus(taken));
                if (now < left) {
                    best = new SectionGap(gap, size, worn || moved > 0, step);
                    left = now;
                }
            }
        }
    }

    /** The step as long as it seems to what moves inboard past it; spokes are nearest before anything moves. */
    private static WallStep passed(WallStep step, double travel) {
        return travel > 0 && step.kind() == WallStep.Kind.BARREL
                ? new WallStep(step.kind(), step.from(), step.to() + travel, step.level())
                : step;
    }

    private Measured withDoubt(DoubtfulStep step, Gap gap, Body body) {
        boolean barrel = step.step().kind() == WallStep.Kind.BARREL;
        double along = barrel ? gap.towardsX() : gap.towardsR();
        double across = barrel ? gap.towardsR() : gap.towardsX();
        double touched = barrel ? gap.onWall().x() : gap.onWall().r();
        boolean atStart = Math.abs(touched - step.from().value())
                < Math.abs(touched - step.to().value());
        Measured bound = atStart ? step.from() : step.to();
        Measured wall = Measured.exact(0).derive(0, 0, step.level(), across).derive(0, 1, bound, along);
        Measured placed = midPlane.times(gap.towardsX())
                .with(Component.rectangular(body.alongSource(), body.alongTolerance() * gap.towardsX()))
                .with(Component.rectangular(body.radialSource(), body.radialTolerance() * gap.towardsR()));
        return wall.minus(placed).at(gap.size());
    }
}
