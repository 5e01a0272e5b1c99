package itrova.server.security;

import itrova.server.store.PeopleStore;
import itrova.server.store.WriteOnceStore;
import itrova.server.store.WriteOnceStore.Answered;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Every write carries an id its sender made (header {@value #HEADER}, as in the IETF draft of that name). The write and its id are
 * kept in one transaction: a repeat, also one at the same time or at another instance, has no second effect and is answered as the
 * first time. A write that was refused has no effect and its id stays free.
 */
public final class WriteOnceFilter extends OncePerRequestFilter {
    public static final String HEADER = "Idempotency-Key";
    /** Who the page that sends a write believes is signed in: what one typed is never written as another's. */
    static final String PERSON = "X-Itrova-Person";

    static final String REPLAYED = "Idempotency-Replayed";

    private static final Pattern ID = Pattern.compile("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");
    private static final Set<String> CHANGING = Set.of("POST", "PUT", "DELETE", "PATCH");

    private final WriteOnceStore store;
    private final PeopleStore people;
    private final TransactionTemplate transaction;

    public WriteOnceFilter(WriteOnceStore store, PeopleStore people, TransactionTemplate transaction) {
        this.store = store;
        this.people = people;
        this.transaction = transaction;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return !CHANGING.contains(request.getMethod())
                || !path.startsWith("/api/")
                || path.equals("/api/session")
                || path.startsWith("/api/session/")
                || path.equals("/api/setup")
                || Looking.matches(request.getMethod(), path);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who == null) {
            chain.doFilter(request, response);
            return;
        }
        String meant = request.getHeader(PERSON);
        if (meant != null && !URLDecoder.decode(meant, StandardCharsets.UTF_8).equals(who.getName())) {
            ProblemWriter.write(
                    response,
                    HttpStatus.CONFLICT,
                    "Signed in as somebody else",
                    "This page is " + ProblemWriter.shortened(meant) + "'s, but " + who.getName()
                            + " is signed in now. Nothing was changed. Sign in again as who you are.",
                    Map.of("signedInAs", who.getName()));
            return;
        }
        String id = request.getHeader(HEADER);
        if (id == null || !ID.matcher(id).matches()) {
            ProblemWriter.write(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "Not understood",
                    "A write needs an id of its own in the header " + HEADER
                            + ": a UUID, made anew for each write and sent again with a repeat.");
            return;
        }
        byte[] body = request.getInputStream().readAllBytes();
        long person = people.get(who.getName()).id();
        String print = fingerprint(request, body);
        ContentCachingResponseWrapper cached = new ContentCachingResponseWrapper(response);
        Boolean isFirst = transaction.execute(status -> {
            if (!store.begin(id, person, print)) {
                return false;
            }
            try {
                chain.doFilter(new Repeatable(request, body), cached);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (ServletException e) {
                throw new Broken(e);
            }
            if (cached.getStatus() >= 400) {
                status.setRollbackOnly();
            } else {
                store.answered(id, cached.getStatus(), cached.getContentType(), cached.getContentAsByteArray());
            }
            return true;
        });
        if (Boolean.TRUE.equals(isFirst)) {
            cached.copyBodyToResponse();
        } else {
            repeat(response, id, person, print);
        }
    }

    private void repeat(HttpServletResponse response, String id, long person, String print) throws IOException {
        Answered first = store.find(id).orElse(null);
        if (first == null) {
            response.setHeader("Retry-After", FaultFilter.RETRY_AFTER_SECONDS);
            ProblemWriter.write(
                    response, HttpStatus.SERVICE_UNAVAILABLE, "Not now", "The same write is under way. Try again.");
        } else if (first.personId() != person || !first.fingerprint().equals(print)) {
            ProblemWriter.write(
                    response,
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Cannot be taken",
                    "The id in " + HEADER + " was used for another write. Make a new one; nothing was changed.");
        } else {
            response.setStatus(first.status());
            response.setHeader(REPLAYED, "true");
            if (first.contentType() != null) {
                response.setContentType(first.contentType());
            }
            response.getOutputStream().write(first.answer());
        }
    }

    private static String fingerprint(HttpServletRequest request, byte[] body) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            String query = request.getQueryString();
            digest.update(
                    (request.getMethod() + " " + request.getRequestURI() + "?" + (query == null ? "" : query) + "\n")
                            .getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest(body));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A fault of the chain on its way out of the transaction. */
    private static final class Broken extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Broken(ServletException cause) {
            super(cause);
        }
    }

    /** The request with its body, which has been read, to be read again. */
    private static final class Repeatable extends HttpServletRequestWrapper {
        private final byte[] body;

        Repeatable(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] buffer, int from, int length) {
                    return in.read(buffer, from, length);
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new UnsupportedOperationException("read at once");
                }
            };
        }
    }
}
