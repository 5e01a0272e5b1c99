package itrova.formats.template;

import itrova.core.geometry.Point;
import java.util.List;

/** How much of a drawing is read: checked before memory is spent on it. */
final class Bounds {
    /** Longest text of a drawing (characters). */
    static final int TEXT = 4_000_000;
    /** Most corners over all lines of a file, arcs already turned into chords. */
    static final int POINTS = 20_000;
    /** Most lines, arcs and paths of a file. */
    static final int PIECES = 2_000;
    /** Nothing drawn lies further from the origin, and no arc is larger (mm): no wheel or caliper is. */
    static final double SIZE = 10_000;

    private int points;
    private int pieces;

    /** @throws IllegalArgumentException if the text is too long to be a profile */
    static void text(String text) {
        if (text.length() > TEXT) {
            throw new IllegalArgumentException("The drawing has " + text.length() + " characters, " + TEXT
                    + " are read. Save the profile alone, as one polyline.");
        }
    }

    /** @throws IllegalArgumentException if the corner is not finite or lies too far out */
    static Point near(double x, double r) {
        if (!(Math.abs(x) <= SIZE && Math.abs(r) <= SIZE)) {
            throw new IllegalArgumentException("A corner lies at " + x + ", " + r + " mm; nothing further out than "
                    + (int) SIZE + " mm is read. Check the drawing's unit and origin.");
        }
        return new Point(x, r);
    }

    /** @throws IllegalArgumentException if an arc's radius is not one of a wheel or caliper */
    static double radius(double radius) {
        if (!(radius > 0 && radius <= SIZE)) {
            throw new IllegalArgumentException("An arc has a radius of " + radius + " mm; radii from 0 to " + (int) SIZE
                    + " mm are read. Draw it as a line.");
        }
        return radius;
    }

    /** Counts a piece. */
    void piece() {
        if (++pieces > PIECES) {
            throw new IllegalArgumentException("The drawing has more than " + PIECES
                    + " lines and arcs. Save the profile alone, as one polyline.");
        }
    }

    /** Counts corners about to be made. */
    void corners(int more) {
        points += more;
        if (more > POINTS || points > POINTS) {
            throw new IllegalArgumentException("The drawing has more than " + POINTS
                    + " corners. Save the profile alone and simplify it to 0.05 mm.");
        }
    }

    /** Counts the corner added to a line. */
    void add(List<Point> line, Point corner) {
        corners(1);
        line.add(corner);
    }
}
