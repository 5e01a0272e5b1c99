package itrova.formats.paper;

import static itrova.formats.paper.FlowingPdf.LINE;
import static itrova.formats.paper.FlowingPdf.MARGIN;
import static itrova.formats.paper.FlowingPdf.TEXT_SIZE;

import itrova.core.order.CostRange;
import itrova.core.order.FullCost;
import itrova.core.order.OfferWords;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Offer to the owner on A4: what is done, what it costs from and to, what it gives and what it does not, and where he signs. */
public final class OfferPdf {
    /** Right edges of the columns of money (pt). */
    private static final float FROM = FlowingPdf.RIGHT - 170;

    private static final float LIKELY = FlowingPdf.RIGHT - 100;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private OfferPdf() {}

    /**
     * What the offer says.
     *
     * @param shop who offers
     * @param owner to whom; empty where nobody told
     * @param vehicle what it is
     * @param axle which axle
     * @param day of issue (ISO 8601)
     * @param kit what is put on
     * @param verdict whether it is proven to fit, in words
     * @param open what is not proven yet, in words
     * @param work outside work and parts besides, in words
     * @param cost low, likely and high, before tax
     * @param unpriced what is needed and nobody has priced: it comes on top
     * @param taxPercent tax on top
     * @param currency of all amounts
     * @param lastDelivery working days until the last part is there
     * @param options what else could be had
     * @param gained what it gives and what it does not
     * @param lasting what stays changed
     */
    public record Offer(
            Letterhead shop,
            String owner,
            String vehicle,
            String axle,
            String day,
            String kit,
            String verdict,
            List<String> open,
            List<String> work,
            FullCost cost,
            List<String> unpriced,
            BigDecimal taxPercent,
            String currency,
            int lastDelivery,
            List<OfferWords.Option> options,
            List<String> gained,
            List<String> lasting) {}

    /** The offer as a PDF file. */
    public static byte[] write(Offer offer) {
        try (FlowingPdf sheet = new FlowingPdf("Offer: " + offer.vehicle())) {
            sheet.head(offer.shop());
            sheet.text(MARGIN, 12, offer.owner().isBlank() ? "To the owner" : "To " + offer.owner());
            sheet.rightText(10, offer.day());
            sheet.down(24);
            sheet.text(MARGIN, 17, "Offer: disc brakes, " + offer.axle());
            sheet.down(20);
            sheet.paragraph(MARGIN, offer.vehicle());
            sheet.paragraph(MARGIN, offer.kit() + ": " + offer.verdict() + " by what was measured at the vehicle.");
            sheet.list("Not proven yet", offer.open());
            sheet.list("Parts and outside work besides the kit", offer.work());
            cost(sheet, offer);
            sheet.list("Not in these amounts: nobody has priced it yet", offer.unpriced());
            sheet.list(
                    "Options, not in the price",
                    offer.options().stream()
                            .map(o -> "□ " + o.name() + ": " + money(o.cents(), offer.currency()))
                            .toList());
            sheet.list("What it gives, and what it does not", offer.gained());
            sheet.list("What stays changed", offer.lasting());
            sheet.room(6 * LINE);
            sheet.down(2 * LINE);
            sheet.paragraph(
                    MARGIN,
                    "I have read what is not proven, what it gives and what stays changed, and order the work up to the highest amount above.");
            sheet.down(2 * LINE);
            sheet.text(MARGIN, TEXT_SIZE, "Owner ________________________________   on ______________");
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void cost(FlowingPdf sheet, Offer offer) throws IOException {
        sheet.heading(12, "Cost");
        sheet.rightTextAt(FROM, 8, "from");
        sheet.rightTextAt(LIKELY, 8, "likely");
        sheet.rightText(8, "up to");
        sheet.down(LINE);
        row(sheet, "Kit, parts and outside work", offer.cost().bought(), offer);
        row(sheet, "Small parts and what is used up", offer.cost().besides(), offer);
        row(sheet, "Our hours", offer.cost().hours(), offer);
        CostRange total = offer.cost().total();
        if (offer.taxPercent().signum() > 0) {
            CostRange tax =
                    new CostRange(tax(total.low(), offer), tax(total.likely(), offer), tax(total.high(), offer));
            row(sheet, "Tax, " + offer.taxPercent().stripTrailingZeros().toPlainString() + " %", tax, offer);
            total = total.plus(tax);
        }
        row(sheet, "All in all", total, offer);
        sheet.paragraph(
                MARGIN,
                "The last part is here after " + offer.lastDelivery()
                        + " working days. What turns up when the old brake is apart may change the amount; nothing above the highest is done without asking.");
    }

    private static void row(FlowingPdf sheet, String what, CostRange range, Offer offer) throws IOException {
        sheet.room(LINE);
        sheet.text(MARGIN, TEXT_SIZE, what);
        sheet.rightTextAt(FROM, TEXT_SIZE, money(range.low(), ""));
        sheet.rightTextAt(LIKELY, TEXT_SIZE, money(range.likely(), ""));
        sheet.rightText(TEXT_SIZE, money(range.high(), offer.currency()));
        sheet.down(LINE);
    }

    private static long tax(long cents, Offer offer) {
        return BigDecimal.valueOf(cents)
                .multiply(offer.taxPercent())
                .divide(HUNDRED, 0, RoundingMode.HALF_UP)
                .longValueExact();
    }

    private static String money(long cents, String currency) {
        return (BigDecimal.valueOf(cents, 2).toPlainString() + " " + currency).strip();
    }
}
