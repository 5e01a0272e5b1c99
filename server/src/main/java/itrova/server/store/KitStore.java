package itrova.server.store;

import itrova.core.kit.Kit;
import itrova.formats.KitDocument;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * The catalogue. Kits are validated documents with indexed columns; the parsed catalogue is kept in memory and read
 * anew when the table's stamp shows that any server instance changed it.
 */
@Repository
public class KitStore {
    private final JdbcClient jdbc;
    private volatile Cached cached = new Cached("", Map.of(), Map.of());

    KitStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    private record Cached(String stamp, Map<String, Kit> byCode, Map<String, Long> ids) {}

    private record Row(long id, String document) {}

    /** All kits by code. */
    public List<Kit> all() {
        return List.copyOf(current().byCode().values());
    }

    public Optional<Kit> find(String code) {
        return Optional.ofNullable(current().byCode().get(code));
    }

    /** Key of a kit's row. */
    public Optional<Long> id(String code) {
        return Optional.ofNullable(current().ids().get(code));
    }

    /** Changes whenever the catalogue does. */
    public String stamp() {
        return jdbc.sql(
                        "SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0), '/', COALESCE(MAX(changed_at), '')) FROM kit")
                .query(String.class)
                .single();
    }

    private Cached current() {
        String stamp = stamp();
        Cached now = cached;
        if (!now.stamp().equals(stamp)) {
            now = load(stamp);
            cached = now;
        }
        return now;
    }

    private Cached load(String stamp) {
        Map<String, Kit> byCode = new LinkedHashMap<>();
        Map<String, Long> ids = new LinkedHashMap<>();
        for (Row row : jdbc.sql("SELECT id, document FROM kit ORDER BY code")
                .query((rs, i) -> new Row(rs.getLong(1), rs.getString(2)))
                .list()) {
            Kit kit = KitDocument.read("catalogue", row.document()).get(0);
            byCode.put(kit.code(), kit);
            ids.put(kit.code(), row.id());
        }
        return new Cached(stamp, byCode, ids);
    }

    /** Adds kits, or replaces those of the same code; all or none. */
    @Transactional
    public void save(List<Kit> kits) {
        Timestamp now = Timestamp.from(Instant.now());
        for (Kit kit : kits) {
            jdbc.sql("""
                    INSERT INTO kit (code, name, supplier, end_kinds, rated_load_kg, price_cents, document, changed_at)
                    VALUES (:code, :name, :supplier, :kinds, :load, :price, :document, :now)
                    ON DUPLICATE KEY UPDATE version = version + 1, name = VALUES(name), supplier = VALUES(supplier),
                      end_kinds = VALUES(end_kinds), rated_load_kg = VALUES(rated_load_kg),
                      price_cents = VALUES(price_cents), document = VALUES(document), changed_at = VALUES(changed_at)
                    """)
                    .param("code", kit.code())
                    .param("name", kit.name())
                    .param("supplier", kit.supplier())
                    .param("kinds", kit.fits().stream().map(Enum::name).sorted().collect(Collectors.joining(",")))
                    .param("load", kit.ratedLoadKg())
                    .param("price", kit.terms().priceCents())
                    .param("document", KitDocument.write(List.of(kit)))
                    .param("now", now)
                    .update();
        }
    }
}
