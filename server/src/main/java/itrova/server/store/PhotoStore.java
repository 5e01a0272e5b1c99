package itrova.server.store;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
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
                SELECT f.id, f.reading_id, COALESCE(f.origin_at, f.taken_at) AS taken_at,
                  COALESCE(f.origin_by, p.name) AS person_name
                FROM photo f JOIN reading r ON r.id = f.reading_id JOIN person p ON p.id = f.taken_by
                WHERE r.axle_id = :axle ORDER BY f.id
                """).param("axle", axleId).query(ROW).list();
    }

    /** A photo whole, with its bytes and who took it when. */
    public record WholePhoto(long readingId, String by, Instant at, int width, int height, byte[] jpeg) {}

    /** Photos of an axle's readings with their bytes, oldest first. */
    public List<WholePhoto> wholeOfAxle(long axleId) {
        return jdbc.sql("""
                SELECT f.*, COALESCE(f.origin_by, p.name) AS person_name, COALESCE(f.origin_at, f.taken_at) AS first_at
                FROM photo f JOIN reading r ON r.id = f.reading_id JOIN person p ON p.id = f.taken_by
                WHERE r.axle_id = :axle ORDER BY f.id
                """)
                .param("axle", axleId)
                .query((rs, i) -> new WholePhoto(
                        rs.getLong("reading_id"),
                        rs.getString("person_name"),
                        rs.getTimestamp("first_at").toInstant(),
                        rs.getInt("width"),
                        rs.getInt("height"),
                        rs.getBytes("bytes")))
                .list();
    }

    /** Adds a photo that came with a job from elsewhere. */
    public void addBrought(WholePhoto photo, long personId) {
        jdbc.sql("""
                INSERT INTO photo (reading_id, client_id, width, height, bytes, taken_by, taken_at, origin_by, origin_at)
                VALUES (:reading, :client, :width, :height, :bytes, :person, :now, :by, :at)
                """)
                .param("reading", photo.readingId())
                .param("client", UUID.randomUUID().toString())
                .param("width", photo.width())
                .param("height", photo.height())
                .param("bytes", photo.jpeg())
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .param("by", photo.by())
                .param("at", Timestamp.from(photo.at()))
                .update();
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
