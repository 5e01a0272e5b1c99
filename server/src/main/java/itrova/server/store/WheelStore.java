package itrova.server.store;

import itrova.core.vehicle.Wheel;
import itrova.formats.WheelDocument;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Wheels that could be bought. */
@Repository
public class WheelStore {
    private final JdbcClient jdbc;
    private final EditionStore editions;

    WheelStore(JdbcClient jdbc, EditionStore editions) {
        this.jdbc = jdbc;
        this.editions = editions;
    }

    private record Stored(int version, String document) {}

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

    /** Adds wheels, or replaces those of the same code; all or none. What is the same as before stays the same edition. */
    @Transactional
    public void save(List<Wheel> wheels, @Nullable Long personId) {
        Timestamp now = Timestamp.from(Instant.now());
        for (Wheel wheel : wheels) {
            String document = WheelDocument.write(List.of(wheel));
            Optional<Stored> before = jdbc.sql("SELECT version, document FROM wheel WHERE code = :code FOR UPDATE")
                    .param("code", wheel.code())
                    .query((rs, i) -> new Stored(rs.getInt(1), rs.getString(2)))
                    .optional();
            if (before.map(b -> b.document().equals(document)).orElse(false)) {
                continue;
            }
            jdbc.sql("""
                    INSERT INTO wheel (code, document, changed_at) VALUES (:code, :document, :now)
                    ON DUPLICATE KEY UPDATE version = version + 1, document = VALUES(document), changed_at = VALUES(changed_at)
                    """)
                    .param("code", wheel.code())
                    .param("document", document)
                    .param("now", now)
                    .update();
            editions.keep(
                    EditionStore.Shelf.WHEEL,
                    wheel.code(),
                    before.map(Stored::version).orElse(0) + 1,
                    before.map(Stored::document).orElse(null),
                    document,
                    personId);
        }
    }
}
