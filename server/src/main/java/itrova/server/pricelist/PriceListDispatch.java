package itrova.server.pricelist;

import itrova.server.background.RowScheduler;
import jakarta.annotation.PreDestroy;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Works on price lists, one at a time. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class PriceListDispatch implements PriceListQueue {
    private final RowScheduler rows;

    PriceListDispatch(DataSource dataSource, @Lazy PriceLists lists) {
        rows = new RowScheduler(dataSource, "price-list", "scheduled_price_lists", 1, lists::work);
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        rows.start();
    }

    @PreDestroy
    void stop() {
        rows.stop();
    }

    @Override
    public void add(String listId) {
        rows.add(listId);
    }
}
