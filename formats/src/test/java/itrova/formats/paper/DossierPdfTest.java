package itrova.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.measure.Reading;
import itrova.core.record.Job;
import itrova.core.record.Trail;
import itrova.formats.DemoData;
import itrova.formats.DossierDocument;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
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
                        List.of("front axle: open. Keep the drums."),
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
                            "front axle: open. Keep the drums.",
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

    /** A photo is on the page; a broken one is told of and stops nothing. */
    @Test
    void showsItsPictures() throws IOException {
        Job van = DemoData.jobs().get(0);
        Reading reading = van.axles().get(0).readings().get(0);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        Instant at = Instant.parse("2026-11-20T10:00:00Z");
        Job job = van.with(new Trail(
                List.of(),
                List.of(
                        new Trail.Photo(
                                0,
                                reading,
                                "Tam Orrin",
                                at,
                                40,
                                30,
                                Base64.getEncoder().encodeToString(jpeg.toByteArray())),
                        new Trail.Photo(0, reading, "Jory Pell", at, 40, 30, "bm8gcGljdHVyZQ==")),
                List.of()));
        byte[] file = DossierPdf.write(
                "Quillfield Restorations",
                job,
                new DossierPdf.Standing(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of()),
                "head");
        try (PDDocument paper = Loader.loadPDF(file)) {
            int images = 0;
            for (PDPage page : paper.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    images += page.getResources().isImageXObject(name) ? 1 : 0;
                }
            }
            assertThat(images).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(paper))
                    .contains("photo by Tam Orrin", "photo by Jory Pell: it cannot be printed");
        }
    }
}
