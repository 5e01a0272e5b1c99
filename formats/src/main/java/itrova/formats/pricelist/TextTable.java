package itrova.formats.pricelist;

import itrova.formats.DocumentException;
import itrova.formats.DocumentProblem;
import itrova.formats.SpreadsheetText;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Text with separators (RFC 4180), as spreadsheets of any country write it: comma, semicolon or tab; UTF-8 or windows-1252. */
record TextTable(String file, String text) implements PriceList.Table {
    private static final Charset OLDER = Charset.forName("windows-1252");
    private static final char[] SEPARATORS = {',', ';', '\t'};

    TextTable(String file, byte[] bytes) {
        this(file, decoded(bytes));
    }

    private static String decoded(byte[] bytes) {
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            text = new String(bytes, OLDER);
        }
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    @Override
    public void read(Predicate<SheetRow> taker) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator())
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(text))) {
            for (CSVRecord record : parser) {
                List<SheetRow.Cell> cells = record.stream()
                        .map(SpreadsheetText::ofCell)
                        .map(SheetRow.Cell::of)
                        .toList();
                SheetRow row = new SheetRow((int) record.getRecordNumber(), cells);
                if (!row.isEmpty() && !taker.test(row)) {
                    return;
                }
            }
        } catch (UncheckedIOException e) {
            throw broken(e.getCause());
        } catch (IOException | IllegalStateException e) {
            throw broken(e);
        }
    }

    /** The one that parts the heading most often. */
    private char separator() {
        String heading = text.lines().findFirst().orElse("");
        char best = SEPARATORS[0];
        long most = 0;
        for (char separator : SEPARATORS) {
            long many = heading.chars().filter(c -> c == separator).count();
            if (many > most) {
                most = many;
                best = separator;
            }
        }
        return best;
    }

    private DocumentException broken(Exception e) {
        String why =
                Stream.of(e.getMessage()).filter(m -> m != null).findFirst().orElse("it breaks off");
        return new DocumentException(
                List.of(new DocumentProblem(file, 0, "", "This is no table with separators: " + why)));
    }
}
