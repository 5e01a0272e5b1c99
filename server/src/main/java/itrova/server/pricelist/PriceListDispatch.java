package itrova.server.pricelist;

import itrova.server.background.RowScheduler;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Works on price lists, one at a time. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class PriceListDispatch extends RowScheduler implements PriceListQueue {
    PriceListDispatch(DataSource dataSource, @Lazy PriceLists lists) {
        super(dataSource, "price-list", "scheduled_price_lists", 1, lists::work);
    }
}
