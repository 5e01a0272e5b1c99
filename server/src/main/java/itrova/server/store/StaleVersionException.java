package itrova.server.store;

/** Somebody else changed the record since it was read. */
public final class StaleVersionException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public StaleVersionException(String what) {
        super(
                what
                        + " was changed by somebody else meanwhile. Look at the new state, then make your change again; nothing of theirs was overwritten.");
    }
}
