package itrova.core.vehicle;

import java.util.Optional;

/**
 * What papers, plates or an earlier owner say an axle is. Never trusted: it is held against what is measured.
 *
 * @param wheelPattern name of the wheel pattern
 * @param housingEnd name of the housing-end family
 * @param spindle name of the spindle family
 */
public record Papers(Optional<String> wheelPattern, Optional<String> housingEnd, Optional<String> spindle) {
    /** Papers that say nothing. */
    public static final Papers SILENT = new Papers(Optional.empty(), Optional.empty(), Optional.empty());
}
