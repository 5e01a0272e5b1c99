package itrova.core.fit;

import itrova.core.clearance.Sweep;
import itrova.core.clearance.Sweep.Mover;
import itrova.core.clearance.WheelProfile;
import itrova.core.geometry.Point3;
import itrova.core.geometry.Solid;
import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
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
 */
public record SweptPose(List<Shape> shapes, List<Distance> distances) {
    private static final int CORNERS = 48;

    public SweptPose {
        shapes = List.copyOf(shapes);
        distances = List.copyOf(distances);
    }

    /** A part's outline from above: places with x and f (mm). */
    public record Shape(String part, List<Point3> outline) {}

    /**
     * Distance of a part from a fixed thing.
     *
     * @param part the part
     * @param box the fixed thing
     * @param distance at this pose (mm); negative for an overlap
     * @param wanted least gap wanted (mm)
     */
    public record Distance(String part, String box, double distance, double wanted) {}

    /**
     * The pose of a kit on one end. Absent until it is known where the disc stands, how far the wheel travels and, where it is
     * steered, its king-pin axis.
     *
     * @param steer steering (degrees), turned in positive
     * @param lift travel (mm), up positive
     */
    public static Optional<SweptPose> of(AxleEnd end, Kit kit, ShopSettings settings, double steer, double lift) {
        FitCase c = new FitCase(end, WheelProfile.of(end), Optional.empty(), kit, settings);
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
            shapes.add(new Shape(mover.name(), fromAbove(sweep.posed(mover, steer, lift))));
            for (Box box : end.around().chassis().orElse(List.of())) {
                distances.add(
                        new Distance(mover.name(), box.name(), sweep.distance(mover, box, steer, lift), part.gap()));
            }
        }
        return Optional.of(new SweptPose(shapes, distances));
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
