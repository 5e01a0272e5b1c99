package itrova.core.phrase;

/** One of a fixed list, with its English title; another language's bundle names it by list and name. */
public interface Titled {
    /** The title in English. */
    String title();

    /** Its name in the list. */
    String name();

    /** The list's name in documents and bundles: its type, with the type around it where it stands in one. */
    default String list() {
        Class<?> type = this instanceof Enum<?> constant ? constant.getDeclaringClass() : getClass();
        Class<?> around = type.getEnclosingClass();
        return around == null ? type.getSimpleName() : around.getSimpleName() + "." + type.getSimpleName();
    }
}
