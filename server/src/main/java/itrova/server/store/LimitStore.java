package itrova.server.store;

import itrova.core.settings.Limit;
import itrova.core.settings.ShopSettings;
import itrova.core.settings.WorkTerms;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The limits a shop has set otherwise than the defaults. */
@Repository
public class LimitStore {
    private final JdbcClient jdbc;
    private final EditionStore editions;
    private final WorkTermsStore works;

    LimitStore(JdbcClient jdbc, EditionStore editions, WorkTermsStore works) {
        this.jdbc = jdbc;
        this.editions = editions;
        this.works = works;
    }

    /** A limit as set; a version of 0 stands for one never set. */
    public record Row(Limit limit, int version, double value) {}

    public List<Row> all() {
        return jdbc.sql("SELECT name, version, value FROM shop_limit")
                .query((rs, i) -> new Row(Limit.valueOf(rs.getString(1)), rs.getInt(2), rs.getDouble(3)))
                .list();
    }

    /** The shop's settings. */
    public ShopSettings settings() {
        Map<Limit, Double> set = new EnumMap<>(Limit.class);
        all().forEach(r -> set.put(r.limit(), r.value()));
        Map<String, WorkTerms> terms = new HashMap<>();
        works.all().forEach(r -> terms.put(r.kind().name(), r.terms()));
        return new ShopSettings(set, terms);
    }

    /**
     * Sets a limit, or puts it back to its default, if its version is still the one given.
     *
     * @throws IllegalArgumentException if the value is out of bounds
     */
    @Transactional
    public void save(Limit limit, OptionalDouble value, int version, long personId) {
        double before = settings().of(limit);
        value.ifPresent(v -> ShopSettings.DEFAULTS.with(limit, v));
        double now = value.orElse(limit.preset());
        int changed = version == 0
                ? jdbc.sql("INSERT IGNORE INTO shop_limit (name, value) VALUES (:name, :value)")
                        .param("name", limit.name())
                        .param("value", now)
                        .update()
                : jdbc.sql(
                                "UPDATE shop_limit SET version = version + 1, value = :value WHERE name = :name AND version = :version")
                        .param("name", limit.name())
                        .param("value", now)
                        .param("version", version)
                        .update();
        if (changed == 0) {
            throw new StaleVersionException("The limit “" + limit.title() + "”");
        }
        editions.keep(
                EditionStore.Shelf.LIMIT,
                limit.name(),
                version + 1,
                before + " " + limit.unit(),
                now + " " + limit.unit(),
                personId);
    }
}
