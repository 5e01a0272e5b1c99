package itrova.server.people;

import itrova.core.quantity.UnitSystem;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.PeopleStore;
import itrova.server.store.Person;
import itrova.server.store.Role;
import itrova.server.store.SessionStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The people of the shop; the lead's to change. */
@RestController
@RequestMapping("/api/people")
public class PeopleController {
    public static final String LOGIN_PATTERN = "\\s*[A-Za-z0-9][A-Za-z0-9._-]{1,39}\\s*";
    public static final String LOGIN_MESSAGE = "is 2 to 40 letters, digits, dots or dashes";

    private final PeopleStore people;
    private final SessionStore sessions;
    private final EventStore events;
    private final PasswordEncoder encoder;
    private final CurrentPerson me;

    PeopleController(
            PeopleStore people, SessionStore sessions, EventStore events, PasswordEncoder encoder, CurrentPerson me) {
        this.people = people;
        this.sessions = sessions;
        this.events = events;
        this.encoder = encoder;
        this.me = me;
    }

    public record PersonView(long id, int version, String login, String name, Role role, boolean retired) {}

    public record NewPerson(
            @NotBlank @Pattern(regexp = LOGIN_PATTERN, message = LOGIN_MESSAGE)
            String login,

            @NotBlank @Size(max = 120) String name,
            @NotNull Role role,
            @NotBlank @Size(max = 200) String password) {}

    public record PersonChange(
            int version,
            @NotBlank @Size(max = 120) String name,
            @NotNull Role role,
            boolean retired) {}

    public record NewPassword(@NotBlank @Size(max = 200) String password) {}

    @GetMapping
    public List<PersonView> all() {
        return people.all().stream()
                .map(p -> new PersonView(p.id(), p.version(), p.login(), p.name(), p.role(), p.isRetired()))
                .toList();
    }

    @PostMapping
    public List<PersonView> add(@Valid @RequestBody NewPerson body) {
        String login = PeopleStore.toLogin(body.login());
        Passwords.check("password", body.password(), login);
        try {
            people.add(login, body.name().strip(), body.role(), encoder.encode(body.password()), UnitSystem.METRIC);
        } catch (DuplicateKeyException e) {
            throw BadInputException.of(
                    "login", login, "Somebody has the sign-in name “" + login + "” already. Choose another.");
        }
        log(EventStore.Kind.PERSON_ADDED, login, Map.of("after", body.name().strip() + ", " + body.role()));
        return all();
    }

    /** Renames, gives another role, retires or takes back. Who changes role or leaves is signed out everywhere. */
    @PutMapping("/{id}")
    public List<PersonView> change(@PathVariable long id, @Valid @RequestBody PersonChange body) {
        long leads = people.leadsForUpdate();
        Person before = people.get(id);
        boolean wasLead = before.role() == Role.LEAD && !before.isRetired();
        boolean isLead = body.role() == Role.LEAD && !body.retired();
        if (wasLead && !isLead && leads <= 1) {
            throw new ConflictException(
                    before.name()
                            + " is the only lead. Make somebody else a lead first, or nobody could change anything here any more.");
        }
        people.change(id, body.version(), body.name().strip(), body.role(), body.retired());
        if (before.role() != body.role() || body.retired()) {
            sessions.endAll(before.login(), Optional.empty());
        }
        log(
                EventStore.Kind.PERSON_CHANGED,
                before.login(),
                Map.of(
                        "before",
                        words(before.name(), before.role(), before.isRetired()),
                        "after",
                        words(body.name().strip(), body.role(), body.retired())));
        return all();
    }

    private static String words(String name, Role role, boolean retired) {
        return name + ", " + role + (retired ? ", retired" : "");
    }

    /** Sets a new password for somebody who forgot it, who is signed out everywhere. */
    @PutMapping("/{id}/password")
    public List<PersonView> setPassword(@PathVariable long id, @Valid @RequestBody NewPassword body) {
        Person person = people.get(id);
        Passwords.check("password", body.password(), person.login());
        people.setPassword(id, encoder.encode(body.password()));
        sessions.endAll(person.login(), Optional.empty());
        log(EventStore.Kind.PASSWORD_CHANGED, person.login(), Map.of());
        return all();
    }

    private void log(EventStore.Kind kind, String login, Map<String, String> payload) {
        events.add(Place.SHOP, kind, login, payload, me.get().id());
    }
}
