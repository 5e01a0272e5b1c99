package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Parts in and out: read back as written, every fault by row and field, all or nothing. */
class PartDocumentTest {
    private static String document(String parts) {
        return "{\"format\":\"itrova-parts/1\",\"parts\":[" + parts + "]}";
    }

    private static final String MASTER = """
            {"code":"M-1","sort":"master","name":"Master","figures":{"bore_mm":"7/8 in","stroke_mm":{"value":36,"tolerance":1},
             "reservoir_cm3":300},"ports":["3/8-24 inverted flare"],"supplier":"S","price":"10.00"}""";

    @Test
    void theDemosPartsReadBackAsTheyWere() {
        List<Part> parts = DemoData.parts();
        assertThat(PartDocument.read("again.json", PartDocument.write(parts))).isEqualTo(parts);
        Map<PartSort, Long> counts = parts.stream().collect(Collectors.groupingBy(Part::sort, Collectors.counting()));
        assertThat(parts).hasSizeGreaterThanOrEqualTo(250);
        assertThat(counts.get(PartSort.MASTER)).isGreaterThanOrEqualTo(8);
        assertThat(counts.get(PartSort.VALVE)).isGreaterThanOrEqualTo(5);
        assertThat(counts.get(PartSort.BOOSTER)).isGreaterThanOrEqualTo(4);
        assertThat(counts.get(PartSort.ACTUATOR)).isGreaterThanOrEqualTo(4);
        assertThat(counts.get(PartSort.HOSE) + counts.get(PartSort.ADAPTER)).isGreaterThanOrEqualTo(10);
        assertThat(counts.get(PartSort.PADS)).isEqualTo(4);
    }

    @Test
    void theExampleIsTaken() throws IOException {
        String text = Files.readString(Path.of("../docs/formats/example-parts.json"));
        assertThat(PartDocument.read("example-parts.json", text)).hasSize(4);
    }

    /** 7/8 in = 22.225 mm exactly; a bore without tolerance is good to 0.05 mm, anything else to 5 % (common practice, assumed). */
    @Test
    void shopNotationIsUnderstoodAndWhatIsNotStatedIsAssumed() {
        Part master = PartDocument.read("m.json", document(MASTER)).get(0);
        assertThat(master.figure(PartQuantity.BORE).orElseThrow().value()).isEqualTo(22.225, within(1e-9));
        assertThat(master.figure(PartQuantity.BORE).orElseThrow().tolerance()).isEqualTo(0.05);
        assertThat(master.figure(PartQuantity.BORE).orElseThrow().assumed()).isTrue();
        assertThat(master.figure(PartQuantity.RESERVOIR).orElseThrow().tolerance())
                .isEqualTo(15, within(1e-9));
        assertThat(master.figure(PartQuantity.STROKE).orElseThrow().assumed()).isFalse();
        assertThat(master.offer().cents()).isEqualTo(1000);
    }

    private static List<DocumentProblem> faults(String text) {
        try {
            PartDocument.read("parts.json", text);
        } catch (DocumentException e) {
            return e.problems();
        }
        throw new AssertionError("taken: " + text);
    }

    @Test
    void everyFaultIsToldByItsRow() {
        String giant = MASTER.replace("M-1", "M-2").replace("7/8 in", "22 in");
        String bare = "{\"code\":\"M-3\",\"sort\":\"master\",\"name\":\"n\",\"supplier\":\"S\",\"price\":\"1.00\"}";
        List<DocumentProblem> faults = faults(document(MASTER + "," + giant + "," + bare + "," + MASTER));
        assertThat(faults).extracting(DocumentProblem::row).containsExactlyInAnyOrder(2, 3, 4);
        assertThat(faults.toString()).contains("bore of 558.8", "stroke", "stands twice");
    }

    @Test
    void whatTheSchemaRefusesIsRefused() {
        assertThatExceptionOfType(DocumentException.class)
                .isThrownBy(() -> PartDocument.read("p.json", document(MASTER.replace("master", "wing"))));
        assertThatExceptionOfType(DocumentException.class)
                .isThrownBy(() -> PartDocument.read("p.json", document(MASTER.replace("10.00", "ten"))));
        assertThat(faults(document(MASTER.replace("inverted flare", "glue"))).toString())
                .contains("names no seat");
    }
}
