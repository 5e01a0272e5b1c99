package itrova.server.jobs;

import itrova.core.brakes.PlannedVehicle;
import itrova.core.order.WayBack;
import itrova.core.record.AxleRecord;
import itrova.core.record.Job;
import itrova.formats.DossierDocument;
import itrova.formats.LogCsv;
import itrova.formats.paper.DossierPdf;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Chosen;
import itrova.server.axle.Releases;
import itrova.server.axle.Workbench;
import itrova.server.road.RoadLog;
import itrova.server.store.JobArchive;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.ShopStore;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole record of a job: as a document whose log is chained, and on paper with the chain's head. */
@RestController
@RequestMapping("/api/jobs/{jobId}")
public class DossierController {
    private final JobArchive archive;
    private final JobStore jobs;
    private final ShopStore shop;
    private final Workbench bench;
    private final Releases releases;
    private final RoadLog road;
    private final CurrentPerson me;

    DossierController(
            JobArchive archive,
            JobStore jobs,
            ShopStore shop,
            Workbench bench,
            Releases releases,
            RoadLog road,
            CurrentPerson me) {
        this.road = road;
        this.archive = archive;
        this.jobs = jobs;
        this.shop = shop;
        this.bench = bench;
        this.releases = releases;
        this.me = me;
    }

    @GetMapping(value = "/dossier", produces = MediaType.APPLICATION_JSON_VALUE)
    public ResponseEntity<String> document(@PathVariable long jobId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"dossier-" + jobId + ".json\"")
                .body(DossierDocument.write(archive.export(jobId)));
    }

    /** The log alone, as a table. */
    @GetMapping(value = "/dossier.csv", produces = "text/csv")
    public ResponseEntity<String> table(@PathVariable long jobId) {
        Job job = archive.export(jobId);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"log-" + jobId + ".csv\"")
                .body(LogCsv.write(
                        job.trail(), job.axles().stream().map(AxleRecord::name).toList()));
    }

    @GetMapping(value = "/dossier.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> paper(@PathVariable long jobId) {
        Job job = archive.export(jobId);
        RoadLog.Paper told = road.paper(jobId);
        String head = DossierDocument.head(DossierDocument.write(job));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"dossier-" + jobId + ".pdf\"")
                .body(DossierPdf.write(
                        shop.name().orElse(""),
                        job,
                        new DossierPdf.Standing(
                                standing(jobId),
                                brakes(jobId),
                                back(jobId),
                                told.open(),
                                told.again(),
                                told.told(),
                                told.signed()),
                        head));
    }

    private List<String> standing(long jobId) {
        List<String> told = new ArrayList<>();
        for (AxleRow row : jobs.axles(jobId)) {
            if (row.chosen().isEmpty()) {
                continue;
            }
            try {
                Chosen chosen = bench.chosen(row);
                told.add(row.name() + ": " + chosen.selection().describe() + ", "
                        + chosen.report().verdict().word() + "; gate "
                        + chosen.gate().state().name().toLowerCase(java.util.Locale.ROOT));
                releases.overturned(chosen)
                        .forEach(alarm -> told.add(
                                row.name() + ", overturned: " + me.wording().say(alarm)));
            } catch (ConflictException e) {
                told.add(row.name() + ": " + e.getMessage());
            }
        }
        return told;
    }

    /** Whether an axle's way back to drums is open with what was ordered, and what must be kept for it. */
    private List<String> back(long jobId) {
        List<String> told = new ArrayList<>();
        for (AxleRow row : jobs.axles(jobId)) {
            if (row.chosen().isEmpty() || releases.orders(row.id()).isEmpty()) {
                continue;
            }
            try {
                Chosen chosen = bench.chosen(row);
                List<String> lasting = WayBack.lasting(chosen.report());
                told.add(row.name()
                        + (lasting.isEmpty()
                                ? ": open. " + WayBack.KEEP
                                : ": given up by " + String.join(", ", lasting) + "."));
            } catch (ConflictException e) {
                told.add(row.name() + ": cannot be told. " + e.getMessage());
            }
        }
        return told;
    }

    private List<String> brakes(long jobId) {
        PlannedVehicle vehicle = bench.vehicle(jobId);
        return vehicle.findings()
                .map(r -> r.findings().stream()
                        .map(f -> me.wording().title(f.check()) + ": "
                                + f.verdict().word())
                        .toList())
                .orElseGet(
                        () -> vehicle.problem().map(me.wording()::say).stream().toList());
    }
}
