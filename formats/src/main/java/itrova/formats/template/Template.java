package itrova.formats.template;

import itrova.core.geometry.Point;
import java.util.List;

/**
 * A drawing at true size.
 *
 * @param title what it is
 * @param lines lines and outlines
 * @param circles holes
 * @param notes words beside places
 * @param centre whether the origin is marked with a cross
 */
public record Template(String title, List<Line> lines, List<Circle> circles, List<Note> notes, boolean centre) {
    public Template {
        lines = List.copyOf(lines);
        circles = List.copyOf(circles);
        notes = List.copyOf(notes);
    }

    /** What a line is for; drawn thin or thick, and on a layer of its own. */
    public enum Layer {
        OUTLINE,
        REFERENCE
    }

    /**
     * A line through points.
     *
     * @param points its points (mm)
     * @param closed whether the last is joined to the first
     * @param layer what it is for
     */
    public record Line(List<Point> points, boolean closed, Layer layer) {
        public Line {
            points = List.copyOf(points);
        }
    }

    /** A hole: middle and diameter (mm). */
    public record Circle(Point middle, double diameter) {}

    /** Words at a place (mm). */
    public record Note(Point at, String text) {}

    /** Bounds of everything drawn: least x, least y, greatest x, greatest y (mm). */
    double[] bounds() {
        double[] b = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        lines.forEach(l -> l.points().forEach(p -> grow(b, p.x(), p.r(), 0)));
        circles.forEach(c -> grow(b, c.middle().x(), c.middle().r(), c.diameter() / 2));
        if (centre) {
            grow(b, 0, 0, 6);
        }
        return b;
    }

    private static void grow(double[] b, double x, double y, double by) {
        b[0] = Math.min(b[0], x - by);
        b[1] = Math.min(b[1], y - by);
        b[2] = Math.max(b[2], x + by);
        b[3] = Math.max(b[3], y + by);
    }
}
