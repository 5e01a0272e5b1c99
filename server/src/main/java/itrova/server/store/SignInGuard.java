package itrova.server.store;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * Counts tries to sign in, for each name and each address, before the password is looked at: so tries made at once are counted like
 * tries one after the other, and any server instance counts for all.
 */
@Repository
public class SignInGuard {
    /** Tries for one name in a window before it must wait. */
    public static final int MOST_FOR_A_NAME = 8;
    /** Tries from one address in a window that showed nobody; behind one address a whole shop may sit. */
    public static final int MOST_FROM_AN_ADDRESS = 60;

    private static final Duration WINDOW = Duration.ofMinutes(15);

    private final JdbcClient jdbc;

    SignInGuard(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Counts a try; gives how long to wait when it is one too many. */
    public Optional<Duration> mustWait(String login, String address) {
        Instant now = Instant.now();
        Optional<Duration> byName = count("name " + login, MOST_FOR_A_NAME, now);
        Optional<Duration> byAddress = count("address " + address, MOST_FROM_AN_ADDRESS, now);
        return byName.isPresent() ? byName : byAddress;
    }

    private Optional<Duration> count(String name, int max, Instant now) {
        String key = name.length() > 120 ? name.substring(0, 120) : name;
        jdbc.sql("""
                INSERT INTO sign_in_guard (name, window_start, tries) VALUES (:name, :now, 1)
                ON DUPLICATE KEY UPDATE tries = IF(window_start < :cut, 1, tries + 1),
                  window_start = IF(window_start < :cut, :now, window_start)
                """)
                .param("name", key)
                .param("now", Timestamp.from(now))
                .param("cut", Timestamp.from(now.minus(WINDOW)))
                .update();
        return jdbc.sql("SELECT window_start FROM sign_in_guard WHERE name = :name AND tries > :most")
                .param("name", key)
                .param("most", max)
                .query((rs, i) -> rs.getTimestamp(1).toInstant())
                .optional()
                .map(start -> Duration.between(now, start.plus(WINDOW)))
                .map(wait -> wait.isNegative() ? Duration.ofSeconds(1) : wait);
    }

    /**
     * The person has shown who it is: the name's tries are forgotten, and this one does not count against the address, or the people of one
     * shop would shut each other out by signing in often.
     */
    public void forget(String login, String address) {
        jdbc.sql("DELETE FROM sign_in_guard WHERE name = :name")
                .param("name", "name " + login)
                .update();
        jdbc.sql("UPDATE sign_in_guard SET tries = tries - 1 WHERE name = :name AND tries > 0")
                .param("name", "address " + address)
                .update();
    }
}
