package itrova.server.brakes;

import itrova.core.brakes.BrakeCircuit;
import itrova.core.brakes.BrakeReport;
import itrova.core.brakes.CircuitSheet;
import itrova.core.kit.Kit;
import itrova.core.phrase.Phrase;
import itrova.core.record.VehicleKind;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
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
     * @param kits chosen, by the axle's name
     */
    record State(JobRow job, CircuitSheet sheet, List<String> axleNames, Map<String, Kit> kits) {
        BrakeCircuit found() {
            return sheet.found(job.sheet(), job.vehicleKind() == VehicleKind.TRAILER);
        }

        BrakeCircuit planned() {
            return sheet.planned(found(), kits);
        }

        /** Why nothing can be said of the plan, where a kit's axle is not in the circuit. */
        Optional<Phrase> unplaced() {
            return sheet.unplaced(kits).stream().findFirst().map(axle -> Phrase.of("brakes.name-the-axle", axle));
        }

        BrakeReport report(BrakeCircuit circuit) {
            return BrakeReport.of(circuit, job.sheet().wishes().parkingNeeded());
        }
    }

    State of(long jobId) {
        Map<String, Kit> kits = new TreeMap<>();
        List<AxleRow> rows = jobs.axles(jobId);
        for (AxleRow row : rows) {
            bench.chosenKit(row).ifPresent(kit -> kits.put(row.name(), kit));
        }
        return new State(
                jobs.job(jobId),
                jobs.circuit(jobId),
                rows.stream().map(AxleRow::name).toList(),
                kits);
    }

    /** In a sentence what of the plan is open or proven not; nothing where every critical finding is proven. */
    public Phrase summary(long jobId) {
        State s = of(jobId);
        if (!s.sheet().isSeen()) {
            return Phrase.of("brakes.nobody-looked");
        }
        return s.unplaced().orElseGet(() -> s.report(s.planned()).summary());
    }

    /**
     * Writes the circuit down.
     *
     * @throws IllegalArgumentException if its figures contradict each other
     */
    @Transactional
    public void change(long jobId, int version, CircuitSheet circuit, long personId) {
        JobRow job = jobs.job(jobId);
        if (circuit.isSeen()) {
            State tried = new State(job, circuit, List.of(), Map.of());
            tried.planned();
        }
        jobs.changeCircuit(jobId, version, circuit);
        events.add(Place.job(jobId), EventStore.Kind.JOB_CHANGED, job.title(), Map.of("what", "brakes"), personId);
    }
}
