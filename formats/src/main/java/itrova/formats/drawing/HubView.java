package itrova.formats.drawing;

import itrova.core.measure.WantedReadings;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.formats.drawing.Sheet.Style;
import java.util.List;

/** The hub's face with its studs, and the half-section through flange, register, stud and drum face. */
final class HubView {
    private static final double WIDTH = 330;
    private static final double HEIGHT = 184;
    private static final double FACE_X = 88;
    private static final double FACE_Y = 96;
    private static final double MOUNTING_FACE = 232;
    private static final double AXIS = 170;

    private HubView() {}

    static Sheet draw(Pencil p, List<Callout> wanted) {
        face(p);
        section(p);
        p.note(FACE_X - 18, FACE_Y - p.size(Callout.FLANGE) / 2 - 3, "hub face");
        p.note(MOUNTING_FACE - 60, AXIS + 10, "inboard");
        p.note(MOUNTING_FACE + 40, AXIS + 10, "outboard");
        return p.sheet(Sheet.View.HUB, "Hub and studs", WIDTH, HEIGHT, wanted);
    }

    private static void face(Pencil p) {
        double flange = p.size(Callout.FLANGE) / 2;
        double circle = p.circle() / 2;
        double stud = p.size(Callout.STUD_MAJOR) / 2;
        int lugs = p.end().count(Callout.LUG_COUNT).orElse(5);
        boolean circleKnown = p.end().boltCircle().isPresent();
        p.ring(Style.PART, p.has(Callout.FLANGE), FACE_X, FACE_Y, flange);
        p.ring(Style.CENTRE, true, FACE_X, FACE_Y, circle);
        p.ring(Style.PART, p.has(Callout.REGISTER), FACE_X, FACE_Y, p.size(Callout.REGISTER) / 2);
        if (p.end().kind() == AxleEndKind.PORTAL_HUB) {
            p.ring(Style.PART, p.has(Callout.REGISTER_STEP), FACE_X, FACE_Y, p.size(Callout.REGISTER_STEP) / 2);
        }
        for (int i = 0; i < lugs; i++) {
            double angle = 2 * Math.PI * i / lugs;
            double x = FACE_X + circle * Math.sin(angle);
            double y = FACE_Y - circle * Math.cos(angle);
            p.ring(Style.SOLID, circleKnown && p.has(Callout.LUG_COUNT), x, y, stud);
        }
        anchorsOnFace(p, circle, stud, lugs);
    }

    private static void anchorsOnFace(Pencil p, double circle, double stud, int lugs) {
        p.touchSheet(Callout.LUG_COUNT, FACE_X, FACE_Y - circle);
        double[] last = onCircle(circle, lugs, lugs - 1);
        double[] before = onCircle(circle, lugs, lugs - 2);
        p.touchSheet(Callout.STUD_OVER_SKIP_ONE, FACE_X - circle, FACE_Y);
        WantedReadings.CIRCLE_WAYS.stream().skip(1).forEach(way -> p.touchSheet(way, FACE_X - circle, FACE_Y));
        p.touchSheet(Callout.STUD_THREAD, last[0], last[1]);
        p.touchSheet(Callout.STUD_MAJOR, before[0], before[1]);
        p.dimensionSheet(Callout.STUD_MAJOR, before[0] - stud, before[1], before[0] + stud, before[1]);
        double[] first = onCircle(circle, lugs, 0);
        double[] second = onCircle(circle, lugs, 1);
        double[] third = onCircle(circle, lugs, 2);
        p.dimensionSheet(Callout.STUD_NEIGHBOUR, first[0], first[1], second[0], second[1]);
        p.dimensionSheet(Callout.STUD_SKIP_ONE, first[0], first[1], third[0], third[1]);
        over(p, Callout.STUD_OVER_NEIGHBOUR, first, second, stud);
        over(p, Callout.STUD_OVER_SKIP_ONE, first, third, stud);
    }

    /** A dimension line over the outsides of two studs. */
    private static void over(Pencil p, Callout callout, double[] from, double[] to, double stud) {
        double length = Math.hypot(to[0] - from[0], to[1] - from[1]);
        double dx = length > 0 ? (to[0] - from[0]) / length * stud : 0;
        double dy = length > 0 ? (to[1] - from[1]) / length * stud : 0;
        p.dimensionSheet(callout, from[0] - dx, from[1] - dy, to[0] + dx, to[1] + dy);
    }

    private static double[] onCircle(double radius, int count, int i) {
        double angle = 2 * Math.PI * i / count;
        return new double[] {FACE_X + radius * Math.sin(angle), FACE_Y - radius * Math.cos(angle)};
    }

    private static void section(Pencil p) {
        p.at(MOUNTING_FACE, AXIS);
        double flange = p.size(Callout.FLANGE) / 2;
        double thick = p.size(Callout.FLANGE_THICKNESS);
        double circle = p.circle() / 2;
        double register = p.size(Callout.REGISTER) / 2;
        double height = p.size(Callout.REGISTER_HEIGHT);
        double shaft = Math.min(register - 6, 24);
        p.line(Style.CENTRE, true, -75, 0, 80, 0);
        p.area(
                Style.CUT,
                p.has(Callout.FLANGE),
                -68,
                0,
                -68,
                shaft,
                -thick - 14,
                shaft,
                -thick,
                register - 4,
                -thick,
                flange,
                0,
                flange,
                0,
                0);
        p.box(Style.CUT, p.has(Callout.REGISTER), 0, 0, height, register);
        if (p.end().kind() == AxleEndKind.PORTAL_HUB) {
            double step = p.size(Callout.REGISTER_STEP) / 2;
            double stepHeight = p.size(Callout.REGISTER_STEP_HEIGHT);
            p.box(Style.CUT, p.has(Callout.REGISTER_STEP), height, 0, stepHeight, step);
            p.touch(Callout.REGISTER_STEP, (height + stepHeight) / 2, step);
            p.touch(Callout.REGISTER_STEP_HEIGHT, stepHeight, step / 2);
            p.dimension(Callout.REGISTER_STEP, (height + stepHeight) / 2, 0, (height + stepHeight) / 2, step);
            p.dimension(Callout.REGISTER_STEP_HEIGHT, 0, step + 3, stepHeight, step + 3);
        }
        drum(p, circle, register);
        stud(p, circle, thick);
        p.touch(Callout.AXLE_WIDTH, 0, 5);
        p.touch(Callout.REGISTER, height / 2, register - 2);
        p.dimension(Callout.REGISTER, height / 2, 0, height / 2, register);
        p.touch(Callout.REGISTER_HEIGHT, height, register * 0.6);
        p.dimension(Callout.REGISTER_HEIGHT, 0, register * 0.6, height, register * 0.6);
        p.touch(Callout.FLANGE, -thick / 2, flange);
        p.dimension(Callout.FLANGE, -thick / 2, 0, -thick / 2, flange);
        p.touch(Callout.FLANGE_THICKNESS, -thick, (flange + circle) / 2 + 3);
        p.dimension(Callout.FLANGE_THICKNESS, -thick, flange + 3, 0, flange + 3);
        p.touch(Callout.HOLE_EDGE, -thick / 2, (flange + circle) / 2);
        p.dimension(Callout.HOLE_EDGE, -thick - 4, circle, -thick - 4, flange);
    }

    /** The drum's face as a ghost: what is still on the hub when the stud is read over it. */
    private static void drum(Pencil p, double circle, double register) {
        double face = p.size(Callout.DRUM_FACE);
        p.line(Style.THIN, p.has(Callout.DRUM_FACE), face, register + 3, face, circle + 34, -40, circle + 34);
        p.touch(Callout.DRUM_FACE, face, circle + 24);
        p.dimension(Callout.DRUM_FACE, 0, circle + 27, face, circle + 27);
    }

    private static void stud(Pencil p, double circle, double thick) {
        double half = p.size(Callout.STUD_MAJOR) / 2;
        double shoulder = p.size(Callout.STUD_SHOULDER) / 2;
        double out = p.size(Callout.STUD_STICK_OUT);
        double face = p.size(Callout.DRUM_FACE);
        p.box(
                Style.SOLID,
                p.has(Callout.STUD_MAJOR, Callout.STUD_STICK_OUT),
                -thick,
                circle - half,
                out,
                circle + half);
        p.box(Style.SOLID, p.has(Callout.STUD_SHOULDER), -thick - 4, circle - shoulder, 4, circle + shoulder);
        p.line(Style.CENTRE, true, -thick - 12, circle, out + 8, circle);
        p.touch(Callout.STUD_STICK_OUT, out, circle);
        p.dimension(Callout.STUD_STICK_OUT, 0, circle + half + 4, out, circle + half + 4);
        p.touch(Callout.STUD_FROM_DRUM, (face + out) / 2, circle + half);
        p.dimension(Callout.STUD_FROM_DRUM, face, circle + half + 4, out, circle + half + 4);
        p.touch(Callout.STUD_SHOULDER, 2, circle - shoulder);
        p.dimension(Callout.STUD_SHOULDER, 2, circle - shoulder, 2, circle + shoulder);
        p.touch(Callout.STUD_PITCH, out * 0.7, circle - half);
        p.dimension(Callout.STUD_PITCH, out - 15, circle - half - 3, out - 2, circle - half - 3);
    }
}
