package itrova.formats.paper;

import itrova.core.order.OrderSheet;
import itrova.core.wording.Wording;
import java.util.List;

/**
 * An order sheet with what its paper states besides the lines.
 *
 * @param shop name of the shop
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
        String shop,
        String job,
        String axle,
        String verdict,
        String signature,
        String date,
        String currency,
        OrderSheet sheet,
        List<String> notChecked,
        Wording wording) {}
