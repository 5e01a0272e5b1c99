package itrova.server.people;

import itrova.core.quantity.UnitSystem;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.TooManyException;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.PeopleStore;
import itrova.server.store.Person;
import itrova.server.store.Role;
import itrova.server.store.SessionStore;
import itrova.server.store.ShopStore;
import itrova.server.store.SignInGuard;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, the own password and units. */
@RestController
@RequestMapping("/api/session")
public class SessionController {
    private final AuthenticationManager manager;
    private final SecurityContextRepository contexts;
    private final PeopleStore people;
    private final ShopStore shop;
    private final SessionStore sessions;
    private final SignInGuard guard;
    private final EventStore events;
    private final CurrentPerson me;
    private final PasswordEncoder encoder;
    private final boolean demo;
    private final CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();

    SessionController(
            AuthenticationManager manager,
            SecurityContextRepository contexts,
            PeopleStore people,
            ShopStore shop,
            SessionStore sessions,
            SignInGuard guard,
            EventStore events,
            CurrentPerson me,
            PasswordEncoder encoder,
            @Value("${itrova.demo}") boolean demo) {
        this.manager = manager;
        this.contexts = contexts;
        this.people = people;
        this.shop = shop;
        this.sessions = sessions;
        this.guard = guard;
        this.events = events;
        this.me = me;
        this.encoder = encoder;
        this.demo = demo;
    }

    public record SignInRequest(
            @NotBlank @Size(max = 60) String login,
            @NotBlank @Size(max = 200) String password) {}

    public record UnitsRequest(@NotNull UnitSystem units) {}

    public record PasswordRequest(
            @NotBlank @Size(max = 200) String old,
            @NotBlank @Size(max = 200) String fresh) {}

    /** Who is signed in; without a login nobody is. Fresh: nobody is known here yet. */
    public record SessionView(
            boolean demo,
            boolean fresh,
            String shop,
            String currency,
            @Nullable String login,
            @Nullable String name,
            @Nullable Role role,
            @Nullable UnitSystem units) {}

    @GetMapping
    public SessionView session() {
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        if (now == null || now instanceof AnonymousAuthenticationToken) {
            return nobody();
        }
        return people.find(now.getName())
                .filter(p -> !p.isRetired())
                .map(this::view)
                .orElseGet(this::nobody);
    }

    private SessionView nobody() {
        return new SessionView(demo, people.isEmpty(), shop.name().orElse(""), shop.currency(), null, null, null, null);
    }

    private SessionView view(Person p) {
        return new SessionView(
                demo, false, shop.name().orElse(""), shop.currency(), p.login(), p.name(), p.role(), p.unitSystem());
    }

    @PostMapping
    public SessionView signIn(
            @Valid @RequestBody SignInRequest body, HttpServletRequest request, HttpServletResponse response) {
        String login = PeopleStore.toLogin(body.login());
        guard.mustWait(login, request.getRemoteAddr()).ifPresent(wait -> {
            throw TooManyException.tries(wait);
        });
        Authentication signedIn;
        try {
            signedIn =
                    manager.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(login, body.password()));
        } catch (BadCredentialsException e) {
            events.add(Place.SHOP, EventStore.Kind.SIGN_IN_REFUSED, login, Map.of(), null);
            throw e;
        }
        guard.forget(login, request.getRemoteAddr());
        HttpSession old = request.getSession(false);
        if (old != null) {
            old.invalidate(); // a session from before the sign-in is not carried over
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(signedIn);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        tokens.saveToken(tokens.generateToken(request), request, response); // nor is the token of a stranger's page
        Person person = people.get(login);
        events.add(Place.SHOP, EventStore.Kind.SIGNED_IN, login, Map.of(), person.id());
        return view(person);
    }

    @DeleteMapping
    public void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (session != null) {
            session.invalidate();
        }
        if (who != null && !(who instanceof AnonymousAuthenticationToken)) {
            people.find(who.getName())
                    .ifPresent(p -> events.add(Place.SHOP, EventStore.Kind.SIGNED_OUT, p.login(), Map.of(), p.id()));
        }
        SecurityContextHolder.clearContext();
    }

    @PutMapping("/units")
    public SessionView setUnits(@Valid @RequestBody UnitsRequest body) {
        people.setUnits(me.get().id(), body.units());
        return view(me.get());
    }

    /** Changes the own password; everybody signed in under it elsewhere has to sign in again. */
    @PutMapping("/password")
    public SessionView setPassword(@Valid @RequestBody PasswordRequest body, HttpServletRequest request) {
        Person person = me.get();
        guard.mustWait(person.login(), request.getRemoteAddr()).ifPresent(wait -> {
            throw TooManyException.tries(wait);
        });
        String hash = people.findSignIn(person.login()).orElseThrow().passwordHash();
        if (!encoder.matches(body.old(), hash)) {
            throw BadInputException.of("old", "", "That is not your present password. Nothing was changed.");
        }
        guard.forget(person.login(), request.getRemoteAddr());
        Passwords.check("fresh", body.fresh(), person.login());
        people.setPassword(person.id(), encoder.encode(body.fresh()));
        HttpSession here = request.getSession(false);
        sessions.endAll(person.login(), here == null ? Optional.empty() : sessions.keyOf(here.getId()));
        events.add(Place.SHOP, EventStore.Kind.PASSWORD_CHANGED, person.login(), Map.of(), person.id());
        return view(person);
    }
}
