package itrova.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses request bodies over a bound, also when their length is not declared. */
public final class BodyLimitFilter extends OncePerRequestFilter {
    /** Largest import (bytes). */
    public static final long LARGEST_IMPORT = 16L * 1024 * 1024;
    /** Largest job with its photos (bytes). */
    public static final long LARGEST_JOB = 48L * 1024 * 1024;
    /** Largest photo (bytes). */
    public static final long LARGEST_PHOTO = 8L * 1024 * 1024;
    /** Largest drawing of a profile (bytes). */
    public static final long LARGEST_DRAWING = 4L * 1024 * 1024;
    /** Largest other body (bytes). */
    public static final long LARGEST_OTHER = 64L * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long max = max(request.getRequestURI());
        if (request.getContentLengthLong() > max) {
            refuse(response, max);
            return;
        }
        try {
            chain.doFilter(new Limited(request, max), response);
        } catch (TooLarge | UncheckedIOException e) {
            if (e instanceof UncheckedIOException u && !(u.getCause() instanceof TooLarge)) {
                throw u;
            }
            refuse(response, max);
        }
    }

    private static long max(String path) {
        if (path.equals("/api/jobs/import")) {
            return LARGEST_JOB;
        }
        if (path.endsWith("/import")) {
            return LARGEST_IMPORT;
        }
        if (path.endsWith("/outline") || path.endsWith("/wheel-profile") || path.startsWith("/api/sheets/")) {
            return LARGEST_DRAWING;
        }
        return path.endsWith("/photos") ? LARGEST_PHOTO : LARGEST_OTHER;
    }

    private static void refuse(HttpServletResponse response, long max) throws IOException {
        ProblemWriter.write(
                response,
                HttpStatus.CONTENT_TOO_LARGE,
                "Too large",
                "More than " + max / 1024
                        + " kB were sent. Send less: split a file into parts, take a photo with fewer pixels.");
    }

    /** Thrown when a body of undeclared length grows over its bound. */
    static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final long max;

        Limited(HttpServletRequest request, long max) {
            super(request);
            this.max = max;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counting(super.getInputStream(), max);
        }
    }

    private static final class Counting extends ServletInputStream {
        private final ServletInputStream in;
        private long left;

        Counting(ServletInputStream in, long max) {
            this.in = in;
            this.left = max;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            if (b >= 0 && --left < 0) {
                throw new TooLarge();
            }
            return b;
        }

        @Override
        public int read(byte[] buffer, int from, int length) throws IOException {
            int n = in.read(buffer, from, length);
            if (n > 0) {
                left -= n;
                if (left < 0) {
                    throw new TooLarge();
                }
            }
            return n;
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
