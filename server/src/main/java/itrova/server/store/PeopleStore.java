package itrova.server.store;

import itrova.core.quantity.UnitSystem;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** People of the shop. Nobody is ever taken out of the record: who leaves is retired. */
@Repository
public class PeopleStore {
    private static final RowMapper<Person> PERSON = (rs, i) -> new Person(
            rs.getLong("id"),
            rs.getString("login"),
            rs.getString("name"),
            Role.valueOf(rs.getString("role")),
            UnitSystem.valueOf(rs.getString("unit_system")),
            rs.getTimestamp("retired_at") != null,
            rs.getInt("version"));

    private final JdbcClient jdbc;

    PeopleStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** What is needed to sign a person in. */
    public record SignIn(String login, String passwordHash, Role role) {}

    /** A sign-in name as it is kept: small letters, no blanks around. */
    public static String toLogin(String typed) {
        return typed.strip().toLowerCase(Locale.ROOT);
    }

    /** The person who may sign in by that name; nobody who is retired. */
    public Optional<SignIn> findSignIn(String login) {
        return jdbc.sql("SELECT login, password_hash, role FROM person WHERE login = :login AND retired_at IS NULL")
                .param("login", toLogin(login))
                .query((rs, i) -> new SignIn(rs.getString(1), rs.getString(2), Role.valueOf(rs.getString(3))))
                .optional();
    }

    /** The person with that sign-in name. */
    public Optional<Person> find(String login) {
        return jdbc.sql("SELECT * FROM person WHERE login = :login")
                .param("login", toLogin(login))
                .query(PERSON)
                .optional();
    }

    /** The person with that sign-in name, which must exist. */
    public Person get(String login) {
        return find(login).orElseThrow(() -> new NotFoundException("Person " + login));
    }

    public Person get(long id) {
        return jdbc.sql("SELECT * FROM person WHERE id = :id")
                .param("id", id)
                .query(PERSON)
                .optional()
                .orElseThrow(() -> new NotFoundException("Person " + id));
    }

    /** All people, those at work first. */
    public List<Person> all() {
        return jdbc.sql("SELECT * FROM person ORDER BY retired_at IS NOT NULL, name, id")
                .query(PERSON)
                .list();
    }

    public boolean isEmpty() {
        return jdbc.sql("SELECT COUNT(*) FROM person").query(Long.class).single() == 0;
    }

    /** How many leads are at work; locks them, so that two changes at once cannot take the last one away. */
    public long leadsForUpdate() {
        return jdbc.sql("SELECT id FROM person WHERE role = 'LEAD' AND retired_at IS NULL FOR UPDATE")
                .query(Long.class)
                .list()
                .size();
    }

    /** @throws DuplicateKeyException if somebody has that sign-in name already */
    public long add(String login, String name, Role role, String passwordHash, UnitSystem units) {
        jdbc.sql(
                        "INSERT INTO person (login, name, role, password_hash, unit_system) VALUES (:login, :name, :role, :hash, :units)")
                .param("login", toLogin(login))
                .param("name", name)
                .param("role", role.name())
                .param("hash", passwordHash)
                .param("units", units.name())
                .update();
        return get(login).id();
    }

    /** Changes name and role, retires or takes back, if the version is still the one given. */
    public void change(long id, int version, String name, Role role, boolean retired) {
        int changed = jdbc.sql("""
                UPDATE person SET version = version + 1, name = :name, role = :role,
                  retired_at = IF(:retired, COALESCE(retired_at, :now), NULL)
                WHERE id = :id AND version = :version
                """)
                .param("name", name)
                .param("role", role.name())
                .param("retired", retired)
                .param("now", Timestamp.from(Instant.now()))
                .param("id", id)
                .param("version", version)
                .update();
        if (changed == 0) {
            throw new StaleVersionException(get(id).name());
        }
    }

    public void setPassword(long id, String hash) {
        jdbc.sql("UPDATE person SET password_hash = :hash WHERE id = :id")
                .param("hash", hash)
                .param("id", id)
                .update();
    }

    public void setUnits(long id, UnitSystem units) {
        jdbc.sql("UPDATE person SET unit_system = :units WHERE id = :id")
                .param("units", units.name())
                .param("id", id)
                .update();
    }
}
