package itrova.core.identity;

import itrova.core.phrase.Titled;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A figure by which families differ. */
public enum Feature implements Titled {
    COUNT("count", 8),
    CIRCLE("circle", 200),
    ACROSS("across", 150),
    UP("up", 150),
    HOLE("hole", 20),
    BORE("bore", 60),
    OUTSIDE("outside", 100),
    WIDTH("width", 40),
    INNER("inner", 60),
    OUTER("outer", 50),
    SEAL("seal", 80),
    FLANGE("flange", 300),
    MAJOR("major", 25),
    PITCH("pitch", 2.5);

    private final String word;
    private final double range;

    Feature(String word, double range) {
        this.word = word;
        this.range = range;
    }

    /** The word used in tables and documents. */
    public String word() {
        return word;
    }

    @Override
    public String title() {
        return word;
    }

    /** Width of the range (mm, or counts) over which "none of these" is spread evenly. */
    double range() {
        return range;
    }

    public static Optional<Feature> find(String word) {
        String wanted = word.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(f -> f.word.equals(wanted)).findFirst();
    }
}
