package itrova.server.store;

import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
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
            rs.getString("person_name"),
            rs.getTimestamp("taken_at").toInstant());

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
            String by,
            Instant at) {
        /** The reading, understood anew from its text. */
        public Reading reading() {
            return Reading.take(side, callout, placeText, text, instrument, unitSystem);
        }
    }

    /** What is written for a new reading. */
    public record NewReading(
            String clientId,
            OptionalLong supersedes,
            Side side,
            Callout callout,
            String placeText,
            String text,
            UnitSystem unitSystem,
            Instrument instrument) {}

    /** The readings of an axle that stand, in the order taken. */
    public List<ReadingRow> standing(long axleId) {
        return jdbc.sql("""
                SELECT r.*, p.name AS person_name FROM reading r JOIN person p ON p.id = r.taken_by
                WHERE r.axle_id = :axle AND r.kind = 'TAKEN'
                  AND NOT EXISTS (SELECT 1 FROM reading n WHERE n.supersedes = r.id)
                ORDER BY r.id
                """).param("axle", axleId).query(ROW).list();
    }

    /** Adds a reading. The same client id again changes nothing, so that a repeated send is harmless. */
    public void add(long axleId, NewReading r, long personId) {
        insert(axleId, "TAKEN", r, personId);
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
                        old.instrument()),
                personId);
    }

    private boolean isRecorded(String clientId) {
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
                      instrument, taken_by, taken_at)
                    VALUES (:axle, :client, :kind, :supersedes, :side, :callout, :place, :text, :units, :instrument, :person, :now)
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
                    .param("person", personId)
                    .param("now", Timestamp.from(Instant.now()))
                    .update();
        } catch (DuplicateKeyException e) {
            if (!isRecorded(r.clientId())) {
                throw new StaleVersionException("That reading");
            }
        }
    }

    /** Whether a reading of that key stands on the axle. */
    public Optional<ReadingRow> find(long axleId, long readingId) {
        return standing(axleId).stream().filter(r -> r.id() == readingId).findFirst();
    }
}
