package itrova.server.background;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/** Runs what is scheduled. Scheduling takes part in the transaction it is done in: what is rolled back never runs. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class Background implements SearchQueue {
    private static final Duration LOOK = Duration.ofMillis(250);
    private static final Duration HEARTBEAT = Duration.ofSeconds(5);
    /** One at a time: a search uses all processors by itself. */
    private static final int AT_ONCE = 1;

    private final OneTimeTask<Void> search;
    private final Scheduler scheduler;

    Background(DataSource dataSource, SearchWork work) {
        search = Tasks.oneTime("search")
                .onDeadExecutionRevive()
                .execute((instance, context) -> work.run(
                        instance.getId(), () -> context.getSchedulerState().isShuttingDown()));
        scheduler = Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), search)
                .threads(AT_ONCE)
                .pollingInterval(LOOK)
                .heartbeatInterval(HEARTBEAT)
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
    public void add(String searchId) {
        scheduler.schedule(search.instance(searchId), Instant.now());
    }
}
