package itrova.formats.template;

import itrova.core.geometry.Point;
import java.util.List;
import java.util.Locale;

/**
 * Reads a profile that was drawn, scanned or taken off a part: a polyline, with arcs, from DXF, SVG or CSV.
 *
 * <p>Of several lines in a file the longest is taken. Arcs are turned into chords that stay within {@value #CHORD_ERROR} mm.
 */
public final class ProfileReader {
    /** Chords lie no further from their arc than this (mm). */
    static final double CHORD_ERROR = 0.02;

    private static final int MOST_POINTS = 2000;

    private ProfileReader() {}

    /** What a file is written in. */
    public enum Format {
        DXF,
        SVG,
        CSV
    }

    /**
     * Points of the profile: x outboard and y away from the wheel axis (mm).
     *
     * @throws IllegalArgumentException naming what cannot be read and how to mend it
     */
    public static List<Point> read(Format format, String text) {
        Bounds.text(text);
        List<List<Point>> lines =
                switch (format) {
                    case DXF -> DxfLines.read(text);
                    case SVG -> SvgLines.read(text);
                    case CSV -> List.of(CsvPoints.read(text));
                };
        List<Point> longest = List.of();
        for (List<Point> line : lines) {
            if (length(line) > length(longest)) {
                longest = line;
            }
        }
        if (longest.size() < 3) {
            throw new IllegalArgumentException("There is no line of at least 3 points in this " + format.name()
                    + " file. Draw the profile as one polyline and save it again.");
        }
        if (longest.size() > MOST_POINTS) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "The profile has %d points, %d are allowed. Simplify it to 0.05 mm and save it again.",
                    longest.size(),
                    MOST_POINTS));
        }
        return longest;
    }

    private static double length(List<Point> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += line.get(i).distance(line.get(i - 1));
        }
        return sum;
    }

    /** How many chords an arc of an angle (radians) and a radius (mm) takes. */
    static int chords(double radius, double angle) {
        if (!(radius > CHORD_ERROR)) {
            return 1;
        }
        double step = 2 * Math.acos(1 - CHORD_ERROR / radius);
        return Math.max(1, (int) Math.ceil(Math.abs(angle) / step));
    }
}
