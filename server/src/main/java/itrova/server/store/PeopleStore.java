package itrova.server.store;

import itrova.core.quantity.UnitSystem;
import itrova.server.security.Person;
import itrova.server.security.Role;
import java.util.Optional;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** People of the shop. */
@Repository
public class PeopleStore {
    private static final RowMapper<Person> PERSON = (rs, i) -> new Person(
            rs.getLong("id"),
            rs.getString("login"),
            rs.getString("name"),
            Role.valueOf(rs.getString("role")),
            UnitSystem.valueOf(rs.getString("unit_system")));

    private final JdbcClient jdbc;

    PeopleStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** What is needed to sign a person in. */
    public record SignIn(String login, String passwordHash, Role role) {}

    public Optional<SignIn> findSignIn(String login) {
        return jdbc.sql("SELECT login, password_hash, role FROM person WHERE login = :login")
                .param("login", login)
                .query((rs, i) -> new SignIn(rs.getString(1), rs.getString(2), Role.valueOf(rs.getString(3))))
                .optional();
    }

    /** The person with that sign-in name, which must exist. */
    public Person get(String login) {
        return jdbc.sql("SELECT * FROM person WHERE login = :login")
                .param("login", login)
                .query(PERSON)
                .single();
    }

    public boolean isEmpty() {
        return jdbc.sql("SELECT COUNT(*) FROM person").query(Long.class).single() == 0;
    }

    public void add(String login, String name, Role role, String passwordHash, UnitSystem units) {
        jdbc.sql(
                        "INSERT INTO person (login, name, role, password_hash, unit_system) VALUES (:login, :name, :role, :hash, :units)")
                .param("login", login)
                .param("name", name)
                .param("role", role.name())
                .param("hash", passwordHash)
                .param("units", units.name())
                .update();
    }

    public void setUnits(long id, UnitSystem units) {
        jdbc.sql("UPDATE person SET unit_system = :units WHERE id = :id")
                .param("units", units.name())
                .param("id", id)
                .update();
    }
}
