package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.record.Trail;
import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/** Read back by a reader of its own. */
class LogCsvTest {
    @Test
    void awkwardTextComesBackWhole() throws Exception {
        Trail trail = new Trail(
                List.of(),
                List.of(),
                List.of(
                        new Trail.Entry(
                                OptionalInt.of(1),
                                "STEP_TICKED",
                                "left-disc",
                                Map.of("held", "0.04 mm, \"read\" twice\nand again", "v", "2"),
                                "Tam Orrin",
                                Instant.parse("2026-03-01T08:00:00Z")),
                        new Trail.Entry(
                                OptionalInt.empty(),
                                "NOTE",
                                "=1+1",
                                Map.of(),
                                "",
                                Instant.parse("2026-03-01T09:00:00Z"))));
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(LogCsv.write(trail, List.of("front axle", "rear axle"))))
                .getRecords();
        assertThat(rows).hasSize(2);
        assertThat(rows.get(0).get("axle")).isEqualTo("rear axle");
        assertThat(rows.get(0).get("particulars")).isEqualTo("held=0.04 mm, \"read\" twice\nand again");
        assertThat(rows.get(1).get("of")).as("no formula for a spreadsheet").doesNotStartWith("=");
    }
}
