package itrova.core.measure;

import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Everything known of a reading. Readings with equal keys are copies of one reading (import, retry): never repeats, for they hold no
 * new measurement.
 */
public record ReadingKey(
        Side side, Callout callout, OptionalDouble place, String text, Instrument instrument, Optional<Origin> origin) {

    /** The same but for who took it and when, as a table written by hand would have it. */
    public ReadingKey withoutOrigin() {
        return new ReadingKey(side, callout, place, text, instrument, Optional.empty());
    }

    /** Each reading once, in the order first written down. */
    public static List<Reading> once(List<Reading> readings) {
        return List.copyOf(readings.stream()
                .collect(java.util.stream.Collectors.toMap(
                        Reading::key, r -> r, (first, again) -> first, java.util.LinkedHashMap::new))
                .values());
    }
}
