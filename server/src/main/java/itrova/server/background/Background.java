package itrova.server.background;

import jakarta.annotation.PreDestroy;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Runs searches. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class Background implements SearchQueue {
    /** One at a time: a search uses all processors by itself. */
    private static final int AT_ONCE = 1;

    private final RowScheduler rows;

    Background(DataSource dataSource, SearchWork work) {
        rows = new RowScheduler(dataSource, "search", "scheduled_tasks", AT_ONCE, work::run);
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
    public void add(String searchId) {
        rows.add(searchId);
    }
}
