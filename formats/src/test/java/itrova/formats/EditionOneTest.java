package itrova.formats;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.choice.Selection;
import itrova.core.record.Job;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Documents written by the first edition of the formats, kept as they were, are read for good. */
class EditionOneTest {
    private static String text(String name) throws IOException {
        try (InputStream in = EditionOneTest.class.getResourceAsStream("/edition1/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "job-light-van.json",
                "job-coupe.json",
                "job-boat-trailer.json",
                "job-field-car.json",
                "example-job.json"
            })
    void jobsAreReadAndWrittenInTheNewEdition(String name) throws IOException {
        String old = text(name);
        assertThat(old).contains("itrova-job/1");
        Job job = JobDocument.read(name, old);
        assertThat(job.axles()).isNotEmpty();
        String now = JobDocument.write(job);
        assertThat(now).contains("itrova-job/2");
        assertThat(JobDocument.write(JobDocument.read(name, now))).isEqualTo(now);
    }

    @Test
    void aKitChosenByItsCodeAloneIsTheKitAsItComes() throws IOException {
        String chosen = text("job-light-van.json")
                .replaceFirst("\"wheel_stays\"", "\"chosen_kit\": \"QF-101\", \"wheel_stays\"");
        Job job = JobDocument.read("van.json", chosen);
        assertThat(job.axles().get(0).chosen()).contains(Selection.of("QF-101"));
    }

    @Test
    void kitsAndWheelsAreRead() throws IOException {
        assertThat(KitDocument.read("kits.json", text("kits.json"))).hasSizeGreaterThan(40);
        assertThat(WheelDocument.read("wheels.json", text("wheels.json"))).isNotEmpty();
    }
}
