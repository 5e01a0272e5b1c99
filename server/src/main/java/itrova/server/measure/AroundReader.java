package itrova.server.measure;

import itrova.core.fastener.Thread;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Point3;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Joint;
import itrova.core.vehicle.Seen;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.HoseEnd;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import itrova.core.vehicle.Surroundings.Tyre;
import itrova.core.vehicle.Wheel;
import itrova.core.vehicle.WheelDetails;
import itrova.core.vehicle.WheelDetails.CapRoom;
import itrova.core.vehicle.WheelDetails.DonorLook;
import itrova.core.vehicle.WheelDetails.Spare;
import itrova.core.vehicle.WheelDetails.Valve;
import itrova.server.api.BadInputException;
import itrova.server.measure.AroundText.BoxText;
import itrova.server.measure.AroundText.DetailsText;
import itrova.server.measure.AroundText.HoseText;
import itrova.server.measure.AroundText.ObstacleText;
import itrova.server.measure.AroundText.SideText;
import itrova.server.measure.AroundText.SteeringText;
import itrova.server.measure.AroundText.TravelText;
import itrova.server.measure.AroundText.TyreText;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** Reads what a person wrote about the surroundings of a wheel; says at which side, part and field it cannot. */
public final class AroundReader {
    /** What a steel rule is read to (mm). */
    private static final double RULE = 1;

    private final UnitSystem units;
    private final Function<String, Optional<Wheel>> wheels;

    /**
     * @param units of whoever wrote
     * @param wheels finds a wheel by its code
     */
    AroundReader(UnitSystem units, Function<String, Optional<Wheel>> wheels) {
        this.units = units;
        this.wheels = wheels;
    }

    public Surroundings read(String side, SideText t) {
        return new Surroundings(
                new Seen<>(t.inboard().stream().map(o -> obstacle(side, o)).toList(), t.lookedInboard()),
                new Seen<>(t.chassis().stream().map(b -> box(side, b)).toList(), t.lookedAround()),
                steering(side, t.steering()),
                travel(side, t.travel()),
                tyre(side, t.tyre()),
                hose(side, t.hose()),
                t.joints().stream()
                        .filter(j -> !j.place().isBlank())
                        .map(j -> new Joint(j.place().strip(), j.size().strip()))
                        .toList(),
                details(side, t.details()));
    }

    private WheelDetails details(String side, DetailsText d) {
        String valve = side + ", valve";
        Optional<Valve> stands = !allBlank(d.valveDepth(), d.valveHeight())
                ? Optional.of(checked(
                        valve,
                        () -> new Valve(
                                length(valve + ", depth", d.valveDepth()),
                                length(valve + ", height", d.valveHeight()),
                                RULE)))
                : d.noValve() ? Optional.of(new Valve(0, 0, RULE)) : Optional.empty();
        String cap = side + ", room under the cap";
        return checked(
                side + ", hub and wheel",
                () -> new WheelDetails(
                        d.held().isBlank() ? Optional.empty() : Optional.of(held(side, d.held())),
                        stands,
                        d.capRoom().isBlank()
                                ? Optional.empty()
                                : Optional.of(checked(cap, () -> new CapRoom(length(cap, d.capRoom()), RULE))),
                        spare(side, d.spare()),
                        d.wheelRated().isBlank()
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(quantity(side + ", wheel rated", d.wheelRated(), Dimension.MASS)),
                        d.donor().stream()
                                .map(l -> new DonorLook(l.kit(), l.at(), l.isSo()))
                                .toList()));
    }

    private static HubHeld held(String side, String name) {
        return Arrays.stream(HubHeld.values())
                .filter(h -> h.name().equals(name))
                .findFirst()
                .orElseThrow(() -> BadInputException.of(
                        side + ", hub held", name, "Choose one of: " + Arrays.toString(HubHeld.values()) + "."));
    }

    private Optional<Spare> spare(String side, String text) {
        return switch (text.strip()) {
            case "" -> Optional.empty();
            case "NONE" -> Optional.of(Spare.NONE);
            case "AS_ON_THE_ROAD" -> Optional.of(Spare.SAME);
            default ->
                Optional.of(Spare.of(wheels.apply(text.strip())
                        .orElseThrow(() -> BadInputException.of(
                                side + ", spare wheel",
                                text,
                                "No wheel " + text + " is on the parts wall. Import it there, or choose another."))));
        };
    }

    private Obstacle obstacle(String side, ObstacleText o) {
        String at = side + ", " + name(side, o.name());
        return checked(
                at,
                () -> new Obstacle(
                        o.name().strip(),
                        new ClockWindow(
                                number(at + ", clock from", o.clockFrom()), number(at + ", clock to", o.clockTo())),
                        length(at + ", x from", o.xFrom()),
                        length(at + ", x to", o.xTo()),
                        length(at + ", radius from", o.rFrom()),
                        length(at + ", radius to", o.rTo()),
                        o.halfLimit().isBlank() ? 1 : length(at + ", half-limit", o.halfLimit()),
                        o.mayBeGround().isBlank()
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(ground(at + ", may be ground", o.mayBeGround()))));
    }

    private Box box(String side, BoxText b) {
        String at = side + ", " + name(side, b.name());
        return checked(
                at,
                () -> new Box(
                        b.name().strip(),
                        new Point3(
                                length(at + ", x from", b.xFrom()),
                                length(at + ", forward from", b.forwardFrom()),
                                length(at + ", up from", b.upFrom())),
                        new Point3(
                                length(at + ", x to", b.xTo()),
                                length(at + ", forward to", b.forwardTo()),
                                length(at + ", up to", b.upTo())),
                        b.halfLimit().isBlank() ? 2 : length(at + ", half-limit", b.halfLimit())));
    }

    private static String name(String side, String name) {
        if (name.isBlank()) {
            throw BadInputException.of(side, "", "Name what stands there, such as frame rail or steering arm.");
        }
        return name.strip();
    }

    private Optional<Steering> steering(String side, SteeringText s) {
        if (allBlank(
                s.lowerX(),
                s.lowerForward(),
                s.lowerUp(),
                s.upperX(),
                s.upperForward(),
                s.upperUp(),
                s.lockIn(),
                s.lockOut())) {
            return Optional.empty();
        }
        String at = side + ", king-pin";
        return Optional.of(checked(
                at,
                () -> new Steering(
                        new Point3(
                                length(at + ", lower x", s.lowerX()),
                                length(at + ", lower forward", s.lowerForward()),
                                length(at + ", lower up", s.lowerUp())),
                        new Point3(
                                length(at + ", upper x", s.upperX()),
                                length(at + ", upper forward", s.upperForward()),
                                length(at + ", upper up", s.upperUp())),
                        number(at + ", lock in", s.lockIn()),
                        number(at + ", lock out", s.lockOut()),
                        1)));
    }

    private Optional<Travel> travel(String side, TravelText t) {
        if (allBlank(t.bump(), t.droop(), t.roll())) {
            return Optional.empty();
        }
        String at = side + ", travel";
        return Optional.of(checked(
                at,
                () -> new Travel(
                        length(at + " up", t.bump()),
                        length(at + " down", t.droop()),
                        t.roll().isBlank() ? 0 : number(at + ", lean", t.roll()))));
    }

    private Optional<Tyre> tyre(String side, TyreText t) {
        if (allBlank(t.width(), t.diameter(), t.rated(), t.chains())) {
            return Optional.empty();
        }
        String at = side + ", tyre";
        return Optional.of(checked(
                at,
                () -> new Tyre(
                        length(at + " width", t.width()),
                        length(at + " diameter", t.diameter()),
                        t.rated().isBlank()
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(quantity(at + " rating", t.rated(), Dimension.MASS)),
                        t.chains().isBlank() ? 0 : length(at + " chains", t.chains()))));
    }

    private Optional<HoseEnd> hose(String side, HoseText h) {
        if (allBlank(h.x(), h.forward(), h.up(), h.thread())) {
            return Optional.empty();
        }
        String at = side + ", hose";
        return Optional.of(checked(
                at,
                () -> new HoseEnd(
                        new Point3(
                                length(at + " x", h.x()),
                                length(at + " forward", h.forward()),
                                length(at + " up", h.up())),
                        h.thread().isBlank() ? Optional.empty() : Optional.of(Thread.parse(h.thread())))));
    }

    private static boolean allBlank(String... texts) {
        for (String t : texts) {
            if (!t.isBlank()) {
                return false;
            }
        }
        return true;
    }

    private static <T> T checked(String field, java.util.function.Supplier<T> make) {
        try {
            return make.get();
        } catch (BadInputException e) {
            throw e;
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(field, "", field + ": " + e.getMessage());
        }
    }

    /** A length that may be negative (mm), of something that stands beside the wheel. */
    private double length(String field, String text) {
        double length = quantity(field, text, Dimension.LENGTH);
        if (Math.abs(length) > FARTHEST) {
            throw BadInputException.of(
                    field,
                    text,
                    field + " of " + text + " is more than 3 m from the wheel. Check the figure and its unit.");
        }
        return length;
    }

    /** Nothing that stands beside a wheel is farther away (mm). */
    private static final double FARTHEST = 3000;
    /** More than this is not ground off anything that carries (mm); common practice. */
    private static final double MOST_GROUND = 20;

    private double ground(String field, String text) {
        double ground = length(field, text);
        if (ground < 0 || ground > MOST_GROUND) {
            throw BadInputException.of(
                    field,
                    text,
                    field + " of " + text
                            + " is not between 0 and 20 mm. What carries load is not ground away: replace or"
                            + " move it.");
        }
        return ground;
    }

    private double quantity(String field, String text, Dimension dimension) {
        String t = text.strip().replace('−', '-');
        boolean negative = t.startsWith("-");
        try {
            double value = ShopNotation.parse(negative ? t.substring(1) : t, dimension, Unit.usual(dimension, units))
                    .si();
            return negative ? -value : value;
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(field, text, field + ": " + e.getMessage());
        }
    }

    private static double number(String field, String text) {
        try {
            return Double.parseDouble(
                    text.strip().replace('−', '-').replace(',', '.').replace("°", ""));
        } catch (NumberFormatException e) {
            throw BadInputException.of(field, text, field + ": write an angle in degrees, such as 34.");
        }
    }
}
