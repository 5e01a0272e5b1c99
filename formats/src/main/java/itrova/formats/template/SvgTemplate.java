package itrova.formats.template;

import itrova.core.geometry.Point;
import itrova.formats.template.Template.Layer;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A template as SVG in millimetres: width and height carry the unit, so that it prints and cuts at true size. */
public final class SvgTemplate {
    private static final double ROOM = 15;
    private static final double BARS = 30;

    private SvgTemplate() {}

    /** The drawing as an SVG document. Path data hold x and −y in mm about the template's own origin. */
    public static String write(Template t) {
        double[] b = t.bounds();
        double left = Math.min(b[0], 0) - ROOM;
        double width = Math.max(b[2] - left + ROOM, 101.6 + 2 * ROOM);
        double top = -b[3] - ROOM;
        double height = b[3] - b[1] + 2 * ROOM + BARS;
        StringBuilder svg = new StringBuilder();
        svg.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        svg.append(text(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"%.3f %.3f %.3f %.3f\">\n",
                width, height, left, top, width, height));
        svg.append("<title>").append(escaped(t.title())).append("</title>\n");
        svg.append("<g fill=\"none\" stroke=\"black\" stroke-width=\"0.25\">\n");
        t.lines().forEach(l -> svg.append("<path class=\"")
                .append(l.layer().name().toLowerCase(Locale.ROOT))
                .append(l.layer() == Layer.REFERENCE ? "\" stroke-dasharray=\"4 2" : "")
                .append("\" d=\"")
                .append(path(l.points(), l.closed()))
                .append("\"/>\n"));
        t.circles()
                .forEach(c -> svg.append(text(
                        "<circle class=\"hole\" cx=\"%.4f\" cy=\"%.4f\" r=\"%.4f\"/>\n",
                        c.middle().x(), -c.middle().r(), c.diameter() / 2)));
        if (t.centre()) {
            svg.append("<path class=\"reference\" d=\"M-6 0 H6 M0 -6 V6\"/>\n");
        }
        double y = top + height - BARS + 12;
        svg.append(text("<path class=\"scale\" d=\"M%.3f %.3f h100 m-100 -2 v4 m100 -4 v4\"/>\n", left + ROOM, y));
        svg.append(text(
                "<path class=\"scale\" d=\"M%.3f %.3f h101.6 m-101.6 -2 v4 m101.6 -4 v4\"/>\n", left + ROOM, y + 9));
        svg.append("</g>\n<g font-family=\"sans-serif\" font-size=\"4\">\n");
        t.notes().forEach(n -> words(svg, n.at().x(), -n.at().r(), n.text()));
        words(svg, left + ROOM, y - 3, "100 mm");
        words(svg, left + ROOM + 20, y - 3, t.title());
        words(
                svg,
                left + ROOM,
                y + 14,
                "4 in. Measure both bars before cutting: printed at any other scale it is worthless.");
        return svg.append("</g>\n</svg>\n").toString();
    }

    private static void words(StringBuilder svg, double x, double y, String words) {
        svg.append(text("<text x=\"%.2f\" y=\"%.2f\">", x, y))
                .append(escaped(words))
                .append("</text>\n");
    }

    private static String path(List<Point> points, boolean closed) {
        return points.stream()
                .map(p -> text("%.4f %.4f", p.x(), -p.r()))
                .collect(Collectors.joining(" L", "M", closed ? " Z" : ""));
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
