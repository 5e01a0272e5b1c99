package itrova.server.store;

/** Something asked for by key is not there. */
public final class NotFoundException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotFoundException(String what) {
        super(what + " is not here. It may have been removed; go back and look again.");
    }
}
