package itrova.server.setup;

import itrova.server.store.PriceListStore;
import itrova.server.store.SearchStore;
import itrova.server.store.WriteOnceStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** What is done once a day or so; several instances doing it at once do no harm. */
@Component
@EnableScheduling
@ConditionalOnProperty(name = "itrova.describe-only", havingValue = "false", matchIfMissing = true)
class Housekeeping {
    private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);

    private final WriteOnceStore writes;
    private final SearchStore searches;
    private final PriceListStore lists;

    Housekeeping(WriteOnceStore writes, SearchStore searches, PriceListStore lists) {
        this.lists = lists;
        this.searches = searches;
        this.writes = writes;
    }

    @Scheduled(initialDelayString = "PT11M", fixedDelayString = "PT12H")
    void forgetOldSearches() {
        try {
            searches.forgetOld();
        } catch (RuntimeException e) {
            LOG.warn("Old searches could not be forgotten now; it is tried again later.", e);
        }
    }

    @Scheduled(initialDelayString = "PT12M", fixedDelayString = "PT12H")
    void forgetOldLists() {
        try {
            lists.forgetOld();
        } catch (RuntimeException e) {
            LOG.warn("Old price lists could not be forgotten now; it is tried again later.", e);
        }
    }

    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT12H")
    void forgetOldWrites() {
        try {
            writes.forgetOld();
        } catch (RuntimeException e) {
            LOG.warn("Old ids of writes could not be forgotten now; it is tried again later.", e);
        }
    }
}
