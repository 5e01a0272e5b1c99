package itrova.formats.pricelist;

import itrova.formats.DocumentException;
import itrova.formats.DocumentProblem;
import itrova.formats.SpreadsheetText;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;

/** The first sheet of a workbook (ISO/IEC 29500). */
record WorkbookTable(String file, byte[] bytes) implements PriceList.Table {
    /** A format of numbers that shows a day or a time. */
    private static final Pattern DATE = Pattern.compile("(?i).*(yy|dd|d[/.-]m|m[/.-]d|mmm|h:m).*");
    /** Formats of days and times that every workbook knows by number (ISO/IEC 29500-1, 18.8.30). */
    private static final int FIRST_DATE_FORMAT = 14;

    private static final int LAST_DATE_FORMAT = 22;

    /** Most a workbook may unpack to (bytes): a small file can be made to fill any memory. */
    private static final long MOST_UNPACKED = 400L * 1024 * 1024;
    /** Most its texts may unpack to (bytes): they are held in memory. */
    private static final long MOST_TEXTS = 64L * 1024 * 1024;

    private static final String TEXTS = "xl/sharedStrings.xml";

    /** @throws DocumentException if it is not packed as a workbook is, or unpacks to more than is taken */
    WorkbookTable {
        long all = 0;
        byte[] buffer = new byte[1 << 16];
        try (ZipFile zip = ZipFile.builder().setByteArray(bytes).get()) {
            for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
                long most = entry.getName().equals(TEXTS) ? MOST_TEXTS : MOST_UNPACKED;
                long size = 0;
                try (InputStream in = zip.getInputStream(entry)) {
                    for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                        size += n;
                        all += n;
                        if (size > most || all > MOST_UNPACKED) {
                            throw refused(
                                    file, "This workbook unpacks to more than is taken. Save it as CSV, or split it.");
                        }
                    }
                }
            }
        } catch (IOException e) {
            throw unreadable(file);
        }
    }

    private static DocumentException unreadable(String file) {
        return refused(
                file, "This is no workbook that can be read. Open it in a spreadsheet and save it as XLSX or CSV.");
    }

    private static DocumentException refused(String file, String why) {
        return new DocumentException(List.of(new DocumentProblem(file, 0, "", why)));
    }

    @Override
    public void read(Predicate<SheetRow> taker) {
        try (ReadableWorkbook book =
                        new ReadableWorkbook(new ByteArrayInputStream(bytes), new ReadingOptions(true, false));
                Stream<Row> rows = book.getFirstSheet().openStream()) {
            for (Iterator<Row> each = rows.iterator(); each.hasNext(); ) {
                Row row = each.next();
                List<SheetRow.Cell> cells = new ArrayList<>();
                row.forEach(c -> cells.add(c == null ? SheetRow.Cell.of("") : cell(c)));
                SheetRow read = new SheetRow(row.getRowNum(), cells);
                if (!read.isEmpty() && !taker.test(read)) {
                    return;
                }
            }
        } catch (DocumentException e) {
            throw e;
        } catch (IOException | RuntimeException e) { // the reader of workbooks throws what it meets
            throw unreadable(file);
        }
    }

    private static SheetRow.Cell cell(Cell cell) {
        if (cell.getType() == CellType.NUMBER) {
            return new SheetRow.Cell(cell.asNumber().stripTrailingZeros().toPlainString(), isDate(cell));
        }
        String text = cell.getType() == CellType.FORMULA ? cell.getRawValue() : cell.getText();
        return SheetRow.Cell.of(text == null ? "" : SpreadsheetText.ofCell(text.strip()));
    }

    private static boolean isDate(Cell cell) {
        Integer id = cell.getDataFormatId();
        String format = cell.getDataFormatString();
        return id != null && id >= FIRST_DATE_FORMAT && id <= LAST_DATE_FORMAT
                || format != null && DATE.matcher(format).matches();
    }
}
