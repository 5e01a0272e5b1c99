package itrova.server.store;

import itrova.core.kit.Kit;
import itrova.formats.KitDocument;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * The catalogue. Kits are validated documents with indexed columns; the parsed catalogue is kept in memory and read
 * anew when the table's stamp shows that any server instance changed it.
 */
@Repository
public class KitStore {
    private static final int READ_AT_ONCE = 500;

    private final JdbcClient jdbc;
    private final EditionStore editions;
    private volatile Cached cached = new Cached("", Map.of());

    KitStore(JdbcClient jdbc, EditionStore editions) {
        this.jdbc = jdbc;
        this.editions = editions;
    }

    private record Cached(String stamp, Map<String, Kept> byCode) {}

    private record Kept(long id, long version, Kit kit) {}

    private record Row(long id, String code, long version) {}

    private record Document(long id, String text) {}

    private record Stored(int version, String document) {}

    /** All kits by code. */
    public List<Kit> all() {
        return current().byCode().values().stream().map(Kept::kit).toList();
    }

    public Optional<Kit> find(String code) {
        return Optional.ofNullable(current().byCode().get(code)).map(Kept::kit);
    }

    /** Key of a kit's row. */
    public Optional<Long> id(String code) {
        return Optional.ofNullable(current().byCode().get(code)).map(Kept::id);
    }

    /** The edition of a kit that stands in the catalogue now. */
    public Optional<Integer> edition(String code) {
        return Optional.ofNullable(current().byCode().get(code)).map(k -> (int) k.version());
    }

    /** A kit as one of its editions had it. */
    public Optional<Kit> find(String code, int edition) {
        Kept now = current().byCode().get(code);
        if (now != null && now.version() == edition) {
            return Optional.of(now.kit());
        }
        return editions.document(EditionStore.Shelf.KIT, code, edition).map(KitDocument::readStored);
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
            now = load(stamp, now);
            cached = now;
        }
        return now;
    }

    /** Reads what is new; a kit read before is taken again while its version stands. */
    private Cached load(String stamp, Cached before) {
        List<Row> rows = jdbc.sql("SELECT id, code, version FROM kit ORDER BY code")
                .query((rs, i) -> new Row(rs.getLong(1), rs.getString(2), rs.getLong(3)))
                .list();
        List<Long> unread =
                rows.stream().filter(r -> !isKnown(r, before)).map(Row::id).toList();
        Map<Long, Kit> read = new HashMap<>();
        for (int from = 0; from < unread.size(); from += READ_AT_ONCE) {
            read.putAll(read(unread.subList(from, Math.min(unread.size(), from + READ_AT_ONCE))));
        }
        Map<String, Kept> byCode = new LinkedHashMap<>();
        for (Row row : rows) {
            Kit fresh = read.get(row.id());
            Kept kept = fresh == null ? before.byCode().get(row.code()) : new Kept(row.id(), row.version(), fresh);
            if (kept != null) { // a kit taken away between the two questions is left out
                byCode.put(row.code(), kept);
            }
        }
        return new Cached(stamp, byCode);
    }

    private static boolean isKnown(Row row, Cached before) {
        Kept known = before.byCode().get(row.code());
        return known != null && known.id() == row.id() && known.version() == row.version();
    }

    private Map<Long, Kit> read(List<Long> ids) {
        return jdbc
                .sql("SELECT id, document FROM kit WHERE id IN (:ids)")
                .param("ids", ids)
                .query((rs, i) -> new Document(rs.getLong(1), rs.getString(2)))
                .list()
                .parallelStream()
                .collect(Collectors.toMap(Document::id, d -> KitDocument.readStored(d.text())));
    }

    /** Adds kits, or replaces those of the same code; all or none. What is the same as before stays the same edition. */
    @Transactional
    public void save(List<Kit> kits, @Nullable Long personId) {
        Timestamp now = Timestamp.from(Instant.now());
        for (Kit kit : kits) {
            String document = KitDocument.write(List.of(kit));
            Optional<Stored> before = jdbc.sql("SELECT version, document FROM kit WHERE code = :code FOR UPDATE")
                    .param("code", kit.code())
                    .query((rs, i) -> new Stored(rs.getInt(1), rs.getString(2)))
                    .optional();
            if (before.map(b -> b.document().equals(document)).orElse(false)) {
                continue;
            }
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
                    .param("document", document)
                    .param("now", now)
                    .update();
            editions.keep(
                    EditionStore.Shelf.KIT,
                    kit.code(),
                    before.map(Stored::version).orElse(0) + 1,
                    before.map(Stored::document).orElse(null),
                    document,
                    personId);
        }
    }
}
