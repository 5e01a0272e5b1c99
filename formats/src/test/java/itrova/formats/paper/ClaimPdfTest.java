package itrova.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The letter read back. */
class ClaimPdfTest {
    private static final ClaimPdf.Claim NOTHING = new ClaimPdf.Claim(
            Letterhead.of("Shop", "", new byte[0]),
            "Supplier",
            "2026-11-27",
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of());

    private static byte[] photo() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpeg", out);
        return out.toByteArray();
    }

    @Test
    void theLetterSaysWhatLacksWhatIsOffAndWhatIsAsked() throws Exception {
        byte[] file = ClaimPdf.write(new ClaimPdf.Claim(
                Letterhead.of("Quillfield Restorations", "Mill Lane 3", photo()),
                "Tolverne Brake Parts",
                "2026-11-27",
                List.of("T-17"),
                List.of("1 × disc did not come: 2 ordered, 1 came."),
                List.of("Stud holes, left: 11.50 ± 0.03 mm, promised 12.70 ± 0.10 mm."),
                List.of("caliper, left: slide seized. It goes back; please replace it."),
                List.of(photo())));
        try (PDDocument paper = Loader.loadPDF(file)) {
            String text = new PDFTextStripper().getText(paper);
            assertThat(text)
                    .contains("Quillfield Restorations", "Mill Lane 3", "To Tolverne Brake Parts", "T-17")
                    .contains("1 × disc did not come", "11.50 ± 0.03 mm, promised 12.70", "slide seized");
            assertThat(paper.getPage(0).getResources().getXObjectNames()).hasSize(2); // mark and photo
            assertThat(paper.getPage(0).getMediaBox().getWidth()).isBetween(594f, 596f); // A4, ISO 216: 210 mm
        }
    }

    @Test
    void withoutAnythingToClaimItIsEmpty() {
        assertThat(NOTHING.isEmpty()).isTrue();
    }
}
