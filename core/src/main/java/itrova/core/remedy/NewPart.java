package itrova.core.remedy;

import itrova.core.kit.HolePattern;
import itrova.core.kit.Hose;
import itrova.core.kit.HousingStack;
import itrova.core.kit.RotorHub;
import itrova.core.kit.WheelNuts;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Surroundings.Obstacle;

/** What work puts in place of what was there, where a single length does not say it. */
public sealed interface NewPart {
    /** The case with it in place. */
    KitOnSide applyTo(KitOnSide c);

    /** Other wheel nuts. */
    record Nuts(WheelNuts nuts) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withKit(c.kit().withNuts(nuts));
        }
    }

    /** A second circle of stud holes in the disc. */
    record SecondCircle(HolePattern pattern) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withKit(c.kit().withDisc(c.kit().disc().withPattern(pattern)));
        }
    }

    /** A hub with other bearings in it. */
    record Hub(RotorHub hub) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withKit(c.kit().withHub(hub));
        }
    }

    /** Another hose. */
    record OtherHose(Hose hose) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withKit(c.kit().withHose(hose));
        }
    }

    /** Adapters between hose and fittings, in words. */
    record Adapters(String chain) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withWorked(c.worked().withAdapters());
        }
    }

    /** Longer bolts at the housing. */
    record Bolts(HousingStack stack) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withKit(c.kit().withStack(stack));
        }
    }

    /** An obstacle ground back. */
    record Ground(Obstacle before, Obstacle after) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withEnd(c.end().toBuilder()
                    .around(c.end().around().with(before, after))
                    .build());
        }
    }

    /** A locking hub in one piece. */
    record OnePieceHub() implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withWorked(c.worked().withOnePieceHub());
        }
    }

    /** A hub drilled for another number of studs; on which circle, and how truly, the work says. */
    record Redrilled(int count) implements NewPart {
        @Override
        public KitOnSide applyTo(KitOnSide c) {
            return c.withEnd(c.end().toBuilder().count(Callout.LUG_COUNT, count).build());
        }
    }
}
