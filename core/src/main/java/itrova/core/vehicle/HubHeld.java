package itrova.core.vehicle;

/** How hub and wheel are held, where a kit has to know. */
public enum HubHeld {
    PLAIN_FLANGE("a plain flange with studs", ""),
    KEYED_TAPER(
            "a hub on a keyed taper",
            "Pull it with a puller held by the hub's own studs, the nut left on by some turns; never hammer on the thread. New key and cotter, nut to its torque dry."),
    FULL_FLOATING(
            "a full-floating hub",
            "The axle shaft comes out first; the hub runs on its own bearings, to be adjusted anew."),
    CENTRE_LOCK("a centre-lock wheel", "The threads are handed: each side's nut tightens against the way it turns."),
    SWAGED_STUDS(
            "studs swaged into drum and hub",
            "Cut the swage away before the studs are pressed out: pulled through, it tears their holes in the hub.");

    private final String word;
    private final String caution;

    HubHeld(String word, String caution) {
        this.word = word;
        this.caution = caution;
    }

    /** With its article, as in a sentence. */
    public String word() {
        return word;
    }

    /** What to mind when it comes apart; common practice. */
    public String caution() {
        return caution;
    }
}
