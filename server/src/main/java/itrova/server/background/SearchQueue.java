package itrova.server.background;

/** Where searches wait to be run by whichever instance is free. */
@FunctionalInterface
public interface SearchQueue {
    /** Lets a search that is in its table be run. */
    void add(String searchId);
}
