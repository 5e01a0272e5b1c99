package itrova.server.week;

import itrova.server.background.RowScheduler;
import jakarta.annotation.PreDestroy;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Makes plans better, one at a time. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class WeekDispatch implements WeekQueue {
    private final RowScheduler rows;

    WeekDispatch(DataSource dataSource, @Lazy WeekPlans plans) {
        rows = new RowScheduler(dataSource, "week", "scheduled_weeks", 1, plans::improve);
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
    public void add(String planId) {
        rows.add(planId);
    }
}
