package itrova.server.store;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photos of what came defective, only ever added. */
@Repository
public class DefectPhotoStore {
    private final JdbcClient jdbc;

    DefectPhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A photo without its bytes.
     *
     * @param defectId the event the defect was noted by
     */
    public record DefectPhoto(long id, long defectId) {}

    /** Photos of an axle's defects, oldest first. */
    public List<DefectPhoto> ofAxle(long axleId) {
        return jdbc.sql("""
                SELECT f.id, f.event_id FROM defect_photo f JOIN event e ON e.id = f.event_id
                WHERE e.axle_id = :axle ORDER BY f.id
                """)
                .param("axle", axleId)
                .query((rs, n) -> new DefectPhoto(rs.getLong(1), rs.getLong(2)))
                .list();
    }

    /** The JPEG bytes of a photo of an axle's defect. */
    public byte[] bytes(long axleId, long photoId) {
        return jdbc.sql(
                        "SELECT f.bytes FROM defect_photo f JOIN event e ON e.id = f.event_id WHERE f.id = :id AND e.axle_id = :axle")
                .param("id", photoId)
                .param("axle", axleId)
                .query(byte[].class)
                .optional()
                .orElseThrow(() -> new NotFoundException("Photo " + photoId));
    }

    /** Adds a photo to a defect noted at the axle. The same client id again changes nothing. */
    public void add(long axleId, long defectId, String clientId, int width, int height, byte[] jpeg, long personId) {
        long known = jdbc.sql("SELECT COUNT(*) FROM event WHERE id = :id AND axle_id = :axle AND kind = 'DEFECT_NOTED'")
                .param("id", defectId)
                .param("axle", axleId)
                .query(Long.class)
                .single();
        if (known == 0) {
            throw new NotFoundException("Defect " + defectId);
        }
        jdbc.sql("""
                INSERT IGNORE INTO defect_photo (event_id, client_id, width, height, bytes, taken_by, taken_at)
                VALUES (:event, :client, :width, :height, :bytes, :person, :now)
                """)
                .param("event", defectId)
                .param("client", clientId)
                .param("width", width)
                .param("height", height)
                .param("bytes", jpeg)
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }
}
