package itrova.server.measure;

import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.formats.SurroundingsDocument;
import itrova.server.api.CurrentPerson;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Writes what stands around the wheels of an axle, and in the log what was there before. */
@Component
public class AroundChanges {
    private final JobStore jobs;
    private final EventStore events;
    private final CurrentPerson me;

    AroundChanges(JobStore jobs, EventStore events, CurrentPerson me) {
        this.jobs = jobs;
        this.events = events;
        this.me = me;
    }

    /**
     * @param row the axle as it is, locked
     * @param version the version the change was made from
     * @throws itrova.server.store.StaleVersionException if somebody changed the axle since
     */
    public void write(AxleRow row, int version, Map<Side, Surroundings> sides) {
        jobs.changeAround(row.id(), version, sides);
        events.add(
                Place.axle(row.jobId(), row.id()),
                EventStore.Kind.AROUND_CHANGED,
                row.name(),
                Map.of("before", SurroundingsDocument.write(row.around()), "after", SurroundingsDocument.write(sides)),
                me.get().id());
    }
}
