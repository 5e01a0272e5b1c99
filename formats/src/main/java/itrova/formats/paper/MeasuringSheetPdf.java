package itrova.formats.paper;

import itrova.core.measure.ReadingSpec;
import itrova.core.measure.WantedReadings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.formats.drawing.AxleEndDrawing;
import itrova.formats.drawing.Sheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * A sheet to fill in under the vehicle: each view with numbered places, and numbered blanks for both sides in millimetres and
 * inches, in the order the readings are typed in later.
 */
public final class MeasuringSheetPdf {
    private static final float MARGIN = 42;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    private static final float TOP = PDRectangle.A4.getHeight() - MARGIN;
    private static final float BOTTOM = MARGIN + 30;
    private static final float ROW = 17.5f;
    private static final float DRAWING_HEIGHT = 268;
    /** Where the columns begin (points from the left margin): number, dimension, instrument, four blanks. */
    private static final float[] COLUMNS = {0, 20, 198, 290, 346, 402, 458};

    private final PDDocument document;
    private final PDFont font;
    private final Map<Callout, Integer> numbers = new HashMap<>();

    private MeasuringSheetPdf(PDDocument document) throws IOException {
        this.document = document;
        font = PaperFont.load(document);
    }

    /**
     * The sheet as a PDF file.
     *
     * @param heading what stands on top of every page: job, axle, date
     * @param end the end as far as it is read; decides form and drawing
     */
    public static byte[] write(String heading, AxleEnd end) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle("Measuring sheet: " + heading);
            new MeasuringSheetPdf(document).draw(heading, end);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The dimensions of the sheet in the order they are numbered: one way of measuring the circle stands for all. */
    public static List<Callout> order(AxleEnd end) {
        return ReadingSpec.handOrder(end.form()).stream()
                .filter(c -> !WantedReadings.CIRCLE_WAYS.contains(c) || c == WantedReadings.CIRCLE_WAYS.get(0))
                .toList();
    }

    private void draw(String heading, AxleEnd end) throws IOException {
        List<Callout> order = order(end);
        for (int i = 0; i < order.size(); i++) {
            numbers.put(order.get(i), i + 1);
        }
        for (Sheet sheet : AxleEndDrawing.of(end)) {
            List<Callout> here = order.stream()
                    .filter(c -> AxleEndDrawing.viewOf(c) == sheet.view())
                    .toList();
            page(heading, end, sheet, here);
        }
    }

    private void page(String heading, AxleEnd end, Sheet sheet, List<Callout> here) throws IOException {
        List<Row> rows = rows(here);
        int taken = 0;
        boolean first = true;
        while (taken < rows.size()) {
            PDPage paper = new PDPage(PDRectangle.A4);
            document.addPage(paper);
            try (PDPageContentStream page = new PDPageContentStream(document, paper)) {
                float y = TOP;
                text(page, MARGIN, y, 14, sheet.title() + ", " + end.kind().word());
                text(page, MARGIN, y - 16, 9.5f, heading);
                y -= 28;
                if (first) {
                    drawing(page, sheet, y);
                    y -= DRAWING_HEIGHT;
                }
                int room = (int) ((y - BOTTOM) / ROW) - 1;
                List<Row> part = rows.subList(taken, Math.min(rows.size(), taken + room));
                table(page, part, y);
                taken += part.size();
                first = false;
                text(
                        page,
                        MARGIN,
                        MARGIN,
                        8,
                        "Write either column, never convert by hand. Two readings of what decides an order. Stands, not jacks; no dry"
                                + " brushing of old linings.");
            }
        }
    }

    private record Row(String number, String title, String with) {}

    private List<Row> rows(List<Callout> here) {
        List<Row> rows = new ArrayList<>();
        for (Callout c : here) {
            String with = ReadingSpec.of(c).preferred().title();
            String number = String.valueOf(numbers.get(c));
            if (c.hasPlaces()) {
                String at = c == Callout.WHEEL_BARREL ? " at depth ______" : " at radius ______";
                for (int i = 0; i < WantedReadings.PLACES_WANTED + 1; i++) {
                    rows.add(new Row(number, c.title() + at, with));
                }
            } else if (WantedReadings.CIRCLE_WAYS.contains(c)) {
                rows.add(new Row(number, c.title() + " (or: ________)", with));
            } else {
                rows.add(new Row(number, c.title(), with));
            }
        }
        return rows;
    }

    private void drawing(PDPageContentStream page, Sheet sheet, float top) throws IOException {
        float room = DRAWING_HEIGHT - 16;
        float scale = Math.min(WIDTH / (float) sheet.width(), room / (float) sheet.height());
        SheetPainter painter = new SheetPainter(page, MARGIN + (WIDTH - (float) sheet.width() * scale) / 2, top, scale);
        painter.draw(sheet);
        for (Sheet.Note note : sheet.notes()) {
            text(page, painter.x(note.x()), painter.y(note.y()), 7, note.text());
        }
        List<float[]> placed = new ArrayList<>();
        for (Sheet.Anchor a : sheet.anchors()) {
            if (numbers.containsKey(a.callout())) {
                balloon(page, painter.x(a.x()), painter.y(a.y()), numbers.get(a.callout()), placed);
            }
        }
    }

    /** A number beside its place; moved outwards until it lies on no other. */
    private void balloon(PDPageContentStream page, float x, float y, int number, List<float[]> placed)
            throws IOException {
        float bx = x + 12;
        float by = y + 10;
        for (int turn = 0; turn < 40 && overlaps(bx, by, placed); turn++) {
            double angle = 0.9 * turn;
            double reach = 14 + 2.2 * turn;
            bx = x + (float) (reach * Math.cos(angle));
            by = y + (float) (reach * Math.sin(angle));
        }
        placed.add(new float[] {bx, by});
        page.setLineWidth(0.5f);
        page.moveTo(x, y);
        page.lineTo(bx, by);
        page.stroke();
        page.setNonStrokingColor(1f);
        page.addRect(bx - 7, by - 5.5f, 14, 11);
        page.fillAndStroke();
        page.setNonStrokingColor(0f);
        String text = String.valueOf(number);
        text(page, bx - width(text, 8) / 2, by - 2.8f, 8, text);
    }

    private static boolean overlaps(float x, float y, List<float[]> placed) {
        return placed.stream().anyMatch(p -> Math.abs(p[0] - x) < 16 && Math.abs(p[1] - y) < 13);
    }

    private void table(PDPageContentStream page, List<Row> rows, float top) throws IOException {
        float y = top - 11;
        String[] heads = {"No", "Dimension", "With", "Left mm", "Left in", "Right mm", "Right in"};
        for (int i = 0; i < heads.length; i++) {
            text(page, MARGIN + COLUMNS[i] + 3, y, 8, heads[i]);
        }
        y -= 4;
        line(page, MARGIN, y, MARGIN + WIDTH, y);
        float end = y - ROW * rows.size();
        for (Row row : rows) {
            text(page, MARGIN + COLUMNS[0] + 3, y - ROW + 5, 9, row.number());
            text(page, MARGIN + COLUMNS[1] + 3, y - ROW + 5, 9, row.title());
            text(page, MARGIN + COLUMNS[2] + 3, y - ROW + 5, 7.5f, row.with());
            y -= ROW;
            line(page, MARGIN, y, MARGIN + WIDTH, y);
        }
        for (int i = 3; i < COLUMNS.length; i++) {
            line(page, MARGIN + COLUMNS[i], top - 15, MARGIN + COLUMNS[i], end);
        }
    }

    private static void line(PDPageContentStream page, float x1, float y1, float x2, float y2) throws IOException {
        page.setLineWidth(0.4f);
        page.moveTo(x1, y1);
        page.lineTo(x2, y2);
        page.stroke();
    }

    private float width(String text, float size) throws IOException {
        return font.getStringWidth(text) / 1000 * size;
    }

    private void text(PDPageContentStream page, float x, float y, float size, String text) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, y);
        page.showText(printable(text));
        page.endText();
    }

    private String printable(String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints().forEach(c -> out.appendCodePoint(canShow(c) ? c : '?'));
        return out.toString();
    }

    private boolean canShow(int codePoint) {
        try {
            font.encode(Character.toString(codePoint));
            return codePoint >= ' ';
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }
}
