package itrova.core.wording;

import itrova.core.phrase.Phrase;

/** Phrases as English in millimetres says them. */
public final class Said {
    private Said() {}

    public static String said(Phrase phrase) {
        return Wording.METRIC.say(phrase);
    }
}
