package itrova.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only who names this server by one of its own names: a page of another site that has its name point here (DNS rebinding) is
 * refused, and so is what another site's page sends.
 */
public final class DoorFilter extends OncePerRequestFilter {
    private final Set<String> names;

    /** @param names host names this server goes by, without port */
    public DoorFilter(Set<String> names) {
        this.names = Set.copyOf(names);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (host == null || !names.contains(withoutPort(host))) {
            ProblemWriter.write(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "Not this server",
                    "This server does not go by that name. Use its own address, or have its keeper add the name to ITROVA_HOSTS.");
            return;
        }
        if (isForeign(request, host)) {
            ProblemWriter.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "From another page",
                    "This was sent by a page of another address. Open Itrova itself and do it there.");
            return;
        }
        if (!isType(request.getContentType())) {
            ProblemWriter.write(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "Not understood",
                    "The Content-Type names no kind of content. Name the one that is sent, such as application/json.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static String withoutPort(String host) {
        String name = host.toLowerCase(Locale.ROOT);
        int colon = name.lastIndexOf(':');
        return colon > name.lastIndexOf(']') ? name.substring(0, colon) : name;
    }

    private static boolean isForeign(HttpServletRequest request, String host) {
        String origin = request.getHeader("Origin");
        if (origin != null) {
            int scheme = origin.indexOf("://");
            return scheme < 0 || !origin.substring(scheme + 3).equalsIgnoreCase(host);
        }
        return "cross-site".equals(request.getHeader("Sec-Fetch-Site"))
                && !Set.of("GET", "HEAD").contains(request.getMethod());
    }

    private static boolean isType(@Nullable String type) {
        if (type == null) {
            return true;
        }
        try {
            return MediaType.parseMediaType(type).isConcrete();
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }
}
