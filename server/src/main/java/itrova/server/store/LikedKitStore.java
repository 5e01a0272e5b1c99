package itrova.server.store;

import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Kits a person likes for an axle: marks in the match table, nothing more. */
@Repository
public class LikedKitStore {
    private final JdbcClient jdbc;

    LikedKitStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Codes of the kits a person likes for an axle. */
    public Set<String> of(long axleId, long personId) {
        return jdbc.sql("""
                SELECT k.code FROM liked_kit l JOIN kit k ON k.id = l.kit_id
                WHERE l.axle_id = :axle AND l.person_id = :person
                """)
                .param("axle", axleId)
                .param("person", personId)
                .query(String.class)
                .set();
    }

    public void like(long axleId, long kitId, long personId) {
        jdbc.sql("INSERT IGNORE INTO liked_kit (axle_id, kit_id, person_id) VALUES (:axle, :kit, :person)")
                .param("axle", axleId)
                .param("kit", kitId)
                .param("person", personId)
                .update();
    }

    public void forget(long axleId, long kitId, long personId) {
        jdbc.sql("DELETE FROM liked_kit WHERE axle_id = :axle AND kit_id = :kit AND person_id = :person")
                .param("axle", axleId)
                .param("kit", kitId)
                .param("person", personId)
                .update();
    }
}
