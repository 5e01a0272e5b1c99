package itrova.formats.paper;

import static itrova.formats.paper.FlowingPdf.LINE;
import static itrova.formats.paper.FlowingPdf.MARGIN;
import static itrova.formats.paper.FlowingPdf.TEXT_SIZE;

import itrova.core.order.OrderLine;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.List;

/** Order sheet as PDF on A4. */
public final class OrderPdf {
    private static final float ITEM_X = MARGIN + 40;
    private static final float ITEM_WIDTH = 300;

    private final FlowingPdf sheet;

    private OrderPdf(FlowingPdf sheet) {
        this.sheet = sheet;
    }

    /** The sheet as a PDF file. */
    public static byte[] write(OrderPaper paper) {
        try (FlowingPdf sheet = new FlowingPdf("Order sheet: " + paper.job())) {
            new OrderPdf(sheet).draw(paper);
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw(OrderPaper paper) throws IOException {
        sheet.head(paper.shop());
        sheet.text(MARGIN, 17, "Order sheet");
        sheet.rightText(10, paper.date());
        sheet.down(22);
        sheet.text(MARGIN, 11, paper.job() + ", " + paper.axle());
        sheet.down(15);
        sheet.text(MARGIN, 11, "Verdict on the kit: " + paper.verdict());
        sheet.down(15);
        for (String line : sheet.wrapped(paper.signature(), 500)) {
            sheet.text(MARGIN, TEXT_SIZE, line);
            sheet.down(LINE);
        }
        sheet.rule();
        for (OrderLine line : paper.sheet().lines()) {
            orderLine(line, paper);
        }
        sheet.text(ITEM_X, 11, "Total");
        sheet.rightText(11, price(paper.sheet().totalCents(), paper.currency()));
        sheet.down(18);
        if (paper.taxPercent().signum() > 0) {
            long tax = paper.taxCents();
            sheet.text(
                    ITEM_X,
                    TEXT_SIZE,
                    "Tax, " + paper.taxPercent().stripTrailingZeros().toPlainString() + " %");
            sheet.rightText(TEXT_SIZE, price(tax, paper.currency()));
            sheet.down(15);
            sheet.text(ITEM_X, 11, "Total with tax");
            sheet.rightText(11, price(Math.addExact(paper.sheet().totalCents(), tax), paper.currency()));
            sheet.down(18);
        }
        sheet.text(MARGIN, TEXT_SIZE, "Last delivery after " + paper.sheet().longestLeadDays() + " working days.");
        sheet.down(20);
        sheet.rule();
        String caution =
                "Not checked by the program, check by hand before ordering: " + String.join("; ", paper.notChecked())
                        + ". Brakes are safety-critical: local rules, inspection and licensed practice come first.";
        for (String part : sheet.wrapped(caution, 490)) {
            sheet.room(LINE);
            sheet.text(MARGIN, TEXT_SIZE, part);
            sheet.down(LINE);
        }
    }

    private void orderLine(OrderLine line, OrderPaper paper) throws IOException {
        List<String> item = sheet.wrapped(paper.wording().say(line.item()), ITEM_WIDTH);
        sheet.room(LINE * (item.size() + 2));
        sheet.text(MARGIN, TEXT_SIZE, line.quantity() + " ×");
        sheet.rightText(TEXT_SIZE, price(line.totalCents(), paper.currency()));
        for (String part : item) {
            sheet.text(ITEM_X, TEXT_SIZE, part);
            sheet.down(LINE);
        }
        sheet.text(
                ITEM_X,
                8,
                line.supplier() + " · " + line.leadDays() + " days · "
                        + paper.wording().say(line.remark()));
        sheet.down(LINE + 4);
    }

    private static String price(long cents, String currency) {
        return BigDecimal.valueOf(cents, 2).toPlainString() + " " + currency;
    }
}
