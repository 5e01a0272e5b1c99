package itrova.core.guide;

import itrova.core.measure.ReadAt;
import itrova.core.quantity.Source;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;

/** The broad doubt of what was not read yet. */
record PriorSource(ReadAt at, String id) implements Source {
    static PriorSource of(Side side, Callout callout) {
        ReadAt at = ReadAt.of(side, callout);
        return new PriorSource(at, "prior:" + at);
    }
}
