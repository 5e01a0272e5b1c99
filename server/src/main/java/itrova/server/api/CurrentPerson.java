package itrova.server.api;

import itrova.core.phrase.Phrase;
import itrova.core.quantity.UnitSystem;
import itrova.core.wording.Wording;
import itrova.server.store.PeopleStore;
import itrova.server.store.Person;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import org.springframework.security.authentication.CredentialsExpiredException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** The person signed in to the present request. */
@Component
public class CurrentPerson {
    /** Units the page that asks shows: another page of the same person may show others. */
    static final String UNITS = "X-Itrova-Units";

    private final PeopleStore people;
    private final HttpServletRequest request;

    CurrentPerson(PeopleStore people, HttpServletRequest request) {
        this.people = people;
        this.request = request;
    }

    /** How findings are said to whoever asks: in the units his page shows. */
    public Wording wording() {
        return Wording.english(units());
    }

    /** Phrases as they are said to whoever asks. */
    public List<String> said(List<Phrase> phrases) {
        return phrases.stream().map(wording()::say).toList();
    }

    /** Units a bare number is meant in: those the asking page shows, else those the person has set. */
    public UnitSystem units() {
        String shown = request.getHeader(UNITS);
        return Arrays.stream(UnitSystem.values())
                .filter(u -> u.name().equals(shown))
                .findFirst()
                .orElseGet(() -> get().unitSystem());
    }

    public Person get() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication == null) {
            throw new IllegalStateException("Nobody is signed in where somebody must be.");
        }
        return people.find(authentication.getName())
                .filter(p -> !p.isRetired())
                .orElseThrow(() -> new CredentialsExpiredException("This person works here no more."));
    }
}
