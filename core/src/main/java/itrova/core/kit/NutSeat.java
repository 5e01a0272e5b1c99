package itrova.core.kit;

import java.util.Optional;

/** How a wheel nut seats in the wheel. */
public enum NutSeat {
    CONE_60("60° cone"),
    BALL("ball"),
    FLAT("flat");

    private final String word;

    NutSeat(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The seat meant by a word written down at the wheel; absent if it is none of these. */
    public static Optional<NutSeat> of(String text) {
        String t = text.strip().toLowerCase(java.util.Locale.ROOT);
        if (t.contains("cone") || t.contains("60")) {
            return Optional.of(CONE_60);
        }
        if (t.contains("ball") || t.contains("sphere") || t.contains("radius")) {
            return Optional.of(BALL);
        }
        return t.contains("flat") || t.contains("mag") ? Optional.of(FLAT) : Optional.empty();
    }
}
