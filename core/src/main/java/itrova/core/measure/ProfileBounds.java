package itrova.core.measure;

import itrova.core.quantity.ShopNotation;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.RimSize;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Stations of a wheel's profile that the wheel cannot have, by what else was read of it: a barrel wider than its rim or deeper than the
 * wheel, a spoke outside the barrel.
 */
public final class ProfileBounds {
    /** A rule held askew reads a little more (mm); common practice. */
    private static final double SLACK = 5;

    private ProfileBounds() {}

    /**
     * What is wrong with a station, if anything.
     *
     * @param standing readings that stand already
     */
    public static Optional<String> fault(Reading reading, List<Reading> standing) {
        if (!reading.callout().hasPlaces()
                || reading.place().isEmpty()
                || reading.value().isEmpty()) {
            return Optional.empty();
        }
        double place = reading.place().getAsDouble();
        double value = reading.value().getAsDouble();
        Side side = reading.side();
        OptionalDouble width = largest(standing, side, Callout.WHEEL_OVERALL);
        OptionalDouble flange = largest(standing, side, Callout.WHEEL_FLANGE);
        OptionalDouble barrel = largest(standing, side, Callout.WHEEL_BARREL);
        if (reading.callout() == Callout.WHEEL_BARREL) {
            OptionalDouble seat = seat(standing, side);
            return beyond("A depth", place, width, "the wheel is only", "wide over its flanges")
                    .or(() -> beyond(
                            "A barrel diameter", value, seat, "by the wheel’s marking its seat is only", "across"))
                    .or(() -> beyond("A barrel diameter", value, flange, "the rim flange is only", "across"));
        }
        OptionalDouble across = barrel.isPresent() ? barrel : flange;
        return beyond("A radius", place, half(across), "from axis to rim it is only", "")
                .or(() -> beyond("A spoke’s depth", value, width, "the wheel is only", "wide over its flanges"));
    }

    private static Optional<String> beyond(String what, double value, OptionalDouble max, String is, String how) {
        return max.isPresent() && value > max.getAsDouble() + SLACK
                ? Optional.of((what + " of " + ShopNotation.inBoth(value) + " cannot be: " + is + " "
                                        + ShopNotation.inBoth(max.getAsDouble()) + " " + how)
                                .strip()
                        + ". Check place and reading, or correct the other one.")
                : Optional.empty();
    }

    private static OptionalDouble seat(List<Reading> standing, Side side) {
        return standing.stream()
                .filter(r -> r.side() == side && r.callout() == Callout.WHEEL_MARKING)
                .flatMap(r -> RimSize.parse(r.text()).stream())
                .flatMapToDouble(size -> size.seat().stream())
                .findFirst();
    }

    private static OptionalDouble half(OptionalDouble value) {
        return value.isPresent() ? OptionalDouble.of(value.getAsDouble() / 2) : value;
    }

    private static OptionalDouble largest(List<Reading> standing, Side side, Callout callout) {
        return standing.stream()
                .filter(r -> r.side() == side && r.callout() == callout)
                .flatMap(r -> r.value().stream().boxed())
                .mapToDouble(Double::doubleValue)
                .max();
    }
}
