package itrova.server.background;

import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Runs searches. */
@Component
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class SearchDispatch extends RowScheduler implements SearchQueue {
    /** One at a time: a search uses all processors by itself. */
    private static final int AT_ONCE = 1;

    SearchDispatch(DataSource dataSource, SearchWork work) {
        super(dataSource, "search", "scheduled_tasks", AT_ONCE, work::run);
    }
}
