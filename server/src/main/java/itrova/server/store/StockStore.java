package itrova.server.store;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Parts on the shop's own shelf. */
@Repository
public class StockStore {
    private final JdbcClient jdbc;

    StockStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    private record Row(String code, int pieces) {}

    /** Pieces by the part's code; what was never counted is absent. */
    public Map<String, Integer> all() {
        return jdbc
                .sql("SELECT code, pieces FROM stock")
                .query((rs, n) -> new Row(rs.getString(1), rs.getInt(2)))
                .list()
                .stream()
                .collect(Collectors.toMap(Row::code, Row::pieces));
    }

    /**
     * Puts down how many there are.
     *
     * @param seen how many there were by what the sender saw
     * @throws StaleVersionException if there were others meanwhile
     * @throws NotFoundException if there is no such part
     */
    @Transactional
    public void count(String code, int seen, int pieces, long personId) {
        if (jdbc.sql("SELECT 1 FROM part WHERE code = :code FOR UPDATE")
                .param("code", code)
                .query(Integer.class)
                .optional()
                .isEmpty()) {
            throw new NotFoundException("Part " + code);
        }
        int now = jdbc.sql("SELECT pieces FROM stock WHERE code = :code")
                .param("code", code)
                .query(Integer.class)
                .optional()
                .orElse(0);
        if (now != seen) {
            throw new StaleVersionException("The stock of " + code);
        }
        jdbc.sql("""
                INSERT INTO stock (code, pieces, person_id, changed_at) VALUES (:code, :pieces, :person, :now)
                ON DUPLICATE KEY UPDATE pieces = VALUES(pieces), person_id = VALUES(person_id), changed_at = VALUES(changed_at)
                """)
                .param("code", code)
                .param("pieces", pieces)
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }
}
