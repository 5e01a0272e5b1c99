package itrova.server.people;

import itrova.server.api.BadInputException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** What a password has to be: long rather than odd (NIST SP 800-63B, 5.1.1.2). */
public final class Passwords {
    private static final int LEAST_LENGTH = 10;
    /** The hash reads no more (bytes). */
    private static final int MOST_BYTES = 72;

    private Passwords() {}

    /** @throws BadInputException if the password will not do */
    public static void check(String field, String password, String login) {
        if (password.codePointCount(0, password.length()) < LEAST_LENGTH) {
            throw BadInputException.of(
                    field,
                    "",
                    "A password has at least " + LEAST_LENGTH + " characters. Three words in a row will do.");
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            throw BadInputException.of(field, "", "A password has at most " + MOST_BYTES + " bytes. Shorten it.");
        }
        String small = password.toLowerCase(Locale.ROOT);
        if (small.contains(login) || small.chars().distinct().count() < 4) {
            throw BadInputException.of(
                    field,
                    "",
                    "That is too easily guessed: it holds the sign-in name or hardly any different letters.");
        }
    }
}
