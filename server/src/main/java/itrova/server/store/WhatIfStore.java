package itrova.server.store;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What-ifs kept beside an axle's record; they never touch its readings. */
@Repository
public class WhatIfStore {
    private final JdbcClient jdbc;

    WhatIfStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A what-if kept: its changes as a JSON document. */
    public record Row(long id, String title, String changes, String by, Instant at) {}

    public List<Row> of(long axleId) {
        return jdbc.sql("""
                SELECT w.id, w.title, w.changes, p.name, w.kept_at FROM what_if w JOIN person p ON p.id = w.kept_by
                WHERE w.axle_id = :axle ORDER BY w.id
                """)
                .param("axle", axleId)
                .query((rs, i) -> new Row(
                        rs.getLong(1),
                        rs.getString(2),
                        rs.getString(3),
                        rs.getString(4),
                        rs.getTimestamp(5).toInstant()))
                .list();
    }

    public void keep(long axleId, String title, String changes, long personId) {
        jdbc.sql(
                        "INSERT INTO what_if (axle_id, title, changes, kept_by, kept_at) VALUES (:axle, :title, :changes, :by, :at)")
                .param("axle", axleId)
                .param("title", title)
                .param("changes", changes)
                .param("by", personId)
                .param("at", Timestamp.from(Instant.now()))
                .update();
    }

    public void drop(long axleId, long id) {
        int gone = jdbc.sql("DELETE FROM what_if WHERE id = :id AND axle_id = :axle")
                .param("id", id)
                .param("axle", axleId)
                .update();
        if (gone == 0) {
            throw new NotFoundException("What-if " + id);
        }
    }
}
