package itrova.server.api;

/** Input that cannot be taken; the message is plain and names the remedy. */
final class BadInputException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String field;
    private final String value;
    private final boolean confirmable;

    private BadInputException(String field, String value, String message, boolean confirmable) {
        super(message);
        this.field = field;
        this.value = value;
        this.confirmable = confirmable;
    }

    static BadInputException of(String field, String value, String message) {
        return new BadInputException(field, value, message, false);
    }

    /** Input that is unlikely; the person may confirm it. */
    static BadInputException unlikely(String field, String value, String message) {
        return new BadInputException(field, value, message, true);
    }

    String field() {
        return field;
    }

    String value() {
        return value;
    }

    boolean confirmable() {
        return confirmable;
    }
}
