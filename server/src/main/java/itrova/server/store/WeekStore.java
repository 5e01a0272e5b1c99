package itrova.server.store;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** When the shop works and with what, the plan laid last, pins, and when parcels come. */
@Repository
public class WeekStore {
    private static final int KEPT = 20;

    private final JdbcClient jdbc;
    private final JsonMapper json;

    WeekStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /**
     * When and with what is worked.
     *
     * @param hours of each day of the week, such as {@code 08:00-12:00 13:00-17:00}
     */
    public record Settings(Map<String, String> hours, int stands, int presses, int welders, int version) {}

    /** How a plan stands. */
    public enum PlanState {
        /** It waits to be made better, or is being made better. */
        IMPROVING,
        /** It is as good as it gets. */
        READY
    }

    /** A plan laid. */
    public record PlanRow(
            String id, PlanState state, String document, boolean isStopped, long madeBy, Instant madeAt) {}

    public Settings settings() {
        return jdbc.sql("SELECT hours, stands, presses, welders, version FROM week_settings WHERE id = 1")
                .query((rs, n) -> new Settings(
                        json.readValue(rs.getString(1), new TypeReference<Map<String, String>>() {}),
                        rs.getInt(2),
                        rs.getInt(3),
                        rs.getInt(4),
                        rs.getInt(5)))
                .single();
    }

    /** @throws StaleVersionException if somebody else changed them meanwhile */
    public void save(Settings s) {
        int changed = jdbc.sql("""
                UPDATE week_settings SET hours = :hours, stands = :stands, presses = :presses, welders = :welders,
                  version = version + 1 WHERE id = 1 AND version = :version
                """)
                .param("hours", json.writeValueAsString(s.hours()))
                .param("stands", s.stands())
                .param("presses", s.presses())
                .param("welders", s.welders())
                .param("version", s.version())
                .update();
        if (changed == 0) {
            throw new StaleVersionException("The shop's working time");
        }
    }

    /** The plan laid last. */
    public Optional<PlanRow> last() {
        return jdbc.sql("SELECT * FROM week_plan ORDER BY made_at DESC, id LIMIT 1")
                .query(this::row)
                .optional();
    }

    /** Id of the plan laid last, with other plans kept from being laid until this transaction is over. */
    public Optional<String> lastForUpdate() {
        jdbc.sql("SELECT id FROM week_settings WHERE id = 1 FOR UPDATE")
                .query(Integer.class)
                .single();
        return last().map(PlanRow::id);
    }

    public Optional<PlanRow> find(String id) {
        return jdbc.sql("SELECT * FROM week_plan WHERE id = :id")
                .param("id", id)
                .query(this::row)
                .optional();
    }

    private PlanRow row(java.sql.ResultSet rs, int n) throws java.sql.SQLException {
        return new PlanRow(
                rs.getString("id"),
                PlanState.valueOf(rs.getString("state")),
                rs.getString("document"),
                rs.getBoolean("is_stopped"),
                rs.getLong("made_by"),
                rs.getTimestamp("made_at").toInstant());
    }

    /** Keeps a new plan, and of the old ones the latest. */
    public void add(String id, String document, long personId) {
        jdbc.sql("""
                INSERT INTO week_plan (id, state, document, made_by, made_at)
                VALUES (:id, 'IMPROVING', :document, :by, :now)
                """)
                .param("id", id)
                .param("document", document)
                .param("by", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
        jdbc.sql("""
                DELETE FROM week_plan WHERE made_at < (
                  SELECT made_at FROM (SELECT made_at FROM week_plan ORDER BY made_at DESC LIMIT 1 OFFSET %d) oldest)
                """.formatted(KEPT)).update();
    }

    /** Keeps a better plan. */
    public void better(String id, String document, PlanState state) {
        jdbc.sql("UPDATE week_plan SET document = :document, state = :state WHERE id = :id")
                .param("id", id)
                .param("document", document)
                .param("state", state.name())
                .update();
    }

    /** Asks for an improvement to stop with what it has. */
    public void stop(String id) {
        jdbc.sql("UPDATE week_plan SET is_stopped = TRUE WHERE id = :id")
                .param("id", id)
                .update();
    }

    public Map<String, LocalDateTime> pins() {
        Map<String, LocalDateTime> pins = new HashMap<>();
        jdbc.sql("SELECT task, not_before FROM week_pin")
                .query((rs, n) -> Map.entry(rs.getString(1), rs.getTimestamp(2).toLocalDateTime()))
                .list()
                .forEach(e -> pins.put(e.getKey(), e.getValue()));
        return pins;
    }

    /** Pins a task; without a time the pin is taken out. */
    public void pin(String task, @Nullable LocalDateTime notBefore) {
        if (notBefore == null) {
            jdbc.sql("DELETE FROM week_pin WHERE task = :task")
                    .param("task", task)
                    .update();
            return;
        }
        jdbc.sql("INSERT INTO week_pin (task, not_before) VALUES (:task, :at) ON DUPLICATE KEY UPDATE not_before = :at")
                .param("task", task)
                .param("at", Timestamp.valueOf(notBefore))
                .update();
    }

    public Map<String, LocalDate> parcels() {
        Map<String, LocalDate> parcels = new HashMap<>();
        jdbc.sql("SELECT order_id, comes_on FROM week_parcel")
                .query((rs, n) -> Map.entry(rs.getString(1), rs.getDate(2).toLocalDate()))
                .list()
                .forEach(e -> parcels.put(e.getKey(), e.getValue()));
        return parcels;
    }

    /** Tells when a parcel comes. */
    public void parcel(String orderId, LocalDate comesOn) {
        jdbc.sql(
                        "INSERT INTO week_parcel (order_id, comes_on) VALUES (:id, :on) ON DUPLICATE KEY UPDATE comes_on = :on")
                .param("id", orderId)
                .param("on", java.sql.Date.valueOf(comesOn))
                .update();
    }
}
