package itrova.core.phrase;

/** One of a fixed list, with its English title; another language's bundle names it by type and name. */
public interface Titled {
    /** The title in English. */
    String title();

    /** Its name in the list. */
    String name();
}
