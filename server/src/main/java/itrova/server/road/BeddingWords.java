package itrova.server.road;

import itrova.core.phrase.Phrase;
import itrova.core.road.BeddingPhase;
import itrova.core.road.BeddingRule;
import java.util.Arrays;
import java.util.stream.Collectors;

/** A bedding rule as it is kept in the log: phases parted by {@code ;}, each its code, stops, speeds and pause. */
final class BeddingWords {
    private static final int PARTS = 5;

    private BeddingWords() {}

    static String write(BeddingRule rule) {
        return rule.phases().stream()
                .map(p -> p.title().code() + " " + p.stops() + " " + p.from() + " " + p.to() + " " + p.pause())
                .collect(Collectors.joining(";"));
    }

    static BeddingRule read(String written) {
        return new BeddingRule(
                Arrays.stream(written.split(";")).map(BeddingWords::phase).toList());
    }

    private static BeddingPhase phase(String written) {
        String[] p = written.split(" ");
        if (p.length != PARTS) {
            throw new IllegalStateException("The log holds a bedding rule nobody can read: " + written);
        }
        return new BeddingPhase(
                Phrase.of(p[0]),
                Integer.parseInt(p[1]),
                Double.parseDouble(p[2]),
                Double.parseDouble(p[3]),
                Double.parseDouble(p[4]));
    }
}
