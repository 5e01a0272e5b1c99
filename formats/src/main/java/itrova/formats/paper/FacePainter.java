package itrova.formats.paper;

import itrova.core.order.WorkedPart;
import itrova.core.order.WorkedPart.Dimension;
import itrova.core.order.WorkedPart.Holes;
import itrova.core.order.WorkedPart.Of;
import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Draws the face of a round part with its dimensions: what is made in heavy lines, what is as found in light ones. */
final class FacePainter {
    /** A circle's quarter as one cubic: handles at this part of the radius. */
    private static final float HANDLE = 0.5523f;
    /** Height of the drawing (pt). */
    static final float HEIGHT = 190;

    private static final float RADIUS = 80;
    private static final float LIGHT = 0.6f;
    private static final float HEAVY = 1.6f;

    private final PDPageContentStream page;
    private final FlowingPdf sheet;
    private final float centreX;
    private final float centreY;
    private final WorkedPart part;
    private final float scale;
    private int notes;

    FacePainter(FlowingPdf sheet, PDPageContentStream page, float left, float top, WorkedPart part) {
        this.sheet = sheet;
        this.page = page;
        this.part = part;
        centreX = left + RADIUS;
        centreY = top - HEIGHT / 2;
        double largest = Math.max(
                part.dimension(Of.OUTSIDE).map(Dimension::value).orElse(0.0),
                Math.max(
                        part.dimension(Of.INSIDE).map(Dimension::value).orElse(0.0) * 1.3,
                        part.holes()
                                .map(h -> 1.25 * (h.circle() + h.diameter()))
                                .orElse(0.0)));
        scale = (float) (2 * RADIUS / Math.max(largest, 1));
    }

    void draw() throws IOException {
        Optional<Dimension> outside = part.dimension(Of.OUTSIDE);
        if (outside.isPresent()) {
            circle(centreX, centreY, outside.get().value(), outside.get().isMade());
        } else { // as large as it takes to show the rest; its size does not matter here
            page.setLineDashPattern(new float[] {4, 3}, 0);
            circle(centreX, centreY, 2 * RADIUS / scale, false);
            page.setLineDashPattern(new float[0], 0);
        }
        Optional<Dimension> inside = part.dimension(Of.INSIDE);
        if (inside.isPresent()) {
            circle(centreX, centreY, inside.get().value(), inside.get().isMade());
        }
        if (part.holes().isPresent()) {
            holes(part.holes().get());
        }
        centreLines();
        for (Dimension d : part.dimensions()) {
            note(d);
        }
    }

    private void holes(Holes holes) throws IOException {
        page.setLineDashPattern(new float[] {8, 2, 1.5f, 2}, 0);
        circle(
                centreX,
                centreY,
                holes.circle(),
                part.dimension(Of.CIRCLE).filter(Dimension::isMade).isPresent());
        page.setLineDashPattern(new float[0], 0);
        boolean isMade = part.dimension(Of.HOLE).filter(Dimension::isMade).isPresent();
        for (int i = 0; i < holes.count(); i++) {
            double angle = Math.PI / 2 + 2 * Math.PI * i / holes.count();
            float r = (float) (holes.circle() / 2) * scale;
            circle(
                    centreX + r * (float) Math.cos(angle),
                    centreY + r * (float) Math.sin(angle),
                    Math.max(holes.diameter(), 1),
                    isMade);
        }
    }

    private void centreLines() throws IOException {
        page.setLineWidth(0.4f);
        page.setLineDashPattern(new float[] {8, 2, 1.5f, 2}, 0);
        line(centreX - RADIUS - 6, centreY, centreX + RADIUS + 6, centreY);
        line(centreX, centreY - RADIUS - 6, centreX, centreY + RADIUS + 6);
        page.setLineDashPattern(new float[0], 0);
    }

    /** A dimension beside the drawing, with a leader to what it is of. */
    private void note(Dimension d) throws IOException {
        float x = centreX + RADIUS + 46;
        float y = centreY + RADIUS - 10 - 32f * notes++;
        page.setLineWidth(0.5f);
        double reach =
                switch (d.of()) {
                    case OUTSIDE, CORNER ->
                        part.dimension(Of.OUTSIDE).map(Dimension::value).orElse(0.0) / 2;
                    case INSIDE -> d.value() / 2;
                    case CIRCLE, HOLE -> part.holes().map(h -> h.circle() / 2).orElse(0.0);
                    case THICKNESS -> 0;
                };
        if (reach > 0) {
            double angle = angle(d.of());
            line(
                    centreX + (float) (reach * Math.cos(angle)) * scale,
                    centreY + (float) (reach * Math.sin(angle)) * scale,
                    x - 4,
                    y + 3);
        }
        sheet.textAt(x, y, d.isMade() ? 11 : FlowingPdf.TEXT_SIZE, text(d));
        sheet.textAt(x, y - 11, 8, d.of().title() + (d.isMade() ? ", to be made" : ", as found, for reference"));
    }

    /** Where a leader ends (rad): a hole's on a hole, its circle's between two. */
    private double angle(Of of) {
        double between = part.holes().map(h -> 2 * Math.PI / h.count()).orElse(Math.PI / 3);
        return switch (of) {
            case HOLE -> Math.PI / 2 - between;
            case CIRCLE -> (Math.PI - between) / 2;
            default -> Math.toRadians(50 - 22.0 * (notes - 1));
        };
    }

    private String text(Dimension d) {
        String count = d.of() == Of.HOLE || d.of() == Of.CIRCLE
                ? part.holes().map(h -> h.count() + " × ").orElse("")
                : "";
        String sign =
                switch (d.of()) {
                    case THICKNESS -> "";
                    case CORNER -> "R ";
                    default -> "Ø ";
                };
        String value = String.format(Locale.ROOT, "%s%s%.2f", count, sign, d.value());
        return d.isMade()
                ? String.format(
                        Locale.ROOT,
                        "%s ± %.2f mm  (%.4f ± %.4f in)",
                        value,
                        d.tolerance(),
                        d.value() / 25.4,
                        d.tolerance() / 25.4)
                : String.format(Locale.ROOT, "(%s mm, %.3f in)", value, d.value() / 25.4);
    }

    private void line(float x1, float y1, float x2, float y2) throws IOException {
        page.moveTo(x1, y1);
        page.lineTo(x2, y2);
        page.stroke();
    }

    private void circle(float x, float y, double diameter, boolean isHeavy) throws IOException {
        float r = (float) (diameter / 2) * scale;
        float h = HANDLE * r;
        page.setLineWidth(isHeavy ? HEAVY : LIGHT);
        page.moveTo(x + r, y);
        page.curveTo(x + r, y + h, x + h, y + r, x, y + r);
        page.curveTo(x - h, y + r, x - r, y + h, x - r, y);
        page.curveTo(x - r, y - h, x - h, y - r, x, y - r);
        page.curveTo(x + h, y - r, x + r, y - h, x + r, y);
        page.stroke();
    }
}
