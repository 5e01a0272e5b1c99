package itrova.server.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Who is signed in where, read from the session library's own tables; the secret part of a session is never read. */
@Repository
public class SessionStore {
    private final JdbcClient jdbc;

    SessionStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A session under a key that does not let anybody in. */
    public record SessionRow(String key, String login, Instant begun, Instant lastSeen) {}

    /** Sessions that still hold, of one person or of all, last seen first. */
    public List<SessionRow> living(Optional<String> login) {
        return jdbc.sql("""
                SELECT PRIMARY_ID, PRINCIPAL_NAME, CREATION_TIME, LAST_ACCESS_TIME FROM SPRING_SESSION
                WHERE PRINCIPAL_NAME IS NOT NULL AND EXPIRY_TIME > :now AND (:login IS NULL OR PRINCIPAL_NAME = :login)
                ORDER BY LAST_ACCESS_TIME DESC LIMIT 500
                """)
                .param("now", Instant.now().toEpochMilli())
                .param("login", login.orElse(null))
                .query((rs, i) -> new SessionRow(
                        rs.getString(1),
                        rs.getString(2),
                        Instant.ofEpochMilli(rs.getLong(3)),
                        Instant.ofEpochMilli(rs.getLong(4))))
                .list();
    }

    /** The key of the session with that secret. */
    public Optional<String> keyOf(String sessionId) {
        return jdbc.sql("SELECT PRIMARY_ID FROM SPRING_SESSION WHERE SESSION_ID = :id")
                .param("id", sessionId)
                .query(String.class)
                .optional();
    }

    public void end(String key) {
        jdbc.sql("DELETE FROM SPRING_SESSION WHERE PRIMARY_ID = :key")
                .param("key", key)
                .update();
    }

    /** Ends all sessions of a person, but for one perhaps. */
    public void endAll(String login, Optional<String> butFor) {
        jdbc.sql("DELETE FROM SPRING_SESSION WHERE PRINCIPAL_NAME = :login AND (:but IS NULL OR PRIMARY_ID <> :but)")
                .param("login", login)
                .param("but", butFor.orElse(null))
                .update();
    }
}
