package itrova.server.api;

import java.time.Duration;

/** Somebody tries too often; says how long to wait. */
final class TooManyException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final Duration wait;

    TooManyException(String message, Duration wait) {
        super(message);
        this.wait = wait;
    }

    Duration howLong() {
        return wait;
    }
}
