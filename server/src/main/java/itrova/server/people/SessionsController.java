package itrova.server.people;

import itrova.server.api.CurrentPerson;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.NotFoundException;
import itrova.server.store.Person;
import itrova.server.store.Role;
import itrova.server.store.SessionStore;
import itrova.server.store.SessionStore.SessionRow;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where people are signed in: everybody sees and ends the own, the lead all. */
@RestController
@RequestMapping("/api/sessions")
public class SessionsController {
    private final SessionStore sessions;
    private final EventStore events;
    private final CurrentPerson me;

    SessionsController(SessionStore sessions, EventStore events, CurrentPerson me) {
        this.sessions = sessions;
        this.events = events;
        this.me = me;
    }

    public record SignedInView(String key, String login, Instant begun, Instant lastSeen, boolean here) {}

    @GetMapping
    public List<SignedInView> all(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        String here = session == null ? "" : sessions.keyOf(session.getId()).orElse("");
        return visible().stream()
                .map(s -> new SignedInView(
                        s.key(), s.login(), s.begun(), s.lastSeen(), s.key().equals(here)))
                .toList();
    }

    private List<SessionRow> visible() {
        Person person = me.get();
        return sessions.living(person.role() == Role.LEAD ? Optional.empty() : Optional.of(person.login()));
    }

    @DeleteMapping("/{key}")
    public List<SignedInView> end(@PathVariable String key, HttpServletRequest request) {
        SessionRow wanted = visible().stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("That sign-in"));
        sessions.end(key);
        events.add(
                Place.SHOP,
                EventStore.Kind.SESSION_ENDED,
                wanted.login(),
                Map.of(),
                me.get().id());
        return all(request);
    }
}
