package itrova.core.fit;

import itrova.core.kit.Figure;
import itrova.core.kit.RotorHub;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.WheelDetails.CapRoom;
import java.util.Optional;

/** A kit's own hub may stand out further than the old one: the wheel's cap must still go on. */
final class HubCapCheck implements Check {
    static final String FORMULA = "m = room under the cap − reach of the hub";
    private static final String SOURCE = "Geometry, along the wheel axis from the wheel's mounting face";

    @Override
    public CheckId id() {
        return CheckId.HUB_CAP;
    }

    @Override
    public boolean appliesTo(FitCase c) {
        return c.bringsHub() && c.end().around().details().cap().isPresent();
    }

    @Override
    public Finding judge(FitCase c) {
        Ruling ruling = new Ruling(CheckId.HUB_CAP, c);
        CapRoom cap = c.end().around().details().cap().orElseThrow();
        Optional<Figure> reach = c.kit().fitting().hub().flatMap(RotorHub::reach);
        Measured room = Measured.of(
                cap.room(), Component.rectangular("around:" + c.end().side() + ":cap", cap.halfLimit()));
        Optional<Measured> stands = reach.map(f -> f.measured(c.kit().source("hub.reach")));
        if (stands.isEmpty()) {
            ruling.missing("how far the kit's hub stands out of the wheel: ask the supplier");
        }
        // A spacer moves the wheel out, away from the hub's end.
        stands.ifPresent(
                s -> ruling.require("hub to cap", room.minus(s).plus(c.worked().spacer())));
        return ruling.finding(r -> new Explanation(
                stands.map(s -> Say.text(
                                "The hub's end stands %.1f mm out of the wheel's face, the cap has room for %.1f mm.",
                                s.value(), cap.room()))
                        .orElse("How far the kit's hub stands out is not known."),
                FORMULA,
                new Say.Inputs()
                        .add("room", Optional.of(room))
                        .add("reach", stands)
                        .list(),
                SOURCE));
    }
}
