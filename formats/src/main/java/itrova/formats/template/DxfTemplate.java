package itrova.formats.template;

import itrova.core.geometry.Point;
import itrova.formats.template.Template.Line;
import java.util.Locale;

/**
 * A template as DXF, release 12 (AC1009) in ASCII, units mm: the form every CAD program opens. Outlines are closed polylines,
 * holes circles; layers OUTLINE, REFERENCE, HOLES, SCALE, NOTES.
 */
public final class DxfTemplate {
    private static final double TEXT_HEIGHT = 4;

    private final StringBuilder out = new StringBuilder();

    private DxfTemplate() {}

    /** The drawing as a DXF document. */
    public static String write(Template t) {
        DxfTemplate dxf = new DxfTemplate();
        dxf.header();
        t.lines().forEach(dxf::polyline);
        t.circles()
                .forEach(c -> dxf.entity("CIRCLE", "HOLES").at(10, c.middle()).put(40, c.diameter() / 2));
        double[] b = t.bounds();
        double left = Math.min(b[0], 0);
        double y = b[1] - 15;
        dxf.line("SCALE", new Point(left, y), new Point(left + 100, y));
        dxf.line("SCALE", new Point(left, y - 10), new Point(left + 101.6, y - 10));
        dxf.words(new Point(left, y + 2), "100 mm  " + t.title());
        dxf.words(new Point(left, y - 8), "4 in");
        t.notes().forEach(n -> dxf.words(n.at(), n.text()));
        dxf.put(0, "ENDSEC").put(0, "EOF");
        return dxf.out.toString();
    }

    private void header() {
        put(0, "SECTION").put(2, "HEADER");
        put(9, "$ACADVER").put(1, "AC1009");
        put(9, "$INSUNITS").put(70, "4"); // millimetres
        put(9, "$MEASUREMENT").put(70, "1");
        put(0, "ENDSEC");
        put(0, "SECTION").put(2, "ENTITIES");
    }

    private void polyline(Line line) {
        String layer = line.layer().name();
        entity("POLYLINE", layer).put(66, "1").at(10, new Point(0, 0)).put(70, line.closed() ? "1" : "0");
        line.points().forEach(p -> entity("VERTEX", layer).at(10, p));
        put(0, "SEQEND").put(8, layer);
    }

    private void line(String layer, Point from, Point to) {
        entity("LINE", layer).at(10, from).at(11, to);
    }

    private void words(Point at, String text) {
        entity("TEXT", "NOTES").at(10, at).put(40, TEXT_HEIGHT).put(1, ascii(text));
    }

    /** Release 12 knows no other letters. */
    private static String ascii(String text) {
        return text.replaceAll("[^\\x20-\\x7e]", "?");
    }

    private DxfTemplate entity(String type, String layer) {
        return put(0, type).put(8, layer);
    }

    private DxfTemplate at(int code, Point p) {
        return put(code, p.x()).put(code + 10, p.r()).put(code + 20, 0.0);
    }

    private DxfTemplate put(int code, double value) {
        return put(code, String.format(Locale.ROOT, "%.6f", value));
    }

    private DxfTemplate put(int code, String value) {
        out.append(String.format(Locale.ROOT, "%3d", code))
                .append("\r\n")
                .append(value)
                .append("\r\n");
        return this;
    }
}
