package itrova.server.store;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which jobs use what stands in the catalogue. */
@Repository
public class UseStore {
    private final JdbcClient jdbc;

    UseStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A job that uses a thing.
     *
     * @param where the axle, or what of the vehicle
     */
    public record Use(long jobId, String job, String where) {}

    /** Where a kit is chosen, a wheel put on or a part planned; by the shelf its code stands on. */
    public List<Use> of(EditionStore.Shelf shelf, String code) {
        return switch (shelf) {
            case KIT -> chosen("$.kit", code);
            case WHEEL -> chosen("$.wheel", code);
            case PART ->
                jdbc.sql("""
                    SELECT id, title, 'brake system' FROM job
                    WHERE JSON_SEARCH(circuit, 'one', :code) IS NOT NULL ORDER BY id
                    """)
                        .param("code", code.replace("_", "\\_").replace("%", "\\%"))
                        .query((rs, i) -> new Use(rs.getLong(1), rs.getString(2), rs.getString(3)))
                        .list();
            default -> List.of();
        };
    }

    private List<Use> chosen(String path, String code) {
        return jdbc.sql("""
                SELECT j.id, j.title, a.name FROM axle a JOIN job j ON j.id = a.job_id
                WHERE a.selection IS NOT NULL AND JSON_VALUE(a.selection, :path) = :code ORDER BY j.id, a.id
                """)
                .param("path", path)
                .param("code", code)
                .query((rs, i) -> new Use(rs.getLong(1), rs.getString(2), rs.getString(3)))
                .list();
    }
}
