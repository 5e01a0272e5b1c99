package itrova.core.kit;

import itrova.core.phrase.Titled;
import java.util.Optional;

/** How a wheel nut seats in the wheel. */
public enum NutSeat implements Titled {
    CONE_60("60° cone"),
    BALL("ball"),
    FLAT("flat");

    private final String title;

    NutSeat(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
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
