package itrova.formats.paper;

import itrova.core.order.OrderSheet;
import itrova.core.wording.Wording;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/**
 * An order sheet with what its paper states besides the lines.
 *
 * @param shop who orders
 * @param taxPercent tax on top of the prices
 * @param job title of the job
 * @param axle name of the axle
 * @param verdict verdict in words
 * @param signature who signed for what is not proven, with the reason; empty if nobody had to
 * @param date date of issue (ISO 8601)
 * @param currency currency code
 * @param sheet the lines
 * @param notChecked critical matters the program does not check
 * @param wording language and units the lines are said in
 */
public record OrderPaper(
        Letterhead shop,
        BigDecimal taxPercent,
        String job,
        String axle,
        String verdict,
        String signature,
        String date,
        String currency,
        OrderSheet sheet,
        List<String> notChecked,
        Wording wording) {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** Tax on the whole sheet (cents), rounded half up. */
    public long taxCents() {
        return BigDecimal.valueOf(sheet.totalCents())
                .multiply(taxPercent)
                .divide(HUNDRED, 0, RoundingMode.HALF_UP)
                .longValueExact();
    }
}
