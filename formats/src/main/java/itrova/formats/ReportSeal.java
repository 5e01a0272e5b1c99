package itrova.formats;

import itrova.core.judge.KitReport;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;

/**
 * A short name for exactly one report: the kit's document and every finding with margin, doubt and reason. The same report has the
 * same seal on every machine and after every start; what a person signs or orders names it.
 */
public final class ReportSeal {
    private ReportSeal() {}

    /** SHA-256 over the documents of kit and findings, 64 hexadecimal digits. */
    public static String of(KitReport report) {
        return of(KitDocument.write(List.of(report.kit()))
                + FindingsDocument.json(List.of(new FindingsDocument.AxleReports("", List.of(report)))));
    }

    /** SHA-256 of a text, 64 hexadecimal digits. */
    public static String of(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
