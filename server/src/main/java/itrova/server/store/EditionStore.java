package itrova.server.store;

import itrova.server.store.EventStore.Kind;
import itrova.server.store.EventStore.Place;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Every edition of what the lead keeps (kits, wheels, families, instruments, limits, terms of work), and the log of who changed it from what to what. */
@Repository
public class EditionStore {
    private final JdbcClient jdbc;
    private final EventStore events;

    EditionStore(JdbcClient jdbc, EventStore events) {
        this.jdbc = jdbc;
        this.events = events;
    }

    /** What has editions. */
    public enum Shelf {
        KIT,
        WHEEL,
        PART,
        FAMILY,
        INSTRUMENT,
        LIMIT,
        WORK
    }

    /** An edition as it was. */
    public record EditionRow(int version, String document, String by, Instant at) {}

    /**
     * Keeps an edition and logs the change.
     *
     * @param before the document until now; absent if there was none
     * @param personId who changed it; absent for what came with the demonstration
     */
    void keep(Shelf shelf, String code, int version, @Nullable String before, String after, @Nullable Long personId) {
        jdbc.sql("""
                INSERT INTO catalogue_edition (kind, code, version, document, person_id, at)
                VALUES (:kind, :code, :version, :document, :person, :now)
                """)
                .param("kind", shelf.name())
                .param("code", code)
                .param("version", version)
                .param("document", after)
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
        Map<String, String> payload = new HashMap<>();
        payload.put("shelf", shelf.name());
        payload.put("edition", Integer.toString(version));
        if (before != null) {
            payload.put("before", before);
        }
        payload.put("after", after);
        events.add(Place.SHOP, Kind.CATALOGUE_CHANGED, code, payload, personId);
    }

    /** An edition to be kept. */
    record Fresh(String code, int version, String document) {}

    /** Keeps editions of many things with one statement; who asks logs the change of them all. */
    void keepMany(Shelf shelf, List<Fresh> fresh, long personId) {
        Timestamp now = Timestamp.from(Instant.now());
        List<Object> rows = new ArrayList<>();
        fresh.forEach(f -> rows.addAll(List.of(shelf.name(), f.code(), f.version(), f.document(), personId, now)));
        jdbc.sql("INSERT INTO catalogue_edition (kind, code, version, document, person_id, at) VALUES "
                        + String.join(", ", Collections.nCopies(fresh.size(), "(?, ?, ?, ?, ?, ?)")))
                .params(rows)
                .update();
    }

    /** The document of one edition. */
    Optional<String> document(Shelf shelf, String code, int version) {
        return jdbc.sql(
                        "SELECT document FROM catalogue_edition WHERE kind = :kind AND code = :code AND version = :version")
                .param("kind", shelf.name())
                .param("code", code)
                .param("version", version)
                .query(String.class)
                .optional();
    }

    /** The number of the newest edition, kept from changing until this transaction ends; 0 if there is none. */
    public int newest(Shelf shelf, String code) {
        return jdbc.sql("""
                SELECT version FROM catalogue_edition WHERE kind = :kind AND code = :code
                ORDER BY version DESC LIMIT 1 FOR UPDATE
                """)
                .param("kind", shelf.name())
                .param("code", code)
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    /** All editions of one thing, newest first. */
    public List<EditionRow> all(Shelf shelf, String code) {
        return jdbc.sql("""
                SELECT c.version, c.document, COALESCE(p.name, ''), c.at FROM catalogue_edition c
                LEFT JOIN person p ON p.id = c.person_id
                WHERE c.kind = :kind AND c.code = :code ORDER BY c.version DESC
                """)
                .param("kind", shelf.name())
                .param("code", code)
                .query((rs, i) -> new EditionRow(
                        rs.getInt(1),
                        rs.getString(2),
                        rs.getString(3),
                        rs.getTimestamp(4).toInstant()))
                .list();
    }
}
