package itrova.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.order.OrderLine;
import itrova.core.order.OrderSheet;
import itrova.core.phrase.Phrase;
import itrova.core.wording.Wording;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.Assumptions;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The workbook read back by a reader that is not ours. */
class OrderXlsxTest {
    private static OrderLine line(String supplier, String item, int quantity, long cents) {
        return new OrderLine(
                OrderLine.Kind.PART, supplier, Phrase.given(item), quantity, cents, 3, Phrase.given("remark"));
    }

    private static byte[] book(OrderLine... lines) {
        return OrderXlsx.write(new OrderPaper(
                Letterhead.of("Shop", "", new byte[0]),
                BigDecimal.ZERO,
                "Van",
                "front axle",
                "fits",
                "",
                "2026-11-27",
                "EUR",
                new OrderSheet(List.of(lines)),
                List.of(),
                Wording.METRIC));
    }

    private static List<Row> rows(Sheet sheet) throws IOException {
        return sheet.read();
    }

    @Test
    void everySupplierHasItsSheetAndItsSum() throws Exception {
        byte[] file = book(
                line("Tolverne [Brake] Parts: a name longer than thirty-one", "Hose", 2, 2450),
                line("Other", "Washer", 4, 60),
                line("Tolverne [Brake] Parts: a name longer than thirty-one", "Fluid", 1, 1490));
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(file))) {
            List<Sheet> sheets = book.getSheets().toList();
            assertThat(sheets).hasSize(2);
            assertThat(sheets.get(0).getName()).hasSize(31).startsWith("1 Tolverne  Brake  Parts");
            List<Row> first = rows(sheets.get(0));
            // by hand: 2 × 24.50 + 14.90 = 63.90
            assertThat(first.get(first.size() - 1).getCellAsNumber(4).orElseThrow())
                    .isEqualByComparingTo("63.90");
            assertThat(first.get(1).getCellAsNumber(3).orElseThrow()).isEqualByComparingTo("24.50");
            assertThat(rows(sheets.get(1)).get(2).getCellAsNumber(4).orElseThrow())
                    .isEqualByComparingTo("2.40");
        }
    }

    @Test
    void awkwardTextStaysText() throws Exception {
        byte[] file = book(
                line("S", "1/2", 1, 100),
                line("S", "=HYPERLINK(\"x\")", 1, 100),
                line("S", "Bremsschläuche, \"lang\"\nzweizeilig & <rot>", 1, 100));
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(file))) {
            List<Row> rows = rows(book.getFirstSheet());
            for (int i = 1; i <= 3; i++) {
                assertThat(rows.get(i).getCell(1).getType()).isEqualTo(CellType.STRING);
            }
            assertThat(rows.get(1).getCellText(1)).isEqualTo("1/2");
            assertThat(rows.get(2).getCellText(1)).isEqualTo("'=HYPERLINK(\"x\")");
            assertThat(rows.get(3).getCellText(1)).isEqualTo("Bremsschläuche, \"lang\"\nzweizeilig & <rot>");
        }
    }

    /** Where an office suite is installed it opens the workbook too, and shows the same text and sums. */
    @Test
    void anOfficeSuiteOpensIt(@TempDir Path folder) throws Exception {
        Path office = Stream.of(System.getenv("PATH").split(":"))
                .map(p -> Path.of(p, "soffice"))
                .filter(Files::isExecutable)
                .findFirst()
                .orElse(null);
        Assumptions.assumeThat(office).as("an office suite").isNotNull();
        Path book = Files.write(
                folder.resolve("order.xlsx"), book(line("S", "Schläuche, 1/2", 3, 3333), line("S", "Washer", 4, 60)));
        Process conversion = new ProcessBuilder(
                        office.toString(),
                        "-env:UserInstallation=" + folder.resolve("profile").toUri(),
                        "--headless",
                        "--convert-to",
                        "csv:Text - txt - csv (StarCalc):44,34,76",
                        "--outdir",
                        folder.toString(),
                        book.toString())
                .inheritIO()
                .start();
        assertThat(conversion.waitFor()).isZero();
        // by hand: 3 × 33.33 + 4 × 0.60 = 102.39
        assertThat(Files.readString(folder.resolve("order.csv")))
                .contains("\"Schläuche, 1/2\",3,33.33,99.99", "102.39");
    }
}
