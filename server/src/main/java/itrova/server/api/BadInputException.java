package itrova.server.api;

import java.util.Optional;

/** Input that cannot be taken; the message is plain and names the remedy. */
public final class BadInputException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String field;
    private final String value;
    private final boolean confirmable;
    private final transient Optional<String> mend;

    private BadInputException(String field, String value, String message, boolean confirmable, Optional<String> mend) {
        super(message);
        this.mend = mend;
        this.field = field;
        this.value = value;
        this.confirmable = confirmable;
    }

    public static BadInputException of(String field, String value, String message) {
        return new BadInputException(field, value, message, false, Optional.empty());
    }

    /** Input that can be mended by one tap: the text it would then be. */
    public static BadInputException mendable(String field, String value, String message, Optional<String> mend) {
        return new BadInputException(field, value, message, false, mend);
    }

    /** Input that is unlikely; the person may confirm it. */
    public static BadInputException unlikely(String field, String value, String message, Optional<String> mend) {
        return new BadInputException(field, value, message, true, mend);
    }

    public String field() {
        return field;
    }

    public String value() {
        return value;
    }

    public Optional<String> mend() {
        return mend;
    }

    public boolean confirmable() {
        return confirmable;
    }
}
