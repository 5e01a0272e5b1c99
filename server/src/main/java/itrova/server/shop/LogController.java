package itrova.server.shop;

import itrova.server.store.EventStore;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The log: who did what and when, newest first; the lead's to read. */
@RestController
@RequestMapping("/api/log")
public class LogController {
    private final EventStore events;

    LogController(EventStore events) {
        this.events = events;
    }

    public record LogRow(
            long id,
            Instant at,
            String by,
            EventStore.Kind kind,
            String subject,
            @Nullable Long jobId,
            @Nullable Long axleId,
            Map<String, String> particulars) {}

    /**
     * A page of the log.
     *
     * @param before only what was logged before this one; the newest without it
     */
    @GetMapping
    public List<LogRow> log(
            @RequestParam(required = false) @Nullable Long job,
            @RequestParam(required = false) EventStore.@Nullable Kind kind,
            @RequestParam(required = false) @Nullable Long before,
            @RequestParam(defaultValue = "100") int limit) {
        return events
                .newest(
                        Optional.ofNullable(job),
                        Optional.ofNullable(kind),
                        before == null ? Long.MAX_VALUE : before,
                        limit)
                .stream()
                .map(e -> new LogRow(e.id(), e.at(), e.by(), e.kind(), e.subject(), e.jobId(), e.axleId(), e.payload()))
                .toList();
    }
}
