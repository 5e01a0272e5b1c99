package itrova.server.store;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The log of a job, only ever added to. */
@Repository
public class EventStore {
    private final JdbcClient jdbc;
    private final JsonMapper json;

    EventStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** What happened. */
    public enum Kind {
        KIT_CHOSEN,
        ORDER_SIGNED,
        ORDER_PLACED,
        STEP_TICKED,
        STEP_UNTICKED
    }

    /**
     * An event.
     *
     * @param kind what happened
     * @param subject to what: a kit's code, a step's id
     * @param payload particulars
     * @param by name of the person
     * @param at when
     */
    public record EventRow(long id, Kind kind, String subject, Map<String, String> payload, String by, Instant at) {}

    public void add(long jobId, long axleId, Kind kind, String subject, Map<String, String> payload, long personId) {
        jdbc.sql("""
                INSERT INTO event (job_id, axle_id, kind, subject, payload, person_id, at)
                VALUES (:job, :axle, :kind, :subject, :payload, :person, :now)
                """)
                .param("job", jobId)
                .param("axle", axleId)
                .param("kind", kind.name())
                .param("subject", subject)
                .param("payload", json.writeValueAsString(payload))
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }

    /** Events of an axle in the order they happened. */
    public List<EventRow> ofAxle(long axleId) {
        RowMapper<EventRow> mapper = (rs, i) -> new EventRow(
                rs.getLong("id"),
                Kind.valueOf(rs.getString("kind")),
                rs.getString("subject"),
                json.readValue(rs.getString("payload"), new TypeReference<Map<String, String>>() {}),
                rs.getString("person_name"),
                rs.getTimestamp("at").toInstant());
        return jdbc.sql("""
                SELECT e.*, p.name AS person_name FROM event e JOIN person p ON p.id = e.person_id
                WHERE e.axle_id = :axle ORDER BY e.id
                """).param("axle", axleId).query(mapper).list();
    }
}
