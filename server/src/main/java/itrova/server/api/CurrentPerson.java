package itrova.server.api;

import itrova.server.security.Person;
import itrova.server.store.PeopleStore;
import org.springframework.security.authentication.CredentialsExpiredException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** The person signed in to the present request. */
@Component
class CurrentPerson {
    private final PeopleStore people;

    CurrentPerson(PeopleStore people) {
        this.people = people;
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
