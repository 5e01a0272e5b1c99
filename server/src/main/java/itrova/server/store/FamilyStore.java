package itrova.server.store;

import itrova.core.identity.Families;
import itrova.core.identity.Family;
import itrova.formats.FamiliesDocument;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
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

    FamilyStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
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
        for (Family f : families) {
            jdbc.sql("""
                    INSERT INTO family (table_kind, name, figures, source, added_by, added_at)
                    VALUES (:kind, :name, :figures, :source, :person, :now)
                    ON DUPLICATE KEY UPDATE figures = VALUES(figures), source = VALUES(source),
                      added_by = VALUES(added_by), added_at = VALUES(added_at)
                    """)
                    .param("kind", f.table().name())
                    .param("name", f.name())
                    .param("figures", FamiliesDocument.figures(f))
                    .param("source", f.source())
                    .param("person", personId)
                    .param("now", Timestamp.from(Instant.now()))
                    .update();
        }
    }
}
