package itrova.core.fit;

import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.WheelProfile;
import itrova.core.kit.Kit;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Callout;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One side with its wheel's profile, one kit, one set of limits. */
final class FitCase {
    private final AxleEnd end;
    private final WheelProfile wheel;
    private final Optional<AxleLoad> load;
    private final Kit kit;
    private final ShopSettings settings;
    private @Nullable CaliperInWheel placed;

    FitCase(AxleEnd end, WheelProfile wheel, Optional<AxleLoad> load, Kit kit, ShopSettings settings) {
        this.end = end;
        this.wheel = wheel;
        this.load = load;
        this.kit = kit;
        this.settings = settings;
    }

    AxleEnd end() {
        return end;
    }

    Optional<AxleLoad> load() {
        return load;
    }

    Kit kit() {
        return kit;
    }

    ShopSettings settings() {
        return settings;
    }

    /** The kit's caliper in the wheel, placed once for all checks. */
    CaliperInWheel placed() {
        if (placed == null) {
            placed = new CaliperInWheel(end, wheel, kit);
        }
        return placed;
    }

    Optional<Measured> length(Callout callout) {
        return end.length(callout);
    }

    /** Diameter of the studs' threads (mm): the kit's own, else as read, else nominal of the thread read. */
    Optional<Measured> studMajor() {
        if (kit.studs().isPresent()) {
            return Optional.of(Measured.exact(kit.studs().get().thread().diameter()));
        }
        return end.length(Callout.STUD_MAJOR).or(() -> end.studThread().map(t -> Measured.exact(t.diameter())));
    }

    /** Diameter of what of the stud stands in the disc's hole besides its thread (mm). */
    Optional<Measured> studShoulder() {
        if (kit.studs().isPresent()) {
            return Optional.of(kit.studs().get().shoulder().measured(kit.source("studs.shoulder")));
        }
        return end.length(Callout.STUD_SHOULDER);
    }

    Optional<Measured> studStickOut() {
        if (kit.studs().isPresent()) {
            return Optional.of(kit.studs().get().stickOut().measured(kit.source("studs.stickOut")));
        }
        return end.length(Callout.STUD_STICK_OUT);
    }

    Optional<itrova.core.fastener.Thread> studThread() {
        return kit.studs().map(s -> Optional.of(s.thread())).orElseGet(end::studThread);
    }

    /** The larger of stud thread and shoulder (mm); absent until both are known. */
    Optional<Measured> studWidest() {
        Optional<Measured> major = studMajor();
        Optional<Measured> shoulder = studShoulder();
        if (major.isEmpty() || shoulder.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(major.get().value() > shoulder.get().value() ? major.get() : shoulder.get());
    }

    FitCase withKit(Kit other) {
        return new FitCase(end, wheel, load, other, settings);
    }

    /** The case with the axle end worked on; no work offered changes the wheel. */
    FitCase withEnd(AxleEnd other) {
        return new FitCase(other, wheel, load, kit, settings);
    }
}
