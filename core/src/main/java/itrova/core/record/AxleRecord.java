package itrova.core.record;

import itrova.core.around.TapePlacing;
import itrova.core.choice.Selection;
import itrova.core.measure.Consolidation;
import itrova.core.measure.Reading;
import itrova.core.placed.AxleCase;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.Papers;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.VehicleFacts;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One axle that is to be converted.
 *
 * @param name such as {@code front axle}
 * @param form what its ends look like before anything is measured
 * @param papers what the papers say of it; a hint, proved by measuring
 * @param load what it carries, if known
 * @param wheelStays whether the wheels must stay
 * @param around what stands around the wheel of each side; a side nobody looked at is left out
 * @param readings all readings of both sides, in the order taken
 * @param chosen what was chosen for it, if anything
 * @param facts what of the whole vehicle counts
 */
public record AxleRecord(
        String name,
        AxleForm form,
        Papers papers,
        Optional<AxleLoad> load,
        boolean wheelStays,
        Map<Side, Surroundings> around,
        List<Reading> readings,
        Optional<Selection> chosen,
        VehicleFacts facts) {

    public AxleRecord {
        around = around.isEmpty() ? Map.of() : Map.copyOf(around);
        readings = List.copyOf(readings);
    }

    /** One side as consolidated from its readings. */
    public AxleEnd end(Side side) {
        AxleEnd end = Consolidation.of(side, form, readings);
        return end.toBuilder()
                .around(TapePlacing.placed(around.getOrDefault(side, Surroundings.UNSEEN), end))
                .build();
    }

    /** What a kit is judged against. */
    public AxleCase toCase(List<Side> sides) {
        return new AxleCase(sides.stream().map(this::end).toList(), load).of(facts);
    }
}
