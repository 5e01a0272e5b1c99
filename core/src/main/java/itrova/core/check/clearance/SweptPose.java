package itrova.core.check.clearance;

import itrova.core.clearance.MovingPart;
import itrova.core.clearance.Sweep;
import itrova.core.clearance.Sweep.Mover;
import itrova.core.clearance.WheelProfile;
import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.geometry.Solid;
import itrova.core.kit.Kit;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Surroundings.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What moves with the wheel, at one angle of steering and one place of the travel.
 *
 * @param shapes the parts as seen from above
 * @param distances from each part to each fixed thing
 * @param section what of the tyre and of the fixed things lies in the half-plane the wheel section is drawn in
 */
public record SweptPose(List<Shape> shapes, List<Distance> distances, Section section) {
    private static final int CORNERS = 48;

    public SweptPose {
        shapes = List.copyOf(shapes);
        distances = List.copyOf(distances);
    }

    /**
     * A cut through the caliper's middle, or straight up where its place is not fixed.
     *
     * @param clock clock angle of the half-plane (degrees)
     * @param tyre the tyre's outline, x from the wheel's mounting face; empty while it is not known where it stands
     * @param fixed the fixed things it meets
     */
    public record Section(double clock, List<Point> tyre, List<Cut> fixed) {
        public Section {
            tyre = List.copyOf(tyre);
            fixed = List.copyOf(fixed);
        }
    }

    /** What of a fixed thing is cut, x from the wheel's mounting face. */
    public record Cut(String name, List<Point> outline) {}

    /** A part's outline from above: places with x and f (mm). */
    public record Shape(MovingPart part, List<Point3> outline) {}

    /**
     * Distance of a part from a fixed thing.
     *
     * @param part the part
     * @param box the fixed thing
     * @param distance at this pose (mm); negative for an overlap
     * @param wanted least gap wanted (mm)
     */
    public record Distance(MovingPart part, String box, double distance, double wanted) {}

    /**
     * The pose of a kit on one end. Absent until it is known where the disc stands, how far the wheel travels and, where it is
     * steered, its king-pin axis.
     *
     * @param steer steering (degrees), turned in positive
     * @param lift travel (mm), up positive
     */
    public static Optional<SweptPose> of(AxleEnd end, Kit kit, ShopSettings settings, double steer, double lift) {
        KitOnSide c = new KitOnSide(end, WheelProfile.of(end), Optional.empty(), kit, settings, WeldAngle::near);
        Optional<Measured> midPlane = c.midPlane();
        boolean steeringKnown =
                !end.kind().isSteered() || end.around().steering().isPresent();
        if (midPlane.isEmpty() || end.around().travel().isEmpty() || !steeringKnown) {
            return Optional.empty();
        }
        Sweep sweep = SweepCheck.sweepOf(c);
        List<Shape> shapes = new ArrayList<>();
        List<Distance> distances = new ArrayList<>();
        for (SweepCheck.Wanting part : SweepCheck.movers(c, midPlane.get().value())) {
            Mover mover = part.mover();
            shapes.add(new Shape(mover.part(), fromAbove(sweep.posed(mover, steer, lift))));
            for (Box box : end.around().chassis().things()) {
                distances.add(
                        new Distance(mover.part(), box.name(), sweep.distance(mover, box, steer, lift), part.gap()));
            }
        }
        return Optional.of(new SweptPose(
                shapes, distances, section(c, sweep, midPlane.get().value(), steer, lift)));
    }

    private static Section section(KitOnSide c, Sweep sweep, double midPlane, double steer, double lift) {
        double clock = c.clock().orElse(0);
        // What is x = 0 at the bracket face is drawn from the wheel's mounting face.
        double toWheel = c.placed().midPlane().value() - midPlane;
        List<Cut> fixed = new ArrayList<>();
        for (Box box : c.end().around().chassis().things()) {
            List<Point> cut = sweep.cut(box, steer, lift, clock);
            if (!cut.isEmpty()) {
                fixed.add(new Cut(box.name(), shifted(cut, toWheel)));
            }
        }
        List<Point> tyre =
                SweepCheck.tyreSection(c).map(t -> shifted(t, toWheel)).orElse(List.of());
        return new Section(clock, tyre, fixed);
    }

    private static List<Point> shifted(List<Point> outline, double dx) {
        return outline.stream().map(p -> new Point(p.x() + dx, p.r())).toList();
    }

    private static List<Point3> fromAbove(Solid solid) {
        List<Point3> outline = new ArrayList<>(CORNERS);
        for (int i = 0; i < CORNERS; i++) {
            double turn = 2 * Math.PI * i / CORNERS;
            outline.add(solid.farthest(new Point3(Math.cos(turn), Math.sin(turn), 0)));
        }
        return outline;
    }
}
