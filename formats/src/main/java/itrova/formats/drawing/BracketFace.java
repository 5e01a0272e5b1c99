package itrova.formats.drawing;

import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import itrova.formats.drawing.Sheet.Style;

/** The fixed face with the holes that will carry the brake bracket, seen from outboard. */
final class BracketFace {
    private BracketFace() {}

    /** Distance of the farthest hole from the axis (mm). */
    static double radius(Pencil p) {
        return p.end().bracketShape() == BracketShape.RECTANGLE
                ? Math.hypot(p.size(Callout.BRACKET_ACROSS), p.size(Callout.BRACKET_UP)) / 2
                : p.size(Callout.BRACKET_CIRCLE) / 2;
    }

    static void draw(Pencil p, double cx, double cy, double centreHole) {
        double hole = p.size(Callout.BRACKET_HOLE) / 2;
        p.ring(Style.THIN, true, cx, cy, radius(p) + hole + 8);
        p.ring(Style.THIN, true, cx, cy, centreHole);
        p.note(cx - 24, cy - radius(p) - hole - 12, "bracket bolts");
        if (p.end().bracketShape() == BracketShape.RECTANGLE) {
            rectangle(p, cx, cy, hole);
        } else {
            circle(p, cx, cy, hole);
        }
    }

    private static void rectangle(Pencil p, double cx, double cy, double hole) {
        double across = p.size(Callout.BRACKET_ACROSS) / 2;
        double up = p.size(Callout.BRACKET_UP) / 2;
        boolean known = p.has(Callout.BRACKET_ACROSS, Callout.BRACKET_UP, Callout.BRACKET_HOLE);
        for (int i = -1; i <= 1; i += 2) {
            for (int j = -1; j <= 1; j += 2) {
                p.ring(Style.PART, known, cx + i * across, cy + j * up, hole);
            }
        }
        p.touchSheet(Callout.BRACKET_COUNT, cx - across, cy - up);
        p.touchSheet(Callout.BRACKET_ACROSS, cx - across, cy - up);
        p.dimensionSheet(Callout.BRACKET_ACROSS, cx - across, cy, cx + across, cy);
        p.touchSheet(Callout.BRACKET_UP, cx - across, cy);
        p.dimensionSheet(Callout.BRACKET_UP, cx, cy - up, cx, cy + up);
        p.touchSheet(Callout.BRACKET_HOLE, cx - across, cy + up);
        p.dimensionSheet(Callout.BRACKET_HOLE, cx - across - hole, cy + up, cx - across + hole, cy + up);
    }

    private static void circle(Pencil p, double cx, double cy, double hole) {
        double radius = p.size(Callout.BRACKET_CIRCLE) / 2;
        int count = p.end().count(Callout.BRACKET_COUNT).orElse(4);
        boolean known = p.has(Callout.BRACKET_CIRCLE, Callout.BRACKET_COUNT, Callout.BRACKET_HOLE);
        p.ring(Style.CENTRE, true, cx, cy, radius);
        for (int i = 0; i < count; i++) {
            double angle = Math.PI / 4 + 2 * Math.PI * i / count;
            p.ring(Style.PART, known, cx + radius * Math.sin(angle), cy - radius * Math.cos(angle), hole);
        }
        double d = radius / Math.sqrt(2);
        double last = Math.PI / 4 + 2 * Math.PI * (count - 1) / count;
        p.touchSheet(Callout.BRACKET_COUNT, cx + radius * Math.sin(last), cy - radius * Math.cos(last));
        p.touchSheet(Callout.BRACKET_CIRCLE, cx - radius, cy);
        p.dimensionSheet(Callout.BRACKET_CIRCLE, cx - radius, cy, cx + radius, cy);
        p.touchSheet(Callout.BRACKET_HOLE, cx + d, cy - d);
        p.dimensionSheet(Callout.BRACKET_HOLE, cx + d - hole, cy - d, cx + d + hole, cy - d);
    }
}
