package itrova.server.api;

import itrova.core.quantity.UnitSystem;
import itrova.server.security.Person;
import itrova.server.security.Role;
import itrova.server.store.PeopleStore;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private final AuthenticationManager manager;
    private final SecurityContextRepository contexts;
    private final PeopleStore people;
    private final boolean demo;

    SessionController(
            AuthenticationManager manager,
            SecurityContextRepository contexts,
            PeopleStore people,
            @Value("${itrova.demo}") boolean demo) {
        this.manager = manager;
        this.contexts = contexts;
        this.people = people;
        this.demo = demo;
    }

    record SignInRequest(
            @NotBlank @Size(max = 60) String login,
            @NotBlank @Size(max = 200) String password) {}

    record UnitsRequest(@NotNull UnitSystem units) {}

    /** Who is signed in; without a login nobody is. */
    record SessionView(
            boolean demo,
            @Nullable String login,
            @Nullable String name,
            @Nullable Role role,
            @Nullable UnitSystem units) {}

    @GetMapping
    SessionView session() {
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        if (now == null || now instanceof AnonymousAuthenticationToken) {
            return new SessionView(demo, null, null, null, null);
        }
        return view(people.get(now.getName()));
    }

    private SessionView view(Person p) {
        return new SessionView(demo, p.login(), p.name(), p.role(), p.unitSystem());
    }

    @PostMapping
    SessionView signIn(
            @Valid @RequestBody SignInRequest body, HttpServletRequest request, HttpServletResponse response) {
        Authentication signedIn = manager.authenticate(
                UsernamePasswordAuthenticationToken.unauthenticated(body.login(), body.password()));
        HttpSession old = request.getSession(false);
        if (old != null) {
            old.invalidate(); // a session from before the sign-in is not carried over
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(signedIn);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return view(people.get(body.login()));
    }

    @DeleteMapping
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    @PutMapping("/units")
    SessionView setUnits(@Valid @RequestBody UnitsRequest body) {
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        if (now == null) {
            throw new IllegalStateException("Nobody is signed in where somebody must be.");
        }
        people.setUnits(people.get(now.getName()).id(), body.units());
        return view(people.get(now.getName()));
    }
}
