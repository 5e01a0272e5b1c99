package itrova.core.remedy;

import itrova.core.kit.Figure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.settings.WorkTerms;
import itrova.core.vehicle.Side;
import java.util.Optional;

/**
 * Work on one side that changes one dimension or puts in another part.
 *
 * @param kind what is done
 * @param side where
 * @param before dimension as found (mm); 0 where a part is changed
 * @param target dimension wanted (mm); 0 where a part is changed
 * @param mustRemain what has to be left or watched, checked beforehand, in words
 * @param part what is put in, where a length does not say it
 * @param terms who does it, own time, price, days
 */
public record Work(
        WorkKind kind,
        Side side,
        double before,
        double target,
        Phrase mustRemain,
        Optional<NewPart> part,
        WorkTerms terms) {

    /** Work at its usual terms. */
    public Work(WorkKind kind, Side side, double before, double target, Phrase mustRemain, Optional<NewPart> part) {
        this(kind, side, before, target, mustRemain, part, kind.defaultTerms());
    }

    /** The work at the shop's own terms. */
    public Work in(ShopSettings shop) {
        return shop.works(kind.name())
                .map(own -> new Work(kind, side, before, target, mustRemain, part, own))
                .orElse(this);
    }

    /** Work on a dimension. */
    public static Work to(WorkKind kind, Side side, double before, double target, Phrase mustRemain) {
        return new Work(kind, side, before, target, mustRemain, Optional.empty());
    }

    /** Another part. */
    public static Work with(WorkKind kind, Side side, NewPart part, Phrase words) {
        return new Work(kind, side, 0, 0, words, Optional.of(part));
    }

    /** The work in one sentence. */
    public Phrase sentence() {
        if (kind.isPart()) {
            return Phrase.of("work.part-put-in", kind, side, mustRemain);
        }
        return (before > 0
                ? Phrase.of(
                        "work.from-to-target",
                        kind,
                        side,
                        Amount.mm(before, 2).asBare(),
                        Amount.mm(target, 2).asBare(),
                        Amount.mm(kind.tolerance(), 2),
                        mustRemain)
                : Phrase.of(
                        "work.to-target",
                        kind,
                        side,
                        Amount.mm(target, 2).asBare(),
                        Amount.mm(kind.tolerance(), 2),
                        mustRemain));
    }

    /** The case after the work: the worked dimension is its target with the process's tolerance. */
    public KitOnSide applyTo(KitOnSide c) {
        return kind.remedy().applyTo(c, this);
    }

    /** The worked dimension as a figure of the kit. */
    Figure result() {
        return Figure.stated(target, kind.tolerance());
    }

    /** The worked dimension as if it had been measured. */
    Measured measured() {
        return Measured.of(target, Component.rectangular(WorkSource.of(side, kind), kind.tolerance()));
    }
}
