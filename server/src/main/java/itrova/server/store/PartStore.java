package itrova.server.store;

import itrova.core.part.Part;
import itrova.core.part.PartSort;
import itrova.formats.PartDocument;
import itrova.formats.pricelist.ListReading;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Parts that can be bought. What the brakes are worked out from is kept in memory and read anew when the table's stamp shows that any
 * server instance changed it; the rest of a large catalogue is asked for page by page.
 */
@Repository
public class PartStore {
    private static final List<String> OF_BRAKES = java.util.stream.Stream.of(
                    PartSort.MASTER,
                    PartSort.BOOSTER,
                    PartSort.VALVE,
                    PartSort.RESIDUAL_VALVE,
                    PartSort.ACTUATOR,
                    PartSort.HOSE,
                    PartSort.ADAPTER,
                    PartSort.PADS,
                    PartSort.LINE,
                    PartSort.FLUID)
            .map(PartSort::name)
            .toList();

    private final JdbcClient jdbc;
    private final EditionStore editions;
    private volatile Cached cached = new Cached("", Map.of());
    private volatile Cached whole = new Cached("", Map.of());

    PartStore(JdbcClient jdbc, EditionStore editions) {
        this.jdbc = jdbc;
        this.editions = editions;
    }

    private record Cached(String stamp, Map<String, Part> byCode) {}

    private record Stored(int version, String document) {}

    /** Changes whenever the parts do. */
    public String stamp() {
        return jdbc.sql(
                        "SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0), '/', COALESCE(MAX(changed_at), '')) FROM part")
                .query(String.class)
                .single();
    }

    /** Parts the brakes of a vehicle are worked out from, by their code. */
    public Map<String, Part> ofBrakes() {
        String stamp = stamp();
        Cached now = cached;
        if (!now.stamp().equals(stamp)) {
            Map<String, Part> byCode = new LinkedHashMap<>();
            jdbc.sql("SELECT document FROM part WHERE sort IN (:sorts) ORDER BY code")
                    .param("sorts", OF_BRAKES)
                    .query((rs, i) -> PartDocument.readOne(rs.getString(1)))
                    .list()
                    .forEach(p -> byCode.put(p.code(), p));
            now = new Cached(stamp, Collections.unmodifiableMap(byCode));
            cached = now;
        }
        return now.byCode();
    }

    /** All parts by their code, kept in memory until the table's stamp changes. */
    public Map<String, Part> byCode() {
        String stamp = stamp();
        Cached now = whole;
        if (!now.stamp().equals(stamp)) {
            Map<String, Part> byCode = new LinkedHashMap<>();
            all().forEach(p -> byCode.put(p.code(), p));
            now = new Cached(stamp, Collections.unmodifiableMap(byCode));
            whole = now;
        }
        return now.byCode();
    }

    /** All parts by code, for taking the catalogue out. */
    public List<Part> all() {
        return jdbc.sql("SELECT document FROM part ORDER BY code")
                .query((rs, i) -> PartDocument.readOne(rs.getString(1)))
                .list();
    }

    /**
     * A page of parts by code.
     *
     * @param sort only of this sort
     * @param text part of code, name or supplier
     * @param after the last code of the page before
     */
    public List<Part> page(Optional<PartSort> sort, String text, String after, int limit) {
        return jdbc.sql("""
                        SELECT document FROM part
                        WHERE code > :after AND (:sort = '' OR sort = :sort)
                          AND (:text = '' OR code LIKE :like OR name LIKE :like OR supplier LIKE :like)
                        ORDER BY code LIMIT :limit
                        """)
                .param("after", after)
                .param("sort", sort.map(PartSort::name).orElse(""))
                .param("text", text)
                .param("like", "%" + text.toLowerCase(Locale.ROOT).replaceAll("[\\\\%_]", "\\\\$0") + "%")
                .param("limit", limit)
                .query((rs, i) -> PartDocument.readOne(rs.getString(1)))
                .list();
    }

    /** Adds parts, or replaces those of the same code; all or none. What is the same as before stays the same edition. */
    @Transactional
    public void save(List<Part> parts, @Nullable Long personId) {
        Timestamp now = Timestamp.from(Instant.now());
        for (Part part : parts) {
            String document = PartDocument.writeOne(part);
            Optional<Stored> before = jdbc.sql("SELECT version, document FROM part WHERE code = :code FOR UPDATE")
                    .param("code", part.code())
                    .query((rs, i) -> new Stored(rs.getInt(1), rs.getString(2)))
                    .optional();
            if (before.map(b -> b.document().equals(document)).orElse(false)) {
                continue;
            }
            jdbc.sql("""
                    INSERT INTO part (code, sort, name, supplier, document, changed_at)
                    VALUES (:code, :sort, :name, :supplier, :document, :now)
                    ON DUPLICATE KEY UPDATE version = version + 1, sort = VALUES(sort), name = VALUES(name),
                      supplier = VALUES(supplier), document = VALUES(document), changed_at = VALUES(changed_at)
                    """)
                    .param("code", part.code())
                    .param("sort", part.sort().name())
                    .param("name", part.name())
                    .param("supplier", part.offer().supplier())
                    .param("document", document)
                    .param("now", now)
                    .update();
            editions.keep(
                    EditionStore.Shelf.PART,
                    part.code(),
                    before.map(Stored::version).orElse(0) + 1,
                    before.map(Stored::document).orElse(null),
                    document,
                    personId);
        }
    }

    /** Parts of these codes, in any case of letters, by the code in lower case. */
    public Map<String, Part> known(Collection<String> codes) {
        Map<String, Part> known = new HashMap<>();
        if (!codes.isEmpty()) {
            jdbc.sql("SELECT document FROM part WHERE code IN (:codes)")
                    .param("codes", codes)
                    .query((rs, i) -> PartDocument.readOne(rs.getString(1)))
                    .list()
                    .forEach(p -> known.put(p.code().toLowerCase(Locale.ROOT), p));
        }
        return known;
    }

    /** All parts, as far as likeness goes. */
    public List<ListReading.Brief> brief() {
        return jdbc.sql("SELECT code, supplier, sort, name, COALESCE(JSON_VALUE(document, '$.size'), '') FROM part")
                .query((rs, i) -> new ListReading.Brief(
                        rs.getString(1), rs.getString(2), rs.getString(3), rs.getString(4), rs.getString(5)))
                .list();
    }

    /**
     * Adds parts of a long list, or replaces those of the same code, some hundred with one statement. The list is one entry of the log,
     * made by who takes it; the editions are kept one by one.
     *
     * @param parts that are new or differ from the catalogue
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void saveMany(List<Part> parts, long personId) {
        if (parts.isEmpty()) {
            return;
        }
        Map<String, Integer> versions = new HashMap<>();
        jdbc.sql("SELECT code, version FROM part WHERE code IN (:codes) FOR UPDATE")
                .param("codes", parts.stream().map(Part::code).toList())
                .query((rs, i) -> versions.put(rs.getString(1), rs.getInt(2)))
                .list();
        Timestamp now = Timestamp.from(Instant.now());
        List<Object> rows = new ArrayList<>();
        List<EditionStore.Fresh> editionsOfParts = new ArrayList<>();
        for (Part part : parts) {
            String document = PartDocument.writeOne(part);
            rows.addAll(List.of(
                    part.code(), part.sort().name(), part.name(), part.offer().supplier(), document, now));
            editionsOfParts.add(
                    new EditionStore.Fresh(part.code(), versions.getOrDefault(part.code(), 0) + 1, document));
        }
        jdbc.sql("INSERT INTO part (code, sort, name, supplier, document, changed_at) VALUES "
                        + String.join(", ", Collections.nCopies(parts.size(), "(?, ?, ?, ?, ?, ?)"))
                        + """
                         ON DUPLICATE KEY UPDATE version = version + 1, sort = VALUES(sort), name = VALUES(name),
                          supplier = VALUES(supplier), document = VALUES(document), changed_at = VALUES(changed_at)
                        """)
                .params(rows)
                .update();
        editions.keepMany(EditionStore.Shelf.PART, editionsOfParts, personId);
    }
}
