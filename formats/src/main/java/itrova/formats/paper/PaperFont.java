package itrova.formats.paper;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The font of all papers. */
public final class PaperFont {
    private PaperFont() {}

    /** The font, embedded in a document. */
    public static PDFont load(PDDocument document) throws IOException {
        // The library ships this open font (SIL OFL) for its own substitutions.
        try (InputStream in =
                PDDocument.class.getResourceAsStream("/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
            if (in == null) {
                throw new IOException("The PDF library's font is missing.");
            }
            return PDType0Font.load(document, in);
        }
    }
}
