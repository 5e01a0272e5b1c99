package itrova.server.choose;

import itrova.core.check.clearance.GapAtWear;
import itrova.core.check.clearance.SweptPose;
import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.SectionGap;
import itrova.core.clearance.WheelProfile;
import itrova.core.clearance.WheelProfile.DoubtfulStep;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.placed.AxleCase;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Wheel;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Chosen;
import itrova.server.axle.FindingViews;
import itrova.server.axle.WheelChoice;
import itrova.server.axle.Workbench;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.NotFoundException;
import itrova.server.store.WheelStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The wheel section: what is needed to draw a kit's caliper in the wheel, to scale. */
@RestController
@RequestMapping("/api/axles/{axleId}")
public class SectionController {
    private static final Set<CheckId> SHOWN = Set.of(
            CheckId.DISC_IN_WHEEL, CheckId.BARREL, CheckId.SPOKES, CheckId.VALVE, CheckId.INBOARD, CheckId.SWEEP);

    private final Workbench bench;
    private final JobStore jobs;
    private final WheelStore wheels;
    private final CurrentPerson me;

    SectionController(Workbench bench, JobStore jobs, WheelStore wheels, CurrentPerson me) {
        this.me = me;
        this.bench = bench;
        this.jobs = jobs;
        this.wheels = wheels;
    }

    public record PointView(double x, double r) {}

    /** A piece of wall: for the barrel from..to is axial and level a radius; for the spokes the other way round. */
    public record WallStepView(double from, double to, double level, double doubt) {}

    public record GapView(
            CheckId check,
            PointView onCaliper,
            PointView onWheel,
            double size,
            double doubt,
            double required,
            boolean padsWorn,
            FindingViews.FindingView finding) {}

    /** A gap at the pad wear asked for. */
    public record GapAtView(
            CheckId check,
            PointView onCaliper,
            PointView onWheel,
            double size,
            double doubt,
            double required,
            Verdict verdict) {}

    /** Something that stands still beside the caliper, in the wheel's frame. */
    public record ObstacleView(String name, double xFrom, double xTo, double rFrom, double rTo) {}

    public record SectionView(
            long axleId,
            long jobId,
            String jobTitle,
            String name,
            Side side,
            String kit,
            String kitName,
            @Nullable String wheel,
            List<WheelChoice> wheels,
            boolean sliding,
            double wearTravel,
            List<WallStepView> barrel,
            List<WallStepView> spokes,
            List<WallStepView> barrelFar,
            List<WallStepView> spokesFar,
            List<WallStepView> valve,
            double weights,
            @Nullable Double backspacing,
            @Nullable Double wheelPad,
            @Nullable Double wheelBore,
            List<List<PointView>> outlines,
            double outlineDoubt,
            double discInner,
            double discOuter,
            double discThickness,
            double hatThickness,
            double hatInside,
            double midPlane,
            List<ObstacleView> obstacles,
            List<GapView> gaps,
            List<GapAtView> gapsAt,
            boolean canMove,
            List<FindingViews.FindingView> findings) {}

    /**
     * @param kit code of the kit looked at; absent for what was chosen, as it was chosen
     * @param wear share of the pads' wear, 0 new to 1 worn out
     */
    @GetMapping("/section")
    public SectionView section(
            @PathVariable long axleId,
            @RequestParam(required = false) @Nullable String kit,
            @RequestParam Side side,
            @RequestParam(required = false) @Nullable String wheel,
            @RequestParam(defaultValue = "0") double wear) {
        AxleRow row = bench.axle(axleId);
        double share = Math.max(0, Math.min(1, wear));
        if (kit == null || kit.isBlank()) {
            Chosen chosen = bench.chosen(row);
            AxleCase bare = chosen.record().toCase(List.of(Side.values()));
            return view(row, chosen.wheel().map(bare::withWheel).orElse(bare), chosen.report(), side, share);
        }
        AxleCase found = bench.record(row).toCase(List.of(Side.values()));
        AxleCase axle = wheel == null || wheel.isBlank() ? found : found.withWheel(wheel(wheel));
        return view(row, axle, FitEngine.report(axle, bench.kitFor(row, kit), bench.settings()), side, share);
    }

    private SectionView view(AxleRow row, AxleCase axle, KitReport report, Side side, double share) {
        ShopSettings settings = bench.settings();
        AxleEnd end = axle.ends().get(side.ordinal());
        Kit k = report.kit();
        WheelProfile profile = WheelProfile.of(end);
        CaliperInWheel placed = new CaliperInWheel(end, profile, k);
        List<GapView> gaps = new ArrayList<>();
        double base = settings.of(Limit.TURNING_GAP) + settings.turningDeduction();
        double weights = end.length(Callout.WHEEL_WEIGHTS).map(Measured::value).orElse(0.0);
        placed.toBarrel(CaliperInWheel.Wall.NEAR, Measured.exact(weights))
                .ifPresent(g -> gaps.add(gap(report, side, CheckId.BARREL, g, base + weights)));
        placed.toSpokes(CaliperInWheel.Wall.NEAR, Measured.exact(0))
                .ifPresent(g -> gaps.add(gap(report, side, CheckId.SPOKES, g, base)));
        List<GapAtView> gapsAt = GapAtWear.of(
                        end,
                        placed,
                        settings,
                        share,
                        report.findings().stream().filter(f -> f.side() == side).toList())
                .stream()
                .map(SectionController::gapAt)
                .toList();
        return new SectionView(
                row.id(),
                row.jobId(),
                jobs.job(row.jobId()).title(),
                row.name(),
                side,
                k.code(),
                k.name(),
                end.otherWheel().map(Wheel::code).orElse(null),
                wheels.all().stream()
                        .map(w -> new WheelChoice(w.code(), w.name()))
                        .toList(),
                k.caliper().sliding(),
                k.caliper().wearTravel(),
                profile.barrel().near().stream().map(SectionController::step).toList(),
                profile.spokes().near().stream().map(SectionController::step).toList(),
                far(profile.barrel()),
                far(profile.spokes()),
                profile.valve().near().stream().map(SectionController::step).toList(),
                weights,
                value(end, Callout.WHEEL_BACKSPACING),
                value(end, Callout.WHEEL_PAD),
                value(end, Callout.WHEEL_BORE),
                placed.outlines(false).stream().map(SectionController::points).toList(),
                k.caliper().outlineTolerance(),
                k.disc().hatInside().value() / 2,
                k.disc().diameter().value() / 2,
                k.disc().thickness().value(),
                k.disc().hatThickness().value(),
                k.disc().hatInside().value(),
                placed.midPlane().value(),
                obstacles(end, k, placed),
                gaps,
                gapsAt,
                SweptPose.of(end, k, settings, 0, 0).isPresent(),
                report.findings().stream()
                        .filter(f -> f.side() == side && SHOWN.contains(f.check()))
                        .map(f -> FindingViews.finding(f, me.wording()))
                        .toList());
    }

    private Wheel wheel(String code) {
        return wheels.find(code).orElseThrow(() -> new NotFoundException("Wheel " + code));
    }

    /** Obstacles moved from the bracket face's frame into the wheel's; none until it is known where the hub face is. */
    private static List<ObstacleView> obstacles(AxleEnd end, Kit kit, CaliperInWheel placed) {
        Optional<Double> face = itrova.core.measure.DerivedValues.hubFace(end).map(Measured::value);
        if (face.isEmpty()) {
            return List.of();
        }
        double shift =
                face.get() - kit.disc().hatDepth().value() - placed.midPlane().value();
        OptionalDouble clock = kit.bracket().mount().caliperClock();
        return itrova.core.clearance.CaliperBeside.obstacles(end).stream()
                .map(s -> s.obstacle())
                .filter(o -> clock.isEmpty() || meets(kit, clock.getAsDouble(), o))
                .map(o -> new ObstacleView(o.name(), o.xFrom() - shift, o.xTo() - shift, o.rFrom(), o.rTo()))
                .toList();
    }

    /** Whether an obstacle stands in the clock range of any part of the caliper. */
    private static boolean meets(Kit kit, double clock, Obstacle obstacle) {
        return kit.caliper().parts().stream()
                .anyMatch(p -> p.window().turned(clock).overlaps(obstacle.window()));
    }

    private static @Nullable Double value(AxleEnd end, Callout callout) {
        return end.length(callout).map(Measured::value).orElse(null);
    }

    /** Where the metal may be at its furthest between two readings. */
    private static List<WallStepView> far(WheelProfile.Walls walls) {
        return walls.far().stream()
                .filter(s -> s.step().to() > s.step().from())
                .map(SectionController::step)
                .toList();
    }

    private static WallStepView step(DoubtfulStep s) {
        return new WallStepView(
                s.step().from(), s.step().to(), s.step().level(), s.level().expanded());
    }

    private static List<PointView> points(Outline outline) {
        return outline.corners().stream().map(SectionController::point).toList();
    }

    private static PointView point(Point p) {
        return new PointView(p.x(), p.r());
    }

    private static GapAtView gapAt(GapAtWear g) {
        return new GapAtView(
                g.check(),
                point(g.gap().gap().onOutline()),
                point(g.gap().gap().onWall()),
                g.gap().size().value(),
                g.gap().size().expanded(),
                g.required().value(),
                g.verdict());
    }

    private GapView gap(KitReport report, Side side, CheckId check, SectionGap g, double required) {
        Finding finding = report.findings().stream()
                .filter(f -> f.check() == check && f.side() == side)
                .findFirst()
                .orElseThrow();
        return new GapView(
                check,
                point(g.gap().onOutline()),
                point(g.gap().onWall()),
                g.size().value(),
                g.size().expanded(),
                required,
                g.padsWorn(),
                FindingViews.finding(finding, me.wording()));
    }
}
