package itrova.formats;

import itrova.core.brakes.BrakeFinding;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.finding.Finding;
import itrova.core.judge.KitReport;
import itrova.core.quantity.Measured;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;

/**
 * A short name for exactly one report: the kit's document and every finding with margin, doubt and code of its reason, not the words it
 * is said in. The same report has the
 * same seal on every machine and after every start; what a person signs or orders names it.
 */
public final class ReportSeal {
    private ReportSeal() {}

    /** SHA-256 over the documents of kit and findings, 64 hexadecimal digits. */
    public static String of(KitReport report) {
        StringBuilder text = new StringBuilder(KitDocument.write(List.of(report.kit())));
        for (Finding f : report.findings()) {
            text.append('\n')
                    .append(f.check().name())
                    .append('|')
                    .append(f.side().name())
                    .append('|')
                    .append(f.verdict().name())
                    .append('|')
                    .append(f.margin().map(ReportSeal::exactly).orElse(""))
                    .append('|')
                    .append(f.worked().map(ReportSeal::exactly).orElse(""))
                    .append('|')
                    .append(f.explain().why().code())
                    .append('|')
                    .append(f.work()
                            .map(w -> w.kind().name() + " " + w.target())
                            .orElse(""));
        }
        return of(text.toString());
    }

    /** The same over the findings of the vehicle's brakes too. */
    public static String of(KitReport report, PlannedVehicle vehicle) {
        StringBuilder text = new StringBuilder(of(report));
        vehicle.problem().ifPresent(p -> text.append('\n').append(p.code()));
        vehicle.findings().ifPresent(brakes -> {
            for (BrakeFinding f : brakes.findings()) {
                text.append('\n')
                        .append(f.check().name())
                        .append('|')
                        .append(f.isCritical())
                        .append('|')
                        .append(f.verdict().name())
                        .append('|')
                        .append(f.margin().map(ReportSeal::exactly).orElse(""));
            }
        });
        return of(text.toString());
    }

    private static String exactly(Measured m) {
        return m.value() + " " + m.expanded();
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
