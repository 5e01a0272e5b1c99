package itrova.server.store;

import itrova.core.measure.Reading;
import itrova.core.measure.ReadingKey;
import itrova.core.measure.ToolBox;
import itrova.core.quantity.UnitSystem;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.ReadingStore.NewReading;
import itrova.server.store.ReadingStore.ReadingRow;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Whole jobs in and out of the tables. */
@Component
public class JobArchive {
    private final JobStore jobs;
    private final ReadingStore readings;
    private final KitStore kits;
    private final InstrumentStore instruments;
    private final Trails trails;

    JobArchive(JobStore jobs, ReadingStore readings, KitStore kits, InstrumentStore instruments, Trails trails) {
        this.jobs = jobs;
        this.readings = readings;
        this.kits = kits;
        this.instruments = instruments;
        this.trails = trails;
    }

    /** An axle as a record the core can judge. */
    public AxleRecord record(AxleRow row) {
        return record(row, readings.standing(row.id()));
    }

    /** An axle as a record the core can judge, from readings already fetched. */
    public AxleRecord record(AxleRow row, List<ReadingRow> standing) {
        return record(row, standing, instruments.tools());
    }

    /** An axle as a record the core can judge, from readings and tools already fetched. */
    public AxleRecord record(AxleRow row, List<ReadingRow> standing, ToolBox tools) {
        List<Reading> taken =
                standing.stream().map(r -> r.reading().with(tools)).toList();
        return new AxleRecord(
                row.name(),
                row.form(),
                row.papers(),
                row.load(),
                row.wheelStays(),
                row.around(),
                taken,
                row.chosen(),
                row.facts());
    }

    /** A job as a document, with how it came about. */
    @Transactional(readOnly = true)
    public Job export(long jobId) {
        JobRow row = jobs.job(jobId);
        List<AxleRow> axles = jobs.axles(jobId);
        return new Job(
                row.title(),
                row.vehicleKind(),
                row.vehicle(),
                row.owner(),
                row.mustBeReversible(),
                row.promised().map(LocalDate::toString),
                row.notes(),
                row.sheet(),
                jobs.circuit(jobId),
                axles.stream().map(this::record).toList(),
                trails.of(jobId, axles));
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
                        job.notes(),
                        job.sheet()),
                personId);
        jobs.setCircuit(jobId, job.circuit());
        List<Long> axleIds = new ArrayList<>();
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
                            axle.form(),
                            axle.papers(),
                            axle.load(),
                            axle.wheelStays(),
                            axle.around(),
                            Optional.empty(),
                            axle.facts()));
            axleIds.add(axleId);
            trails.addReadings(axleId, ordinal - 1, axle.readings(), job.trail(), personId);
            axle.chosen().ifPresent(s -> kits.id(s.kit())
                    .ifPresent(kitId -> jobs.choose(
                            axleId,
                            1,
                            Optional.of(s.inEdition(kits.edition(s.kit()).orElseThrow())),
                            Optional.of(kitId))));
        }
        trails.addLog(jobId, axleIds, job.trail(), personId);
        return jobId;
    }

    /** A reading from elsewhere as it is written here, its units spelled out. */
    public static NewReading toNew(Reading r) {
        return new NewReading(
                UUID.randomUUID().toString(),
                OptionalLong.empty(),
                r.side(),
                r.callout(),
                r.placeText(),
                r.textWithUnit(),
                UnitSystem.METRIC,
                r.instrument(),
                OptionalLong.empty(),
                r.origin());
    }

    /**
     * Takes readings from elsewhere that are not there yet, in the order given; gives how many. What is there already, or was and is
     * corrected or withdrawn, is no new measurement. The axle must be locked.
     */
    public int takeNew(long axleId, List<Reading> from, long personId) {
        Set<ReadingKey> known = new HashSet<>();
        readings.standing(axleId).forEach(r -> {
            known.add(r.reading().key());
            known.add(r.reading().key().withoutOrigin());
        });
        readings.history(axleId).forEach(r -> known.add(r.old().reading().key()));
        int taken = 0;
        for (Reading r : from) {
            if (known.add(r.key())) {
                readings.add(axleId, toNew(r), personId);
                taken++;
            }
        }
        return taken;
    }
}
