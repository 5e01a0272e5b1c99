package itrova.server.api;

import itrova.core.fastener.Thread;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Point3;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Joint;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Surroundings.Box;
import itrova.core.vehicle.Surroundings.HoseEnd;
import itrova.core.vehicle.Surroundings.Obstacle;
import itrova.core.vehicle.Surroundings.Steering;
import itrova.core.vehicle.Surroundings.Travel;
import itrova.core.vehicle.Surroundings.Tyre;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What stands around a wheel as a person writes it, in shop notation and in the person's own units. */
final class AroundText {
    private final UnitSystem units;

    AroundText(UnitSystem units) {
        this.units = units;
    }

    record ObstacleText(
            @NotNull @Size(max = 60) String name,
            @NotNull @Size(max = 60) String clockFrom,
            @NotNull @Size(max = 60) String clockTo,
            @NotNull @Size(max = 60) String xFrom,
            @NotNull @Size(max = 60) String xTo,
            @NotNull @Size(max = 60) String rFrom,
            @NotNull @Size(max = 60) String rTo,
            @NotNull @Size(max = 60) String halfLimit,
            @NotNull @Size(max = 60) String mayBeGround) {}

    record BoxText(
            @NotNull @Size(max = 60) String name,
            @NotNull @Size(max = 60) String xFrom,
            @NotNull @Size(max = 60) String xTo,
            @NotNull @Size(max = 60) String forwardFrom,
            @NotNull @Size(max = 60) String forwardTo,
            @NotNull @Size(max = 60) String upFrom,
            @NotNull @Size(max = 60) String upTo,
            @NotNull @Size(max = 60) String halfLimit) {}

    record SteeringText(
            @NotNull @Size(max = 60) String lowerX,
            @NotNull @Size(max = 60) String lowerForward,
            @NotNull @Size(max = 60) String lowerUp,
            @NotNull @Size(max = 60) String upperX,
            @NotNull @Size(max = 60) String upperForward,
            @NotNull @Size(max = 60) String upperUp,
            @NotNull @Size(max = 60) String lockIn,
            @NotNull @Size(max = 60) String lockOut) {}

    record TravelText(
            @NotNull @Size(max = 60) String bump,
            @NotNull @Size(max = 60) String droop,
            @NotNull @Size(max = 60) String roll) {}

    record TyreText(
            @NotNull @Size(max = 60) String width,
            @NotNull @Size(max = 60) String diameter,
            @NotNull @Size(max = 60) String rated) {}

    record HoseText(
            @NotNull @Size(max = 60) String x,
            @NotNull @Size(max = 60) String forward,
            @NotNull @Size(max = 60) String up,
            @NotNull @Size(max = 60) String thread) {}

    record JointText(
            @NotNull @Size(max = 60) String place,
            @NotNull @Size(max = 60) String size) {}

    /** One side; a part whose figures are all empty was not measured. */
    record SideText(
            boolean lookedInboard,
            @NotNull @Size(max = 40) List<@Valid ObstacleText> inboard,
            boolean lookedAround,
            @NotNull @Size(max = 40) List<@Valid BoxText> chassis,
            @NotNull @Valid SteeringText steering,
            @NotNull @Valid TravelText travel,
            @NotNull @Valid TyreText tyre,
            @NotNull @Valid HoseText hose,
            @NotNull @Size(max = 20) List<@Valid JointText> joints) {}

    // --- reading ---

    Surroundings read(String side, SideText t) {
        return new Surroundings(
                t.lookedInboard()
                        ? Optional.of(
                                t.inboard().stream().map(o -> obstacle(side, o)).toList())
                        : Optional.empty(),
                t.lookedAround()
                        ? Optional.of(
                                t.chassis().stream().map(b -> box(side, b)).toList())
                        : Optional.empty(),
                steering(side, t.steering()),
                travel(side, t.travel()),
                tyre(side, t.tyre()),
                hose(side, t.hose()),
                t.joints().stream()
                        .filter(j -> !j.place().isBlank())
                        .map(j -> new Joint(j.place().strip(), j.size().strip()))
                        .toList());
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
                                : OptionalDouble.of(length(at + ", may be ground", o.mayBeGround()))));
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
        if (allBlank(t.width(), t.diameter(), t.rated())) {
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
                                : OptionalDouble.of(quantity(at + " rating", t.rated(), Dimension.MASS)))));
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

    /** A length that may be negative (mm). */
    private double length(String field, String text) {
        return quantity(field, text, Dimension.LENGTH);
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

    // --- writing ---

    SideText write(Surroundings s) {
        return new SideText(
                s.inboard().isPresent(),
                s.inboard().orElse(List.of()).stream().map(this::text).toList(),
                s.chassis().isPresent(),
                s.chassis().orElse(List.of()).stream().map(this::text).toList(),
                s.steering()
                        .map(t -> new SteeringText(
                                said(t.lower().x()),
                                said(t.lower().f()),
                                said(t.lower().z()),
                                said(t.upper().x()),
                                said(t.upper().f()),
                                said(t.upper().z()),
                                angle(t.lockIn()),
                                angle(t.lockOut())))
                        .orElse(new SteeringText("", "", "", "", "", "", "", "")),
                s.travel()
                        .map(t -> new TravelText(said(t.bump()), said(t.droop()), angle(t.roll())))
                        .orElse(new TravelText("", "", "")),
                s.tyre()
                        .map(t -> new TyreText(
                                said(t.width()),
                                said(t.diameter()),
                                t.ratedKg().isPresent() ? mass(t.ratedKg().getAsDouble()) : ""))
                        .orElse(new TyreText("", "", "")),
                s.hose()
                        .map(h -> new HoseText(
                                said(h.at().x()),
                                said(h.at().f()),
                                said(h.at().z()),
                                h.thread().map(Thread::designation).orElse("")))
                        .orElse(new HoseText("", "", "", "")),
                s.joints().stream().map(j -> new JointText(j.place(), j.size())).toList());
    }

    private ObstacleText text(Obstacle o) {
        return new ObstacleText(
                o.name(),
                angle(o.window().from()),
                angle(o.window().to()),
                said(o.xFrom()),
                said(o.xTo()),
                said(o.rFrom()),
                said(o.rTo()),
                said(o.halfLimit()),
                o.mayBeGround().isPresent() ? said(o.mayBeGround().getAsDouble()) : "");
    }

    private BoxText text(Box b) {
        return new BoxText(
                b.name(),
                said(b.low().x()),
                said(b.high().x()),
                said(b.low().f()),
                said(b.high().f()),
                said(b.low().z()),
                said(b.high().z()),
                said(b.halfLimit()));
    }

    /** A length with its unit, fine enough to be read back unchanged. */
    private String said(double mm) {
        return units == UnitSystem.METRIC ? plain(mm, 2) + " mm" : plain(mm / Unit.INCH.toSi(), 4) + " in";
    }

    private String mass(double kg) {
        return units == UnitSystem.METRIC ? plain(kg, 1) + " kg" : plain(kg / Unit.POUND.toSi(), 1) + " lb";
    }

    private static String angle(double degrees) {
        return plain(degrees, 2);
    }

    private static String plain(double value, int digits) {
        BigDecimal rounded =
                BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }
}
