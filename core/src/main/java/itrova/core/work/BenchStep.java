package itrova.core.work;

import itrova.core.bench.HoldWanted;
import itrova.core.fastener.Thread;
import itrova.core.fastener.Tightening;
import itrova.core.phrase.Phrase;
import itrova.core.quantity.Unit;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One step at the bench.
 *
 * @param name what it is, and by which id plans and ticks know it
 * @param title short
 * @param text what to do
 * @param caution what can hurt someone or spoil the job; {@link Phrase#NOTHING} where nothing special can
 * @param hold what must be measured or seen before going on; {@link Phrase#NOTHING} where it need not
 * @param reading what is read at the hold and judged, if a figure is; with the limits in force
 * @param tighten what to tighten and how, if anything
 * @param after ids of the steps that must be done before
 * @param effort tools, time and people
 */
public record BenchStep(
        StepName name,
        Phrase title,
        Phrase text,
        Phrase caution,
        Phrase hold,
        Optional<HoldWanted> reading,
        Optional<Tighten> tighten,
        List<String> after,
        Effort effort) {
    public BenchStep {
        after = List.copyOf(after);
    }

    /** By which plans, ticks and addresses know it. */
    public String id() {
        return name.id();
    }

    /** The side it is done on; absent where it is of the whole axle or vehicle. */
    public Optional<Side> side() {
        return name.side();
    }

    /** What kind of step it is, the same on both sides. */
    public StepKind kind() {
        return name.kind();
    }

    /** Whether everything is put together to try, so that some of it is put in only for that. */
    public boolean isTrial() {
        return kind() == StepKind.MOCKUP;
    }

    /** Whether what was put in to try is counted out again. */
    public boolean makesGood() {
        return kind() == StepKind.MAKE_GOOD;
    }

    /** What its reading or torque is usually taken with; empty where it takes neither. */
    public String readWith() {
        return reading.map(r -> r.kind().tool()).orElse(tighten.isPresent() ? "torque wrench" : "");
    }

    /**
     * What a step takes.
     *
     * @param tools in words
     * @param minutes own time; absent where nobody said
     * @param people how many are needed at once
     * @param outside who does it where it goes out of the shop; empty if nobody
     * @param source where the step comes from
     */
    public record Effort(List<String> tools, Optional<Minutes> minutes, int people, String outside, String source) {
        /** Nothing said. */
        public static final Effort UNSAID = new Effort(List.of(), Optional.empty(), 1, "", "");

        public Effort {
            tools = List.copyOf(tools);
        }
    }

    /**
     * A fastener to be tightened.
     *
     * @param torque torque to set (N·m)
     * @param thread its thread, where it is known
     */
    public record Tighten(double torque, Optional<Thread> thread) {
        /**
         * Why a torque that was set cannot be right, in plain words; empty where it may be.
         *
         * @param set what was set (N·m)
         */
        public Optional<String> question(double set) {
            if (Math.abs(set - torque) > MOST_OFF * torque) {
                return Optional.of(
                        both(set) + " was set, the papers want " + both(torque) + ". Check wrench and unit.");
            }
            return thread.flatMap(t -> Tightening.whyImpossible(set, t));
        }

        /** As finely as a wrench is set. */
        private static String both(double torque) {
            return String.format(Locale.ROOT, "%.0f N·m (%.0f lbf·ft)", torque, torque / Unit.POUND_FOOT.toSi());
        }

        /** A set torque further than this share from the wanted one is questioned; common practice. */
        private static final double MOST_OFF = 0.10;
    }
}
