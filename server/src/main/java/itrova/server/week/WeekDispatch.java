package itrova.server.week;

import itrova.server.background.RowScheduler;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Makes plans better, one at a time. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class WeekDispatch extends RowScheduler implements WeekQueue {
    WeekDispatch(DataSource dataSource, @Lazy WeekPlans plans) {
        super(dataSource, "week", "scheduled_weeks", 1, plans::improve);
    }
}
