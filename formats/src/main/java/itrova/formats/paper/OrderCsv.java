package itrova.formats.paper;

import itrova.core.order.OrderLine;
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
                        harmless(line.supplier()),
                        harmless(line.item()),
                        line.quantity(),
                        price(line.unitCents()),
                        price(line.totalCents()),
                        paper.currency(),
                        line.leadDays(),
                        harmless(line.remark()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** A text that a spreadsheet would take for a formula is marked as text. */
    private static String harmless(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static String price(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }
}
