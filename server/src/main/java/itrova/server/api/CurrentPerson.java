package itrova.server.api;

import itrova.core.quantity.UnitSystem;
import itrova.server.security.Person;
import itrova.server.store.PeopleStore;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import org.springframework.security.authentication.CredentialsExpiredException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** The person signed in to the present request. */
@Component
class CurrentPerson {
    /** Units the page that asks shows: another page of the same person may show others. */
    static final String UNITS = "X-Itrova-Units";

    private final PeopleStore people;
    private final HttpServletRequest request;

    CurrentPerson(PeopleStore people, HttpServletRequest request) {
        this.people = people;
        this.request = request;
    }

    /** Units a bare number is meant in: those the asking page shows, else those the person has set. */
    UnitSystem units() {
        String shown = request.getHeader(UNITS);
        return Arrays.stream(UnitSystem.values())
                .filter(u -> u.name().equals(shown))
                .findFirst()
                .orElseGet(() -> get().unitSystem());
    }

    Person get() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication == null) {
            throw new IllegalStateException("Nobody is signed in where somebody must be.");
        }
        return people.find(authentication.getName())
                .filter(p -> !p.isRetired())
                .orElseThrow(() -> new CredentialsExpiredException("This person works here no more."));
    }
}
