package itrova.server.store;

import itrova.core.vehicle.Wheel;
import itrova.formats.WheelDocument;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Wheels that could be bought. */
@Repository
public class WheelStore {
    private final JdbcClient jdbc;

    WheelStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** All wheels by code. */
    public List<Wheel> all() {
        return jdbc.sql("SELECT document FROM wheel ORDER BY code")
                .query((rs, i) -> WheelDocument.read("wheels", rs.getString(1)).get(0))
                .list();
    }

    public Optional<Wheel> find(String code) {
        return jdbc.sql("SELECT document FROM wheel WHERE code = :code")
                .param("code", code)
                .query((rs, i) -> WheelDocument.read("wheels", rs.getString(1)).get(0))
                .optional();
    }

    /** Adds wheels, or replaces those of the same code; all or none. */
    @Transactional
    public void save(List<Wheel> wheels) {
        Timestamp now = Timestamp.from(Instant.now());
        for (Wheel wheel : wheels) {
            jdbc.sql("""
                    INSERT INTO wheel (code, document, changed_at) VALUES (:code, :document, :now)
                    ON DUPLICATE KEY UPDATE document = VALUES(document), changed_at = VALUES(changed_at)
                    """)
                    .param("code", wheel.code())
                    .param("document", WheelDocument.write(List.of(wheel)))
                    .param("now", now)
                    .update();
        }
    }
}
