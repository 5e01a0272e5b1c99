package itrova.formats.paper;

import static itrova.formats.paper.FlowingPdf.MARGIN;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;

/** A letter to a supplier about what did not come as it was ordered, on A4. */
public final class ClaimPdf {

    /** Room for a photo (pt). */
    private static final float PHOTO_WIDE = 300;

    private static final float PHOTO_HIGH = 220;

    private ClaimPdf() {}

    /**
     * What the letter says.
     *
     * @param shop who writes
     * @param supplier to whom
     * @param day on which
     * @param numbers the supplier's own numbers of the orders
     * @param missing what did not come, or came damaged, in sentences
     * @param measured what is not as promised, in sentences, with the doubt of the readings
     * @param defects what else is wrong, and what is asked for
     * @param photos of the defects, JPEG
     */
    public record Claim(
            Letterhead shop,
            String supplier,
            String day,
            List<String> numbers,
            List<String> missing,
            List<String> measured,
            List<String> defects,
            List<byte[]> photos) {
        /** Whether there is nothing to claim. */
        public boolean isEmpty() {
            return missing.isEmpty() && measured.isEmpty() && defects.isEmpty();
        }
    }

    /** The letter as a PDF file. */
    public static byte[] write(Claim claim) {
        try (FlowingPdf sheet = new FlowingPdf("Claim to " + claim.supplier())) {
            sheet.head(claim.shop());
            sheet.text(MARGIN, 12, "To " + claim.supplier());
            sheet.rightText(10, claim.day());
            sheet.down(24);
            sheet.text(MARGIN, 14, "What did not come as ordered");
            sheet.down(20);
            if (!claim.numbers().isEmpty()) {
                sheet.paragraph(MARGIN, "Your numbers: " + String.join(", ", claim.numbers()));
                sheet.down(6);
            }
            sheet.list("Missing or damaged", claim.missing());
            sheet.list("Not as promised, measured when unpacked", claim.measured());
            sheet.list("Defects", claim.defects());
            for (byte[] photo : claim.photos()) {
                sheet.photo(photo, PHOTO_WIDE, PHOTO_HIGH);
            }
            sheet.down(10);
            sheet.paragraph(
                    MARGIN,
                    "These are parts of a brake. Please send what is missing, take back what is not as promised, and tell us whether other parts of the same batch were sent.");
            sheet.down(36);
            sheet.text(MARGIN, FlowingPdf.TEXT_SIZE, "____________________________________");
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
