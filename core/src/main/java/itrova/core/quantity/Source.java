package itrova.core.quantity;

/**
 * A cause of doubt. The same cause is the same error wherever it occurs, so its effects add with their signs.
 *
 * <p>What a cause is, and how to make it smaller, is told by its type: each floor of the house names its own.
 */
public interface Source {
    /** Identity: causes with the same id are the same cause. Never taken apart again. */
    String id();

    /** A cause with nothing more to say about it than its name. */
    static Source named(String name) {
        return new Named(name);
    }

    /** See {@link #named}. */
    record Named(String id) implements Source {}
}
