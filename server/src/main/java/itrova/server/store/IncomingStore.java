package itrova.server.store;

import itrova.core.receive.Incoming;
import itrova.core.receive.IncomingFigure;
import itrova.core.vehicle.Side;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was measured of parts that came. */
@Repository
public class IncomingStore {
    private final JdbcClient jdbc;

    IncomingStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A reading as it was typed.
     *
     * @param reading absent where it takes an earlier one back
     */
    public record Row(
            IncomingFigure figure, Side side, String text, Optional<Incoming.Reading> reading, String by, Instant at) {}

    /** Every reading of a kit for an axle, oldest first. */
    public List<Row> rows(long axleId, String kit) {
        return jdbc.sql("""
                SELECT i.figure, i.side, i.text, i.value_mm, i.half_mm, p.name, i.at
                FROM incoming i JOIN person p ON p.id = i.person_id
                WHERE i.axle_id = :axle AND i.kit = :kit ORDER BY i.id
                """)
                .param("axle", axleId)
                .param("kit", kit)
                .query((rs, n) -> new Row(
                        IncomingFigure.valueOf(rs.getString(1)),
                        Side.valueOf(rs.getString(2)),
                        rs.getString(3),
                        rs.getString(3).isEmpty()
                                ? Optional.empty()
                                : Optional.of(new Incoming.Reading(rs.getDouble(4), rs.getDouble(5))),
                        rs.getString(6),
                        rs.getTimestamp(7).toInstant()))
                .list();
    }

    /** What stands of them. */
    public Incoming of(long axleId, String kit) {
        Incoming all = Incoming.NONE;
        for (Row row : rows(axleId, kit)) {
            all = all.with(row.figure(), row.side(), row.reading());
        }
        return all;
    }

    /** Adds a reading; what is worked out of the axle hangs on its version, which changes with it. */
    public void add(long axleId, String kit, Row row, long personId) {
        jdbc.sql("""
                INSERT INTO incoming (axle_id, kit, figure, side, text, value_mm, half_mm, person_id, at)
                VALUES (:axle, :kit, :figure, :side, :text, :value, :half, :person, :at)
                """)
                .param("axle", axleId)
                .param("kit", kit)
                .param("figure", row.figure().name())
                .param("side", row.side().name())
                .param("text", row.text())
                .param("value", row.reading().map(Incoming.Reading::value).orElse(null))
                .param("half", row.reading().map(Incoming.Reading::half).orElse(null))
                .param("person", personId)
                .param("at", Timestamp.from(row.at()))
                .update();
        jdbc.sql("UPDATE axle SET version = version + 1 WHERE id = :axle")
                .param("axle", axleId)
                .update();
    }
}
