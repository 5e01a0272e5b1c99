package itrova.server.security;

import java.util.List;
import java.util.regex.Pattern;

/** What is asked with a body, or marks something for oneself, but changes nothing of the record: anybody signed in may, as often as wanted. */
final class Looking {
    /** Patterns as the rules of access name them. */
    static final String[] POSTS = {
        "/api/understand",
        "/api/bench-help/*",
        "/api/axles/*/what-if",
        "/api/axles/*/search",
        "/api/axles/*/around/sketch",
        "/api/jobs/*/brakes/tried",
        "/api/jobs/*/brakes/proposal",
        "/api/axles/*/brakes/proposal"
    };

    private static final List<Pattern> ALL = List.of(
            Pattern.compile("POST /api/understand"),
            Pattern.compile("POST /api/bench-help/[^/]+"),
            Pattern.compile("POST /api/axles/[^/]+/what-if"),
            Pattern.compile("POST /api/axles/[^/]+/(search|around/sketch)"),
            Pattern.compile("POST /api/jobs/[^/]+/brakes/(tried|proposal)"),
            Pattern.compile("POST /api/axles/[^/]+/brakes/proposal"),
            Pattern.compile("DELETE /api/axles/[^/]+/search/[^/]+"),
            Pattern.compile("(PUT|DELETE) /api/axles/[^/]+/liked/[^/]+"));

    private Looking() {}

    static boolean matches(String method, String path) {
        String asked = method + " " + path;
        return ALL.stream().anyMatch(p -> p.matcher(asked).matches());
    }
}
