package itrova.server.store;

import itrova.core.identity.Families;
import itrova.core.identity.Family;
import itrova.formats.FamiliesDocument;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Families the shop has added to the reference tables. */
@Repository
public class FamilyStore {
    private static final RowMapper<Family> ROW = (rs, i) -> new Family(
            Family.Kind.valueOf(rs.getString("table_kind")),
            rs.getString("name"),
            Families.figures(rs.getString("figures")),
            rs.getString("source"));

    private final JdbcClient jdbc;
    private final EditionStore editions;

    FamilyStore(JdbcClient jdbc, EditionStore editions) {
        this.jdbc = jdbc;
        this.editions = editions;
    }

    /** The shop's own families. */
    public List<Family> own() {
        return jdbc.sql("SELECT * FROM family ORDER BY table_kind, name")
                .query(ROW)
                .list();
    }

    /** Shipped and own families together. */
    public Families all() {
        return Families.SHIPPED.plus(own());
    }

    /** Adds families, or replaces those of the same table and name; all or nothing. */
    @Transactional
    public void save(List<Family> families, long personId) {
        Map<String, Family> before = new HashMap<>();
        own().forEach(f -> before.put(code(f), f));
        for (Family f : families) {
            Family old = before.get(code(f));
            if (f.equals(old)) {
                continue;
            }
            jdbc.sql("""
                    INSERT INTO family (table_kind, name, figures, source, added_by, added_at)
                    VALUES (:kind, :name, :figures, :source, :person, :now)
                    ON DUPLICATE KEY UPDATE version = version + 1, figures = VALUES(figures), source = VALUES(source),
                      added_by = VALUES(added_by), added_at = VALUES(added_at)
                    """)
                    .param("kind", f.table().name())
                    .param("name", f.name())
                    .param("figures", FamiliesDocument.figures(f))
                    .param("source", f.source())
                    .param("person", personId)
                    .param("now", Timestamp.from(Instant.now()))
                    .update();
            int version = jdbc.sql("SELECT version FROM family WHERE table_kind = :kind AND name = :name")
                    .param("kind", f.table().name())
                    .param("name", f.name())
                    .query(Integer.class)
                    .single();
            editions.keep(
                    EditionStore.Shelf.FAMILY,
                    code(f),
                    version,
                    old == null ? null : FamiliesDocument.writeJson(List.of(old)),
                    FamiliesDocument.writeJson(List.of(f)),
                    personId);
            before.put(code(f), f);
        }
    }

    private static String code(Family f) {
        return f.table().name() + " " + f.name();
    }
}
