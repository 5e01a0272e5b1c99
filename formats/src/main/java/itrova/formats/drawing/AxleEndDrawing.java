package itrova.formats.drawing;

import itrova.core.measure.ReadingSpec;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.formats.drawing.Sheet.View;
import java.util.Arrays;
import java.util.List;

/** The sheets of an axle end: hub and studs, what lies inboard of them, and the wheel. */
public final class AxleEndDrawing {
    private AxleEndDrawing() {}

    /** All views of an end, in the order they are measured. */
    public static List<Sheet> of(AxleEnd end) {
        return Arrays.stream(View.values()).map(v -> of(end, v)).toList();
    }

    /** One view of an end; everything read at this kind of end stands on exactly one view. */
    public static Sheet of(AxleEnd end, View view) {
        List<Callout> wanted = ReadingSpec.handOrder(end.form()).stream()
                .filter(c -> viewOf(c) == view)
                .toList();
        Pencil pencil = new Pencil(end);
        return switch (view) {
            case HUB -> HubView.draw(pencil, wanted);
            case INNER -> inner(end.kind(), pencil, wanted);
            case WHEEL -> WheelView.draw(pencil, wanted);
        };
    }

    private static Sheet inner(AxleEndKind kind, Pencil pencil, List<Callout> wanted) {
        return switch (kind) {
            case FRONT_SPINDLE, CLOSED_KNUCKLE, TRAILER_SPINDLE -> SpindleView.draw(pencil, wanted);
            case REAR_LIVE_AXLE -> HousingView.draw(pencil, wanted);
            case PORTAL_HUB, REAR_UPRIGHT -> CastingView.draw(pencil, wanted);
        };
    }

    /** Which view a dimension stands on. */
    public static View viewOf(Callout callout) {
        if (callout.isOfWheel()) {
            return View.WHEEL;
        }
        return switch (callout) {
            case LUG_COUNT,
                    STUD_OVER_SKIP_ONE,
                    STUD_SKIP_ONE,
                    STUD_NEIGHBOUR,
                    STUD_OVER_NEIGHBOUR,
                    STUD_THREAD,
                    STUD_MAJOR,
                    STUD_PITCH,
                    STUD_SHOULDER,
                    STUD_STICK_OUT,
                    STUD_FROM_DRUM,
                    DRUM_FACE,
                    REGISTER,
                    REGISTER_HEIGHT,
                    REGISTER_STEP,
                    REGISTER_STEP_HEIGHT,
                    FLANGE,
                    FLANGE_THICKNESS,
                    HOLE_EDGE,
                    AXLE_WIDTH -> View.HUB;
            default -> View.INNER;
        };
    }
}
