package itrova.core.clearance;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Gap;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.geometry.Rectangle;
import itrova.core.kit.Kit;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.PaperSource;
import itrova.core.kit.SectorOutline;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AroundSource;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings.Obstacle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A kit's caliper and disc beside what stands still on the knuckle or axle.
 *
 * <p>Frame: x = 0 at the bracket face. The caliper's parts count only where their clock range meets that of the obstacle; where
 * the bracket does not fix the caliper's place, every obstacle counts.
 */
public final class CaliperBeside {
    /** How far the caliper's place around the axle may be off (degrees); common practice. */
    private static final double CLOCK_DOUBT = 2;

    private final Side side;
    private final Kit kit;
    private final Measured midPlane;
    private final OptionalDouble clock;
    /** Part by part where the disc comes to stand, pads new. */
    private final List<Outline> asNew;

    private final Outline disc;

    /**
     * @param side the side
     * @param kit the kit
     * @param midPlane the disc's mid-plane (mm from the bracket face)
     * @param clock clock angle of the caliper's middle (degrees), if it is fixed
     */
    public CaliperBeside(Side side, Kit kit, Measured midPlane, OptionalDouble clock) {
        this.side = side;
        this.kit = kit;
        this.midPlane = midPlane;
        this.clock = clock;
        asNew = kit.caliper().parts().stream()
                .map(p -> p.outline().shifted(midPlane.value()))
                .toList();
        disc = disc();
    }

    /**
     * Something that stands inboard, with the readings it was made from if it was read rather than listed.
     *
     * @param obstacle its metal
     * @param face place of its outboard face (mm), as read
     * @param radius its outer radius (mm), as read
     */
    public record Standing(Obstacle obstacle, Optional<Measured> face, Optional<Measured> radius) {
        /** Whether it was made from readings of the knuckle's rib. */
        public boolean wasRead() {
            return face.isPresent();
        }
    }

    /** Everything that stands inboard: what was listed, and the rib of a knuckle as read. */
    public static List<Standing> obstacles(AxleEnd end) {
        List<Standing> all = new ArrayList<>();
        end.around().inboard().things().forEach(o -> all.add(new Standing(o, Optional.empty(), Optional.empty())));
        Optional<Measured> rib = end.length(Callout.KNUCKLE_RIB);
        Optional<Measured> radius = end.length(Callout.KNUCKLE_RIB_RADIUS);
        boolean listed = all.stream().anyMatch(o -> o.obstacle().name().equalsIgnoreCase(RIB));
        if (rib.isPresent() && radius.isPresent() && !listed) {
            Obstacle metal = new Obstacle(
                    RIB,
                    ClockWindow.ALL,
                    Math.min(0, rib.get().value()),
                    rib.get().value(),
                    0,
                    radius.get().value(),
                    0,
                    OptionalDouble.empty());
            all.add(new Standing(metal, rib, radius));
        }
        return all;
    }

    /** Name of the obstacle made from the readings of the knuckle's rib. */
    public static final String RIB = "knuckle rib";

    /**
     * The gap to an obstacle for which least is left after its doubt, of the disc or of what of the caliper comes by it, from new pads
     * to worn ones and everywhere between: moving inboard past an obstacle is the same as drawing the obstacle that much further out.
     */
    public InboardGap to(Standing standing) {
        Obstacle obstacle = standing.obstacle();
        Rectangle metal = new Rectangle(obstacle.xFrom(), obstacle.xTo(), obstacle.rFrom(), obstacle.rTo());
        Rectangle passed = new Rectangle(
                obstacle.xFrom(), obstacle.xTo() + kit.caliper().wearTravel(), obstacle.rFrom(), obstacle.rTo());
        InboardGap least = gap(MovingPart.DISC, standing, metal, disc);
        double mostDoubt = mostDoubt(standing);
        List<SectorOutline> parts = kit.caliper().parts();
        for (int i = 0; i < parts.size(); i++) {
            if (!passes(parts.get(i), obstacle)) {
                continue;
            }
            // A gap that even its whole doubt does not bring below the least need not be worked out.
            if (passed.gapAtLeast(asNew.get(i)) - mostDoubt < least.left()) {
                least = lesser(gap(MovingPart.CALIPER, standing, passed, asNew.get(i)), least);
            }
        }
        return least;
    }

    private static InboardGap lesser(InboardGap one, InboardGap other) {
        return other.left() < one.left() ? other : one;
    }

    private boolean passes(SectorOutline part, Obstacle obstacle) {
        return clock.isEmpty()
                || part.window()
                        .turned(clock.getAsDouble())
                        .widened(CLOCK_DOUBT)
                        .overlaps(obstacle.window());
    }

    /** More than any gap to this obstacle is in doubt by (mm). */
    private double mostDoubt(Standing standing) {
        double limits = kit.caliper().outlineTolerance() + standing.obstacle().halfLimit();
        return midPlane.expanded()
                + 2 * limits
                + standing.face().map(Measured::expanded).orElse(0.0)
                + standing.radius().map(Measured::expanded).orElse(0.0);
    }

    /** Clock angles the whole caliper may take up, the doubt of its place included; absent where that is not fixed. */
    public Optional<ClockWindow> clockRange() {
        List<ClockWindow> windows =
                kit.caliper().parts().stream().map(SectorOutline::window).toList();
        if (clock.isEmpty() || windows.isEmpty()) {
            return Optional.empty();
        }
        double from = windows.stream().mapToDouble(ClockWindow::from).min().orElseThrow();
        double to = windows.stream().mapToDouble(ClockWindow::to).max().orElseThrow();
        return to - from >= 360
                ? Optional.of(ClockWindow.ALL)
                : Optional.of(
                        new ClockWindow(from, to).turned(clock.getAsDouble()).widened(CLOCK_DOUBT));
    }

    /** The disc's ring as it turns. */
    private Outline disc() {
        double half = kit.disc().thickness().value() / 2;
        double x = midPlane.value();
        double inner = kit.disc().hatInside().value() / 2;
        double outer = kit.disc().diameter().value() / 2;
        return new Outline(List.of(
                new Point(x - half, inner),
                new Point(x + half, inner),
                new Point(x + half, outer),
                new Point(x - half, outer)));
    }

    private InboardGap gap(MovingPart part, Standing standing, Rectangle metal, Outline outline) {
        Gap drawn = metal.gap(outline);
        Obstacle obstacle = standing.obstacle();
        double moved = Math.max(0, drawn.onWall().x() - obstacle.xTo());
        Gap gap = moved > 0 ? drawn.shifted(-moved) : drawn;
        boolean isCaliper = part == MovingPart.CALIPER;
        double along = isCaliper
                ? kit.caliper().outlineTolerance()
                : kit.disc().thickness().tolerance() / 2;
        double radial = isCaliper
                ? kit.caliper().outlineTolerance()
                : kit.disc().diameter().tolerance() / 2;
        Measured size = midPlane.times(-gap.towardsX())
                .with(Component.rectangular(
                        isCaliper
                                ? kit.source(PaperFigure.CALIPER_OUTLINE, PaperSource.Along.AXLE)
                                : kit.source(PaperFigure.DISC_THICKNESS),
                        along * gap.towardsX()))
                .with(Component.rectangular(
                        isCaliper
                                ? kit.source(PaperFigure.CALIPER_OUTLINE, PaperSource.Along.RADIUS)
                                : kit.source(PaperFigure.DISC_DIAMETER),
                        radial * gap.towardsR()))
                .with(Component.rectangular(
                        AroundSource.of(side, obstacle.name(), AroundSource.Along.AXLE),
                        obstacle.halfLimit() * gap.towardsX()))
                .with(Component.rectangular(
                        AroundSource.of(side, obstacle.name(), AroundSource.Along.RADIUS),
                        obstacle.halfLimit() * gap.towardsR()))
                .plus(standing.face().map(f -> f.times(gap.towardsX())).orElse(Measured.exact(0)))
                .plus(standing.radius().map(r -> r.times(gap.towardsR())).orElse(Measured.exact(0)))
                .at(gap.size());
        return new InboardGap(part, standing, gap, size, moved > 0);
    }
}
