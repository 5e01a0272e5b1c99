package itrova.server.api;

import java.time.Duration;

/** Somebody tries too often; says how long to wait. */
public final class TooManyException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final Duration wait;

    public TooManyException(String message, Duration wait) {
        super(message);
        this.wait = wait;
    }

    /** Too many tries to get in. */
    public static TooManyException tries(Duration wait) {
        long minutes = wait.toMinutes() + 1;
        return new TooManyException(
                "There were too many tries. Wait " + minutes + (minutes == 1 ? " minute" : " minutes")
                        + ", then try again.",
                wait);
    }

    public Duration howLong() {
        return wait;
    }
}
