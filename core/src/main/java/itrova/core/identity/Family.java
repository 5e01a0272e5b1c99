package itrova.core.identity;

import java.util.List;
import java.util.Map;

/**
 * One candidate: a standard part or a family of parts.
 *
 * @param table which table it belongs to
 * @param name designation or name
 * @param figures its figures (mm, or a count)
 * @param source where the figures come from
 */
public record Family(Kind table, String name, Map<Feature, Nominal> figures, String source) {
    /** Tables of families. */
    public enum Kind {
        PATTERN("wheel pattern"),
        HOUSING_END("housing end"),
        SPINDLE("spindle"),
        BEARING("bearing"),
        THREAD("thread"),
        RIM("rim contour");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    private static final int LONGEST_NAME = 80;

    /** @throws IllegalArgumentException if the name is empty or too long, or there are no figures */
    public Family {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A family needs a name of 1 to 80 characters.");
        }
        if (figures.isEmpty()) {
            throw new IllegalArgumentException("The family “" + name + "” has no figure: give at least one.");
        }
        figures = Map.copyOf(figures);
    }

    /** Numbers that may stand on the part: cone and cup of a bearing, else the name. */
    List<String> numbers() {
        return List.of(name.split("/"));
    }
}
