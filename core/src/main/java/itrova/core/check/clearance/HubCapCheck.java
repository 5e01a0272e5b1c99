package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.Figure;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.kit.RotorHub;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AroundSource;
import itrova.core.vehicle.WheelDetails.CapRoom;
import java.util.Optional;
import java.util.Set;

/** A kit's own hub may stand out further than the old one: the wheel's cap must still go on. */
final class HubCapCheck implements Check {
    static final String FORMULA = "m = room under the cap − reach of the hub";
    private static final String SOURCE = "Geometry, along the wheel axis from the wheel's mounting face";

    @Override
    public CheckId id() {
        return CheckId.HUB_CAP;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.bringsHub() && c.end().around().details().cap().isPresent();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.HUB_CAP, c);
        CapRoom cap = c.end().around().details().cap().orElseThrow();
        Optional<Figure> reach = c.kit().fitting().hub().flatMap(RotorHub::reach);
        Measured room = Measured.of(
                cap.room(), Component.rectangular(AroundSource.of(c.end().side(), "cap"), cap.halfLimit()));
        Optional<Measured> stands = reach.map(f -> f.measured(c.kit().source(PaperFigure.HUB_REACH)));
        if (stands.isEmpty()) {
            ruling.missing(Phrase.of("hub-cap.how-far-kit-s-hub"));
        }
        // A spacer moves the wheel out, away from the hub's end.
        stands.ifPresent(s -> ruling.require(
                Phrase.of("hub-cap.hub-cap"), room.minus(s).plus(c.worked().spacer())));
        return ruling.finding(r -> new Explanation(
                stands.map(s -> Phrase.of(
                                "hub-cap.hub-s-end-stands-out", Amount.mm(s.value(), 1), Amount.mm(cap.room(), 1)))
                        .orElse(Phrase.of("hub-cap.how-far-kit-s-hub-2")),
                FORMULA,
                new Inputs().add("room", Optional.of(room)).add("reach", stands).list(),
                SOURCE));
    }
}
