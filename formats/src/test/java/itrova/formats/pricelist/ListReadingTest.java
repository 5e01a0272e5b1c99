package itrova.formats.pricelist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.formats.DemoData;
import itrova.formats.DocumentException;
import itrova.formats.DocumentProblem;
import itrova.formats.PartDocument;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Price lists held against a catalogue. */
class ListReadingTest {
    private static final String SUPPLIER = "Fenholt Hydraulics";
    private static final String HEAD = "code,sort,name,price,days,bore (in),bore mm,stroke mm,reservoir cm3\n";
    private static final Part MASTER = master("M-1", 20_000);

    private static Part master(String code, long cents) {
        return new Part(
                code,
                PartSort.MASTER,
                "Master of " + code,
                "",
                Map.of(
                        PartQuantity.BORE, PartQuantity.BORE.assumed(22.225),
                        PartQuantity.STROKE, PartQuantity.STROKE.assumed(35),
                        PartQuantity.RESERVOIR, PartQuantity.RESERVOIR.assumed(200)),
                List.of(),
                List.of(),
                Set.of(),
                new Part.Offer(SUPPLIER, cents, 4));
    }

    private record Shelf(List<Part> parts) implements ListReading.Catalogue {
        @Override
        public Map<String, Part> known(Collection<String> codes) {
            Map<String, Part> known = new HashMap<>();
            parts.stream()
                    .filter(p -> codes.contains(p.code().toLowerCase(Locale.ROOT)))
                    .forEach(p -> known.put(p.code().toLowerCase(Locale.ROOT), p));
            return known;
        }

        @Override
        public Optional<Kit> kit(String code) {
            return DemoData.kits().stream().filter(k -> k.code().equals(code)).findFirst();
        }

        @Override
        public List<ListReading.Brief> all() {
            return parts.stream()
                    .map(p -> new ListReading.Brief(
                            p.code(), p.offer().supplier(), p.sort().name(), p.name(), p.size()))
                    .toList();
        }
    }

    private static List<ListRow> read(byte[] bytes, Part... known) {
        PriceList list = PriceList.of("list", bytes);
        PriceList.Contents contents = list.contents();
        Columns columns = new Columns(SUPPLIER, Optional.empty(), Columns.proposed(contents.headings()));
        List<ListRow> rows = new ArrayList<>();
        new ListReading(list, columns, contents.headings(), "EUR", new Shelf(List.of(known)))
                .read(some -> rows.addAll(some));
        return rows;
    }

    private static List<ListRow> read(String text, Part... known) {
        return read(text.getBytes(StandardCharsets.UTF_8), known);
    }

    private static ListRow one(String row, Part... known) {
        List<ListRow> rows = read(HEAD + row + "\n", known);
        assertThat(rows).hasSize(1);
        return rows.get(0);
    }

    private static String faults(ListRow row) {
        return String.join(
                "\n", row.faults().stream().map(DocumentProblem::toString).toList());
    }

    @Test
    void aNewPartIsAddedWithTheUsualTolerances() {
        ListRow row = one("M-2,master,Master 7/8,189.00,3,7/8,,35,220");
        assertThat(row.effect()).isEqualTo(ListRow.Effect.ADDED);
        Part part = row.part().orElseThrow();
        assertThat(part.figure(PartQuantity.BORE).orElseThrow()).satisfies(bore -> {
            assertThat(bore.value()).isCloseTo(22.225, within(1e-9));
            assertThat(bore.tolerance()).isCloseTo(Figure.BORE_TOLERANCE, within(1e-9));
            assertThat(bore.assumed()).isTrue();
        });
        assertThat(part.offer()).isEqualTo(new Part.Offer(SUPPLIER, 18_900, 3));
    }

    @Test
    void whatARowDoesNotTellStaysAsItWas() {
        ListRow row = read("item,each\nM-1,210.00\n", MASTER).get(0);
        assertThat(row.effect()).isEqualTo(ListRow.Effect.CHANGED);
        assertThat(row.changes()).containsExactly("price 200.00 → 210.00");
        assertThat(row.part().orElseThrow().figures()).isEqualTo(MASTER.figures());
        assertThat(row.part().orElseThrow().offer().leadDays()).isEqualTo(4);
    }

    @Test
    void whatIsTheSameChangesNothing() {
        assertThat(read("item,each\nM-1,200.00\n", MASTER).get(0).effect()).isEqualTo(ListRow.Effect.SAME);
    }

    @Test
    void bothUnitsOfOneMeasureAreOneFigure() {
        Figure rounded = one("M-2,master,Master,189.00,3,7/8,22,35,220")
                .part()
                .orElseThrow()
                .figure(PartQuantity.BORE)
                .orElseThrow();
        assertThat(Math.abs(rounded.value() - 22.225)).isLessThanOrEqualTo(rounded.tolerance() + 1e-9);
        assertThat(Math.abs(rounded.value() - 22)).isLessThanOrEqualTo(rounded.tolerance() + 1e-9);
    }

    /** The bore is needed: without it nothing could be said of the pedal, and what was known before is contradicted too. */
    @Test
    void aContradictedFigureThatIsNeededKeepsTheRowOut() {
        ListRow row = one("M-1,master,Master of M-1,200.00,4,7/8,25.4,35,200", MASTER);
        assertThat(row.effect()).isEqualTo(ListRow.Effect.REFUSED);
        assertThat(faults(row)).contains("bore", "pressure and pedal travel");
        assertThat(row.remarks()).anyMatch(p -> p.message().contains("contradict each other"));
    }

    @Test
    void aContradictedFigureThatIsNotNeededIsLeftOutAndTheRestKept() {
        List<ListRow> rows = read("code,sort,name,price,length mm,length in\nW-1,cable,Parking cable,40.00,1500,40\n");
        ListRow row = rows.get(0);
        assertThat(row.effect()).isEqualTo(ListRow.Effect.ADDED);
        assertThat(row.part().orElseThrow().figure(PartQuantity.LENGTH)).isEmpty();
        assertThat(row.remarks()).singleElement().satisfies(p -> assertThat(p.message())
                .contains("1500 mm", "40 in", "neither is taken", "full lock"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                ",master,Master,189.00,3,7/8,,35,220|no code",
                "M 2,master,Master,189.00,3,7/8,,35,220|is no code",
                "M-2,,Master,189.00,3,7/8,,35,220|what sort",
                "M-2,wheel,Master,189.00,3,7/8,,35,220|no sort of part",
                "M-2,master,,189.00,3,7/8,,35,220|needs a name",
                "M-2,master,Master,,3,7/8,,35,220|no price",
                "M-2,master,Master,call us,3,7/8,,35,220|no price",
                "M-2,master,Master,189.00,soon,7/8,,35,220|working days",
                "M-2,master,Master,189.00,3,7/8,,,220|stroke",
                "M-2,master,Master,189.00,3,7/8,,35,lots|no number",
                "M-2,master,Master,189.00,3,7,,35,220|outside",
                "M-2,master,Master,189.00,3,wide,,35,220|wide"
            })
    void everyFaultNamesColumnValueAndRemedy(String rowAndWord) {
        String[] parts = rowAndWord.split("\\|");
        ListRow row = one(parts[0]);
        assertThat(row.effect()).isEqualTo(ListRow.Effect.REFUSED);
        assertThat(row.part()).isEmpty();
        assertThat(faults(row)).contains("row 2", parts[1]);
    }

    @Test
    void allFaultsOfARowAreToldAtOnce() {
        assertThat(one("M-2,wheel,,free,soon,7/8,,35,220").faults()).hasSizeGreaterThanOrEqualTo(4);
    }

    @Test
    void aCodeTwiceIsRefusedInAnyCase() {
        List<ListRow> rows = read("code,sort,name,price\nN-1,nut,Nut,1.00\nn-1,nut,Nut,2.00\n");
        assertThat(rows.get(0).effect()).isEqualTo(ListRow.Effect.ADDED);
        assertThat(rows.get(1).effect()).isEqualTo(ListRow.Effect.REFUSED);
        assertThat(faults(rows.get(1))).contains("row 2 already");
    }

    @Test
    void aCodeOfAnotherSupplierIsNeverOverwritten() {
        Part other = new Part(
                "N-1",
                PartSort.NUT,
                "Nut",
                "",
                Map.of(),
                List.of(),
                List.of(),
                Set.of(),
                new Part.Offer("Somebody Else", 100, 1));
        assertThat(faults(
                        read("code,sort,name,price\nN-1,nut,Nut,1.00\n", other).get(0)))
                .contains("Somebody Else");
    }

    @Test
    void codesThatLookAlikeAndTwinsAreTold() {
        List<ListRow> rows =
                read("code,sort,name,price\nN-10,nut,Nut M10,1.00\nN-1O,nut,Nut M12,1.00\nN-9,nut,Nut M10,1.00\n");
        assertThat(rows.get(1).remarks()).anyMatch(p -> p.message().contains("looks like N-10"));
        assertThat(rows.get(2).remarks()).anyMatch(p -> p.message().contains("those of N-10"));
        assertThat(rows).allMatch(r -> r.effect() == ListRow.Effect.ADDED);
    }

    /** A list tells a kit's price and days; its figures stay as its papers have them. */
    @Test
    void aKitsPriceComesByAListToo() {
        String text = "code,price,days,bore mm\nQF-101,640.00,7,12\n";
        PriceList list = PriceList.of("kits", text.getBytes(StandardCharsets.UTF_8));
        List<ListRow> rows = new ArrayList<>();
        List<String> headings = list.contents().headings();
        Columns columns = new Columns("Tolverne Brake Parts", Optional.empty(), Columns.proposed(headings));
        new ListReading(list, columns, headings, "EUR", new Shelf(List.of())).read(rows::addAll);
        Kit before = DemoData.kits().get(0);
        assertThat(rows.get(0).changes()).containsExactly("price 612.00 → 640.00", "lead_days 6 → 7");
        assertThat(rows.get(0).kit().orElseThrow().disc()).isEqualTo(before.disc());
        assertThat(faults(read("code,price\nQF-101,640.00\n").get(0))).contains("is of Tolverne Brake Parts");
    }

    @Test
    void aPriceThatLeapsIsTold() {
        assertThat(read("code,price\nM-1,2.00\n", MASTER).get(0).remarks())
                .anyMatch(p -> p.message().contains("from 200.00 to 2.00"));
    }

    @Test
    void listsOfOtherCountriesAreRead() {
        byte[] bytes = "code;sort;name;price\nR-1;seal;Radialdichtring für Nabe;1.234,50\n"
                .getBytes(Charset.forName("windows-1252"));
        Part part = read(bytes).get(0).part().orElseThrow();
        assertThat(part.name()).isEqualTo("Radialdichtring für Nabe");
        assertThat(part.offer().cents()).isEqualTo(123_450);
    }

    @Test
    void awkwardTextComesBackAsItWas() throws IOException {
        List<Part> parts = List.of(
                named("A-1", "Comma, \"quote\" and\nline break", "1/2"),
                named("A-2", "=cmd|calc!A1", "+49"),
                named("A-3", "Öl für Näben, 2 ½", "'quoted"),
                MASTER);
        assertThat(back(PartTable.csv(parts).getBytes(StandardCharsets.UTF_8))).isEqualTo(parts);
        assertThat(back(PartTable.xlsx(parts))).isEqualTo(parts);
        assertThat(PartTable.csv(parts)).contains("'=cmd|calc!A1").doesNotContain(",=cmd");
    }

    /** Every part of the demo comes back from a table as it was, tolerances and fittings with it. */
    @Test
    void theDemoCatalogueComesBackFromTables() throws IOException {
        List<Part> all = PartDocument.read("parts", Files.readString(demo()));
        for (String supplier :
                all.stream().map(p -> p.offer().supplier()).distinct().toList()) {
            List<Part> parts = all.stream()
                    .filter(p -> p.offer().supplier().equals(supplier))
                    .toList();
            assertThat(back(PartTable.csv(parts).getBytes(StandardCharsets.UTF_8), supplier))
                    .isEqualTo(parts);
            assertThat(back(PartTable.xlsx(parts), supplier)).isEqualTo(parts);
        }
    }

    private static Path demo() {
        return Path.of("src/main/resources/demo/parts.json");
    }

    private static Part named(String code, String name, String size) {
        return new Part(
                code,
                PartSort.SEAL,
                name,
                size,
                Map.of(),
                List.of(),
                List.of(),
                Set.of(),
                new Part.Offer(SUPPLIER, 150, 2));
    }

    private static List<Part> back(byte[] bytes) {
        return back(bytes, SUPPLIER);
    }

    private static List<Part> back(byte[] bytes, String supplier) {
        PriceList list = PriceList.of("table", bytes);
        PriceList.Contents contents = list.contents();
        List<ListRow> rows = new ArrayList<>();
        new ListReading(
                        list,
                        new Columns(supplier, Optional.empty(), Columns.proposed(contents.headings())),
                        contents.headings(),
                        "EUR",
                        new Shelf(List.of()))
                .read(rows::addAll);
        assertThat(rows).allSatisfy(r -> assertThat(r.faults()).isEmpty());
        return rows.stream().map(r -> r.part().orElseThrow()).toList();
    }

    /** A spreadsheet turns 1/2 into a day of the year; what was written is then gone. */
    @Test
    void whatASpreadsheetTookForADateIsRefused() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "test", "1.0")) {
            Worksheet sheet = book.newWorksheet("Prices");
            String[] head = {"code", "sort", "name", "price", "size"};
            for (int c = 0; c < head.length; c++) {
                sheet.value(0, c, head[c]);
            }
            sheet.value(1, 0, "B-1");
            sheet.value(1, 1, "bolt");
            sheet.value(1, 2, "Bolt");
            sheet.value(1, 3, 2.5);
            sheet.value(1, 4, 45_293);
            sheet.style(1, 4).format("dd/mm/yyyy").set();
        }
        ListRow row = read(out.toByteArray()).get(0);
        assertThat(row.effect()).isEqualTo(ListRow.Effect.REFUSED);
        assertThat(faults(row)).contains("size", "for a date", "Format the column as text");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "\n\n", "code,price\n", "PK\u0003\u0004 and no workbook behind it"})
    void whatIsNoListIsRefused(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(DocumentException.class);
    }

    /** Seventy megabytes of texts packed into some kilobytes. */
    @Test
    void aWorkbookThatWouldFillTheMemoryIsRefused() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("xl/sharedStrings.xml"));
            byte[] megabyte = new byte[1024 * 1024];
            for (int i = 0; i < 70; i++) {
                zip.write(megabyte);
            }
        }
        assertThat(out.size()).isLessThan(200_000);
        assertThatThrownBy(() -> read(out.toByteArray()))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("unpacks to more than is taken");
    }

    @Test
    void aQuoteThatNeverEndsIsNamed() {
        assertThatThrownBy(() -> read("code,price\n\"A-1,2.00\n"))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("no table");
    }
}
