package itrova.server.background;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/**
 * Rows of a table run by whichever instance is free, one owner at a time. Scheduling takes part in the transaction it is done in: what is
 * rolled back never runs. Each kind of rows has a class of its own, made once; it begins when the server is ready and ends with it.
 */
public abstract class RowScheduler {
    private static final Duration LOOK = Duration.ofMillis(250);
    private static final Duration HEARTBEAT = Duration.ofSeconds(3);
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(1);
    private static final double LONGER_EACH_TIME = 1.7;

    private final OneTimeTask<Void> task;
    private final Scheduler scheduler;

    /**
     * Rows of one kind.
     *
     * @param table where they wait
     * @param atOnce how many run at once here
     * @param work runs the row of an id, and may ask whether this instance is about to end; what it throws is tried again with growing pauses
     */
    protected RowScheduler(
            DataSource dataSource, String name, String table, int atOnce, BiConsumer<String, BooleanSupplier> work) {
        task = Tasks.oneTime(name)
                .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(FIRST_PAUSE, LONGER_EACH_TIME))
                .onDeadExecutionRevive()
                .execute((instance, context) -> work.accept(
                        instance.getId(), () -> context.getSchedulerState().isShuttingDown()));
        scheduler = Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), task)
                .tableName(table)
                .threads(atOnce)
                .pollingInterval(LOOK)
                .heartbeatInterval(HEARTBEAT)
                .shutdownMaxWait(Duration.ofSeconds(2))
                .build();
    }

    @EventListener(ApplicationReadyEvent.class)
    public void start() {
        scheduler.start();
    }

    @PreDestroy
    public void stop() {
        scheduler.stop();
    }

    /** Lets a row be run. */
    public void add(String id) {
        scheduler.schedule(task.instance(id), Instant.now());
    }
}
