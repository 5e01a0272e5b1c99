package itrova.server.api;

import itrova.server.security.FaultFilter;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells the launcher that it is this server that answers on the port, and whether its data base does. */
@RestController
public class HealthController {
    private final JdbcClient jdbc;
    private final String instance;

    HealthController(JdbcClient jdbc, @Value("${itrova.instance}") String instance) {
        this.jdbc = jdbc;
        this.instance = instance;
    }

    /** @param instance the name the launcher gave this start; no secret */
    public record HealthView(String instance, boolean database) {}

    @GetMapping("/api/health")
    public ResponseEntity<HealthView> health() {
        try {
            jdbc.sql("SELECT 1").query(Integer.class).single();
            return ResponseEntity.ok(new HealthView(instance, true));
        } catch (RuntimeException e) {
            if (!FaultFilter.isForNow(e)) {
                throw e;
            }
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body(new HealthView(instance, false));
        }
    }
}
