package itrova.server.store;

import itrova.formats.pricelist.Columns;
import itrova.formats.pricelist.PriceList;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Price lists on their way into the catalogue: every instance of the server sees the same of them. */
@Repository
public class PriceListStore {
    /** A list is kept this long after it came. */
    private static final Duration KEPT = Duration.ofDays(30);

    private static final int MOST_SHOWN = 10;
    private static final String ROW =
            "SELECT id, person_id, file, contents, columns, phase, done, report, said, started_at ";

    private final JdbcClient jdbc;
    private final JsonMapper json;

    PriceListStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** How far a list is. */
    public enum Phase {
        /** What its columns tell is still to be said. */
        OPEN,
        /** It is being held against the catalogue; nothing is changed. */
        LOOKING,
        /** What it would do is known. */
        LOOKED,
        /** It is being taken. */
        TAKING,
        /** It was taken, all of it. */
        TAKEN,
        /** Somebody stopped it; nothing of it was taken. */
        STOPPED
    }

    /**
     * A list.
     *
     * @param done rows gone through
     * @param report what it would do, or did
     * @param said why it broke off; empty if it did not
     */
    public record PriceListRow(
            String id,
            long personId,
            String file,
            PriceList.Contents contents,
            Optional<Columns> columns,
            Phase phase,
            int done,
            Optional<ListReport> report,
            String said,
            Instant startedAt) {}

    public void add(String id, long personId, String file, byte[] bytes, PriceList.Contents contents) {
        jdbc.sql("""
                INSERT INTO price_list (id, person_id, file, content, contents, phase, started_at)
                VALUES (:id, :person, :file, :content, :contents, :phase, :now)
                """)
                .param("id", id)
                .param("person", personId)
                .param("file", file)
                .param("content", packed(bytes))
                .param("contents", json.writeValueAsString(contents))
                .param("phase", Phase.OPEN.name())
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }

    public Optional<PriceListRow> find(String id) {
        return jdbc.sql(ROW + "FROM price_list WHERE id = :id")
                .param("id", id)
                .query(this::row)
                .optional();
    }

    /** The last few, newest first. */
    public List<PriceListRow> last() {
        return jdbc.sql(ROW + "FROM price_list ORDER BY started_at DESC, id LIMIT :most")
                .param("most", MOST_SHOWN)
                .query(this::row)
                .list();
    }

    /** The file as it came. */
    public byte[] content(String id) {
        byte[] packed = jdbc.sql("SELECT content FROM price_list WHERE id = :id")
                .param("id", id)
                .query((rs, i) -> rs.getBytes(1))
                .single();
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] packed(byte[] bytes) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /**
     * Goes on to another phase.
     *
     * @param from the phases it may come from
     * @return whether it was in one of them
     */
    public boolean move(String id, Phase to, String said, Phase... from) {
        return jdbc.sql("UPDATE price_list SET phase = :to, said = :said, done = 0 WHERE id = :id AND phase IN (:from)")
                        .param("to", to.name())
                        .param("said", said)
                        .param("id", id)
                        .param("from", Arrays.stream(from).map(Phase::name).toList())
                        .update()
                == 1;
    }

    /** Says what its columns tell, and remembers it for the supplier's next list. */
    public void choose(String id, Columns columns, long personId) {
        String document = json.writeValueAsString(columns);
        jdbc.sql("UPDATE price_list SET columns = :columns, report = NULL WHERE id = :id")
                .param("columns", document)
                .param("id", id)
                .update();
        jdbc.sql("""
                INSERT INTO supplier_columns (supplier, columns, person_id, changed_at)
                VALUES (:supplier, :columns, :person, :now)
                ON DUPLICATE KEY UPDATE columns = VALUES(columns), person_id = VALUES(person_id), changed_at = VALUES(changed_at)
                """)
                .param("supplier", columns.supplier())
                .param("columns", document)
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }

    /** What suppliers' columns told last time. */
    public List<Columns> remembered() {
        return jdbc.sql("SELECT columns FROM supplier_columns ORDER BY supplier")
                .query((rs, i) -> json.readValue(rs.getString(1), Columns.class))
                .list();
    }

    /** Tells how far it is; gives whether it is still wanted in that phase. */
    public boolean progress(String id, Phase phase, int done) {
        return jdbc.sql("UPDATE price_list SET done = :done WHERE id = :id AND phase = :phase")
                        .param("done", done)
                        .param("id", id)
                        .param("phase", phase.name())
                        .update()
                == 1;
    }

    /** Keeps what it would do, or did. */
    public void report(String id, ListReport report) {
        jdbc.sql("UPDATE price_list SET report = :report WHERE id = :id")
                .param("report", json.writeValueAsString(report))
                .param("id", id)
                .update();
    }

    public void forgetOld() {
        jdbc.sql("DELETE FROM price_list WHERE started_at < :before")
                .param("before", Timestamp.from(Instant.now().minus(KEPT)))
                .update();
    }

    private PriceListRow row(ResultSet rs, int i) throws SQLException {
        return new PriceListRow(
                rs.getString("id"),
                rs.getLong("person_id"),
                rs.getString("file"),
                json.readValue(rs.getString("contents"), PriceList.Contents.class),
                Optional.ofNullable(rs.getString("columns")).map(c -> json.readValue(c, Columns.class)),
                Phase.valueOf(rs.getString("phase")),
                rs.getInt("done"),
                Optional.ofNullable(rs.getString("report")).map(r -> json.readValue(r, ListReport.class)),
                rs.getString("said"),
                rs.getTimestamp("started_at").toInstant());
    }
}
