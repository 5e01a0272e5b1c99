package itrova.formats.drawing;

import itrova.core.vehicle.Callout;
import java.util.List;

/**
 * One view of an axle end.
 *
 * @param view which view
 * @param title what it shows
 * @param width width (mm)
 * @param height height (mm)
 * @param shapes lines and areas, drawn in this order
 * @param notes words on the sheet
 * @param anchors where each dimension is touched
 * @param dimensions dimension lines, drawn when their dimension is looked at
 */
public record Sheet(
        View view,
        String title,
        double width,
        double height,
        List<Shape> shapes,
        List<Note> notes,
        List<Anchor> anchors,
        List<DimensionLine> dimensions) {

    /** Views of an axle end. */
    public enum View {
        HUB,
        INNER,
        WHEEL
    }

    /** How a shape is drawn. */
    public enum Style {
        /** Outline of a part seen from outside. */
        PART,
        /** A part cut by the section plane: hatched. */
        CUT,
        /** The wheel, cut: hatched the other way. */
        WHEEL,
        /** A solid small part such as a stud or a nut. */
        SOLID,
        /** A thin help line. */
        THIN,
        /** A centre line. */
        CENTRE,
        /** A hole through a cut part. */
        VOID
    }

    /**
     * A line or area.
     *
     * @param path SVG path data (mm)
     * @param style how it is drawn
     * @param known whether all readings it is drawn from were taken
     */
    public record Shape(String path, Style style, boolean known) {}

    /** A word at a place (mm). */
    public record Note(double x, double y, String text) {}

    /** Where a dimension is touched (mm). */
    public record Anchor(Callout callout, double x, double y) {}

    /** A dimension line between two places (mm). */
    public record DimensionLine(Callout callout, double x1, double y1, double x2, double y2) {}

    public Sheet {
        shapes = List.copyOf(shapes);
        notes = List.copyOf(notes);
        anchors = List.copyOf(anchors);
        dimensions = List.copyOf(dimensions);
    }
}
