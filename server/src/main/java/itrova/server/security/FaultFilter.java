package itrova.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What breaks before or behind the controllers, in sessions, sign-in or at the end of a transaction, is answered in the form of RFC
 * 9457 too: 503 and when to try again while the data base is away or two writes stood in each other's way, else 500.
 */
public final class FaultFilter extends OncePerRequestFilter {
    public static final String RETRY_AFTER_SECONDS = "3";

    private static final Logger LOG = LoggerFactory.getLogger(FaultFilter.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (isForNow(e)) {
                response.setHeader("Retry-After", RETRY_AFTER_SECONDS);
                ProblemWriter.write(response, HttpStatus.SERVICE_UNAVAILABLE, "Not now", UNAVAILABLE);
            } else {
                LOG.error("{} {} broke off", request.getMethod(), request.getRequestURI(), e);
                ProblemWriter.write(
                        response,
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "A fault of the program",
                        "The program made a mistake; nothing was changed by this request. Try again; if it happens again, tell whoever keeps this program.");
            }
        }
    }

    /** What is said while the data base is away. */
    public static final String UNAVAILABLE =
            "The data base does not answer just now. Nothing was lost or half done; try again in a few seconds.";

    /** Whether a fault lies with the data base being away or busy, so that trying again may do. */
    public static boolean isForNow(Throwable fault) {
        for (Throwable t = fault; t != null; t = t.getCause()) {
            if (t instanceof DataAccessResourceFailureException
                    || t instanceof CannotGetJdbcConnectionException
                    || t instanceof TransientDataAccessException
                    || t instanceof TransactionException
                    || t instanceof SQLException s && isConnection(s)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isConnection(SQLException e) {
        return e instanceof java.sql.SQLTransientException
                || e instanceof java.sql.SQLNonTransientConnectionException
                || e.getSQLState() != null && e.getSQLState().startsWith("08");
    }
}
