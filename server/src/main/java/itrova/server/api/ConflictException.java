package itrova.server.api;

/** What was asked for is well-formed but not allowed in the present state. */
final class ConflictException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    ConflictException(String message) {
        super(message);
    }
}
