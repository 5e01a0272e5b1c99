package itrova.server.store;

import itrova.core.measure.Instrument;
import itrova.core.measure.Origin;
import itrova.core.measure.Reading;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Readings, only ever added: a correction or withdrawal is a new row that points at the old one. */
@Repository
public class ReadingStore {
    private static final RowMapper<ReadingRow> ROW = (rs, i) -> new ReadingRow(
            rs.getLong("id"),
            Side.valueOf(rs.getString("side")),
            Callout.valueOf(rs.getString("callout")),
            rs.getString("place_text"),
            rs.getString("text"),
            UnitSystem.valueOf(rs.getString("unit_system")),
            Instrument.valueOf(rs.getString("instrument")),
            rs.getLong("taken_by"),
            rs.getString("person_name"),
            rs.getTimestamp("taken_at").toInstant(),
            rs.getLong("copied_from") > 0 || rs.getBoolean("origin_copy"),
            origin(rs));

    private static final RowMapper<OldReading> OLD = (rs, i) -> new OldReading(
            ROW.mapRow(rs, i),
            "WITHDRAWN".equals(rs.getString("fate")),
            rs.getString("fate_text"),
            rs.getLong("fate_id"),
            rs.getString("fate_by"),
            rs.getTimestamp("fate_at").toInstant());

    private final JdbcClient jdbc;

    ReadingStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A reading that stands: neither corrected nor withdrawn. */
    public record ReadingRow(
            long id,
            Side side,
            Callout callout,
            String placeText,
            String text,
            UnitSystem unitSystem,
            Instrument instrument,
            long personId,
            String by,
            Instant at,
            boolean isCopied,
            Optional<Origin> origin) {
        /** The reading, understood anew from its text: of where it came from, or of who took it here. */
        public Reading reading() {
            return Reading.take(side, callout, placeText, text, instrument, unitSystem)
                    .from(origin.orElseGet(() -> new Origin(by, at, isCopied)));
        }
    }

    private static Optional<Origin> origin(ResultSet rs) throws SQLException {
        Timestamp at = rs.getTimestamp("origin_at");
        return at == null
                ? Optional.empty()
                : Optional.of(new Origin(rs.getString("origin_by"), at.toInstant(), rs.getBoolean("origin_copy")));
    }

    /**
     * A reading that stands no more.
     *
     * @param old the reading as it was
     * @param isWithdrawn whether it was withdrawn; else it was corrected
     * @param now what it was corrected to
     * @param fate id of the row that corrected or withdrew it
     * @param changedBy who did
     * @param changedAt when
     */
    public record OldReading(
            ReadingRow old, boolean isWithdrawn, String now, long fate, String changedBy, Instant changedAt) {}

    /** What is written for a new reading. */
    public record NewReading(
            String clientId,
            OptionalLong supersedes,
            Side side,
            Callout callout,
            String placeText,
            String text,
            UnitSystem unitSystem,
            Instrument instrument,
            OptionalLong copiedFrom,
            Optional<Origin> origin) {}

    /** The readings of an axle that stand, in the order taken. */
    public List<ReadingRow> standing(long axleId) {
        return jdbc.sql("""
                SELECT r.*, p.name AS person_name FROM reading r JOIN person p ON p.id = r.taken_by
                WHERE r.axle_id = :axle AND r.kind = 'TAKEN'
                  AND NOT EXISTS (SELECT 1 FROM reading n WHERE n.supersedes = r.id)
                ORDER BY r.id
                """).param("axle", axleId).query(ROW).list();
    }

    /** The readings of several axles that stand, by axle, in the order taken. */
    public Map<Long, List<ReadingRow>> standing(List<Long> axleIds) {
        Map<Long, List<ReadingRow>> byAxle = new HashMap<>();
        if (axleIds.isEmpty()) {
            return byAxle;
        }
        jdbc.sql("""
                SELECT r.*, p.name AS person_name FROM reading r JOIN person p ON p.id = r.taken_by
                WHERE r.axle_id IN (:axles) AND r.kind = 'TAKEN'
                  AND NOT EXISTS (SELECT 1 FROM reading n WHERE n.supersedes = r.id)
                ORDER BY r.id
                """)
                .param("axles", axleIds)
                .query((rs, i) -> {
                    byAxle.computeIfAbsent(rs.getLong("axle_id"), a -> new ArrayList<>())
                            .add(ROW.mapRow(rs, i));
                    return i;
                })
                .list();
        return byAxle;
    }

    /** What changes whenever a reading of one of the axles is taken, corrected or withdrawn. */
    public Map<Long, Long> stamps(List<Long> axleIds) {
        Map<Long, Long> stamps = new HashMap<>();
        if (!axleIds.isEmpty()) {
            jdbc.sql("SELECT axle_id, MAX(id) FROM reading WHERE axle_id IN (:axles) GROUP BY axle_id")
                    .param("axles", axleIds)
                    .query((rs, i) -> stamps.put(rs.getLong(1), rs.getLong(2)))
                    .list();
        }
        return stamps;
    }

    /** Readings of an axle that were corrected or withdrawn, oldest first. */
    public List<OldReading> history(long axleId) {
        return jdbc.sql("""
                SELECT r.*, p.name AS person_name, n.kind AS fate, n.text AS fate_text, n.id AS fate_id,
                  COALESCE(n.origin_by, c.name) AS fate_by, COALESCE(n.origin_at, n.taken_at) AS fate_at
                FROM reading r JOIN person p ON p.id = r.taken_by JOIN reading n ON n.supersedes = r.id
                  JOIN person c ON c.id = n.taken_by
                WHERE r.axle_id = :axle AND r.kind = 'TAKEN' ORDER BY r.id
                """).param("axle", axleId).query(OLD).list();
    }

    /** Adds a reading that came with a job from elsewhere; gives its id. */
    public long addBrought(long axleId, NewReading r, long personId) {
        insert(axleId, "TAKEN", r, personId);
        return idOf(r.clientId());
    }

    /** Notes that a reading was withdrawn elsewhere, by whom and when. */
    public void withdrawBrought(long axleId, NewReading old, long readingId, Origin who, long personId) {
        insert(
                axleId,
                "WITHDRAWN",
                new NewReading(
                        UUID.randomUUID().toString(),
                        OptionalLong.of(readingId),
                        old.side(),
                        old.callout(),
                        old.placeText(),
                        old.text(),
                        old.unitSystem(),
                        old.instrument(),
                        OptionalLong.empty(),
                        Optional.of(who)),
                personId);
    }

    private long idOf(String clientId) {
        return jdbc.sql("SELECT id FROM reading WHERE client_id = :client")
                .param("client", clientId)
                .query(Long.class)
                .single();
    }

    /** Adds a reading. The same client id again changes nothing, so that a repeated send is harmless. */
    public void add(long axleId, NewReading r, long personId) {
        insert(axleId, "TAKEN", r, personId);
    }

    /** Changes whenever a reading of the axle is taken, corrected or withdrawn. */
    public long stamp(long axleId) {
        return jdbc.sql("SELECT COALESCE(MAX(id), 0) FROM reading WHERE axle_id = :axle")
                .param("axle", axleId)
                .query(Long.class)
                .single();
    }

    /** Withdraws a standing reading of the axle. */
    public void withdraw(long axleId, long readingId, String clientId, long personId) {
        if (isRecorded(clientId)) {
            return;
        }
        ReadingRow old = standing(axleId).stream()
                .filter(r -> r.id() == readingId)
                .findFirst()
                .orElseThrow(() -> new StaleVersionException("That reading"));
        insert(
                axleId,
                "WITHDRAWN",
                new NewReading(
                        clientId,
                        OptionalLong.of(readingId),
                        old.side(),
                        old.callout(),
                        old.placeText(),
                        old.text(),
                        old.unitSystem(),
                        old.instrument(),
                        OptionalLong.empty(),
                        Optional.empty()),
                personId);
    }

    /** Whether a request of that client id was carried out before. */
    public boolean isRecorded(String clientId) {
        return jdbc.sql("SELECT COUNT(*) FROM reading WHERE client_id = :client")
                        .param("client", clientId)
                        .query(Long.class)
                        .single()
                > 0;
    }

    private void insert(long axleId, String kind, NewReading r, long personId) {
        if (isRecorded(r.clientId())) {
            return;
        }
        try {
            jdbc.sql("""
                    INSERT INTO reading (axle_id, client_id, kind, supersedes, side, callout, place_text, text, unit_system,
                      instrument, copied_from, origin_by, origin_at, origin_copy, taken_by, taken_at)
                    VALUES (:axle, :client, :kind, :supersedes, :side, :callout, :place, :text, :units, :instrument, :copied,
                      :originBy, :originAt, :originCopy, :person, :now)
                    """)
                    .param("axle", axleId)
                    .param("client", r.clientId())
                    .param("kind", kind)
                    .param(
                            "supersedes",
                            r.supersedes().isPresent() ? (Long) r.supersedes().getAsLong() : null)
                    .param("side", r.side().name())
                    .param("callout", r.callout().name())
                    .param("place", r.placeText())
                    .param("text", r.text())
                    .param("units", r.unitSystem().name())
                    .param("instrument", r.instrument().name())
                    .param(
                            "copied",
                            r.copiedFrom().isPresent() ? (Long) r.copiedFrom().getAsLong() : null)
                    .param("originBy", r.origin().map(Origin::by).orElse(null))
                    .param(
                            "originAt",
                            r.origin().map(o -> Timestamp.from(o.at())).orElse(null))
                    .param("originCopy", r.origin().map(Origin::isCopy).orElse(false))
                    .param("person", personId)
                    .param("now", Timestamp.from(Instant.now()))
                    .update();
        } catch (DuplicateKeyException e) {
            if (!isRecorded(r.clientId())) {
                throw new StaleVersionException("That reading");
            }
        }
    }
}
