package itrova.formats.paper;

import static itrova.formats.paper.FlowingPdf.LINE;
import static itrova.formats.paper.FlowingPdf.MARGIN;
import static itrova.formats.paper.FlowingPdf.TEXT_SIZE;

import itrova.core.order.WorkedPart;
import itrova.core.wording.Wording;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;

/** Order to a machine shop on A4: each part with its drawing, what is made of it, how truly, and what is measured before it comes off. */
public final class WorkOrderPdf {
    private WorkOrderPdf() {}

    /**
     * What the order says.
     *
     * @param shop who orders
     * @param job title of the job
     * @param axle name of the axle
     * @param day of issue (ISO 8601)
     * @param parts what is worked, side by side
     * @param wording language and units of sentences; drawings carry both units
     */
    public record WorkOrder(
            Letterhead shop, String job, String axle, String day, List<WorkedPart> parts, Wording wording) {
        public WorkOrder {
            parts = List.copyOf(parts);
        }
    }

    /** The order as a PDF file. */
    public static byte[] write(WorkOrder order) {
        try (FlowingPdf sheet = new FlowingPdf("Work order: " + order.job())) {
            sheet.head(order.shop());
            sheet.text(MARGIN, 17, "Work order");
            sheet.rightText(10, order.day());
            sheet.down(22);
            sheet.text(MARGIN, 11, order.job() + ", " + order.axle());
            sheet.down(18);
            sheet.paragraph(
                    MARGIN,
                    "Heavy lines and figures with ± are to be made; figures in brackets are as found and for reference. These are parts of a brake: what cannot be held to its tolerance is not made, ring us first.");
            sheet.down(6);
            int number = 1;
            for (WorkedPart part : order.parts()) {
                part(sheet, number++, part, order.wording());
            }
            sheet.room(4 * LINE);
            sheet.down(2 * LINE);
            sheet.text(MARGIN, TEXT_SIZE, "Made and measured by ______________________   on ______________");
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void part(FlowingPdf sheet, int number, WorkedPart part, Wording wording) throws IOException {
        sheet.room(FacePainter.HEIGHT + 8 * LINE);
        sheet.rule();
        sheet.text(
                MARGIN,
                12,
                number + ". " + wording.title(part.piece()) + ", "
                        + wording.title(part.work().side()) + ": "
                        + wording.title(part.work().kind()).toLowerCase(java.util.Locale.ROOT));
        sheet.down(16);
        sheet.face(part);
        sheet.paragraph(MARGIN, wording.say(part.work().sentence()));
        sheet.paragraph(MARGIN, "Hold: " + wording.say(part.work().kind().hold()));
        sheet.paragraph(MARGIN, "Caution: " + wording.say(part.work().kind().caution()));
        sheet.paragraph(MARGIN, "Measured: ______________ mm");
        sheet.down(6);
    }
}
