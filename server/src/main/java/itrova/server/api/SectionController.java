package itrova.server.api;

import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.SectionGap;
import itrova.core.clearance.WheelProfile;
import itrova.core.clearance.WheelProfile.DoubtfulStep;
import itrova.core.fit.CheckId;
import itrova.core.fit.Finding;
import itrova.core.fit.KitReport;
import itrova.core.fit.ShopSettings;
import itrova.core.geometry.Outline;
import itrova.core.geometry.Point;
import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The wheel section: what is needed to draw a kit's caliper in the wheel, to scale. */
@RestController
@RequestMapping("/api/axles/{axleId}")
class SectionController {
    private final Workbench bench;
    private final JobStore jobs;

    SectionController(Workbench bench, JobStore jobs) {
        this.bench = bench;
        this.jobs = jobs;
    }

    record PointView(double x, double r) {}

    /** A piece of wall: for the barrel from..to is axial and level a radius; for the spokes the other way round. */
    record WallStepView(double from, double to, double level, double doubt) {}

    record GapView(
            CheckId check,
            PointView onCaliper,
            PointView onWheel,
            double size,
            double doubt,
            double required,
            boolean padsWorn,
            MatchController.FindingView finding) {}

    record SectionView(
            long axleId,
            long jobId,
            String jobTitle,
            String name,
            Side side,
            String kit,
            String kitName,
            boolean sliding,
            double wearTravel,
            List<WallStepView> barrel,
            List<WallStepView> spokes,
            double weights,
            @Nullable Double backspacing,
            @Nullable Double wheelPad,
            @Nullable Double wheelBore,
            List<PointView> outline,
            double outlineDoubt,
            double discInner,
            double discOuter,
            double discThickness,
            double hatThickness,
            double hatInside,
            double midPlane,
            List<GapView> gaps,
            List<MatchController.FindingView> findings) {}

    @GetMapping("/section")
    SectionView section(@PathVariable long axleId, @RequestParam String kit, @RequestParam Side side) {
        AxleRow row = bench.axle(axleId);
        KitReport report = bench.report(row, kit);
        AxleEnd end = bench.record(row).end(side);
        Kit k = report.kit();
        WheelProfile wheel = WheelProfile.of(end);
        CaliperInWheel placed = new CaliperInWheel(end, wheel, k);
        List<GapView> gaps = new ArrayList<>();
        double base = ShopSettings.DEFAULTS.of(Limit.TURNING_GAP) + ShopSettings.DEFAULTS.turningDeduction();
        double weights = end.length(Callout.WHEEL_WEIGHTS).map(Measured::value).orElse(0.0);
        placed.toBarrel().ifPresent(g -> gaps.add(gap(report, side, CheckId.BARREL, g, base + weights)));
        placed.toSpokes().ifPresent(g -> gaps.add(gap(report, side, CheckId.SPOKES, g, base)));
        return new SectionView(
                axleId,
                row.jobId(),
                jobs.job(row.jobId()).title(),
                row.name(),
                side,
                k.code(),
                k.name(),
                k.caliper().sliding(),
                k.caliper().wearTravel(),
                wheel.barrel().stream().map(SectionController::step).toList(),
                wheel.spokes().stream().map(SectionController::step).toList(),
                weights,
                value(end, Callout.WHEEL_BACKSPACING),
                value(end, Callout.WHEEL_PAD),
                value(end, Callout.WHEEL_BORE),
                placed.outline(false).map(SectionController::points).orElse(List.of()),
                k.caliper().outlineTolerance(),
                k.disc().hatInside().value() / 2,
                k.disc().diameter().value() / 2,
                k.disc().thickness().value(),
                k.disc().hatThickness().value(),
                k.disc().hatInside().value(),
                placed.midPlane().value(),
                gaps,
                report.findings().stream()
                        .filter(f -> f.side() == side && (f.check() == CheckId.BARREL || f.check() == CheckId.SPOKES))
                        .map(MatchController::finding)
                        .toList());
    }

    private static @Nullable Double value(AxleEnd end, Callout callout) {
        return end.length(callout).map(Measured::value).orElse(null);
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

    private static GapView gap(KitReport report, Side side, CheckId check, SectionGap g, double required) {
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
                MatchController.finding(finding));
    }
}
