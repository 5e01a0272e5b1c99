package itrova.core.remedy;

import itrova.core.quantity.Source;
import itrova.core.vehicle.Side;

/** The tolerance a piece of work is done to. */
public record WorkSource(WorkKind kind, String id) implements Source {
    static WorkSource of(Side side, WorkKind kind) {
        return new WorkSource(kind, "work:" + side.word() + ":" + kind);
    }
}
