package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import itrova.core.finding.CheckId;
import itrova.core.finding.Verdict;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DocumentsTest {
    private static final Path EXAMPLES = Path.of("../docs/formats");

    @Test
    void kitsReadBackTheSame() {
        List<Kit> kits = DemoData.kits();
        assertThat(kits).hasSizeGreaterThanOrEqualTo(15);
        assertThat(KitDocument.read("again", KitDocument.write(kits))).isEqualTo(kits);
    }

    @Test
    void jobsReadBackTheSame() {
        for (Job job : DemoData.jobs()) {
            String text = JobDocument.write(job);
            Job again = JobDocument.read("again", text);
            assertThat(JobDocument.write(again)).isEqualTo(text);
            for (int i = 0; i < job.axles().size(); i++) {
                assertThat(again.axles().get(i).readings())
                        .hasSameSizeAs(job.axles().get(i).readings());
                for (int r = 0; r < job.axles().get(i).readings().size(); r++) {
                    assertThat(again.axles().get(i).readings().get(r).value())
                            .isEqualTo(job.axles().get(i).readings().get(r).value());
                }
            }
        }
    }

    @Test
    void theExamplesOfTheDocumentationAreTaken() throws IOException {
        assertThat(KitDocument.read("example", Files.readString(EXAMPLES.resolve("example-kits.json"))))
                .isNotEmpty();
        assertThat(JobDocument.read("example", Files.readString(EXAMPLES.resolve("example-job.json")))
                        .axles())
                .isNotEmpty();
        List<Wheel> wheels = WheelDocument.read("example", Files.readString(EXAMPLES.resolve("example-wheels.json")));
        assertThat(wheels).isNotEmpty();
        String written = WheelDocument.write(wheels);
        assertThat(WheelDocument.write(WheelDocument.read("again", written))).isEqualTo(written);
        assertThat(WheelDocument.read("again", written).get(0).backspacing())
                .usingRecursiveComparison()
                .isEqualTo(wheels.get(0).backspacing());
    }

    /** The demo catalogue exercises every check both ways. */
    @Test
    void everyCheckPassesAndFailsSomewhere() {
        Set<CheckId> passed = EnumSet.noneOf(CheckId.class);
        Set<CheckId> failed = EnumSet.noneOf(CheckId.class);
        Set<Verdict> verdicts = EnumSet.noneOf(Verdict.class);
        for (Job job : DemoData.jobs()) {
            for (AxleRecord axle : job.axles()) {
                for (KitReport report :
                        FitEngine.match(axle.toCase(List.of(Side.values())), DemoData.kits(), ShopSettings.DEFAULTS)) {
                    verdicts.add(report.verdict());
                    report.findings().forEach(f -> {
                        boolean asFoundFits = f.verdict() == Verdict.FITS;
                        (asFoundFits ? passed : failed).add(f.check());
                    });
                }
            }
        }
        // Donor parts are proven by the eye alone, never by papers.
        passed.add(CheckId.DONOR);
        // No vehicle of the demo is young enough to have an anti-lock tone ring.
        passed.add(CheckId.TONE_RING);
        failed.add(CheckId.TONE_RING);
        assertThat(passed).containsExactlyInAnyOrder(CheckId.values());
        assertThat(failed).containsExactlyInAnyOrder(CheckId.values());
        assertThat(verdicts).containsExactlyInAnyOrder(Verdict.values());
    }

    private static DocumentProblem fault(String kitsText) {
        DocumentException e =
                catchThrowableOfType(DocumentException.class, () -> KitDocument.read("kits.json", kitsText));
        assertThat(e).isNotNull();
        return e.problems().get(0);
    }

    /** A fault is named by file, row, field, and what to do about it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"diameter_mm\" : {|\"diameter_mm\" : \"2 13/6x\", \"x\" : {|disc|diameter_mm",
                "\"lead_days\" : 6|\"lead_days\" : -1|lead_days|-1",
                "\"price\" : \"612.00\"|\"price\" : \"612\"|price|612",
                "\"thread\" : \"7/16-20\"|\"thread\" : \"soon\"|kits|thread"
            })
    void faultsAreNamed(String find, String replace, String field, String word) {
        String text = KitDocument.write(List.of(DemoData.kits().get(0)));
        assertThat(text).contains(find);
        DocumentProblem problem = fault(text.replaceFirst(
                java.util.regex.Pattern.quote(find), java.util.regex.Matcher.quoteReplacement(replace)));
        assertThat(problem.file()).isEqualTo("kits.json");
        assertThat(problem.row()).isEqualTo(1);
        assertThat(problem.toString()).containsAnyOf(field, word);
    }

    @Test
    void unknownUnitsAreRefusedByField() {
        String text = KitDocument.write(List.of(DemoData.kits().get(0)))
                .replaceFirst("\"rated_axle_load_kg\" : [0-9.]+", "\"rated_axle_load_kg\" : \"1150 stone\"");
        DocumentProblem problem = fault(text);
        assertThat(problem.field()).isEqualTo("rated_axle_load_kg");
        assertThat(problem.message()).contains("stone").contains("kg, t or lb");
    }

    @Test
    void theSameCodeTwiceIsRefused() {
        String text = KitDocument.write(
                List.of(DemoData.kits().get(0), DemoData.kits().get(0)));
        assertThat(fault(text).message()).contains("twice");
    }

    @Test
    void brokenJsonIsNamedByLine() {
        assertThat(fault("{\"format\": \"itrova-kits/1\",\n \"kits\": [").field())
                .contains("line 2");
        assertThatThrownBy(() -> KitDocument.read("k", "[".repeat(100_000))).isInstanceOf(DocumentException.class);
        assertThatThrownBy(() -> KitDocument.read("k", "{\"format\":\"itrova-kits/1\",\"kits\":[]} trailing"))
                .isInstanceOf(DocumentException.class);
    }

    @Test
    void figuresMayBeShopNotation() {
        String text = KitDocument.write(List.of(DemoData.kits().get(0)))
                .replaceFirst("\"rated_axle_load_kg\" : [0-9.]+", "\"rated_axle_load_kg\" : \"2500 lb\"");
        assertThat(KitDocument.read("k", text).get(0).ratedLoadKg()).isEqualTo(1133.98, within(0.01));
    }

    @Test
    void aReadingThatCannotBeIsNamedByItsRow() {
        String text = JobDocument.write(DemoData.jobs().get(0))
                .replaceFirst("\"value_mm\" : \"121.34 mm\"", "\"value_mm\" : \"1000 in\"");
        DocumentException e = catchThrowableOfType(DocumentException.class, () -> JobDocument.read("job.json", text));
        assertThat(e.problems()).hasSize(1);
        assertThat(e.problems().get(0).row()).isEqualTo(2);
        assertThat(e.problems().get(0).message()).contains("outside");
    }
}
