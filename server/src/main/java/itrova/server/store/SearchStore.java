package itrova.server.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Searches as rows: every instance of the server sees the same of them. */
@Repository
public class SearchStore {
    /** What was found is kept this long. */
    private static final Duration KEPT = Duration.ofDays(1);

    private final JdbcClient jdbc;

    SearchStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A search.
     *
     * @param request what was asked, as a document
     * @param done thousandths done
     * @param result what was found, as a document, once it is over
     * @param failure why it broke off, if it did
     */
    public record SearchRow(
            String id,
            long axleId,
            long personId,
            String request,
            int done,
            boolean cancelled,
            Optional<String> result,
            Optional<String> failure) {
        public boolean isOver() {
            return result.isPresent() || failure.isPresent();
        }
    }

    public void add(String id, long axleId, long personId, String request) {
        jdbc.sql("""
                INSERT INTO search (id, axle_id, person_id, request, started_at)
                VALUES (:id, :axle, :person, :request, :now)
                """)
                .param("id", id)
                .param("axle", axleId)
                .param("person", personId)
                .param("request", request)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }

    public Optional<SearchRow> find(String id) {
        return jdbc.sql("SELECT * FROM search WHERE id = :id")
                .param("id", id)
                .query(SearchStore::row)
                .optional();
    }

    /** How many searches are not over; nobody waits for one that was begun long ago. */
    public int underWay() {
        return jdbc.sql("""
                SELECT COUNT(*) FROM search
                WHERE result IS NULL AND failure IS NULL AND NOT cancelled AND started_at > :since
                """)
                .param("since", Timestamp.from(Instant.now().minus(KEPT)))
                .query(Integer.class)
                .single();
    }

    /** Stops a person's own searches but the newest few. */
    public void stopOldOf(long personId, int kept) {
        jdbc.sql("""
                UPDATE search SET cancelled = TRUE
                WHERE person_id = :person AND result IS NULL AND failure IS NULL AND NOT cancelled AND id NOT IN (
                  SELECT id FROM (SELECT id FROM search WHERE person_id = :person ORDER BY started_at DESC LIMIT :kept) newest)
                """).param("person", personId).param("kept", kept).update();
    }

    public void cancel(String id) {
        jdbc.sql("UPDATE search SET cancelled = TRUE WHERE id = :id")
                .param("id", id)
                .update();
    }

    /** Tells how far a search is; gives whether somebody wants it stopped. */
    public boolean progress(String id, int done) {
        jdbc.sql("UPDATE search SET done = GREATEST(done, :done) WHERE id = :id")
                .param("done", done)
                .param("id", id)
                .update();
        return jdbc.sql("SELECT cancelled FROM search WHERE id = :id")
                .param("id", id)
                .query(Boolean.class)
                .optional()
                .orElse(true);
    }

    public void found(String id, String result) {
        jdbc.sql("UPDATE search SET result = :result, done = 1000 WHERE id = :id")
                .param("result", result)
                .param("id", id)
                .update();
    }

    public void failed(String id, String why) {
        jdbc.sql("UPDATE search SET failure = :why WHERE id = :id")
                .param("why", why)
                .param("id", id)
                .update();
    }

    public void forgetOld() {
        jdbc.sql("DELETE FROM search WHERE started_at < :before")
                .param("before", Timestamp.from(Instant.now().minus(KEPT)))
                .update();
    }

    private static SearchRow row(ResultSet rs, int i) throws SQLException {
        return new SearchRow(
                rs.getString("id"),
                rs.getLong("axle_id"),
                rs.getLong("person_id"),
                rs.getString("request"),
                rs.getInt("done"),
                rs.getBoolean("cancelled"),
                Optional.ofNullable(rs.getString("result")),
                Optional.ofNullable(rs.getString("failure")));
    }
}
