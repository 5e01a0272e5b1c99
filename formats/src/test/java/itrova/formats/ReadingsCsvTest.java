package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import itrova.core.identity.Families;
import itrova.core.identity.Family;
import itrova.core.measure.Reading;
import itrova.core.record.Job;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Readings and families as tables. */
class ReadingsCsvTest {
    private static final String HEAD = "side,what,at,reading,with\r\n";

    @Test
    void theDemosReadingsGoOutAndComeBackTheSame() {
        for (Job job : DemoData.jobs()) {
            List<Reading> readings = job.axles().get(0).readings();
            String csv = ReadingsCsv.write(readings);
            List<Reading> back = ReadingsCsv.read("r.csv", csv);
            assertThat(back).hasSameSizeAs(readings);
            for (int i = 0; i < back.size(); i++) {
                assertThat(back.get(i).callout()).isEqualTo(readings.get(i).callout());
                assertThat(back.get(i).side()).isEqualTo(readings.get(i).side());
                assertThat(back.get(i).value()).isEqualTo(readings.get(i).value());
                assertThat(back.get(i).place()).isEqualTo(readings.get(i).place());
                assertThat(back.get(i).instrument()).isEqualTo(readings.get(i).instrument());
            }
            assertThat(ReadingsCsv.write(back)).isEqualTo(csv);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "left,register,,99 stone,|99 stone",
                "middle,register,,70,|middle",
                "left,girth,,70,|girth",
                "left,register,,70,ruler|ruler",
                "left,wheel_barrel,,350,|depth",
                "left,register|columns, not as many"
            })
    void everyFaultyRowIsNamed(String row, String word) {
        assertThatThrownBy(() -> ReadingsCsv.read("r.csv", HEAD + "left,lug_count,,5,\r\n" + row + "\r\n"))
                .isInstanceOfSatisfying(
                        DocumentException.class,
                        e -> assertThat(e.problems()).singleElement().satisfies(p -> {
                            assertThat(p.row()).isEqualTo(2);
                            assertThat(p.message()).contains(word);
                        }));
    }

    @Test
    void aWrongHeadingSaysTheRightOne() {
        assertThatThrownBy(() -> ReadingsCsv.read("r.csv", "side;what;reading\r\n"))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("side,what,at,reading,with");
    }

    @Test
    void aSpreadsheetsByteOrderMarkDoesNoHarm() {
        assertThat(ReadingsCsv.read("r.csv", "\ufeff" + HEAD + "left,lug_count,,5,\r\n"))
                .hasSize(1);
    }

    @Test
    void shippedFamiliesReadBackFromBothForms() {
        for (Family.Kind kind : Family.Kind.values()) {
            List<Family> families = Families.SHIPPED.of(kind);
            assertThat(FamiliesDocument.read("f.csv", FamiliesDocument.writeCsv(families)))
                    .isEqualTo(families);
            assertThat(FamiliesDocument.read("f.json", FamiliesDocument.writeJson(families)))
                    .isEqualTo(families);
        }
    }

    @Test
    void faultyFamiliesAreNamedByRow() {
        assertThatThrownBy(() -> FamiliesDocument.read(
                        "f.csv", "table,name,figures,source\r\nspindle,A,inner=30,x\r\nspindle,B,girth=3,x\r\n"))
                .isInstanceOfSatisfying(
                        DocumentException.class,
                        e -> assertThat(e.problems().get(0).row()).isEqualTo(2))
                .hasMessageContaining("girth");
        assertThatThrownBy(() -> FamiliesDocument.read("f.json", "{\"format\":\"itrova-families/1\"}"))
                .isInstanceOf(DocumentException.class);
    }
}
