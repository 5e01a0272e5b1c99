package itrova.core.clearance;

import itrova.core.clearance.WheelProfile.DoubtfulStep;
import itrova.core.geometry.Gap;
import itrova.core.geometry.Outline;
import itrova.core.geometry.WallStep;
import itrova.core.kit.Kit;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Station;
import java.util.List;
import java.util.Optional;

/**
 * A kit's caliper placed in a wheel.
 *
 * <p>The disc's hat sits on the hub, the wheel on the hat: the disc's mid-plane lies hat depth plus hat thickness inboard
 * of the wheel's mounting face. New pads and, for a sliding caliper, worn pads are both looked at.
 */
public final class CaliperInWheel {
    private final AxleEnd end;
    private final WheelProfile wheel;
    private final Kit kit;
    private final Measured midPlane;
    private final Optional<Outline> asNew;
    private final Optional<Outline> worn;

    /**
     * @param end the axle end with its wheel
     * @param wheel profile of that wheel, made once for many kits
     * @param kit the kit
     */
    public CaliperInWheel(AxleEnd end, WheelProfile wheel, Kit kit) {
        this.end = end;
        this.wheel = wheel;
        this.kit = kit;
        midPlane = kit.disc()
                .hatDepth()
                .measured(kit.source("disc.hatDepth"))
                .plus(kit.disc().hatThickness().measured(kit.source("disc.hatThickness")))
                .times(-1);
        asNew = kit.caliper().outline().map(o -> o.shifted(midPlane.value()));
        double wear = kit.caliper().wearTravel();
        worn = wear > 0 ? asNew.map(o -> o.shifted(-wear)) : asNew;
    }

    /** The caliper's outline in the wheel's frame; absent if the kit's papers give none. */
    public Optional<Outline> outline(boolean padsWorn) {
        return padsWorn ? worn : asNew;
    }

    /** Place of the disc's mid-plane (mm) in the wheel's frame, with its doubt. */
    public Measured midPlane() {
        return midPlane;
    }

    /** The gap to the barrel for which least is left after its doubt; absent without outline or profile. */
    public Optional<SectionGap> toBarrel() {
        return least(wheel.barrel());
    }

    /** The gap to the spokes for which least is left after its doubt; absent without outline or profile. */
    public Optional<SectionGap> toSpokes() {
        return least(wheel.spokes());
    }

    /** What of the barrel beside the caliper was not read, in words; absent if all was. */
    public Optional<String> unreadBarrel() {
        Optional<Outline> outline = outline(false);
        Optional<Measured> backspacing = end.length(Callout.WHEEL_BACKSPACING);
        if (outline.isEmpty() || backspacing.isEmpty() || end.barrel().isEmpty()) {
            return Optional.empty();
        }
        List<Station> stations = end.barrel();
        double wantedDepth = outline.get().maxX() + backspacing.get().value();
        if (wantedDepth > stations.get(stations.size() - 1).place().value()) {
            return Optional.of("barrel diameter at a depth of " + Math.round(Math.ceil(wantedDepth)) + " mm or more");
        }
        double inboard = Math.max(
                0, outline(true).orElseThrow().minX() + backspacing.get().value());
        double first = stations.get(0).place().value();
        if (first > WheelProfile.REACH_BEYOND_LAST_READING && inboard < first) {
            return Optional.of("barrel diameter at a depth of " + Math.round(Math.floor(inboard)) + " mm or less");
        }
        return Optional.empty();
    }

    /** What of the spokes beside the caliper was not read, in words; absent if all was. */
    public Optional<String> unreadSpokes() {
        Optional<Outline> outline = outline(false);
        if (outline.isEmpty() || end.spokes().isEmpty()) {
            return Optional.empty();
        }
        List<Station> stations = end.spokes();
        double last = stations.get(stations.size() - 1).place().value();
        if (outline.get().maxR() > last + WheelProfile.REACH_BEYOND_LAST_READING) {
            return Optional.of("spoke back at a radius of "
                    + Math.round(Math.ceil(outline.get().maxR())) + " mm or more");
        }
        if (outline.get().minR() < stations.get(0).place().value()) {
            return Optional.of("spoke back at a radius of "
                    + Math.round(Math.floor(outline.get().minR())) + " mm or less");
        }
        return Optional.empty();
    }

    private Optional<SectionGap> least(List<DoubtfulStep> steps) {
        Optional<Outline> asNew = outline(false);
        if (asNew.isEmpty() || steps.isEmpty()) {
            return Optional.empty();
        }
        SectionGap best = leastAt(null, steps, asNew.get(), false);
        if (kit.caliper().wearTravel() > 0) {
            best = leastAt(best, steps, outline(true).orElseThrow(), true);
        }
        return Optional.ofNullable(best);
    }

    private @org.jspecify.annotations.Nullable SectionGap leastAt(
            @org.jspecify.annotations.Nullable SectionGap sofar,
            List<DoubtfulStep> steps,
            Outline outline,
            boolean worn) {
        SectionGap best = sofar;
        double bestLeft = best == null
                ? Double.POSITIVE_INFINITY
                : best.size().value() - best.size().expanded();
        double mostDoubt = wheel.mostDoubt() + ownDoubt();
        for (DoubtfulStep step : steps) {
            if (step.step().gapAtLeast(outline) - mostDoubt > bestLeft) {
                continue; // not even its whole doubt makes this the least
            }
            Gap gap = step.step().gap(outline);
            Measured size = withDoubt(step, gap);
            double left = size.value() - size.expanded();
            if (left < bestLeft) {
                best = new SectionGap(gap, size, worn);
                bestLeft = left;
            }
        }
        return best;
    }

    /** Most the kit's figures can add to a gap's doubt (mm). */
    private double ownDoubt() {
        return midPlane.expanded() + 2 * kit.caliper().outlineTolerance();
    }

    private Measured withDoubt(DoubtfulStep step, Gap gap) {
        boolean barrel = step.step().kind() == WallStep.Kind.BARREL;
        double along = barrel ? gap.towardsX() : gap.towardsR();
        double across = barrel ? gap.towardsR() : gap.towardsX();
        double touched = barrel ? gap.onWall().x() : gap.onWall().r();
        boolean atStart = Math.abs(touched - step.from().value())
                < Math.abs(touched - step.to().value());
        Measured bound = atStart ? step.from() : step.to();
        Measured wall = Measured.exact(0).derive(0, 0, step.level(), across).derive(0, 1, bound, along);
        Measured placed = midPlane.times(gap.towardsX())
                .with(Component.rectangular(
                        kit.source("caliper.outline.x"), kit.caliper().outlineTolerance() * gap.towardsX()))
                .with(Component.rectangular(
                        kit.source("caliper.outline.r"), kit.caliper().outlineTolerance() * gap.towardsR()));
        return wall.minus(placed).at(gap.size());
    }
}
