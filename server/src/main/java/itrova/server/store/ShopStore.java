package itrova.server.store;

import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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

    /**
     * The shop as it stands on papers and as it reckons.
     *
     * @param currency ISO 4217
     * @param taxPercent on top of prices
     * @param rateCents own hour (cents)
     * @param tools names of those it has, of the tools not every shop has
     */
    public record Settings(
            String name,
            String address,
            String currency,
            BigDecimal taxPercent,
            long rateCents,
            Set<String> tools,
            int version) {
        public Settings {
            tools = Set.copyOf(tools);
        }
    }

    /** The shop's name as it stands on papers; absent until the first start is done. */
    public Optional<String> name() {
        return jdbc.sql("SELECT name FROM shop WHERE id = 1")
                .query(String.class)
                .optional();
    }

    /** Its settings; the shop must have been opened. */
    public Settings settings() {
        return find().orElseThrow(() -> new NotFoundException("The shop"));
    }

    private Optional<Settings> find() {
        return jdbc.sql(
                        "SELECT name, address, currency, tax_percent, rate_cents, tools, version FROM shop WHERE id = 1")
                .query((rs, n) -> new Settings(
                        rs.getString(1),
                        rs.getString(2),
                        rs.getString(3),
                        rs.getBigDecimal(4),
                        rs.getLong(5),
                        rs.getString(6).lines().collect(Collectors.toSet()),
                        rs.getInt(7)))
                .optional();
    }

    /** Its mark on papers, JPEG; empty where it has none. */
    public byte[] logo() {
        return jdbc.sql("SELECT bytes FROM shop_logo WHERE id = 1")
                .query(byte[].class)
                .optional()
                .orElseGet(() -> new byte[0]);
    }

    /** Puts a mark on its papers; an empty one takes it off. */
    public void mark(byte[] jpeg, long personId) {
        if (jpeg.length == 0) {
            jdbc.sql("DELETE FROM shop_logo WHERE id = 1").update();
            return;
        }
        jdbc.sql("""
                INSERT INTO shop_logo (id, bytes, person_id, changed_at) VALUES (1, :bytes, :person, :now)
                ON DUPLICATE KEY UPDATE bytes = VALUES(bytes), person_id = VALUES(person_id), changed_at = VALUES(changed_at)
                """)
                .param("bytes", jpeg)
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }

    /** The currency it reckons in; that of a new shop until it is opened. */
    public String currency() {
        return find().map(Settings::currency).orElse("EUR");
    }

    /** @throws StaleVersionException if somebody else changed it meanwhile */
    public void save(Settings s) {
        int changed = jdbc.sql("""
                UPDATE shop SET name = :name, address = :address, currency = :currency, tax_percent = :tax,
                  rate_cents = :rate, tools = :tools, version = version + 1 WHERE id = 1 AND version = :version
                """)
                .param("name", s.name())
                .param("address", s.address())
                .param("currency", s.currency())
                .param("tax", s.taxPercent())
                .param("rate", s.rateCents())
                .param("tools", s.tools().stream().sorted().collect(Collectors.joining("\n")))
                .param("version", s.version())
                .update();
        if (changed == 0) {
            throw new StaleVersionException("The shop");
        }
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
