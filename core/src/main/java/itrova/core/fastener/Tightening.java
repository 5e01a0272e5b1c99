package itrova.core.fastener;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Torque and preload of a bolt by the short form F = T/(K·d) (Shigley; VDI 2230 for the fuller model). */
public final class Tightening {
    private Tightening() {}

    /**
     * Preload from tightening torque.
     *
     * @param torque tightening torque (N·m)
     * @param nutFactor K, about 0.30 plain dry, 0.20 zinc plated, 0.18 oiled, 0.12 anti-seize; scatter about ±25 %
     * @param thread the bolt's thread
     * @return preload (N)
     */
    public static double preload(double torque, double nutFactor, Thread thread) {
        return torque / (nutFactor * thread.diameter() / 1000);
    }

    /**
     * Stages in which bolts or nuts of a pattern are drawn up, crosswise each time: half, then all of it (common practice).
     *
     * @param torque tightening torque (N·m)
     * @return torques (N·m), the last one the whole
     */
    public static List<Double> stages(double torque) {
        return List.of(torque / 2, torque);
    }

    /** Largest thread judged from below (mm): nuts that only adjust a bearing, on larger ones, take next to no torque. */
    private static final double LARGEST_JUDGED_FROM_BELOW = 16;

    private static final double LEAST_SHARE = 0.12;
    private static final double LEAST_FRICTION = 0.20;
    private static final double MOST_FRICTION = 0.30;

    /**
     * Why a torque cannot be the one for a bolt of that thread, in plain words; empty if it may be: less than a tenth or so of the proof
     * load of the softest grade, or more than breaks the hardest one though it be dry. Most often a unit has slipped.
     *
     * @param torque tightening torque (N·m)
     * @param thread the bolt's thread
     */
    public static Optional<String> whyImpossible(double torque, Thread thread) {
        double softest = BoltGrade.SAE_2.proofLoad(thread);
        double hardest = BoltGrade.ISO_12_9.proofLoad(thread);
        boolean tooLittle = thread.diameter() <= LARGEST_JUDGED_FROM_BELOW
                && preload(torque, LEAST_FRICTION, thread) < LEAST_SHARE * softest;
        boolean tooMuch = preload(torque, MOST_FRICTION, thread) > hardest;
        if (!tooLittle && !tooMuch) {
            return Optional.empty();
        }
        return Optional.of(String.format(
                Locale.ROOT,
                "%.1f N·m (%.1f lbf·ft, %.0f lbf·in) is %s a %s bolt: %s. Ask whether the unit has slipped.",
                torque,
                torque / NM_PER_POUND_FOOT,
                12 * torque / NM_PER_POUND_FOOT,
                tooLittle ? "too little for" : "more than stands",
                thread.designation(),
                tooLittle
                        ? "it clamps with less than an eighth of the softest grade's proof load"
                        : "even one of class 12.9 would be past its proof load"));
    }

    private static final double NM_PER_POUND_FOOT = 1.355817948;

    /**
     * Setting of a torque wrench that carries a crowfoot or an extension: set = T·L/(L + E·cos φ); at 90° no change.
     *
     * @param torque wanted torque at the bolt (N·m), positive
     * @param length length of the wrench from its grip to its square (mm)
     * @param extension length of the extension (mm)
     * @param angle between wrench and extension (rad), 0 in line
     * @return torque to set (N·m)
     * @throws IllegalArgumentException naming what makes no sense
     */
    public static double wrenchSetting(double torque, double length, double extension, double angle) {
        if (!(torque > 0 && torque <= 2000)) {
            throw new IllegalArgumentException(
                    "A torque of " + torque + " N·m is outside 0 to 2000 N·m. Check the figure and its unit.");
        }
        if (!(length >= 100 && length <= 2000)) {
            throw new IllegalArgumentException("A wrench of " + length
                    + " mm is outside 100 to 2000 mm. Measure from the middle of the grip to the square.");
        }
        if (!(extension >= 0 && extension < length)) {
            throw new IllegalArgumentException("An extension of " + extension
                    + " mm is outside 0 mm to the wrench's own length. Measure from square to bolt.");
        }
        return torque * length / (length + extension * Math.cos(angle));
    }

    /** What a nut that is turned a quarter turn at a time may be off by (turns). */
    private static final double TURN_HALF = 0.125;

    /**
     * Thread a nut holds on to.
     *
     * @param engaged length of it (mm), what counting may be off already taken away
     * @param wanted as long as the stud is thick (mm); common practice for steel nuts
     * @param turnsWanted turns that make it (turns), whole ones
     */
    public record Engagement(double engaged, double wanted, double turnsWanted) {
        public boolean isEnough() {
            return engaged >= wanted;
        }
    }

    /**
     * Thread engaged, from the turns a nut takes from its first thread to tight.
     *
     * @throws IllegalArgumentException if the turns are none
     */
    public static Engagement engagement(double turns, Thread thread) {
        if (!(turns > TURN_HALF)) {
            throw new IllegalArgumentException("Count the turns from the first thread to tight, not " + turns + ".");
        }
        return new Engagement(
                (turns - TURN_HALF) * thread.pitch(),
                thread.diameter(),
                Math.ceil(thread.diameter() / thread.pitch() + TURN_HALF));
    }
}
