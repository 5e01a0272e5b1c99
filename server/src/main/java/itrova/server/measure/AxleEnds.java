package itrova.server.measure;

import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.FamilyStore;
import itrova.server.store.InstrumentStore;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.PhotoStore;
import itrova.server.store.ReadingStore;
import itrova.server.store.ReadingStore.ReadingRow;
import java.util.List;
import org.springframework.stereotype.Service;

/** Axles as measured, put together for the measuring view. */
@Service
class AxleEnds {
    private final Workbench bench;
    private final JobStore jobs;
    private final ReadingStore readings;
    private final PhotoStore photos;
    private final InstrumentStore instruments;
    private final FamilyStore families;
    private final CurrentPerson me;

    AxleEnds(
            Workbench bench,
            JobStore jobs,
            ReadingStore readings,
            PhotoStore photos,
            InstrumentStore instruments,
            FamilyStore families,
            CurrentPerson me) {
        this.bench = bench;
        this.jobs = jobs;
        this.readings = readings;
        this.photos = photos;
        this.instruments = instruments;
        this.families = families;
        this.me = me;
    }

    AxleEndView of(long axleId) {
        AxleRow row = bench.axle(axleId);
        List<ReadingRow> standing = readings.standing(axleId);
        return AxleEndView.of(new AxleEndView.Material(
                row,
                jobs.job(row.jobId()).title(),
                bench.record(row, standing),
                standing,
                readings.history(axleId),
                photos.ofAxle(axleId),
                instruments.tools(),
                families.all(),
                me.wording()));
    }
}
