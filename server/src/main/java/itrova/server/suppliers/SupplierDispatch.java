package itrova.server.suppliers;

import itrova.server.background.RowScheduler;
import jakarta.annotation.PreDestroy;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Sends orders to suppliers, again with growing pauses until they are answered or nobody waits for them. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class SupplierDispatch implements SupplierQueue {
    private static final int AT_ONCE = 3;

    private final RowScheduler rows;

    SupplierDispatch(DataSource dataSource, @Lazy SupplierOrders orders) {
        rows = new RowScheduler(
                dataSource, "supplier-order", "scheduled_orders", AT_ONCE, (id, isLeaving) -> orders.send(id));
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
    public void add(String orderId) {
        rows.add(orderId);
    }
}
