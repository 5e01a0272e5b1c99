package itrova.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.record.Job;
import itrova.core.record.Trail;
import itrova.formats.DemoData;
import itrova.formats.DossierDocument;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The dossier on paper: read back, on A4, with its head twice. */
class DossierPdfTest {
    @Test
    void saysWhatWasMeasuredDoneAndByWhom() throws IOException {
        Job van = DemoData.jobs().get(0);
        Job job = van.with(new Trail(
                List.of(),
                List.of(),
                List.of(new Trail.Entry(
                        OptionalInt.of(0),
                        "STEP_TICKED",
                        "left-bracket",
                        Map.of("set", "55 lbf·ft", "long", "x".repeat(500)),
                        "Tam Orrin",
                        Instant.parse("2026-11-20T10:00:00Z")))));
        String head = DossierDocument.head(DossierDocument.write(job));
        byte[] file = DossierPdf.write(
                "Quillfield Restorations",
                job,
                new DossierPdf.Standing(
                        List.of("front axle: QF-103, fits with work"),
                        List.of("Circuits: fits"),
                        List.of("Not bled clear: rear axle, left."),
                        List.of("Wheel nuts. By 2026-12-04."),
                        List.of("Bracket, left: no torque read"),
                        List.of("owner: Bryn Ostler")),
                head);
        try (PDDocument paper = Loader.loadPDF(file)) {
            String text = new PDFTextStripper().getText(paper).replace("\r", "");
            assertThat(text)
                    .contains(
                            "Quillfield Restorations",
                            job.title(),
                            "front axle: QF-103",
                            "Circuits: fits",
                            "Not bled clear: rear axle, left.",
                            "Wheel nuts. By 2026-12-04.",
                            "Bracket, left: no torque read",
                            "owner: Bryn Ostler",
                            "Stud diameter",
                            "Tam Orrin: step ticked, left-bracket; set: 55 lbf·ft",
                            "Head of the log: " + head)
                    .doesNotContain("xxxxxxxx");
            assertThat(text.split("Head of the log: ")).hasSize(3);
            assertThat(paper.getPage(0).getMediaBox().getWidth()).isBetween(594f, 596f); // A4, ISO 216: 210 mm
            assertThat(paper.getNumberOfPages()).isGreaterThan(1);
        }
    }
}
