package itrova.formats.paper;

import itrova.core.order.WorkedPart;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Text flowing down A4 pages, a new one begun where the old one is full. */
final class FlowingPdf implements AutoCloseable {
    static final float MARGIN = 50;
    static final float RIGHT = PDRectangle.A4.getWidth() - MARGIN;
    private static final float TOP = PDRectangle.A4.getHeight() - MARGIN;
    static final float TEXT_SIZE = 9.5f;
    static final float LINE = 13;
    /** How far a point's text stands in (pt). */
    private static final float POINT = 14;
    /** Room for a shop's mark (pt). */
    private static final float LOGO_WIDE = 140;

    private static final float LOGO_HIGH = 60;

    private final PDDocument document = new PDDocument();
    private final PDFont font;
    private PDPageContentStream page;
    private float y;

    FlowingPdf(String title) throws IOException {
        document.getDocumentInformation().setTitle(title);
        font = PaperFont.load(document);
        page = newPage();
    }

    private PDPageContentStream newPage() throws IOException {
        PDPage sheet = new PDPage(PDRectangle.A4);
        document.addPage(sheet);
        y = TOP;
        return new PDPageContentStream(document, sheet);
    }

    /** The file, finished. */
    byte[] bytes() throws IOException {
        page.close();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }

    /** Goes down by so much (pt). */
    void down(float by) {
        y -= by;
    }

    /** A heading with room for what follows it. */
    void heading(float size, String text) throws IOException {
        room(size + 3 * LINE);
        y -= size / 2;
        text(MARGIN, size, text);
        y -= size + 4;
    }

    /** A paragraph at the usual size, wrapped. */
    void paragraph(float x, String text) throws IOException {
        for (String line : wrapped(text, RIGHT - x)) {
            room(LINE);
            text(x, TEXT_SIZE, line);
            y -= LINE;
        }
    }

    /** A heading with its points; nothing where there are none. */
    void list(String title, List<String> points) throws IOException {
        if (points.isEmpty()) {
            return;
        }
        heading(12, title);
        for (String point : points) {
            room(LINE);
            text(MARGIN, TEXT_SIZE, "-");
            paragraph(MARGIN + POINT, point);
        }
        y -= 4;
    }

    void room(float needed) throws IOException {
        if (y - needed < MARGIN) {
            page.close();
            page = newPage();
        }
    }

    /** A photo, no wider and no higher than told (pt), and room for a line below it. @throws IOException if it is no JPEG */
    void photo(byte[] jpeg, float mostWide, float mostHigh) throws IOException {
        PDImageXObject image = JPEGFactory.createFromByteArray(document, jpeg);
        float scale = Math.min(mostWide / image.getWidth(), mostHigh / image.getHeight());
        float high = image.getHeight() * scale;
        room(high + 2 * LINE);
        page.drawImage(image, MARGIN, y - high, image.getWidth() * scale, high);
        y -= high + LINE;
    }

    /** Who the paper is from: the mark at the right, name and address at the left. */
    void head(Letterhead from) throws IOException {
        float high = 0;
        if (from.logo().length > 0) {
            PDImageXObject image = JPEGFactory.createFromByteArray(document, from.logo());
            float scale = Math.min(LOGO_WIDE / image.getWidth(), LOGO_HIGH / image.getHeight());
            high = image.getHeight() * scale;
            page.drawImage(
                    image, RIGHT - image.getWidth() * scale, y + TEXT_SIZE - high, image.getWidth() * scale, high);
        }
        for (String line : from.lines()) {
            text(MARGIN, TEXT_SIZE, line);
            y -= LINE;
            high -= LINE;
        }
        y -= Math.max(0, high) + LINE;
    }

    /** A worked part's face with its dimensions. */
    void face(WorkedPart part) throws IOException {
        new FacePainter(this, page, MARGIN, y, part).draw();
        y -= FacePainter.HEIGHT + LINE;
    }

    void rule() throws IOException {
        page.setLineWidth(0.5f);
        page.moveTo(MARGIN, y);
        page.lineTo(RIGHT, y);
        page.stroke();
        y -= 16;
    }

    void text(float x, float size, String text) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, y);
        page.showText(printable(text));
        page.endText();
    }

    /** Text at a place of the page (pt). */
    void textAt(float x, float at, float size, String text) throws IOException {
        float here = y;
        y = at;
        text(x, size, text);
        y = here;
    }

    void rightText(float size, String text) throws IOException {
        rightTextAt(RIGHT, size, text);
    }

    void rightTextAt(float right, float size, String text) throws IOException {
        text(right - width(text, size), size, text);
    }

    private float width(String text, float size) throws IOException {
        return font.getStringWidth(printable(text)) / 1000 * size;
    }

    List<String> wrapped(String text, float most) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split("\\s+")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && width(longer, TEXT_SIZE) > most) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        if (!line.isEmpty()) {
            lines.add(line.toString());
        }
        return lines;
    }

    /** Characters the font cannot print become a question mark, so that odd input cannot stop a paper. */
    private String printable(String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints().forEach(c -> {
            String one = Character.toString(c);
            try {
                font.encode(one);
                out.append(one);
            } catch (IOException | IllegalArgumentException e) {
                out.append('?');
            }
        });
        return out.toString();
    }
}
