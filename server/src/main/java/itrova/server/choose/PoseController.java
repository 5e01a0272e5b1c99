package itrova.server.choose;

import itrova.core.check.clearance.SweptPose;
import itrova.core.clearance.MovingPart;
import itrova.core.geometry.Point;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import itrova.core.vehicle.Wheel;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.choose.SectionController.PointView;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.NotFoundException;
import itrova.server.store.WheelStore;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The wheel steered and lifted by hand, against what is fixed to the vehicle. */
@RestController
@RequestMapping("/api/axles/{axleId}")
public class PoseController {
    private final Workbench bench;
    private final WheelStore wheels;
    private final CurrentPerson me;

    PoseController(Workbench bench, WheelStore wheels, CurrentPerson me) {
        this.bench = bench;
        this.wheels = wheels;
        this.me = me;
    }

    public record FromAboveView(double x, double forward) {}

    public record ShapeView(MovingPart part, List<FromAboveView> outline) {}

    public record BoxView(
            String name, double xFrom, double xTo, double forwardFrom, double forwardTo, double upFrom, double upTo) {}

    public record DistanceView(String part, String box, double distance, double wanted) {}

    /** What is cut of something fixed, in the wheel's frame. */
    public record CutView(String name, List<PointView> outline) {}

    /** What the half-plane at a clock angle meets besides wheel and kit, in the wheel's frame. */
    public record CutsView(double clock, List<PointView> tyre, List<CutView> fixed) {}

    public record PoseView(
            double lockIn,
            double lockOut,
            double bump,
            double droop,
            double steer,
            double lift,
            List<ShapeView> shapes,
            List<BoxView> boxes,
            List<DistanceView> distances,
            CutsView section) {}

    /**
     * The wheel from above and in section at one angle of steering and one place of the travel.
     *
     * @param steer steering (degrees), turned in positive
     * @param lift travel (mm), up positive
     */
    @GetMapping("/pose")
    public PoseView pose(
            @PathVariable long axleId,
            @RequestParam String kit,
            @RequestParam Side side,
            @RequestParam(required = false) @Nullable String wheel,
            @RequestParam(defaultValue = "0") double steer,
            @RequestParam(defaultValue = "0") double lift) {
        AxleRow row = bench.axle(axleId);
        AxleEnd found = bench.record(row).end(side);
        AxleEnd end = wheel == null || wheel.isBlank() ? found : found.withWheel(wheel(wheel));
        Optional<Steering> steering = end.around().steering();
        Travel travel = end.around().travel().orElse(new Travel(0, 0, 0));
        double in = steering.map(Steering::lockIn).orElse(0.0);
        double out = steering.map(Steering::lockOut).orElse(0.0);
        double angle = Math.max(-out, Math.min(in, steer));
        double height = Math.max(-travel.droop(), Math.min(travel.bump(), lift));
        SweptPose pose = SweptPose.of(end, bench.kitFor(row, kit), bench.settings(), angle, height)
                .orElseThrow(
                        () -> new ConflictException(
                                "The wheel cannot be moved yet: hub face, travel and, where steered, king-pin axis and locks are wanted. Enter them under “Around the wheel”."));
        return new PoseView(
                in,
                out,
                travel.bump(),
                travel.droop(),
                angle,
                height,
                pose.shapes().stream()
                        .map(s -> new ShapeView(
                                s.part(),
                                s.outline().stream()
                                        .map(p -> new FromAboveView(p.x(), p.f()))
                                        .toList()))
                        .toList(),
                end.around().chassis().things().stream()
                        .map(b -> new BoxView(
                                b.name(),
                                b.low().x(),
                                b.high().x(),
                                b.low().f(),
                                b.high().f(),
                                b.low().z(),
                                b.high().z()))
                        .toList(),
                pose.distances().stream()
                        .map(d -> new DistanceView(me.wording().title(d.part()), d.box(), d.distance(), d.wanted()))
                        .toList(),
                cuts(pose.section()));
    }

    private Wheel wheel(String code) {
        return wheels.find(code).orElseThrow(() -> new NotFoundException("Wheel " + code));
    }

    private static CutsView cuts(SweptPose.Section section) {
        return new CutsView(
                section.clock(),
                points(section.tyre()),
                section.fixed().stream()
                        .map(c -> new CutView(c.name(), points(c.outline())))
                        .toList());
    }

    private static List<PointView> points(List<Point> outline) {
        return outline.stream().map(p -> new PointView(p.x(), p.r())).toList();
    }
}
