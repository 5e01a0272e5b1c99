package itrova.server.api;

import java.time.Instant;

/** Somebody else read the same dimension since the sender last looked: both values are to be seen before one is kept. */
public final class ReadingClashException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Theirs theirs;

    /** The other person's reading. */
    public record Theirs(long id, String text, String by, Instant at) {}

    public ReadingClashException(String message, Theirs theirs) {
        super(message);
        this.theirs = theirs;
    }

    public Theirs theirs() {
        return theirs;
    }
}
