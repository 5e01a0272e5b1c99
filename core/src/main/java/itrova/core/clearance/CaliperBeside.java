package itrova.core.clearance;

import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Gap;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.geometry.Rectangle;
import itrova.core.kit.Kit;
import itrova.core.kit.SectorOutline;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
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
        end.around()
                .inboard()
                .orElse(List.of())
                .forEach(o -> all.add(new Standing(o, Optional.empty(), Optional.empty())));
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

    /** The gap to an obstacle for which least is left after its doubt; absent if nothing of the kit comes by it. */
    public Optional<InboardGap> to(Standing standing) {
        Obstacle obstacle = standing.obstacle();
        Rectangle metal = new Rectangle(obstacle.xFrom(), obstacle.xTo(), obstacle.rFrom(), obstacle.rTo());
        List<InboardGap> gaps = new ArrayList<>();
        double wear = kit.caliper().wearTravel();
        for (SectorOutline part : kit.caliper().parts()) {
            if (clock.isPresent()
                    && !part.window()
                            .turned(clock.getAsDouble())
                            .widened(CLOCK_DOUBT)
                            .overlaps(obstacle.window())) {
                continue;
            }
            Outline placed = part.outline().shifted(midPlane.value());
            gaps.add(gap("caliper", standing, metal, placed, false));
            if (wear > 0) {
                gaps.add(gap("caliper", standing, metal, placed.shifted(-wear), true));
            }
        }
        gaps.add(gap("disc", standing, metal, disc(), false));
        return gaps.stream()
                .min(java.util.Comparator.comparingDouble(
                        g -> g.size().value() - g.size().expanded()));
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

    private InboardGap gap(String part, Standing standing, Rectangle metal, Outline outline, boolean worn) {
        Gap gap = metal.gap(outline);
        Obstacle obstacle = standing.obstacle();
        boolean isCaliper = part.equals("caliper");
        double own = isCaliper
                ? kit.caliper().outlineTolerance()
                : kit.disc().thickness().tolerance() / 2;
        Measured size = midPlane.times(-gap.towardsX())
                .with(Component.rectangular(kit.source(part + ".outline.x"), own * gap.towardsX()))
                .with(Component.rectangular(kit.source(part + ".outline.r"), own * gap.towardsR()))
                .with(Component.rectangular(
                        "around:" + side + ":" + obstacle.name() + ":x", obstacle.halfLimit() * gap.towardsX()))
                .with(Component.rectangular(
                        "around:" + side + ":" + obstacle.name() + ":r", obstacle.halfLimit() * gap.towardsR()))
                .plus(standing.face().map(f -> f.times(gap.towardsX())).orElse(Measured.exact(0)))
                .plus(standing.radius().map(r -> r.times(gap.towardsR())).orElse(Measured.exact(0)))
                .at(gap.size());
        return new InboardGap(part, standing, gap, size, worn);
    }
}
