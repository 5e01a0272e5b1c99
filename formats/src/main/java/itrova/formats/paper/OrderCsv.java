package itrova.formats.paper;

import itrova.core.order.OrderLine;
import itrova.formats.SpreadsheetText;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Order sheet as CSV (RFC 4180), one line an item. */
public final class OrderCsv {
    private OrderCsv() {}

    /** The sheet as text with a heading line. */
    public static String write(OrderPaper paper) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "kind",
                        "supplier",
                        "item",
                        "quantity",
                        "unit_price",
                        "total",
                        "currency",
                        "lead_days",
                        "remark")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (OrderLine line : paper.sheet().lines()) {
                csv.printRecord(
                        line.kind().name().toLowerCase(Locale.ROOT),
                        SpreadsheetText.toCell(line.supplier()),
                        SpreadsheetText.toCell(paper.wording().say(line.item())),
                        line.quantity(),
                        price(line.unitCents()),
                        price(line.totalCents()),
                        paper.currency(),
                        line.leadDays(),
                        SpreadsheetText.toCell(paper.wording().say(line.remark())));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String price(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }
}
