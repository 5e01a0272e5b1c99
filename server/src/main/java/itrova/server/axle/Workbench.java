package itrova.server.axle;

import itrova.core.brakes.CircuitSheet;
import itrova.core.brakes.PlannedVehicle;
import itrova.core.choice.Selection;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.record.AxleRecord;
import itrova.core.record.VehicleKind;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Wheel;
import itrova.server.api.ConflictException;
import itrova.server.store.IncomingStore;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.JobStore.JobRow;
import itrova.server.store.KitStore;
import itrova.server.store.LimitStore;
import itrova.server.store.NotFoundException;
import itrova.server.store.PartStore;
import itrova.server.store.ReadingStore.ReadingRow;
import itrova.server.store.WheelStore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** Brings stored readings and kits before the core. Verdicts are worked out anew each time, never stored as truth. */
@Component
public class Workbench {
    private final JobStore jobs;
    private final JobArchive archive;
    private final KitStore kits;
    private final LimitStore limits;
    private final WheelStore wheels;
    private final PartStore parts;
    private final IncomingStore incoming;

    Workbench(
            JobStore jobs,
            JobArchive archive,
            KitStore kits,
            LimitStore limits,
            WheelStore wheels,
            PartStore parts,
            IncomingStore incoming) {
        this.incoming = incoming;
        this.parts = parts;
        this.wheels = wheels;
        this.jobs = jobs;
        this.archive = archive;
        this.kits = kits;
        this.limits = limits;
    }

    /** The shop's limits. */
    public ShopSettings settings() {
        return limits.settings();
    }

    public AxleRow axle(long axleId) {
        return jobs.axle(axleId);
    }

    /** The axle, kept from other writes until this one is done. */
    public AxleRow lockedAxle(long axleId) {
        jobs.lockAxle(axleId);
        return jobs.axle(axleId);
    }

    public AxleRecord record(AxleRow row) {
        return archive.record(row);
    }

    public AxleRecord record(AxleRow row, List<ReadingRow> standing) {
        return archive.record(row, standing);
    }

    /** Both ends of an axle, left first. */
    public List<AxleEnd> ends(AxleRow row) {
        return record(row).toCase(List.of(Side.values())).ends();
    }

    public KitReport report(AxleRow row, String code) {
        return FitEngine.report(record(row).toCase(List.of(Side.values())), kitFor(row, code), settings());
    }

    /** A kit of the catalogue as it came for an axle, where pieces of it were measured there; else as its papers promise. */
    public Kit kitFor(AxleRow row, String code) {
        return incoming.of(row.id(), code).asItCame(kit(code));
    }

    public Kit kit(String code) {
        return kits.find(code).orElseThrow(() -> new NotFoundException("Kit " + code));
    }

    public Wheel wheel(String code) {
        return wheels.find(code).orElseThrow(() -> new NotFoundException("Wheel " + code));
    }

    /** What was chosen for an axle, in the edition it was chosen in, judged as the axle stands. */
    public Chosen chosen(AxleRow row) {
        return chosen(row, record(row), settings());
    }

    /** What was chosen for an axle whose record and limits are at hand. */
    public Chosen chosen(AxleRow row, AxleRecord record, ShopSettings settings) {
        Selection selection = row.chosen()
                .orElseThrow(() -> new ConflictException(
                        "No kit is chosen for the " + row.name() + " yet. Choose one in the match table first."));
        Kit kit = kits.find(selection.kit(), selection.edition().orElseThrow())
                .orElseThrow(() -> new NotFoundException("Kit " + selection.kit() + ", edition "
                        + selection.edition().orElseThrow()));
        Optional<Wheel> wheel = selection.wheel().map(code -> wheels.find(code)
                .orElseThrow(() -> new ConflictException("Wheel " + code
                        + ", chosen for the " + row.name()
                        + ", is not on the parts wall any more. Choose again in the match table.")));
        try {
            return new Chosen(
                    row,
                    record,
                    selection,
                    kit,
                    wheel,
                    settings,
                    selection.judge(
                            record.toCase(List.of(Side.values())),
                            kit,
                            wheel,
                            settings,
                            incoming.of(row.id(), selection.kit())),
                    vehicle(row.jobId()));
        } catch (IllegalArgumentException e) {
            // a choice taken in with a job's document may name what this catalogue does not have
            throw new ConflictException(e.getMessage() + " Choose again in the match table.");
        }
    }

    /** The brakes of a job's vehicle with what is chosen for its axles. */
    public PlannedVehicle vehicle(long jobId) {
        JobRow job = jobs.job(jobId);
        Map<String, Kit> put = new TreeMap<>();
        for (AxleRow row : jobs.axles(jobId)) {
            chosenKit(row).ifPresent(kit -> put.put(row.name(), kit));
        }
        return vehicle(job, jobs.circuit(jobId), put);
    }

    /** The brakes of a job's vehicle with a circuit that is not, or not yet, kept. */
    public PlannedVehicle vehicle(JobRow job, CircuitSheet circuit, Map<String, Kit> put) {
        return PlannedVehicle.of(circuit, job.sheet(), job.vehicleKind() == VehicleKind.TRAILER, put, parts.ofBrakes());
    }

    /** The kit chosen for an axle with the options taken, where one is chosen and still known. */
    public Optional<Kit> chosenKit(AxleRow row) {
        return row.chosen().flatMap(s -> kits.find(s.kit(), s.edition().orElseThrow())
                .map(kit -> incoming.of(row.id(), s.kit()).asItCame(kit.with(s.optionsOf(kit)))));
    }

    /** What to say where the catalogue has a newer edition of the chosen kit. */
    public Optional<String> newerEdition(AxleRow row) {
        return row.chosen().flatMap(chosen -> kits.edition(chosen.kit())
                .filter(now -> now != chosen.edition().orElseThrow())
                .map(now -> "Kit " + chosen.kit() + " was changed in the catalogue (edition " + now
                        + "); this job stays with edition " + chosen.edition().orElseThrow()
                        + ", which it was judged with. To take the new one, choose the kit again in the match table."));
    }
}
