package itrova.core.measure;

import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.Arrays;
import java.util.Comparator;

/** How far an axle end is taken apart. */
public enum TakenApart {
    ON("nothing off", 0, ""),
    WHEEL("wheel off", 10, "Take the wheel off first: chock, lift, set stands."),
    DRUM("drum off", 20, "Pull the drum first: parking brake off, gearbox in neutral."),
    APART("hub or shaft out", 60, "Pull hub or shaft first; one side is enough to read a bearing.");

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
    public String howTo() {
        return howTo;
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
