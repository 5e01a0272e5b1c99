package itrova.core.remedy;

import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Drilling the disc on the hub's own circle where only the circle misses.
 *
 * <p>The new holes stand midway between the old ones. Metal must remain beside each: to the nearest old hole, to the hat's edge and to
 * the centre bore.
 */
public final class SecondCircle {
    /** Room left around a stud (mm); common practice. */
    private static final double DRILL_ROOM = 0.8;

    private SecondCircle() {}

    public static List<WorkOffer> offer(KitOnSide c, int lugs) {
        Disc disc = c.kit().disc();
        Optional<HolePattern> old =
                disc.patterns().stream().filter(p -> p.count() == lugs).findFirst();
        // a shoulder not read yet makes the hole larger, never smaller
        Optional<Measured> least = c.studWidest().or(c::studMajor);
        if (old.isEmpty()) {
            return List.of();
        }
        if (disc.patterns().size() > 1) {
            return List.of(WorkOffer.refused(Phrase.of("second-circle.second-circle-drilled-only-into")));
        }
        if (disc.holeToEdge().isEmpty()
                || c.kit().contradicts(PaperFigure.DISC_HOLE_TO_EDGE)
                || c.kit().contradicts(PaperFigure.DISC_CIRCLE)) {
            return List.of(WorkOffer.refused(Phrase.of("second-circle.second-circle-not-offered-papers")));
        }
        if (least.isEmpty()) {
            return List.of(wanting(c));
        }
        double circle = Math.round(c.end().boltCircle().orElseThrow().value() * 100) / 100.0;
        double hole = Math.ceil((least.get().value() + least.get().expanded() + DRILL_ROOM) * 10) / 10;
        double wall = wall(disc, old.get(), circle, hole);
        double wanted = c.settings().of(Limit.HOLE_WALL);
        if (wall < wanted) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "second-circle.second-circle-would-leave-beside", Amount.mm(wall, 1), Amount.mm(wanted, 1))));
        }
        if (c.studWidest().isEmpty()) {
            return List.of(wanting(c));
        }
        HolePattern drilled = new HolePattern(
                lugs,
                Figure.stated(circle, WorkKind.DRILL_CIRCLE.tolerance()),
                Figure.stated(hole, WorkKind.DRILL_CIRCLE.tolerance()));
        return List.of(WorkOffer.of(new Work(
                WorkKind.DRILL_CIRCLE,
                c.end().side(),
                0,
                circle,
                Phrase.of(
                        "second-circle.holes-midway-between-old-ones",
                        lugs,
                        Amount.mm(hole, 1),
                        Amount.mm(wall, 1),
                        Amount.mm(wanted, 1)),
                Optional.of(new NewPart.SecondCircle(drilled)))));
    }

    private static WorkOffer wanting(KitOnSide c) {
        return WorkOffer.wanting(
                Phrase.of("second-circle.second-circle-wants-studs-diameters"),
                Stream.of(Callout.STUD_MAJOR, Callout.STUD_SHOULDER)
                        .filter(read -> !c.end().has(read))
                        .toList());
    }

    /** Least metal left beside a new hole (mm), tolerances of papers and process deducted. */
    private static double wall(Disc disc, HolePattern old, double circle, double hole) {
        double loose = WorkKind.DRILL_CIRCLE.tolerance() * 1.5;
        double outwards = (circle - old.circle().value()) / 2;
        Figure toEdge = disc.holeToEdge().orElseThrow();
        double toRim = toEdge.value() - toEdge.tolerance() - old.circle().tolerance() / 2 - outwards - hole / 2;
        double toBore = (circle - disc.bore().value() - disc.bore().tolerance() - hole) / 2;
        double half = Math.PI / old.count();
        double r1 = old.circle().value() / 2;
        double r2 = circle / 2;
        double centres = Math.sqrt(r1 * r1 + r2 * r2 - 2 * r1 * r2 * Math.cos(half));
        double toOld = centres
                - old.circle().tolerance() / 2
                - (hole + old.hole().value() + old.hole().tolerance()) / 2;
        return Math.min(toRim, Math.min(toBore, toOld)) - loose;
    }
}
