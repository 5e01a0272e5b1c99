package itrova.server.store;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photos attached to readings, only ever added. */
@Repository
public class PhotoStore {
    private static final RowMapper<PhotoRow> ROW = (rs, i) -> new PhotoRow(
            rs.getLong("id"),
            rs.getLong("reading_id"),
            rs.getString("person_name"),
            rs.getTimestamp("taken_at").toInstant());

    private final JdbcClient jdbc;

    PhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A photo without its bytes. */
    public record PhotoRow(long id, long readingId, String by, Instant at) {}

    /** Photos of an axle's readings, oldest first. */
    public List<PhotoRow> ofAxle(long axleId) {
        return jdbc.sql("""
                SELECT f.id, f.reading_id, f.taken_at, p.name AS person_name
                FROM photo f JOIN reading r ON r.id = f.reading_id JOIN person p ON p.id = f.taken_by
                WHERE r.axle_id = :axle ORDER BY f.id
                """).param("axle", axleId).query(ROW).list();
    }

    /** The JPEG bytes of a photo of an axle's reading. */
    public byte[] bytes(long axleId, long photoId) {
        return jdbc.sql(
                        "SELECT f.bytes FROM photo f JOIN reading r ON r.id = f.reading_id WHERE f.id = :id AND r.axle_id = :axle")
                .param("id", photoId)
                .param("axle", axleId)
                .query(byte[].class)
                .optional()
                .orElseThrow(() -> new NotFoundException("Photo " + photoId));
    }

    /** Adds a photo to a reading of the axle. The same client id again changes nothing. */
    public void add(long axleId, long readingId, String clientId, int width, int height, byte[] jpeg, long personId) {
        long known = jdbc.sql("SELECT COUNT(*) FROM reading WHERE id = :id AND axle_id = :axle")
                .param("id", readingId)
                .param("axle", axleId)
                .query(Long.class)
                .single();
        if (known == 0) {
            throw new NotFoundException("Reading " + readingId);
        }
        jdbc.sql("""
                INSERT IGNORE INTO photo (reading_id, client_id, width, height, bytes, taken_by, taken_at)
                VALUES (:reading, :client, :width, :height, :bytes, :person, :now)
                """)
                .param("reading", readingId)
                .param("client", clientId)
                .param("width", width)
                .param("height", height)
                .param("bytes", jpeg)
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }
}
