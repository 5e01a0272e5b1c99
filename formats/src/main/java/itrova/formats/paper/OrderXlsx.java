package itrova.formats.paper;

import itrova.core.order.OrderLine;
import itrova.formats.SpreadsheetText;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Order sheet as a workbook (ISO/IEC 29500), a sheet for each supplier. Text is text: nothing in it is reckoned. */
public final class OrderXlsx {
    private static final String[] HEADINGS = {
        "kind", "item", "quantity", "unit price", "total", "currency", "lead days", "remark"
    };
    /** Widths of the columns (characters). */
    private static final int[] WIDTHS = {8, 60, 9, 12, 12, 9, 10, 40};
    /** A sheet's name has no more characters than this, and none of these. */
    private static final int LONGEST_NAME = 31;

    private static final String NOT_IN_NAMES = "[\\[\\]*?/\\\\:']";

    private OrderXlsx() {}

    /** The sheet as a workbook. */
    public static byte[] write(OrderPaper paper) {
        Map<String, List<OrderLine>> bySupplier = paper.sheet().lines().stream()
                .collect(Collectors.groupingBy(OrderLine::supplier, LinkedHashMap::new, Collectors.toList()));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "Itrova", "1.0")) {
            int number = 1;
            for (Map.Entry<String, List<OrderLine>> e : bySupplier.entrySet()) {
                sheet(book.newWorksheet(name(number++, e.getKey())), e.getValue(), paper);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static String name(int number, String supplier) {
        String name = number + " " + supplier.replaceAll(NOT_IN_NAMES, " ").strip();
        return name.substring(0, Math.min(LONGEST_NAME, name.length()));
    }

    private static void sheet(Worksheet sheet, List<OrderLine> lines, OrderPaper paper) {
        for (int c = 0; c < HEADINGS.length; c++) {
            sheet.value(0, c, HEADINGS[c]);
            sheet.width(c, WIDTHS[c]);
        }
        sheet.range(0, 0, 0, HEADINGS.length - 1).style().bold().set();
        int row = 1;
        for (OrderLine line : lines) {
            sheet.value(row, 0, line.kind().name().toLowerCase(Locale.ROOT));
            sheet.value(row, 1, SpreadsheetText.toCell(paper.wording().say(line.item())));
            sheet.value(row, 2, line.quantity());
            money(sheet, row, 3, line.unitCents());
            money(sheet, row, 4, line.totalCents());
            sheet.value(row, 5, paper.currency());
            sheet.value(row, 6, line.leadDays());
            sheet.value(row, 7, SpreadsheetText.toCell(paper.wording().say(line.remark())));
            row++;
        }
        sheet.value(row, 1, "Total");
        money(sheet, row, 4, lines.stream().mapToLong(OrderLine::totalCents).sum());
        sheet.range(row, 0, row, HEADINGS.length - 1).style().bold().set();
    }

    private static void money(Worksheet sheet, int row, int column, long cents) {
        sheet.value(row, column, BigDecimal.valueOf(cents, 2));
        sheet.style(row, column).format("0.00").set();
    }
}
