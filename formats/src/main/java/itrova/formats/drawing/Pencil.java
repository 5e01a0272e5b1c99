package itrova.formats.drawing;

import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.formats.drawing.Sheet.Anchor;
import itrova.formats.drawing.Sheet.DimensionLine;
import itrova.formats.drawing.Sheet.Note;
import itrova.formats.drawing.Sheet.Shape;
import itrova.formats.drawing.Sheet.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Collects one sheet. Section coordinates are x along the axis, positive outboard, and r from the axis; they are laid on the
 * sheet from an origin of their own.
 */
final class Pencil {
    /** Sizes taken for what was not read (mm): ordinary ones, so that the drawing looks like the part. */
    private static final Map<Callout, Double> NOMINAL = Map.ofEntries(
            Map.entry(Callout.STUD_MAJOR, 12.7),
            Map.entry(Callout.STUD_SHOULDER, 13.5),
            Map.entry(Callout.STUD_STICK_OUT, 36.0),
            Map.entry(Callout.DRUM_FACE, 7.0),
            Map.entry(Callout.REGISTER, 68.0),
            Map.entry(Callout.REGISTER_HEIGHT, 9.0),
            Map.entry(Callout.REGISTER_STEP, 60.0),
            Map.entry(Callout.REGISTER_STEP_HEIGHT, 18.0),
            Map.entry(Callout.FLANGE, 146.0),
            Map.entry(Callout.FLANGE_THICKNESS, 9.0),
            Map.entry(Callout.BRACKET_ACROSS, 90.0),
            Map.entry(Callout.BRACKET_UP, 60.0),
            Map.entry(Callout.BRACKET_CIRCLE, 104.0),
            Map.entry(Callout.BRACKET_HOLE, 11.0),
            Map.entry(Callout.BACKING_PLATE, 3.0),
            Map.entry(Callout.RETAINER, 6.0),
            Map.entry(Callout.T_BOLT_LENGTH, 30.0),
            Map.entry(Callout.AXLE_OFFSET, 62.0),
            Map.entry(Callout.BEARING_OUTSIDE, 80.0),
            Map.entry(Callout.BEARING_BORE, 40.0),
            Map.entry(Callout.BEARING_WIDTH, 20.0),
            Map.entry(Callout.HUB_FACE, 74.0),
            Map.entry(Callout.BEARING_SPREAD, 56.0),
            Map.entry(Callout.SHOULDER, 44.0),
            Map.entry(Callout.SEAL_START, 26.0),
            Map.entry(Callout.SEAL_JOURNAL, 46.0),
            Map.entry(Callout.INNER_JOURNAL, 34.9),
            Map.entry(Callout.OUTER_JOURNAL, 22.0),
            Map.entry(Callout.KNUCKLE_RIB, 10.0),
            Map.entry(Callout.KNUCKLE_RIB_RADIUS, 78.0),
            Map.entry(Callout.SWIVEL_BALL, 190.0),
            Map.entry(Callout.PORTAL_DROP, 90.0),
            Map.entry(Callout.UPRIGHT_HEIGHT, 48.0),
            Map.entry(Callout.EAR_THICKNESS, 14.0),
            Map.entry(Callout.WHEEL_BACKSPACING, 85.0),
            Map.entry(Callout.WHEEL_OVERALL, 152.0),
            Map.entry(Callout.WHEEL_FLANGE, 390.0),
            Map.entry(Callout.WHEEL_PAD, 5.0),
            Map.entry(Callout.WHEEL_BORE, 74.0),
            Map.entry(Callout.WHEEL_STUD_HOLE, 15.0),
            Map.entry(Callout.WHEEL_WEIGHTS, 3.0));

    private static final double NOMINAL_CIRCLE = 115;

    private final AxleEnd end;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();
    private final List<Anchor> anchors = new ArrayList<>();
    private final List<DimensionLine> dimensions = new ArrayList<>();
    private double originX;
    private double axisY;

    Pencil(AxleEnd end) {
        this.end = end;
    }

    AxleEnd end() {
        return end;
    }

    /** Size of a dimension (mm): as read, else nominal. */
    double size(Callout callout) {
        return end.length(callout).map(Measured::value).orElse(NOMINAL.getOrDefault(callout, 10.0));
    }

    double circle() {
        return end.boltCircle().map(Measured::value).orElse(NOMINAL_CIRCLE);
    }

    boolean has(Callout... callouts) {
        for (Callout c : callouts) {
            if (!end.has(c)) {
                return false;
            }
        }
        return true;
    }

    /** Lays section coordinates from here on. */
    Pencil at(double x, double axis) {
        originX = x;
        axisY = axis;
        return this;
    }

    double x(double x) {
        return originX + x;
    }

    double y(double r) {
        return axisY - r;
    }

    /** A closed area through section points given as x, r pairs. */
    void area(Style style, boolean known, double... points) {
        shapes.add(new Shape(path(points) + " Z", style, known));
    }

    /** An open line through section points. */
    void line(Style style, boolean known, double... points) {
        shapes.add(new Shape(path(points), style, known));
    }

    /** A rectangle from one section corner to the opposite one. */
    void box(Style style, boolean known, double x1, double r1, double x2, double r2) {
        area(style, known, x1, r1, x1, r2, x2, r2, x2, r1);
    }

    private String path(double... points) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < points.length; i += 2) {
            path.append(i == 0 ? "M" : " L")
                    .append(number(x(points[i])))
                    .append(' ')
                    .append(number(y(points[i + 1])));
        }
        return path.toString();
    }

    /** A circle about a place on the sheet. */
    void ring(Style style, boolean known, double cx, double cy, double radius) {
        String r = number(radius);
        shapes.add(new Shape(
                "M" + number(cx - radius) + " " + number(cy) + " a" + r + " " + r + " 0 1 0 " + number(2 * radius)
                        + " 0 a" + r + " " + r + " 0 1 0 " + number(-2 * radius) + " 0 Z",
                style,
                known));
    }

    /** An arc about a section point, from one section point to another. */
    void arc(Style style, boolean known, double x1, double r1, double radius, double x2, double r2) {
        String r = number(radius);
        shapes.add(new Shape(
                "M" + number(x(x1)) + " " + number(y(r1)) + " A" + r + " " + r + " 0 0 1 " + number(x(x2)) + " "
                        + number(y(r2)),
                style,
                known));
    }

    void note(double x, double y, String text) {
        notes.add(new Note(x, y, text));
    }

    /** Anchor at a section point. */
    void touch(Callout callout, double x, double r) {
        touchSheet(callout, x(x), y(r));
    }

    void touchSheet(Callout callout, double x, double y) {
        anchors.add(new Anchor(callout, round(x), round(y)));
    }

    /** Dimension line between section points. */
    void dimension(Callout callout, double x1, double r1, double x2, double r2) {
        dimensionSheet(callout, x(x1), y(r1), x(x2), y(r2));
    }

    void dimensionSheet(Callout callout, double x1, double y1, double x2, double y2) {
        dimensions.add(new DimensionLine(callout, round(x1), round(y1), round(x2), round(y2)));
    }

    Sheet sheet(Sheet.View view, String title, double width, double height, List<Callout> wanted) {
        return new Sheet(
                view,
                title,
                round(width),
                round(height),
                shapes,
                notes,
                anchors.stream().filter(a -> wanted.contains(a.callout())).toList(),
                dimensions.stream().filter(d -> wanted.contains(d.callout())).toList());
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.1f", value);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }
}
