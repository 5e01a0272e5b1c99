package itrova.server.api;

/** What was asked for is well-formed but not allowed in the present state. */
public final class ConflictException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public ConflictException(String message) {
        super(message);
    }
}
