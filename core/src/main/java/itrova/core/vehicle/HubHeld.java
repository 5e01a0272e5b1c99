package itrova.core.vehicle;

import itrova.core.phrase.Phrase;
import itrova.core.phrase.Titled;

/** How hub and wheel are held, where a kit has to know. */
public enum HubHeld implements Titled {
    PLAIN_FLANGE("a plain flange with studs", Phrase.NOTHING),
    KEYED_TAPER("a hub on a keyed taper", Phrase.of("hub-held.mind-keyed-taper")),
    FULL_FLOATING("a full-floating hub", Phrase.of("hub-held.mind-full-floating")),
    CENTRE_LOCK("a centre-lock wheel", Phrase.of("hub-held.mind-centre-lock")),
    SWAGED_STUDS("studs swaged into drum and hub", Phrase.of("hub-held.mind-swaged-studs"));

    private final String title;
    private final Phrase caution;

    HubHeld(String title, Phrase caution) {
        this.title = title;
        this.caution = caution;
    }

    /** With its article, as in a sentence. */
    @Override
    public String title() {
        return title;
    }

    /** What to mind when it comes apart; common practice. */
    public Phrase caution() {
        return caution;
    }
}
