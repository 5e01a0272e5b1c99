package itrova.core.remedy;

import itrova.core.kit.Disc;
import itrova.core.kit.HolePattern;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Wheel;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Having the vehicle's hub drilled to the disc's pattern, where the wheels change too: it is sent away and takes days.
 *
 * <p>The new holes stand among the old ones, turned to where most metal is left; metal must remain between any two and to the flange's
 * edge.
 */
public final class RemachinedHub {
    private static final int TURNS = 360;

    private RemachinedHub() {}

    /** The offer for a vehicle's own hub whose studs do not stand where the disc's holes are. */
    public static List<WorkOffer> offer(KitOnSide c) {
        Disc disc = c.kit().disc();
        HolePattern wanted = disc.patterns().get(0);
        Optional<Wheel> wheel = c.end().otherWheel();
        if (wheel.isEmpty()) {
            return List.of(WorkOffer.refused(Phrase.of("remachined-hub.wheels-are-drilled-for-the-old")));
        }
        if (disc.patterns().size() > 1 || c.kit().contradicts(PaperFigure.DISC_CIRCLE)) {
            return List.of(WorkOffer.refused(Phrase.of("remachined-hub.which-pattern-is-not-sure")));
        }
        if (wheel.get().lugs() != wanted.count()) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "remachined-hub.wheel-has-other-holes", wheel.get().lugs(), wanted.count())));
        }
        Optional<Measured> circle = c.end().boltCircle();
        Optional<Measured> stud = c.end().length(Callout.STUD_SHOULDER);
        Optional<Measured> flange = c.end().length(Callout.FLANGE);
        if (circle.isEmpty() || stud.isEmpty() || flange.isEmpty()) {
            return List.of(WorkOffer.wanting(
                    Phrase.of("remachined-hub.wants-flange-and-studs"),
                    Stream.of(Callout.STUD_SHOULDER, Callout.FLANGE)
                            .filter(read -> !c.end().has(read))
                            .toList()));
        }
        int count = c.end().count(Callout.LUG_COUNT).orElseThrow();
        double target = Math.round(wanted.circle().value() * 100) / 100.0;
        double hole = stud.get().value() + stud.get().expanded();
        double loose = circle.get().expanded() / 2 + WorkKind.REMACHINE_HUB.tolerance();
        double apart = mostRoom(count, circle.get().value() / 2, wanted.count(), target / 2) - hole - loose;
        double toEdge = (flange.get().value() - flange.get().expanded() - target - hole) / 2
                - WorkKind.REMACHINE_HUB.tolerance();
        double wall = Math.min(apart, toEdge);
        double least = c.settings().of(Limit.HOLE_WALL);
        if (wall < least) {
            return List.of(WorkOffer.refused(
                    Phrase.of("remachined-hub.too-little-metal", Amount.mm(wall, 1), Amount.mm(least, 1))));
        }
        return List.of(WorkOffer.of(new Work(
                WorkKind.REMACHINE_HUB,
                c.end().side(),
                0,
                target,
                Phrase.of(
                        "remachined-hub.holes-and-metal-left", wanted.count(), Amount.mm(wall, 1), Amount.mm(least, 1)),
                Optional.of(new NewPart.Redrilled(wanted.count())))));
    }

    /** Least distance between centres of old and new holes (mm), the new ones turned to where it is largest. */
    static double mostRoom(int oldCount, double oldRadius, int newCount, double newRadius) {
        double best = 0;
        for (int turn = 0; turn < TURNS; turn++) {
            double start = 2 * Math.PI * turn / TURNS / newCount;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < oldCount; i++) {
                for (int j = 0; j < newCount; j++) {
                    double angle = start + 2 * Math.PI * j / newCount - 2 * Math.PI * i / oldCount;
                    least = Math.min(
                            least,
                            Math.sqrt(oldRadius * oldRadius
                                    + newRadius * newRadius
                                    - 2 * oldRadius * newRadius * Math.cos(angle)));
                }
            }
            best = Math.max(best, least);
        }
        return best;
    }
}
