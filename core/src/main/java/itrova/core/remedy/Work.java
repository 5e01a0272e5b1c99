package itrova.core.remedy;

import itrova.core.kit.Figure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.settings.ShopSettings;
import itrova.core.settings.WorkTerms;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
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
        this(kind, side, before, target, mustRemain, part, kind.usual());
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
        Figure result = Figure.stated(target, kind.tolerance());
        return switch (kind) {
            case DRILL_HOLES ->
                c.withKit(c.kit()
                        .withDisc(c.kit()
                                .disc()
                                .withHoles(c.end().count(Callout.LUG_COUNT).orElseThrow(), result)));
            case BORE_DISC, CENTRING_RING ->
                c.withKit(c.kit().withDisc(c.kit().disc().but().bore(result).build()));
            case BORE_WHEEL -> c.withEnd(c.end().with(Callout.WHEEL_BORE, worked()));
            case TURN_FLANGE -> c.withEnd(c.end().with(Callout.FLANGE, worked()));
            case ROUND_CORNER -> c.withWorked(c.worked().withCorner(target - kind.tolerance()));
            case LONGER_STUDS ->
                c.kit().studs().isPresent()
                        ? c.withKit(c.kit().withStuds(c.kit().studs().get().withStickOut(result)))
                        : c.withEnd(c.end().with(Callout.STUD_STICK_OUT, worked()));
            case WHEEL_RING -> c.withWorked(c.worked().withWheelRing(worked()));
            case WHEEL_SPACER -> c.withWorked(c.worked().withSpacer(worked()));
            case SHIM_STACK -> c.withWorked(c.worked().withShims(target));
            case GRIND_RIB ->
                part.isPresent() ? part.get().applyTo(c) : c.withEnd(c.end().with(Callout.KNUCKLE_RIB, worked()));
            case REMACHINE_HUB -> c.withEnd(redrilled(c.end()));
            default -> part.orElseThrow().applyTo(c);
        };
    }

    private AxleEnd redrilled(AxleEnd end) {
        NewPart.Redrilled to = (NewPart.Redrilled) part.orElseThrow();
        return end.toBuilder()
                .count(Callout.LUG_COUNT, to.count())
                .boltCircle(worked())
                .build();
    }

    private Measured worked() {
        return Measured.of(target, Component.rectangular(WorkSource.of(side, kind), kind.tolerance()));
    }
}
