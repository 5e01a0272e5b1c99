package itrova.formats.pricelist;

import itrova.core.fastener.Fitting;
import itrova.core.kit.Figure;
import itrova.core.part.Part;
import itrova.core.part.PartTrait;
import itrova.formats.SpreadsheetText;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Parts as a table with a column for each thing a part can tell, that is read back to the same parts. */
public final class PartTable {
    private static final String SUPPLIER = "supplier";
    private static final int WIDTH = 16;

    private PartTable() {}

    private static List<String> headings() {
        return Stream.concat(Stream.of(SUPPLIER), ListField.all().stream().map(ListField::key))
                .toList();
    }

    private static List<String> cells(Part part) {
        return Stream.concat(
                        Stream.of(part.offer().supplier()),
                        ListField.all().stream().map(f -> cell(part, f)))
                .toList();
    }

    private static String cell(Part part, ListField field) {
        return field.quantity()
                .map(q -> part.figure(q).map(PartTable::figure).orElse(""))
                .orElseGet(() -> switch (field.key()) {
                    case "code" -> part.code();
                    case "name" -> part.name();
                    case "price" -> money(part).toPlainString();
                    case "lead_days" -> Integer.toString(part.offer().leadDays());
                    case "sort" -> part.sort().key();
                    case "size" -> part.size();
                    case "ports" -> fittings(part.ports());
                    case "ends" -> fittings(part.ends());
                    default -> part.traits().stream().map(PartTrait::key).collect(Collectors.joining("; "));
                });
    }

    private static String figure(Figure figure) {
        String value = plain(figure.value());
        return figure.assumed() ? value : value + " ± " + plain(figure.tolerance());
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    private static BigDecimal money(Part part) {
        return BigDecimal.valueOf(part.offer().cents(), 2);
    }

    private static String fittings(List<Fitting> fittings) {
        return fittings.stream().map(Fitting::words).collect(Collectors.joining("; "));
    }

    /** The parts as CSV (RFC 4180). */
    public static String csv(List<Part> parts) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(headings().toArray(String[]::new))
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (Part part : parts) {
                csv.printRecord(
                        cells(part).stream().map(SpreadsheetText::toCell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** The parts as a workbook (ISO/IEC 29500). All but the price is text: nothing in it is reckoned or taken for a date. */
    public static byte[] xlsx(List<Part> parts) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<String> headings = headings();
        int price = headings.indexOf(ListField.PRICE.key());
        try (Workbook book = new Workbook(out, "Itrova", "1.0")) {
            Worksheet sheet = book.newWorksheet("Parts");
            for (int c = 0; c < headings.size(); c++) {
                sheet.value(0, c, headings.get(c));
                sheet.width(c, WIDTH);
            }
            sheet.range(0, 0, 0, headings.size() - 1).style().bold().set();
            for (int r = 0; r < parts.size(); r++) {
                List<String> cells = cells(parts.get(r));
                for (int c = 0; c < cells.size(); c++) {
                    if (c == price) {
                        sheet.value(r + 1, c, money(parts.get(r)));
                    } else if (!cells.get(c).isEmpty()) {
                        sheet.value(r + 1, c, SpreadsheetText.toCell(cells.get(c)));
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
