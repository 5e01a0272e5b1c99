package itrova.core.fit;

import itrova.core.kit.Figure;
import itrova.core.kit.KitStuds;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.Locale;

/**
 * Work on one side that changes one dimension.
 *
 * @param kind what is done
 * @param side where
 * @param before dimension as found (mm)
 * @param target dimension wanted (mm)
 * @param mustRemain what has to be left, checked beforehand, in words
 */
public record Work(Kind kind, Side side, double before, double target, String mustRemain) {

    /** Kinds of work, with who may do it and what it costs. Minutes, prices and tolerances are common practice. */
    public enum Kind {
        DRILL_HOLES(
                "Drill the disc's stud holes",
                "drill press with a jig",
                0.1,
                40,
                4500,
                false,
                "Measure the first hole before drilling the next.",
                "Clamp the disc; swarf is sharp; eye protection."),
        BORE_DISC(
                "Bore the disc's centre",
                "lathe, a machine shop",
                0.02,
                45,
                6000,
                false,
                "Measure the bore before it leaves the lathe.",
                "Centre on the disc's face, not on its rim."),
        CENTRING_RING(
                "Make a centring ring for the register",
                "lathe, a machine shop",
                0.02,
                50,
                5500,
                true,
                "Measure the ring inside and outside before pressing it in.",
                "The ring must not hold the disc off the hub."),
        TURN_FLANGE(
                "Turn the flange down",
                "lathe, a machine shop",
                0.05,
                60,
                8000,
                false,
                "Measure the flange before it leaves the lathe.",
                "Heavy shaft between centres; no loose sleeves at the lathe."),
        LONGER_STUDS(
                "Press in longer studs",
                "press, with the hub supported",
                0.5,
                45,
                3500,
                true,
                "Measure the stick-out of every stud after pressing; torque again after they have seated.",
                "Stand clear of the press; support the hub beside the stud.");

        private final String title;
        private final String who;
        private final double tolerance;
        private final int minutes;
        private final long cents;
        private final boolean reversible;
        private final String hold;
        private final String caution;

        Kind(
                String title,
                String who,
                double tolerance,
                int minutes,
                long cents,
                boolean reversible,
                String hold,
                String caution) {
            this.title = title;
            this.who = who;
            this.tolerance = tolerance;
            this.minutes = minutes;
            this.cents = cents;
            this.reversible = reversible;
            this.hold = hold;
            this.caution = caution;
        }

        public String title() {
            return title;
        }

        /** Who may do it. */
        public String who() {
            return who;
        }

        /** Half-width of what the process holds (mm). */
        public double tolerance() {
            return tolerance;
        }

        /** Time for one side. */
        public int minutes() {
            return minutes;
        }

        /** Price of one side when given out (cents). */
        public long cents() {
            return cents;
        }

        public boolean isReversible() {
            return reversible;
        }

        /** What is measured before anything that cannot be undone. */
        public String hold() {
            return hold;
        }

        public String caution() {
            return caution;
        }
    }

    /** The work in one sentence. */
    public String sentence() {
        return String.format(
                Locale.ROOT,
                "%s (%s) from %.2f to %.2f ± %.2f mm: %s.",
                kind.title(),
                side.word(),
                before,
                target,
                kind.tolerance(),
                mustRemain);
    }

    /** The case after the work: the worked dimension is its target with the process's tolerance. */
    FitCase applyTo(FitCase c) {
        Figure result = Figure.stated(target, kind.tolerance());
        return switch (kind) {
            case DRILL_HOLES ->
                c.withKit(c.kit()
                        .withDisc(c.kit()
                                .disc()
                                .withHoles(c.end().count(Callout.LUG_COUNT).orElseThrow(), result)));
            case BORE_DISC, CENTRING_RING ->
                c.withKit(c.kit().withDisc(c.kit().disc().withBore(result)));
            case TURN_FLANGE -> c.withEnd(c.end().with(Callout.FLANGE, worked()));
            case LONGER_STUDS ->
                c.kit().studs().isPresent()
                        ? c.withKit(c.kit()
                                .withStuds(new KitStuds(
                                        c.kit().studs().get().thread(),
                                        c.kit().studs().get().shoulder(),
                                        result)))
                        : c.withEnd(c.end().with(Callout.STUD_STICK_OUT, worked()));
        };
    }

    private Measured worked() {
        return Measured.of(target, Component.rectangular("process:" + side.word() + ":" + kind, kind.tolerance()));
    }
}
