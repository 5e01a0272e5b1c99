package itrova.core.bench;

/**
 * How an adjusting nut is turned to an end play.
 *
 * @param slots slots to turn it; positive loosens
 * @param play end play to be expected then (mm)
 * @param isWithin whether that lies in the range; if not, no slot does, and another washer or nut is wanted
 * @param travel end play one slot makes (mm)
 */
public record NutSteps(int slots, double play, boolean isWithin, double travel) {
    private static final int MOST_SLOTS = 24;

    /**
     * The slot nearest to the middle of the range; of two as near the looser one, for tighter burns.
     *
     * @param measured end play read (mm)
     * @param min least end play wanted (mm)
     * @param max largest end play wanted (mm)
     * @param pitch of the thread (mm)
     * @param positions positions in a turn in which the lock or cotter goes in
     * @throws IllegalArgumentException naming what makes no sense
     */
    public static NutSteps to(double measured, double min, double max, double pitch, int positions) {
        if (!(measured >= 0 && measured <= 5)) {
            throw new IllegalArgumentException("End play of " + measured
                    + " mm is outside 0 to 5 mm. A bearing without play has none to be read: loosen it first.");
        }
        if (!(min >= 0 && max > min)) {
            throw new IllegalArgumentException("The range of the end play is from a lower to a higher figure.");
        }
        if (!(pitch >= 0.5 && pitch <= 4) || positions < 1 || positions > 60) {
            throw new IllegalArgumentException(
                    "A spindle nut has a pitch of 0.5 to 4 mm and 1 to 60 positions; told were " + pitch + " mm and "
                            + positions + ".");
        }
        double travel = pitch / positions;
        double middle = (min + max) / 2;
        int best = 0;
        for (int slots = -MOST_SLOTS; slots <= MOST_SLOTS; slots++) {
            double play = measured + slots * travel;
            double off = Math.abs(play - middle) - Math.abs(measured + best * travel - middle);
            if (play >= 0 && (off < -SAME || off < SAME && slots > best)) {
                best = slots;
            }
        }
        double play = measured + best * travel;
        return new NutSteps(best, play, play > min - SAME && play < max + SAME, travel);
    }

    /** Plays nearer to each other than this are the same (mm). */
    private static final double SAME = 1e-9;
}
