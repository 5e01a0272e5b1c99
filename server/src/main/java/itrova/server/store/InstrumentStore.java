package itrova.server.store;

import itrova.core.measure.Instrument;
import itrova.core.measure.ToolBox;
import java.sql.Date;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The shop's instruments: their calibrated half-limits and when the next calibration is due. */
@Repository
public class InstrumentStore {
    private static final RowMapper<Row> ROW = (rs, i) -> {
        double half = rs.getDouble("half_limit_mm");
        boolean isUsual = rs.wasNull();
        return new Row(
                new ToolBox.Entry(
                        Instrument.valueOf(rs.getString("kind")),
                        isUsual ? OptionalDouble.empty() : OptionalDouble.of(half),
                        Optional.ofNullable(rs.getDate("due")).map(Date::toLocalDate)),
                rs.getInt("version"));
    };

    private final JdbcClient jdbc;
    private final EditionStore editions;

    InstrumentStore(JdbcClient jdbc, EditionStore editions) {
        this.jdbc = jdbc;
        this.editions = editions;
    }

    /** An instrument's entry and its version. */
    public record Row(ToolBox.Entry entry, int version) {}

    public List<Row> all() {
        return jdbc.sql("SELECT * FROM instrument").query(ROW).list();
    }

    /** The shop's tool box. */
    public ToolBox tools() {
        return ToolBox.of(all().stream().map(Row::entry).toList());
    }

    /** Sets an instrument's entry if its version is still the one given; version 0 stands for one never set. */
    @Transactional
    public void save(ToolBox.Entry entry, int version, long personId) {
        Optional<ToolBox.Entry> before = all().stream()
                .map(Row::entry)
                .filter(e -> e.instrument() == entry.instrument())
                .findFirst();
        Double half = entry.halfLimit().isPresent() ? (Double) entry.halfLimit().getAsDouble() : null;
        Date due = entry.due().map(Date::valueOf).orElse(null);
        int changed = version == 0
                ? jdbc.sql("INSERT IGNORE INTO instrument (kind, half_limit_mm, due) VALUES (:kind, :half, :due)")
                        .param("kind", entry.instrument().name())
                        .param("half", half)
                        .param("due", due)
                        .update()
                : jdbc.sql(
                                "UPDATE instrument SET version = version + 1, half_limit_mm = :half, due = :due WHERE kind = :kind AND version = :version")
                        .param("kind", entry.instrument().name())
                        .param("half", half)
                        .param("due", due)
                        .param("version", version)
                        .update();
        if (changed == 0) {
            throw new StaleVersionException("The " + entry.instrument().title());
        }
        editions.keep(
                EditionStore.Shelf.INSTRUMENT,
                entry.instrument().name(),
                version + 1,
                before.map(InstrumentStore::words).orElse(null),
                words(entry),
                personId);
    }

    private static String words(ToolBox.Entry entry) {
        return (entry.halfLimit().isPresent() ? "± " + entry.halfLimit().getAsDouble() + " mm" : "usual half-limit")
                + entry.due().map(d -> ", due " + d).orElse("");
    }
}
