package itrova.server.shop;

import itrova.core.quantity.UnitSystem;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.TooManyException;
import itrova.server.people.Passwords;
import itrova.server.people.PeopleController;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.PeopleStore;
import itrova.server.store.Role;
import itrova.server.store.ShopStore;
import itrova.server.store.SignInGuard;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The first start: whoever has the code the launcher printed names the shop and becomes its first lead. Once. */
@RestController
@RequestMapping("/api/setup")
public class SetupController {
    private final PeopleStore people;
    private final ShopStore shop;
    private final SignInGuard guard;
    private final EventStore events;
    private final PasswordEncoder encoder;
    private final TransactionTemplate transaction;
    private final String code;

    SetupController(
            PeopleStore people,
            ShopStore shop,
            SignInGuard guard,
            EventStore events,
            PasswordEncoder encoder,
            TransactionTemplate transaction,
            @Value("${itrova.setup-code}") String code) {
        this.people = people;
        this.shop = shop;
        this.guard = guard;
        this.events = events;
        this.encoder = encoder;
        this.transaction = transaction;
        this.code = code;
    }

    public record SetupRequest(
            @NotNull @Size(max = 60) String code,
            @NotBlank @Size(max = 120) String shop,

            @NotBlank @Pattern(regexp = PeopleController.LOGIN_PATTERN, message = PeopleController.LOGIN_MESSAGE)
            String login,

            @NotBlank @Size(max = 120) String name,
            @NotBlank @Size(max = 200) String password,
            @NotNull UnitSystem units) {}

    public record SetupDone(String login) {}

    @PostMapping
    public SetupDone open(@Valid @RequestBody SetupRequest body, HttpServletRequest request) {
        if (!people.isEmpty()) {
            throw new ConflictException("This shop is open already. Sign in, or ask its lead for a sign-in.");
        }
        guard.mustWait("one-time code", request.getRemoteAddr()).ifPresent(wait -> {
            throw TooManyException.tries(wait);
        });
        boolean isRight = MessageDigest.isEqual(
                body.code().strip().getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
        if (code.isBlank() || !isRight) {
            throw BadInputException.of(
                    "code",
                    "",
                    "That is not the one-time code. ./itrova start prints it where the program was started.");
        }
        String login = PeopleStore.toLogin(body.login());
        Passwords.check("password", body.password(), login);
        String hash = encoder.encode(body.password());
        transaction.executeWithoutResult(status -> {
            if (!shop.open(body.shop().strip())) {
                throw new ConflictException("Somebody else opened the shop just now. Ask them for a sign-in.");
            }
            long id = people.add(login, body.name().strip(), Role.LEAD, hash, body.units());
            events.add(Place.SHOP, EventStore.Kind.SHOP_OPENED, body.shop().strip(), Map.of("lead", login), id);
        });
        return new SetupDone(login);
    }
}
