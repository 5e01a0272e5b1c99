package itrova.core.placed;

import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.WheelProfile;
import itrova.core.fastener.Thread;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.kit.OwnSpindle;
import itrova.core.kit.PaperFigure;
import itrova.core.measure.DerivedValues;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.VehicleFacts;
import itrova.core.vehicle.Wheel;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** One side with its wheel's profile, one kit, one set of limits, and what was worked on. */
public final class KitOnSide {
    private final AxleEnd found;
    /** The end with what the kit brings in place of it. */
    private final AxleEnd end;

    private final WheelProfile wheel;
    private final Optional<AxleLoad> load;
    private final VehicleFacts facts;
    private final Kit kit;
    private final ShopSettings settings;
    private final Worked worked;
    /** What is costly to work out; shared by the cases worked from one as found. */
    private final SharedResults shared;

    private final WeldSetting welding;

    private @Nullable CaliperInWheel placed;

    /**
     * A kit on one side on its own.
     *
     * @param welding sets a weld-on bracket nobody has set
     */
    public KitOnSide(
            AxleEnd end,
            WheelProfile wheel,
            Optional<AxleLoad> load,
            Kit kit,
            ShopSettings settings,
            WeldSetting welding) {
        this(end, wheel, load, VehicleFacts.UNKNOWN, kit, settings, Worked.NOTHING, SharedResults.empty(), welding);
    }

    /** One side of an axle; what is costly to work out is shared with others of the same side. */
    public static KitOnSide of(
            AxleCase axle,
            int side,
            WheelProfile wheel,
            Kit kit,
            ShopSettings settings,
            SharedResults shared,
            WeldSetting welding) {
        return new KitOnSide(
                axle.ends().get(side),
                wheel,
                axle.load(),
                axle.facts(),
                kit,
                settings,
                Worked.NOTHING.withSpacer(axle.spacer()),
                shared,
                welding);
    }

    private KitOnSide(
            AxleEnd found,
            WheelProfile wheel,
            Optional<AxleLoad> load,
            VehicleFacts facts,
            Kit kit,
            ShopSettings settings,
            Worked worked,
            SharedResults shared,
            WeldSetting welding) {
        this.found = found;
        end = kit.fitting().spindle().map(s -> s.on(found, kit)).orElse(found);
        this.wheel = wheel;
        this.load = load;
        this.facts = facts;
        this.kit = kit;
        this.settings = settings;
        this.worked = worked;
        this.shared = shared;
        this.welding = welding;
    }

    /** What is costly to work out and may be known already. */
    public SharedResults shared() {
        return shared;
    }

    public AxleEnd end() {
        return end;
    }

    /** Whether the kit replaces the part this is read at, so that no reading can tell it any more. */
    public boolean isReplaced(Callout callout) {
        return kit.fitting().spindle().isPresent() && OwnSpindle.REPLACED.contains(callout);
    }

    /**
     * Clock angle of the caliper's middle (degrees): as the bracket fixes it, or where a weld-on bracket serves this side best;
     * absent where nobody says.
     */
    public OptionalDouble clock() {
        OptionalDouble fixed = kit.bracket().mount().caliperClock();
        if (fixed.isPresent() || kit.bracket().mount().weldRange().isEmpty()) {
            return fixed;
        }
        return welding.settled(this).bracket().mount().caliperClock();
    }

    public Optional<AxleLoad> load() {
        return load;
    }

    /** Whether the owner wants to be able to go back to drums. */
    public boolean goesBack() {
        return facts.goesBack();
    }

    /** What else of the vehicle counts. */
    public VehicleFacts facts() {
        return facts;
    }

    public Kit kit() {
        return kit;
    }

    public ShopSettings settings() {
        return settings;
    }

    public Worked worked() {
        return worked;
    }

    /** The kit's caliper in the wheel, placed once for all checks. */
    public CaliperInWheel placed() {
        if (placed == null) {
            placed = new CaliperInWheel(end, wheel, kit, worked.spacer());
        }
        return placed;
    }

    public Optional<Measured> length(Callout callout) {
        return end.length(callout);
    }

    /** Whether the kit brings its own hub, so that the old hub, its studs and its register go. */
    public boolean bringsHub() {
        return kit.fitting().hub().isPresent();
    }

    /**
     * Place of the face the disc or the kit's hub offers to the hat (mm), from the bracket face, outboard positive: the old
     * hub's as read, or by the chain from the bearing shoulder when the kit brings its own hub.
     */
    public Optional<Measured> hubFace() {
        if (kit.fitting().hub().isEmpty()) {
            return DerivedValues.hubFace(end);
        }
        Optional<Measured> shoulder = end.length(Callout.SHOULDER);
        Optional<Figure> face = kit.fitting().hub().get().face();
        return shoulder.isEmpty() || face.isEmpty()
                ? Optional.empty()
                : Optional.of(shoulder.get().plus(face.get().measured(kit.source(PaperFigure.HUB_FACE))));
    }

    /** The reading without which the hub face is not known. */
    public Callout hubFaceCallout() {
        return bringsHub() ? Callout.SHOULDER : DerivedValues.hubFaceCallout(end);
    }

    /** Half the float of the shaft (mm), deducted wherever what turns with it meets what does not; the kit's own hub has none. */
    public double halfFloat() {
        return bringsHub() ? 0 : DerivedValues.halfFloat(end);
    }

    /** Place of the disc's mid-plane (mm) from the bracket face, outboard positive; absent until the hub face is known. */
    public Optional<Measured> midPlane() {
        return hubFace()
                .map(face -> face.minus(kit.disc().hatDepth().measured(kit.source(PaperFigure.DISC_HAT_DEPTH))));
    }

    /** Thickness of the hat under the wheel (mm); none where the kit's own hub carries the wheel. */
    public Measured hat() {
        return kit.disc().hatThickness().measured(kit.source(PaperFigure.DISC_HAT_THICKNESS));
    }

    /** Diameter of the studs' threads (mm): the kit's own, else as read, else nominal of the thread read. */
    public Optional<Measured> studMajor() {
        if (kit.studs().isPresent()) {
            return Optional.of(Measured.exact(kit.studs().get().thread().diameter()));
        }
        return bringsHub()
                ? Optional.empty()
                : end.length(Callout.STUD_MAJOR).or(() -> end.studThread().map(t -> Measured.exact(t.diameter())));
    }

    /** Diameter of what of the stud stands in the disc's hole besides its thread (mm). */
    public Optional<Measured> studShoulder() {
        if (kit.studs().isPresent()) {
            return Optional.of(kit.studs().get().shoulder().measured(kit.source(PaperFigure.STUDS_SHOULDER)));
        }
        return bringsHub() ? Optional.empty() : end.length(Callout.STUD_SHOULDER);
    }

    public Optional<Measured> studStickOut() {
        if (kit.studs().isPresent()) {
            return Optional.of(kit.studs().get().stickOut().measured(kit.source(PaperFigure.STUDS_STICK_OUT)));
        }
        return bringsHub() ? Optional.empty() : end.length(Callout.STUD_STICK_OUT);
    }

    public Optional<Thread> studThread() {
        return kit.studs()
                .map(s -> Optional.of(s.thread()))
                .orElseGet(() -> bringsHub() ? Optional.empty() : end.studThread());
    }

    /** The larger of stud thread and shoulder (mm); absent until both are known. */
    public Optional<Measured> studWidest() {
        Optional<Measured> major = studMajor();
        Optional<Measured> shoulder = studShoulder();
        if (major.isEmpty() || shoulder.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(major.get().value() > shoulder.get().value() ? major.get() : shoulder.get());
    }

    public KitOnSide withKit(Kit other) {
        return new KitOnSide(found, wheel, load, facts, other, settings, worked, shared, welding);
    }

    /** The same with another wheel put on. */
    public KitOnSide onWheel(Wheel other) {
        return on(shared.onWheel(found, other.code(), () -> found.withWheel(other)));
    }

    /** The same with the wheel found put back on. */
    public KitOnSide onWheelFound() {
        return on(shared.onWheel(found, "", found::withWheelFound));
    }

    private KitOnSide on(SharedResults.OnWheel changed) {
        return new KitOnSide(changed.end(), changed.profile(), load, facts, kit, settings, worked, shared, welding);
    }

    /** The case with the axle end worked on; no work offered changes the wheel's profile. */
    public KitOnSide withEnd(AxleEnd other) {
        return new KitOnSide(other, wheel, load, facts, kit, settings, worked, shared, welding);
    }

    public KitOnSide withWorked(Worked other) {
        return new KitOnSide(found, wheel, load, facts, kit, settings, other, shared, welding);
    }
}
