package itrova.server.store;

import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The shop itself: one row. */
@Repository
public class ShopStore {
    private final JdbcClient jdbc;

    ShopStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The shop's name as it stands on papers; absent until the first start is done. */
    public Optional<String> name() {
        return jdbc.sql("SELECT name FROM shop WHERE id = 1")
                .query(String.class)
                .optional();
    }

    /** Opens the shop; false if somebody did before. */
    public boolean open(String name) {
        try {
            jdbc.sql("INSERT INTO shop (id, name) VALUES (1, :name)")
                    .param("name", name)
                    .update();
            return true;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }
}
