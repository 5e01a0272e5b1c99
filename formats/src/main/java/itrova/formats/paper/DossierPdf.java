package itrova.formats.paper;

import static itrova.formats.paper.FlowingPdf.LINE;
import static itrova.formats.paper.FlowingPdf.MARGIN;

import itrova.core.measure.Reading;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.core.record.Trail;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The dossier of a job on A4: what was found, measured, chosen, done and by whom, with the head of its log's chain on every end. */
public final class DossierPdf {
    private static final float INDENT = MARGIN + 14;
    private static final int LONGEST_PARTICULAR = 160;

    private final FlowingPdf sheet;

    private DossierPdf(FlowingPdf sheet) {
        this.sheet = sheet;
    }

    /**
     * How a job stands, in sentences.
     *
     * @param chosen of each axle: what was chosen, its verdict, what of it does not hold any more
     * @param brakes what of the vehicle's brakes is proven
     * @param back of each axle: whether the way back to drums is open, and what must be kept for it
     * @param open what keeps the vehicle off the road or from its owner
     * @param again what is looked at again, and when
     * @param told what the owner is told of
     * @param signed who signed the hand-over
     */
    public record Standing(
            List<String> chosen,
            List<String> brakes,
            List<String> back,
            List<String> open,
            List<String> again,
            List<String> told,
            List<String> signed) {}

    /**
     * The dossier as a PDF file.
     *
     * @param shop who worked
     * @param head of the log's chain
     */
    public static byte[] write(String shop, Job job, Standing standing, String head) {
        try (FlowingPdf sheet = new FlowingPdf("Dossier: " + job.title())) {
            new DossierPdf(sheet).draw(shop, job, standing, head);
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw(String shop, Job job, Standing standing, String head) throws IOException {
        sheet.text(MARGIN, 17, "Dossier");
        sheet.rightText(10, shop);
        sheet.down(24);
        sheet.text(MARGIN, 12, job.title());
        sheet.down(18);
        sheet.paragraph(MARGIN, job.vehicle() + (job.owner().isBlank() ? "" : "; owner: " + job.owner()));
        sheet.paragraph(MARGIN, "Head of the log: " + head);
        sheet.down(6);
        sheet.rule();
        sheet.heading(12, "Chosen, and how it stands");
        lines(standing.chosen().isEmpty() ? List.of("Nothing is chosen for any axle.") : standing.chosen());
        sheet.heading(12, "Brakes of the whole vehicle as planned");
        lines(standing.brakes());
        for (AxleRecord axle : job.axles()) {
            sheet.heading(12, "Measured, " + axle.name());
            lines(axle.readings().stream().map(DossierPdf::reading).toList());
        }
        pictures(job.trail().photos());
        sheet.heading(12, "What was done, by whom");
        lines(job.trail().entries().stream().map(DossierPdf::entry).toList());
        sheet.heading(12, "The way back to drums");
        lines(standing.back());
        sheet.heading(12, "Open before it may be on the road and with its owner");
        lines(standing.open());
        sheet.heading(12, "To be looked at again");
        lines(standing.again());
        sheet.paragraph(
                MARGIN,
                "If in doubt the vehicle does not move. Local rules, inspection and licensed practice come first.");
        sheet.heading(12, "The owner is told of");
        lines(standing.told());
        sheet.heading(12, "Handed over");
        lines(standing.signed());
        sheet.down(26);
        sheet.paragraph(MARGIN, "Shop: ______________________________     Owner: ______________________________");
        sheet.down(6);
        sheet.paragraph(MARGIN, "Head of the log: " + head);
        sheet.paragraph(
                MARGIN,
                "The log is a chain: who has this head and the dossier's JSON can see whether anything was changed, taken out or moved.");
    }

    private void pictures(List<Trail.Photo> photos) throws IOException {
        if (photos.isEmpty()) {
            return;
        }
        sheet.heading(12, "Pictures");
        for (Trail.Photo p : photos) {
            String told = reading(p.reading()) + "; photo by " + p.by();
            try {
                sheet.photo(Base64.getDecoder().decode(p.jpeg()), WIDEST, HIGHEST);
            } catch (IOException | IllegalArgumentException e) {
                told += ": it cannot be printed";
            }
            sheet.paragraph(MARGIN, told);
            sheet.down(6);
        }
    }

    private static final float WIDEST = 260;
    private static final float HIGHEST = 200;

    private void lines(List<String> lines) throws IOException {
        if (lines.isEmpty()) {
            sheet.paragraph(INDENT, "Nothing.");
        }
        for (String line : lines) {
            sheet.room(LINE);
            sheet.text(MARGIN, FlowingPdf.TEXT_SIZE, "-");
            sheet.paragraph(INDENT, line);
        }
        sheet.down(4);
    }

    private static String reading(Reading r) {
        return r.callout().title() + ", " + r.side().word()
                + (r.placeText().isEmpty() ? "" : " at " + r.placeText()) + ": " + r.text() + ", by "
                + r.instrument().title()
                + r.origin().map(o -> ", " + o.by()).orElse("");
    }

    private static String entry(Trail.Entry e) {
        StringBuilder out = new StringBuilder(
                        e.at().toString().replace('T', ' ').replaceAll("\\..*|Z$", ""))
                .append(" UTC, ")
                .append(e.by().isBlank() ? "nobody known" : e.by())
                .append(": ")
                .append(e.kind().toLowerCase(java.util.Locale.ROOT).replace('_', ' '))
                .append(", ")
                .append(e.subject());
        for (Map.Entry<String, String> p : new TreeMap<>(e.payload()).entrySet()) {
            if (p.getValue().length() <= LONGEST_PARTICULAR && !p.getValue().startsWith("{")) {
                out.append("; ").append(p.getKey()).append(": ").append(p.getValue());
            }
        }
        return out.toString();
    }
}
