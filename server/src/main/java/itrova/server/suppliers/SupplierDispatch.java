package itrova.server.suppliers;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/** Sends orders to suppliers: each is a row of its own table, tried again with growing pauses until it is answered or nobody waits for it. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class SupplierDispatch implements SupplierQueue {
    private static final Duration LOOK = Duration.ofMillis(250);
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(1);
    private static final double LONGER_EACH_TIME = 1.7;
    private static final int AT_ONCE = 3;

    private final OneTimeTask<Void> task;
    private final Scheduler scheduler;

    SupplierDispatch(DataSource dataSource, @Lazy SupplierOrders orders) {
        task = Tasks.oneTime("supplier-order")
                .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(FIRST_PAUSE, LONGER_EACH_TIME))
                .onDeadExecutionRevive()
                .execute((instance, context) -> orders.send(instance.getId()));
        scheduler = Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), task)
                .tableName("scheduled_orders")
                .threads(AT_ONCE)
                .pollingInterval(LOOK)
                .heartbeatInterval(Duration.ofSeconds(5))
                .shutdownMaxWait(Duration.ofSeconds(2))
                .build();
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        scheduler.start();
    }

    @PreDestroy
    void stop() {
        scheduler.stop();
    }

    @Override
    public void add(String orderId) {
        scheduler.schedule(task.instance(orderId), Instant.now());
    }
}
