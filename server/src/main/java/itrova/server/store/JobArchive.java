package itrova.server.store;

import itrova.core.measure.Reading;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.ReadingStore.NewReading;
import itrova.server.store.ReadingStore.ReadingRow;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Whole jobs in and out of the tables. */
@Component
public class JobArchive {
    private final JobStore jobs;
    private final ReadingStore readings;
    private final KitStore kits;

    JobArchive(JobStore jobs, ReadingStore readings, KitStore kits) {
        this.jobs = jobs;
        this.readings = readings;
        this.kits = kits;
    }

    /** An axle as a record the core can judge. */
    public AxleRecord record(AxleRow row) {
        List<Reading> taken =
                readings.standing(row.id()).stream().map(ReadingRow::reading).toList();
        return new AxleRecord(
                row.name(), row.kind(), row.bracketShape(), row.load(), row.wheelStays(), taken, row.chosenKit());
    }

    /** A job as a document. */
    public Job export(long jobId) {
        JobRow row = jobs.job(jobId);
        return new Job(
                row.title(),
                row.vehicleKind(),
                row.vehicle(),
                row.owner(),
                row.mustBeReversible(),
                row.promised().map(LocalDate::toString),
                row.notes(),
                jobs.axles(jobId).stream().map(this::record).toList());
    }

    /** Takes a whole job; all or nothing. A chosen kit that is not in the catalogue is left unchosen. */
    @Transactional
    public long add(Job job, long personId) {
        long jobId = jobs.addJob(
                new JobRow(
                        0,
                        0,
                        job.title(),
                        job.vehicleKind(),
                        job.vehicle(),
                        job.owner(),
                        job.mustBeReversible(),
                        job.promised().map(LocalDate::parse),
                        job.notes()),
                personId);
        int ordinal = 0;
        for (AxleRecord axle : job.axles()) {
            long axleId = jobs.addAxle(
                    jobId,
                    ordinal++,
                    new AxleRow(
                            0,
                            jobId,
                            0,
                            axle.name(),
                            axle.kind(),
                            axle.bracketShape(),
                            axle.load(),
                            axle.wheelStays(),
                            Optional.empty()));
            for (Reading r : axle.readings()) {
                readings.add(axleId, toNew(r), personId);
            }
            axle.chosenKit().flatMap(kits::id).ifPresent(kitId -> jobs.choose(axleId, 1, Optional.of(kitId)));
        }
        return jobId;
    }

    private static NewReading toNew(Reading r) {
        String place = r.place().isPresent() ? r.place().getAsDouble() + " mm" : "";
        return new NewReading(
                UUID.randomUUID().toString(),
                OptionalLong.empty(),
                r.side(),
                r.callout(),
                place,
                r.textWithUnit(),
                UnitSystem.METRIC,
                r.instrument());
    }
}
