package itrova.server.store;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Writes by the ids their senders made for them, and how they were answered. */
@Repository
public class WriteOnceStore {
    private static final Duration KEPT = Duration.ofDays(60);

    private final JdbcClient jdbc;

    WriteOnceStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** How a write was answered the first time. */
    public record Answered(
            long personId,
            String fingerprint,
            int status,
            @Nullable String contentType,
            byte[] answer) {}

    /** Begins a write: false if one of that id was done before, or is waited for until it is done. */
    public boolean begin(String id, long personId, String fingerprint) {
        try {
            jdbc.sql("INSERT INTO write_once (id, person_id, fingerprint, at) VALUES (:id, :person, :print, :now)")
                    .param("id", id)
                    .param("person", personId)
                    .param("print", fingerprint)
                    .param("now", Timestamp.from(Instant.now()))
                    .update();
            return true;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    public void answered(String id, int status, @Nullable String contentType, byte[] answer) {
        jdbc.sql("UPDATE write_once SET status = :status, content_type = :type, answer = :answer WHERE id = :id")
                .param("id", id)
                .param("status", status)
                .param("type", contentType)
                .param("answer", answer)
                .update();
    }

    public Optional<Answered> find(String id) {
        return jdbc.sql("SELECT person_id, fingerprint, status, content_type, answer FROM write_once WHERE id = :id")
                .param("id", id)
                .query((rs, i) -> {
                    byte[] answer = rs.getBytes(5);
                    return new Answered(
                            rs.getLong(1),
                            rs.getString(2),
                            rs.getInt(3),
                            rs.getString(4),
                            answer == null ? new byte[0] : answer);
                })
                .optional();
    }

    /** Forgets what nobody repeats any more. */
    public void forgetOld() {
        jdbc.sql("DELETE FROM write_once WHERE at < :cut LIMIT 10000")
                .param("cut", Timestamp.from(Instant.now().minus(KEPT)))
                .update();
    }
}
