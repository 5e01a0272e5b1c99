package itrova.core.bench;

import itrova.core.lines.LinePoint.Wheel;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * In which order wheels are bled.
 *
 * @param wheels the first to be bled first
 * @param isMeasured whether every distance was told by drawn lines
 */
public record BleedOrder(List<Stop> wheels, boolean isMeasured) {
    public BleedOrder {
        wheels = List.copyOf(wheels);
    }

    /** By which school. */
    public enum School {
        /** Farthest from the source by pipe first. */
        FARTHEST_FIRST,
        /** Passenger rear, driver rear, passenger front, driver front. */
        FIXED_CORNERS
    }

    /**
     * A wheel with the pipe that leads to it (mm), where somebody drew it.
     *
     * @param wheel which
     * @param pipe from the outlet to it
     */
    public record Stop(Wheel wheel, OptionalDouble pipe) {}

    /**
     * The order of all wheels, or of one axle alone where a valve keeps the axles apart.
     *
     * @param stops every wheel to be bled
     * @param driver side the driver sits on
     */
    public static BleedOrder of(List<Stop> stops, School school, Side driver) {
        boolean isMeasured = stops.stream().allMatch(s -> s.pipe().isPresent());
        List<Stop> sorted = new ArrayList<>(stops);
        Comparator<Stop> corners = Comparator.comparingInt(
                        (Stop s) -> -s.wheel().axle())
                .thenComparing(s -> s.wheel().side() == driver);
        // without drawn lines the fixed corners are the farthest as vehicles are usually piped
        sorted.sort(
                school == School.FARTHEST_FIRST && isMeasured
                        ? Comparator.comparingDouble((Stop s) -> -s.pipe().getAsDouble())
                                .thenComparing(corners)
                        : corners);
        return new BleedOrder(sorted, isMeasured);
    }
}
