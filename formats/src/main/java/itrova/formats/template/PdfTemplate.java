package itrova.formats.template;

import itrova.core.geometry.Point;
import itrova.formats.paper.PaperFont;
import itrova.formats.template.Template.Layer;
import itrova.formats.template.Template.Line;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** A template as PDF at true size, with bars of 100 mm and 4 in to check the printer by. */
public final class PdfTemplate {
    /** Points in a millimetre. */
    private static final float MM = 72 / 25.4f;

    private static final float MARGIN = 15 * MM;
    private static final float BARS = 32 * MM;
    private static final float ARC = 0.5522848f; // a quarter circle as one Bézier curve

    private final PDPageContentStream page;
    private final PDFont font;
    private final float originX;
    private final float originY;

    private PdfTemplate(PDPageContentStream page, PDFont font, float originX, float originY) {
        this.page = page;
        this.font = font;
        this.originX = originX;
        this.originY = originY;
    }

    /**
     * The drawing as a PDF file, on A4, or A3 where A4 is too small. Viewers are told not to scale it.
     *
     * @throws IllegalArgumentException if it does not go on A3
     */
    public static byte[] write(Template t) {
        double[] b = t.bounds();
        float width = (float) (b[2] - b[0]) * MM;
        float height = (float) (b[3] - b[1]) * MM;
        PDRectangle sheet = sheet(width, height);
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(t.title());
            PDViewerPreferences preferences = new PDViewerPreferences(new org.apache.pdfbox.cos.COSDictionary());
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            PDPage page = new PDPage(sheet);
            document.addPage(page);
            PDFont font = PaperFont.load(document);
            float originX = (sheet.getWidth() - width) / 2 - (float) b[0] * MM;
            float originY = sheet.getHeight() - MARGIN - (float) b[3] * MM - 8 * MM;
            try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                PdfTemplate pdf = new PdfTemplate(stream, font, originX, originY);
                pdf.draw(t);
                pdf.bars(t.title());
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PDRectangle sheet(float width, float height) {
        for (PDRectangle sheet : new PDRectangle[] {PDRectangle.A4, PDRectangle.A3}) {
            boolean fits =
                    width + 2 * MARGIN <= sheet.getWidth() && height + 2 * MARGIN + BARS + 8 * MM <= sheet.getHeight();
            if (fits) {
                return sheet;
            }
        }
        throw new IllegalArgumentException(
                "The template does not go on A3 at true size. Take the DXF or SVG to a cutter or plotter.");
    }

    private void draw(Template t) throws IOException {
        for (Line line : t.lines()) {
            boolean reference = line.layer() == Layer.REFERENCE;
            page.setLineWidth(reference ? 0.4f : 0.8f);
            page.setLineDashPattern(reference ? new float[] {6, 3} : new float[0], 0);
            for (int i = 0; i < line.points().size(); i++) {
                Point p = line.points().get(i);
                if (i == 0) {
                    page.moveTo(x(p.x()), y(p.r()));
                } else {
                    page.lineTo(x(p.x()), y(p.r()));
                }
            }
            if (line.closed()) {
                page.closeAndStroke();
            } else {
                page.stroke();
            }
        }
        page.setLineDashPattern(new float[0], 0);
        page.setLineWidth(0.6f);
        for (Template.Circle c : t.circles()) {
            circle(c);
            cross(c.middle(), 3);
        }
        if (t.centre()) {
            cross(new Point(0, 0), 6);
        }
        for (Template.Note n : t.notes()) {
            words(x(n.at().x()), y(n.at().r()), 8, n.text());
        }
    }

    private void circle(Template.Circle c) throws IOException {
        float cx = x(c.middle().x());
        float cy = y(c.middle().r());
        float r = (float) c.diameter() / 2 * MM;
        float k = ARC * r;
        page.moveTo(cx + r, cy);
        page.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
        page.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
        page.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
        page.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
        page.stroke();
    }

    private void cross(Point at, double half) throws IOException {
        page.moveTo(x(at.x() - half), y(at.r()));
        page.lineTo(x(at.x() + half), y(at.r()));
        page.moveTo(x(at.x()), y(at.r() - half));
        page.lineTo(x(at.x()), y(at.r() + half));
        page.stroke();
    }

    private void bars(String title) throws IOException {
        bar(MARGIN + 22 * MM, 100, "100 mm");
        bar(MARGIN + 12 * MM, 101.6, "4 in");
        words(MARGIN, MARGIN + 28 * MM, 10, title);
        words(
                MARGIN,
                MARGIN,
                8,
                "Print at 100 %. Measure both bars before cutting: at any other scale it is worthless. Dry-fit before anything is modified.");
    }

    /** A bar of a stated length, thick enough to be measured on paper or in a picture of it. */
    private void bar(float y, double length, String label) throws IOException {
        page.addRect(MARGIN, y, (float) length * MM, 1.5f * MM);
        page.fill();
        words(MARGIN + (float) length * MM + 3 * MM, y, 9, label);
    }

    private void words(float x, float y, float size, String text) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, y);
        page.showText(text);
        page.endText();
    }

    private float x(double mm) {
        return originX + (float) mm * MM;
    }

    private float y(double mm) {
        return originY + (float) mm * MM;
    }
}
