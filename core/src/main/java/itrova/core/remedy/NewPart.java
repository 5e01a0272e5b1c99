package itrova.core.remedy;

import itrova.core.kit.HolePattern;
import itrova.core.kit.Hose;
import itrova.core.kit.HousingStack;
import itrova.core.kit.RotorHub;
import itrova.core.kit.WheelNuts;
import itrova.core.vehicle.Surroundings.Obstacle;

/** What work puts in place of what was there, where a single length does not say it. */
public sealed interface NewPart {
    /** Other wheel nuts. */
    record Nuts(WheelNuts nuts) implements NewPart {}

    /** A second circle of stud holes in the disc. */
    record SecondCircle(HolePattern pattern) implements NewPart {}

    /** A hub with other bearings in it. */
    record Hub(RotorHub hub) implements NewPart {}

    /** Another hose. */
    record OtherHose(Hose hose) implements NewPart {}

    /** Adapters between hose and fittings, in words. */
    record Adapters(String chain) implements NewPart {}

    /** Longer bolts at the housing. */
    record Bolts(HousingStack stack) implements NewPart {}

    /** An obstacle ground back. */
    record Ground(Obstacle before, Obstacle after) implements NewPart {}

    /** A locking hub in one piece. */
    record OnePieceHub() implements NewPart {}
}
