package itrova.server.suppliers;

import itrova.server.background.RowScheduler;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Sends orders to suppliers, again with growing pauses until they are answered or nobody waits for them. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class SupplierDispatch extends RowScheduler implements SupplierQueue {
    private static final int AT_ONCE = 3;

    SupplierDispatch(DataSource dataSource, @Lazy SupplierOrders orders) {
        super(dataSource, "supplier-order", "scheduled_orders", AT_ONCE, (id, isLeaving) -> orders.send(id));
    }
}
