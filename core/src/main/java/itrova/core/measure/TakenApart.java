package itrova.core.measure;

import itrova.core.phrase.Phrase;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.Arrays;
import java.util.Comparator;

/** How far an axle end is taken apart. */
public enum TakenApart {
    ON("nothing off", 0, ""),
    WHEEL("wheel off", 10, "taken-apart.wheel"),
    DRUM("drum off", 20, "taken-apart.drum"),
    APART("hub or shaft out", 60, "taken-apart.hub-or-shaft");

    private final String word;
    private final double minutes;
    private final String howTo;

    TakenApart(String word, double minutes, String howTo) {
        this.word = word;
        this.minutes = minutes;
        this.howTo = howTo;
    }

    public String word() {
        return word;
    }

    /** Time it takes to get there from the state before (min); common practice. */
    public double minutes() {
        return minutes;
    }

    /** What has to be done to get there, in a sentence. */
    public Phrase howTo() {
        return this == ON ? Phrase.NOTHING : Phrase.of(howTo);
    }

    /** How far the end must already be apart, to judge by what was read there; the wheel's own readings say wheel off. */
    public static TakenApart of(AxleEnd end) {
        return Arrays.stream(Callout.values())
                .filter(end::has)
                .map(c -> ReadingSpec.of(c).needs())
                .max(Comparator.naturalOrder())
                .orElse(ON);
    }
}
