package itrova.formats;

import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;
import itrova.core.remedy.WorkKind;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.core.work.StepKind;
import itrova.core.work.StepName;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What earlier editions said of steps, by the phrases that say the same now. A plan they froze holds words only; read as phrases, a step that
 * did not change is not told as changed.
 */
final class StepWords {
    private static final Map<String, Phrase> BY_WORDS = read();

    private StepWords() {}

    /** The phrase of some words: as somebody gave them where no phrase says them now. */
    static Phrase said(String words) {
        return words.isEmpty() ? Phrase.NOTHING : BY_WORDS.getOrDefault(words, Phrase.given(words));
    }

    private static Map<String, Phrase> read() {
        Map<String, Phrase> byWords = new HashMap<>();
        for (StepKind kind : StepKind.values()) {
            titles(kind, byWords);
            put(kind.caution(), byWords);
            put(kind.hold(), byWords);
        }
        for (WorkKind work : WorkKind.values()) {
            titles(work, byWords);
            put(work.caution(), byWords);
            put(work.hold(), byWords);
        }
        return Map.copyOf(byWords);
    }

    private static void titles(Titled what, Map<String, Phrase> byWords) {
        put(StepName.title(what, Optional.empty()), byWords);
        for (Side side : Side.values()) {
            put(StepName.title(what, Optional.of(side)), byWords);
        }
    }

    private static void put(Phrase phrase, Map<String, Phrase> byWords) {
        byWords.putIfAbsent(Wording.METRIC.say(phrase), phrase);
    }
}
