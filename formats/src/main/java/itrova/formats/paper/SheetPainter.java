package itrova.formats.paper;

import itrova.formats.drawing.Sheet;
import itrova.formats.drawing.Sheet.Shape;
import itrova.formats.drawing.Sheet.Style;
import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Draws a sheet's shapes into a PDF page. Knows just the path commands that drawings of this program use: M, L, a, A and Z. */
final class SheetPainter {
    private static final Pattern COMMAND = Pattern.compile("([MLaAZ])([^MLaAZ]*)");
    private static final int ARC_STEPS = 24;

    private final PDPageContentStream page;
    private final float left;
    private final float top;
    private final float scale;

    /**
     * @param left where the sheet's left edge lies (points)
     * @param top where its upper edge lies (points)
     * @param scale points per millimetre of the part
     */
    SheetPainter(PDPageContentStream page, float left, float top, float scale) {
        this.page = page;
        this.left = left;
        this.top = top;
        this.scale = scale;
    }

    float x(double mm) {
        return left + (float) mm * scale;
    }

    float y(double mm) {
        return top - (float) mm * scale;
    }

    void draw(Sheet sheet) throws IOException {
        for (Shape shape : sheet.shapes()) {
            page.setStrokingColor(shape.style() == Style.THIN || shape.style() == Style.CENTRE ? 0.45f : 0f);
            page.setLineWidth(shape.style() == Style.PART || shape.style() == Style.CUT ? 0.9f : 0.6f);
            page.setLineDashPattern(dash(shape), 0);
            boolean filled = shape.style() == Style.CUT || shape.style() == Style.WHEEL || shape.style() == Style.SOLID;
            page.setNonStrokingColor(shape.style() == Style.SOLID ? 0.82f : 0.92f);
            path(shape.path());
            if (shape.style() == Style.VOID) {
                page.setNonStrokingColor(1f);
                page.fillAndStroke();
            } else if (filled && shape.known()) {
                page.fillAndStroke();
            } else {
                page.stroke();
            }
        }
        page.setLineDashPattern(new float[0], 0);
        page.setStrokingColor(0f);
        page.setNonStrokingColor(0f);
    }

    private static float[] dash(Shape shape) {
        if (shape.style() == Style.CENTRE) {
            return new float[] {8, 2, 1.5f, 2};
        }
        return shape.known() ? new float[0] : new float[] {3, 2.5f};
    }

    private void path(String data) throws IOException {
        Matcher m = COMMAND.matcher(data);
        double px = 0;
        double py = 0;
        while (m.find()) {
            double[] n = numbers(m.group(2));
            switch (m.group(1).charAt(0)) {
                case 'M' -> {
                    page.moveTo(x(n[0]), y(n[1]));
                    px = n[0];
                    py = n[1];
                }
                case 'L' -> {
                    page.lineTo(x(n[0]), y(n[1]));
                    px = n[0];
                    py = n[1];
                }
                case 'a' -> {
                    halfTurn(px, py, n[0], n[5] > 0);
                    px += n[5];
                    py += n[6];
                }
                case 'A' -> {
                    arc(px, py, n[0], n[5], n[6]);
                    px = n[5];
                    py = n[6];
                }
                default -> page.closePath();
            }
        }
    }

    private static double[] numbers(String text) {
        String[] parts = text.strip().split("\\s+");
        double[] n = new double[text.isBlank() ? 0 : parts.length];
        for (int i = 0; i < n.length; i++) {
            n[i] = Double.parseDouble(parts[i]);
        }
        return n;
    }

    /** Half a circle from its leftmost or rightmost place to the other side. */
    private void halfTurn(double px, double py, double radius, boolean fromLeft) throws IOException {
        double cx = fromLeft ? px + radius : px - radius;
        for (int i = 1; i <= ARC_STEPS; i++) {
            double t = Math.PI * i / ARC_STEPS;
            double dx = fromLeft ? -Math.cos(t) : Math.cos(t);
            double dy = fromLeft ? -Math.sin(t) : Math.sin(t);
            page.lineTo(x(cx + radius * dx), y(py + radius * dy));
        }
    }

    /** The short clockwise arc of a radius between two places. */
    private void arc(double px, double py, double radius, double qx, double qy) throws IOException {
        double half = Math.hypot(qx - px, qy - py) / 2;
        double height = Math.sqrt(Math.max(0, radius * radius - half * half));
        double ux = (qx - px) / (2 * half);
        double uy = (qy - py) / (2 * half);
        double cx = (px + qx) / 2 - uy * height;
        double cy = (py + qy) / 2 + ux * height;
        double from = Math.atan2(py - cy, px - cx);
        double to = Math.atan2(qy - cy, qx - cx);
        double sweep = to - from;
        if (sweep < 0) {
            sweep += 2 * Math.PI;
        }
        for (int i = 1; i <= ARC_STEPS; i++) {
            double t = from + sweep * i / ARC_STEPS;
            page.lineTo(x(cx + radius * Math.cos(t)), y(cy + radius * Math.sin(t)));
        }
    }
}
