package itrova.formats.paper;

import itrova.core.order.OrderLine;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Order sheet as PDF on A4. */
public final class OrderPdf {
    private static final float MARGIN = 50;
    private static final float RIGHT = PDRectangle.A4.getWidth() - MARGIN;
    private static final float TOP = PDRectangle.A4.getHeight() - MARGIN;
    private static final float ITEM_X = MARGIN + 40;
    private static final float ITEM_WIDTH = 300;
    private static final float TEXT_SIZE = 9.5f;
    private static final float LINE = 13;

    private final PDDocument document;
    private final PDFont font;
    private PDPageContentStream page;
    private float y;

    private OrderPdf(PDDocument document) throws IOException {
        this.document = document;
        this.font = PaperFont.load(document);
        this.page = newPage();
    }

    /** The sheet as a PDF file. */
    public static byte[] write(OrderPaper paper) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle("Order sheet: " + paper.job());
            new OrderPdf(document).draw(paper);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private PDPageContentStream newPage() throws IOException {
        PDPage sheet = new PDPage(PDRectangle.A4);
        document.addPage(sheet);
        y = TOP;
        return new PDPageContentStream(document, sheet);
    }

    private void draw(OrderPaper paper) throws IOException {
        text(MARGIN, 17, "Order sheet");
        rightText(10, paper.date());
        y -= 22;
        text(MARGIN, 11, paper.shop());
        y -= 15;
        text(MARGIN, 11, paper.job() + ", " + paper.axle());
        y -= 15;
        text(MARGIN, 11, "Verdict on the kit: " + paper.verdict());
        y -= 15;
        for (String line : wrapped(paper.signature(), 500)) {
            text(MARGIN, TEXT_SIZE, line);
            y -= LINE;
        }
        rule();
        for (OrderLine line : paper.sheet().lines()) {
            orderLine(line, paper);
        }
        text(ITEM_X, 11, "Total");
        rightText(11, price(paper.sheet().totalCents(), paper.currency()));
        y -= 18;
        text(MARGIN, TEXT_SIZE, "Last delivery after " + paper.sheet().longestLeadDays() + " working days.");
        y -= 20;
        rule();
        String caution =
                "Not checked by the program, check by hand before ordering: " + String.join("; ", paper.notChecked())
                        + ". Brakes are safety-critical: local rules, inspection and licensed practice come first.";
        for (String part : wrapped(caution, 490)) {
            room(LINE);
            text(MARGIN, TEXT_SIZE, part);
            y -= LINE;
        }
        page.close();
    }

    private void orderLine(OrderLine line, OrderPaper paper) throws IOException {
        List<String> item = wrapped(paper.wording().say(line.item()), ITEM_WIDTH);
        room(LINE * (item.size() + 2));
        text(MARGIN, TEXT_SIZE, line.quantity() + " ×");
        rightText(TEXT_SIZE, price(line.totalCents(), paper.currency()));
        for (String part : item) {
            text(ITEM_X, TEXT_SIZE, part);
            y -= LINE;
        }
        text(
                ITEM_X,
                8,
                line.supplier() + " · " + line.leadDays() + " days · "
                        + paper.wording().say(line.remark()));
        y -= LINE + 4;
    }

    private void room(float needed) throws IOException {
        if (y - needed < MARGIN) {
            page.close();
            page = newPage();
        }
    }

    private void rule() throws IOException {
        page.setLineWidth(0.5f);
        page.moveTo(MARGIN, y);
        page.lineTo(RIGHT, y);
        page.stroke();
        y -= 16;
    }

    private void text(float x, float size, String text) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, y);
        page.showText(printable(text));
        page.endText();
    }

    private void rightText(float size, String text) throws IOException {
        text(RIGHT - width(text, size), size, text);
    }

    private float width(String text, float size) throws IOException {
        return font.getStringWidth(printable(text)) / 1000 * size;
    }

    private List<String> wrapped(String text, float most) throws IOException {
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

    /** Characters the font cannot print become a question mark, so that odd input cannot stop an order. */
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

    private static String price(long cents, String currency) {
        return BigDecimal.valueOf(cents, 2).toPlainString() + " " + currency;
    }
}
