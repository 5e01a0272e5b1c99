package itrova.server.api;

import java.util.List;

/** A page of a long list. */
public final class Page {
    /** No page is longer. */
    public static final int MOST_ROWS = 200;

    private Page() {}

    /** The rows from an offset on, as many as wanted within reason; empty beyond the end. */
    public static <T> List<T> of(List<T> all, int offset, int limit) {
        int from = Math.max(0, Math.min(offset, all.size()));
        return all.subList(from, Math.min(all.size(), from + Math.max(1, Math.min(MOST_ROWS, limit))));
    }
}
