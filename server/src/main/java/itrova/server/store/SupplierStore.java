package itrova.server.store;

import itrova.core.order.SupplierOrder;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Suppliers with the address of their service, and the orders that went to them. */
@Repository
public class SupplierStore {
    private final JdbcClient jdbc;
    private final JsonMapper json;

    SupplierStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /**
     * A supplier.
     *
     * @param address of the service; empty where orders go out on paper
     */
    public record SupplierRow(String name, String address, int version) {}

    /**
     * An order to one supplier.
     *
     * @param id key under which it is sent, however often
     * @param attempts how often sending was tried
     */
    public record SupplierOrderRow(
            String id,
            long jobId,
            long axleId,
            String once,
            SupplierOrder order,
            int attempts,
            int version,
            Instant changedAt) {}

    public List<SupplierRow> suppliers() {
        return jdbc.sql("SELECT name, address, version FROM supplier ORDER BY name")
                .query((rs, n) -> new SupplierRow(rs.getString(1), rs.getString(2), rs.getInt(3)))
                .list();
    }

    public Optional<SupplierRow> supplier(String name) {
        return suppliers().stream().filter(s -> s.name().equals(name)).findFirst();
    }

    /** @throws StaleVersionException if somebody else changed it meanwhile */
    public void saveSupplier(String name, String address, int version) {
        int changed = version == 0
                ? jdbc.sql("INSERT IGNORE INTO supplier (name, address) VALUES (:name, :address)")
                        .param("name", name)
                        .param("address", address)
                        .update()
                : jdbc.sql(
                                "UPDATE supplier SET address = :address, version = version + 1 WHERE name = :name AND version = :version")
                        .param("name", name)
                        .param("address", address)
                        .param("version", version)
                        .update();
        if (changed == 0) {
            throw new StaleVersionException("Supplier " + name);
        }
    }

    /**
     * Keeps a new order.
     *
     * @param once a name no other order bears
     * @return false if it was kept before
     */
    public boolean add(String id, long jobId, long axleId, String once, SupplierOrder order) {
        try {
            jdbc.sql("""
                    INSERT INTO supplier_order (id, job_id, axle_id, supplier, once, state, document, said, changed_at)
                    VALUES (:id, :job, :axle, :supplier, :once, :state, :document, '', :now)
                    """)
                    .param("id", id)
                    .param("job", jobId)
                    .param("axle", axleId)
                    .param("supplier", order.supplier())
                    .param("once", once)
                    .param("state", order.state().name())
                    .param("document", json.writeValueAsString(order))
                    .param("now", Timestamp.from(Instant.now()))
                    .update();
            return true;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    public List<SupplierOrderRow> ofAxle(long axleId) {
        return jdbc.sql("SELECT * FROM supplier_order WHERE axle_id = :axle ORDER BY changed_at DESC, supplier")
                .param("axle", axleId)
                .query(this::row)
                .list();
    }

    public Optional<SupplierOrderRow> find(String id) {
        return jdbc.sql("SELECT * FROM supplier_order WHERE id = :id")
                .param("id", id)
                .query(this::row)
                .optional();
    }

    /** @throws StaleVersionException if it changed since it was read */
    public void change(SupplierOrderRow seen, SupplierOrder order) {
        int changed = jdbc.sql("""
                UPDATE supplier_order SET state = :state, document = :document, version = version + 1, changed_at = :now
                WHERE id = :id AND version = :version
                """)
                .param("state", order.state().name())
                .param("document", json.writeValueAsString(order))
                .param("now", Timestamp.from(Instant.now()))
                .param("id", seen.id())
                .param("version", seen.version())
                .update();
        if (changed == 0) {
            throw new StaleVersionException("The order to " + order.supplier());
        }
    }

    /** Notes that sending was tried once more. */
    public void tried(String id) {
        jdbc.sql("UPDATE supplier_order SET attempts = attempts + 1 WHERE id = :id")
                .param("id", id)
                .update();
    }

    private SupplierOrderRow row(ResultSet rs, int n) throws SQLException {
        return new SupplierOrderRow(
                rs.getString("id"),
                rs.getLong("job_id"),
                rs.getLong("axle_id"),
                rs.getString("once"),
                json.readValue(rs.getString("document"), SupplierOrder.class),
                rs.getInt("attempts"),
                rs.getInt("version"),
                rs.getTimestamp("changed_at").toInstant());
    }
}
