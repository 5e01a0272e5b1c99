package itrova.server.brakes;

import itrova.core.brakes.CircuitDifference;
import itrova.core.brakes.CircuitSheet;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.record.Trail;
import itrova.formats.CircuitDocument;
import itrova.server.api.ConflictException;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The brakes of a job's vehicle: written down, and worked out with what was chosen for its axles. */
@Service
public class VehicleBrakes {
    private final JobStore jobs;
    private final Workbench bench;
    private final EventStore events;

    VehicleBrakes(JobStore jobs, Workbench bench, EventStore events) {
        this.jobs = jobs;
        this.bench = bench;
        this.events = events;
    }

    /**
     * The vehicle's brakes as they stand.
     *
     * @param axleNames what the job calls its axles
     */
    record State(JobRow job, List<String> axleNames, PlannedVehicle vehicle) {}

    State of(long jobId) {
        return new State(
                jobs.job(jobId), jobs.axles(jobId).stream().map(AxleRow::name).toList(), bench.vehicle(jobId));
    }

    /**
     * What somebody told otherwise at one time.
     *
     * @param by name of the person; empty where nobody was known
     */
    record Told(Instant at, String by, List<CircuitDifference> differences) {}

    /** Every change of the circuit, the newest first; also those made before the job was brought here. */
    List<Told> history(long jobId) {
        jobs.job(jobId); // one that is not there has no history either
        List<Told> all = new ArrayList<>();
        for (EventStore.EventRow e : events.ofJob(jobId)) {
            Trail.Entry entry = events.entry(e, OptionalInt.empty());
            if ("brakes".equals(entry.payload().get("what"))) {
                all.add(new Told(
                        entry.at(),
                        entry.by(),
                        CircuitDifference.between(
                                CircuitDocument.read(entry.payload().get("before")),
                                CircuitDocument.read(entry.payload().get("after")))));
            }
        }
        Collections.reverse(all);
        return all;
    }

    /**
     * Writes the circuit down.
     *
     * @throws IllegalArgumentException if its figures contradict each other, or it plans a part the catalogue does not have
     */
    @Transactional
    public void change(long jobId, int version, CircuitSheet circuit, long personId) {
        JobRow job = jobs.job(jobId);
        if (circuit.isSeen()) {
            PlannedVehicle tried = bench.vehicle(job, circuit, Map.of());
            tried.planned();
            for (String code : circuit.unknownParts(tried.catalogue())) {
                throw new ConflictException("Part " + code
                        + ", which the plan names, is not in the catalogue. Import it, or plan another part.");
            }
        }
        CircuitSheet before = jobs.circuit(jobId);
        jobs.changeCircuit(jobId, version, circuit);
        if (!before.equals(circuit)) {
            events.add(
                    Place.job(jobId),
                    EventStore.Kind.JOB_CHANGED,
                    job.title(),
                    Map.of(
                            "what",
                            "brakes",
                            "before",
                            CircuitDocument.write(before),
                            "after",
                            CircuitDocument.write(circuit)),
                    personId);
        }
    }
}
