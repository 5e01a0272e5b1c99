package itrova.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.order.OrderLine;
import itrova.core.order.OrderSheet;
import itrova.core.phrase.Phrase;
import itrova.core.wording.Wording;
import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class OrderPaperTest {
    private static OrderPaper paper(List<OrderLine> lines) {
        return new OrderPaper(
                Letterhead.of("Shop", "1 Yard, Town", new byte[0]),
                new BigDecimal("19.5"),
                "Van “A”, front",
                "front axle",
                "fits",
                "Signed by W: known 祝",
                "2026-11-24",
                "EUR",
                new OrderSheet(lines),
                List.of("hoses"),
                Wording.METRIC);
    }

    private static OrderLine line(String item, int quantity, long cents) {
        return new OrderLine(
                OrderLine.Kind.PART,
                "Supplier, with comma",
                Phrase.given(item),
                quantity,
                cents,
                3,
                Phrase.given("remark"));
    }

    /** 19.5 % of 49.01 is 9.55695: 9.56, together 58.57. */
    @Test
    void taxIsRoundedOnceAndOnPaper() throws IOException {
        OrderPaper paper = paper(List.of(line("Hose", 1, 4901)));
        assertThat(paper.taxCents()).isEqualTo(956);
        try (PDDocument pdf = Loader.loadPDF(OrderPdf.write(paper))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Tax, 19.5 %", "9.56 EUR", "58.57 EUR", "1 Yard, Town");
        }
    }

    @Test
    void csvReadsBackWithItsCommasAndQuotes() throws IOException {
        String text = OrderCsv.write(paper(List.of(line("Hose \"A\", long\nline", 2, 2450))));
        List<CSVRecord> records = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))
                .getRecords();
        assertThat(records).hasSize(1);
        assertThat(records.get(0).get("item")).isEqualTo("Hose \"A\", long\nline");
        assertThat(records.get(0).get("total")).isEqualTo("49.00");
        assertThat(records.get(0).get("supplier")).isEqualTo("Supplier, with comma");
    }

    @Test
    void csvDoesNotCarryFormulas() {
        assertThat(OrderCsv.write(paper(List.of(line("=HYPERLINK(1)", 1, 1))))).contains("'=HYPERLINK");
    }

    @Test
    void pdfHoldsEveryLineOverSeveralPages() throws IOException {
        List<OrderLine> lines = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            lines.add(line(
                    "Part number " + i
                            + " with a rather long description that has to be wrapped over two lines at least",
                    1,
                    100));
        }
        try (PDDocument pdf = Loader.loadPDF(OrderPdf.write(paper(lines)))) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(2);
            String text = new PDFTextStripper().getText(pdf);
            for (int i = 0; i < 60; i++) {
                assertThat(text).contains("Part number " + i + " ");
            }
            assertThat(text).contains("60.00 EUR", "Order sheet", "known ?", "hoses");
        }
    }
}
