package itrova.server.api;

/** Somebody decides on what is no longer so: what was seen and what is now are both told, and nothing is done. */
public final class SeenOtherException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String seen;
    private final String now;

    /**
     * @param seen seal of what the sender saw
     * @param now seal of what is
     */
    public SeenOtherException(String message, String seen, String now) {
        super(message);
        this.seen = seen;
        this.now = now;
    }

    public String seen() {
        return seen;
    }

    public String now() {
        return now;
    }
}
