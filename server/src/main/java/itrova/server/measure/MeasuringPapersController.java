package itrova.server.measure;

import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.formats.ReadingsCsv;
import itrova.formats.paper.MeasuringSheetPdf;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Readings on paper and as a table: out, and in again. */
@RestController
@RequestMapping("/api")
public class MeasuringPapersController {
    private final Workbench bench;
    private final JobStore jobs;
    private final JobArchive archive;
    private final EventStore events;
    private final CurrentPerson me;

    MeasuringPapersController(Workbench bench, JobStore jobs, JobArchive archive, EventStore events, CurrentPerson me) {
        this.bench = bench;
        this.jobs = jobs;
        this.archive = archive;
        this.events = events;
        this.me = me;
    }

    /**
     * What was taken of a table.
     *
     * @param taken readings that are new here
     * @param known readings that were here before: the same place, text, tool, person and time
     */
    public record ReadingsTaken(int taken, int known) {}

    @GetMapping(value = "/axles/{axleId}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> sheet(@PathVariable long axleId, @RequestParam(defaultValue = "LEFT") Side side) {
        AxleRow row = bench.axle(axleId);
        String heading = jobs.job(row.jobId()).title() + ", " + row.name() + ", " + LocalDate.now();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"measuring-sheet-" + axleId + ".pdf\"")
                .body(MeasuringSheetPdf.write(heading, bench.record(row).end(side)));
    }

    @GetMapping(value = "/axles/{axleId}/readings.csv", produces = "text/csv")
    public ResponseEntity<String> csv(@PathVariable long axleId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"readings-" + axleId + ".csv\"")
                .body(ReadingsCsv.write(bench.record(bench.axle(axleId)).readings()));
    }

    /** Readings from a table; all or nothing. */
    @PostMapping(
            value = "/axles/{axleId}/readings/import",
            consumes = {"text/csv", MediaType.TEXT_PLAIN_VALUE})
    @Transactional
    public ReadingsTaken importReadings(
            @PathVariable long axleId,
            @RequestParam(defaultValue = "readings.csv") String file,
            @RequestBody String text) {
        AxleRow row = bench.lockedAxle(axleId);
        List<Reading> taken = ReadingsCsv.read(file, text);
        List<Callout> wanted = ReadingSpec.handOrder(row.form());
        for (Reading r : taken) {
            if (!wanted.contains(r.callout())) {
                throw BadInputException.of(
                        "what",
                        r.callout().name(),
                        r.callout().title() + " is not read on this kind of axle end. Nothing was imported.");
            }
        }
        int fresh = archive.takeNew(axleId, taken, me.get().id());
        events.add(
                Place.axle(row.jobId(), axleId),
                EventStore.Kind.READINGS_IMPORTED,
                file,
                Map.of("rows", String.valueOf(taken.size()), "new", String.valueOf(fresh)),
                me.get().id());
        return new ReadingsTaken(fresh, taken.size() - fresh);
    }
}
