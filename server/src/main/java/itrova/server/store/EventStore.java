package itrova.server.store;

import itrova.core.record.Trail;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The log of the shop and of every job, only ever added to. */
@Repository
public class EventStore {
    private static final int LONGEST_SUBJECT = 120;
    private static final int MOST_ROWS = 200;

    private final JdbcClient jdbc;
    private final JsonMapper json;

    EventStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** What happened. */
    public enum Kind {
        SHOP_OPENED,
        SIGNED_IN,
        SIGN_IN_REFUSED,
        SIGNED_OUT,
        SESSION_ENDED,
        PERSON_ADDED,
        PERSON_CHANGED,
        PASSWORD_CHANGED,
        CATALOGUE_CHANGED,
        JOB_ADDED,
        JOB_CHANGED,
        AXLE_ADDED,
        AXLE_CHANGED,
        AROUND_CHANGED,
        READINGS_IMPORTED,
        READINGS_COPIED,
        WHAT_IF_KEPT,
        WHAT_IF_DROPPED,
        KIT_CHOSEN,
        ORDER_SIGNED,
        ORDER_PLACED,
        STEP_TICKED,
        STEP_UNTICKED,
        BLED,
        ROAD,
        CAUTION_READ,
        PART_MEASURED,
        DEFECT_NOTED,
        PART_TRIED,
        RELEASED_ANEW,
        SUPPLIER_ORDER,
        /** Happened elsewhere, before the job was brought here; nothing here hangs on it. */
        HAPPENED_ELSEWHERE
    }

    /** Where something happened: in a job, at one of its axles, or in the shop as a whole. */
    public record Place(@Nullable Long jobId, @Nullable Long axleId) {
        public static final Place SHOP = new Place(null, null);

        public static Place job(long jobId) {
            return new Place(jobId, null);
        }

        public static Place axle(long jobId, long axleId) {
            return new Place(jobId, axleId);
        }
    }

    /**
     * An event.
     *
     * @param kind what happened
     * @param subject to what: a kit's code, a step's id
     * @param payload particulars
     * @param by name of the person; empty where nobody was known
     * @param at when
     */
    public record EventRow(
            long id,
            Kind kind,
            String subject,
            Map<String, String> payload,
            String by,
            Instant at,
            @Nullable Long jobId,
            @Nullable Long axleId) {}

    /** Logs what happened. */
    public void add(Place place, Kind kind, String subject, Map<String, String> payload, @Nullable Long personId) {
        insert(place, kind, subject, payload, personId, null);
    }

    /** Logs a decision. */
    public void add(Place place, Decision decision, long personId) {
        insert(place, decision.kind(), decision.subject(), decision.payload(), personId, null);
    }

    /**
     * Logs a decision that may be taken only once.
     *
     * @param once a name no other event bears
     * @return false if it was taken before; nothing is logged then
     */
    public boolean addOnce(Place place, Decision decision, long personId, String once) {
        return addOnce(place, decision.kind(), decision.subject(), decision.payload(), personId, once);
    }

    /**
     * Logs what may happen only once.
     *
     * @param once a name no other event bears
     * @return false if it happened before; nothing is logged then
     */
    public boolean addOnce(
            Place place, Kind kind, String subject, Map<String, String> payload, long personId, String once) {
        try {
            insert(place, kind, subject, payload, personId, once);
            return true;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    private void insert(
            Place place,
            Kind kind,
            String subject,
            Map<String, String> payload,
            @Nullable Long personId,
            @Nullable String once) {
        jdbc.sql("""
                INSERT INTO event (job_id, axle_id, kind, subject, payload, person_id, at, once)
                VALUES (:job, :axle, :kind, :subject, :payload, :person, :now, :once)
                """)
                .param("job", place.jobId())
                .param("axle", place.axleId())
                .param("kind", kind.name())
                .param("subject", subject.length() > LONGEST_SUBJECT ? subject.substring(0, LONGEST_SUBJECT) : subject)
                .param("payload", json.writeValueAsString(payload))
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .param("once", once)
                .update();
    }

    /** Events of a job in the order they happened. */
    public List<EventRow> ofJob(long jobId) {
        return jdbc.sql("""
                SELECT e.*, p.name AS person_name FROM event e LEFT JOIN person p ON p.id = e.person_id
                WHERE e.job_id = :job ORDER BY e.id
                """).param("job", jobId).query(this::row).list();
    }

    /** Logs what happened elsewhere: it is told, and nothing here hangs on it. */
    public void addBrought(Place place, Trail.Entry entry, long personId) {
        insert(
                place,
                Kind.HAPPENED_ELSEWHERE,
                entry.subject(),
                Map.of(
                        "kind", entry.kind(),
                        "by", entry.by(),
                        "at", entry.at().toString(),
                        "payload", json.writeValueAsString(entry.payload())),
                personId,
                null);
    }

    /** An event as it is told elsewhere; one that was brought here is told as it happened. */
    public Trail.Entry entry(EventRow e, OptionalInt axle) {
        return e.kind() == Kind.HAPPENED_ELSEWHERE
                ? new Trail.Entry(
                        axle,
                        e.payload().getOrDefault("kind", ""),
                        e.subject(),
                        json.readValue(
                                e.payload().getOrDefault("payload", "{}"), new TypeReference<Map<String, String>>() {}),
                        e.payload().getOrDefault("by", ""),
                        Instant.parse(e.payload().get("at")))
                : new Trail.Entry(axle, e.kind().name(), e.subject(), e.payload(), e.by(), e.at());
    }

    /** Events of an axle in the order they happened. */
    public List<EventRow> ofAxle(long axleId) {
        return jdbc.sql("""
                SELECT e.*, p.name AS person_name FROM event e LEFT JOIN person p ON p.id = e.person_id
                WHERE e.axle_id = :axle ORDER BY e.id
                """).param("axle", axleId).query(this::row).list();
    }

    /** Orders placed for any of the axles, in the order they happened. */
    public List<EventRow> placed(List<Long> axleIds) {
        return axleIds.isEmpty()
                ? List.of()
                : jdbc.sql("""
                SELECT e.*, p.name AS person_name FROM event e LEFT JOIN person p ON p.id = e.person_id
                WHERE e.axle_id IN (:axles) AND e.kind = 'ORDER_PLACED' ORDER BY e.id
                """).param("axles", axleIds).query(this::row).list();
    }

    /** The newest events before one, of one job or of everything. */
    public List<EventRow> newest(Optional<Long> jobId, Optional<Kind> kind, long before, int limit) {
        return jdbc.sql("""
                SELECT e.*, p.name AS person_name FROM event e LEFT JOIN person p ON p.id = e.person_id
                WHERE e.id < :before AND (:job IS NULL OR e.job_id = :job) AND (:kind IS NULL OR e.kind = :kind)
                ORDER BY e.id DESC LIMIT :limit
                """)
                .param("before", before)
                .param("job", jobId.orElse(null))
                .param("kind", kind.map(Enum::name).orElse(null))
                .param("limit", Math.max(1, Math.min(MOST_ROWS, limit)))
                .query(this::row)
                .list();
    }

    private EventRow row(ResultSet rs, int i) throws SQLException {
        String by = rs.getString("person_name");
        return new EventRow(
                rs.getLong("id"),
                Kind.valueOf(rs.getString("kind")),
                rs.getString("subject"),
                json.readValue(rs.getString("payload"), new TypeReference<Map<String, String>>() {}),
                by == null ? "" : by,
                rs.getTimestamp("at").toInstant(),
                rs.getObject("job_id", Long.class),
                rs.getObject("axle_id", Long.class));
    }
}
