package itrova.server.measure;

import itrova.core.fastener.Thread;
import itrova.core.geometry.ClockWindow;
import itrova.core.geometry.Point3;
import itrova.core.quantity.Dimension;
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
import itrova.core.vehicle.Taped;
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
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** Reads what a person wrote about the surroundings of a wheel; says at which side, part and field it cannot. */
public final class AroundReader {
    /** What a steel rule is read to (mm). */
    private static final double RULE = 1;

    private final FieldFigures figures;
    private final Function<String, Optional<Wheel>> wheels;
    private final List<String> notes = new ArrayList<>();

    /**
     * @param units of whoever wrote
     * @param wheels finds a wheel by its code
     */
    AroundReader(UnitSystem units, Function<String, Optional<Wheel>> wheels) {
        figures = new FieldFigures(units);
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
                        .map(j -> joint(side, j))
                        .toList(),
                details(side, t.details()),
                taped(side, t));
    }

    /** What was turned round or read as running through 0, in words for whoever wrote it. */
    public List<String> notes() {
        return List.copyOf(notes);
    }

    private Taped taped(String side, SideText t) {
        TapedReader reader = new TapedReader(figures);
        Taped taped = new Taped(
                t.taped().stream().map(thing -> reader.thing(side, thing)).toList(), reader.kingPin(side, t.kingPin()));
        if (taped.kingPin().isPresent() && steering(side, t.steering()).isPresent()) {
            throw BadInputException.of(
                    side + ", king-pin",
                    "",
                    side + ", king-pin: it is told by tape and by figures. Empty one of the two.");
        }
        notes.addAll(reader.notes());
        return taped;
    }

    private static Joint joint(String side, AroundText.JointText j) {
        Joint.fault(j.size()).ifPresent(fault -> {
            String at = side + ", " + j.place().strip();
            throw BadInputException.of(at, j.size(), at + ": " + fault);
        });
        return new Joint(j.place().strip(), j.size().strip());
    }

    /** Two ends in their order; those told the wrong way round are turned, and that is said. */
    private Range range(String at, String what, String from, String to) {
        double a = figures.length(at + ", " + what + " from", from);
        double b = figures.length(at + ", " + what + " to", to);
        if (b < a) {
            notes.add(at + ": " + what + " " + from.strip() + " to " + to.strip() + " was turned round.");
            return new Range(b, a);
        }
        return new Range(a, b);
    }

    private record Range(double from, double to) {}

    private WheelDetails details(String side, DetailsText d) {
        String valve = side + ", valve";
        Optional<Valve> stands = !FieldFigures.allBlank(d.valveDepth(), d.valveHeight())
                ? Optional.of(FieldFigures.checked(
                        valve,
                        () -> new Valve(
                                figures.length(valve + ", depth", d.valveDepth()),
                                figures.length(valve + ", height", d.valveHeight()),
                                RULE)))
                : d.noValve() ? Optional.of(new Valve(0, 0, RULE)) : Optional.empty();
        String cap = side + ", room under the cap";
        return FieldFigures.checked(
                side + ", hub and wheel",
                () -> new WheelDetails(
                        d.held().isBlank() ? Optional.empty() : Optional.of(held(side, d.held())),
                        stands,
                        d.capRoom().isBlank()
                                ? Optional.empty()
                                : Optional.of(FieldFigures.checked(
                                        cap, () -> new CapRoom(figures.length(cap, d.capRoom()), RULE))),
                        spare(side, d.spare()),
                        d.wheelRated().isBlank()
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(
                                        figures.quantity(side + ", wheel rated", d.wheelRated(), Dimension.MASS)),
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
        Range x = range(at, "x", o.xFrom(), o.xTo());
        Range r = range(at, "radius", o.rFrom(), o.rTo());
        double from = FieldFigures.number(at + ", clock from", o.clockFrom());
        double to = FieldFigures.number(at + ", clock to", o.clockTo());
        return FieldFigures.checked(
                at,
                () -> new Obstacle(
                        o.name().strip(),
                        new ClockWindow(from, to < from ? to + 360 : to), // through 0, such as 350 to 10
                        x.from(),
                        x.to(),
                        r.from(),
                        r.to(),
                        o.halfLimit().isBlank() ? 1 : figures.length(at + ", half-limit", o.halfLimit()),
                        o.mayBeGround().isBlank()
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(figures.ground(at + ", may be ground", o.mayBeGround()))));
    }

    private Box box(String side, BoxText b) {
        String at = side + ", " + name(side, b.name());
        Range x = range(at, "x", b.xFrom(), b.xTo());
        Range forward = range(at, "forward", b.forwardFrom(), b.forwardTo());
        Range up = range(at, "up", b.upFrom(), b.upTo());
        return FieldFigures.checked(
                at,
                () -> new Box(
                        b.name().strip(),
                        new Point3(x.from(), forward.from(), up.from()),
                        new Point3(x.to(), forward.to(), up.to()),
                        b.halfLimit().isBlank() ? 2 : figures.length(at + ", half-limit", b.halfLimit())));
    }

    private static String name(String side, String name) {
        if (name.isBlank()) {
            throw BadInputException.of(side, "", "Name what stands there, such as frame rail or steering arm.");
        }
        return name.strip();
    }

    private Optional<Steering> steering(String side, SteeringText s) {
        if (FieldFigures.allBlank(
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
        return Optional.of(FieldFigures.checked(
                at,
                () -> new Steering(
                        new Point3(
                                figures.length(at + ", lower x", s.lowerX()),
                                figures.length(at + ", lower forward", s.lowerForward()),
                                figures.length(at + ", lower up", s.lowerUp())),
                        new Point3(
                                figures.length(at + ", upper x", s.upperX()),
                                figures.length(at + ", upper forward", s.upperForward()),
                                figures.length(at + ", upper up", s.upperUp())),
                        FieldFigures.number(at + ", lock in", s.lockIn()),
                        FieldFigures.number(at + ", lock out", s.lockOut()),
                        1)));
    }

    private Optional<Travel> travel(String side, TravelText t) {
        if (FieldFigures.allBlank(t.bump(), t.droop(), t.roll())) {
            return Optional.empty();
        }
        String at = side + ", travel";
        return Optional.of(FieldFigures.checked(
                at,
                () -> new Travel(
                        figures.length(at + " up", t.bump()),
                        figures.length(at + " down", t.droop()),
                        t.roll().isBlank() ? 0 : FieldFigures.number(at + ", lean", t.roll()))));
    }

    private Optional<Tyre> tyre(String side, TyreText t) {
        if (FieldFigures.allBlank(t.width(), t.diameter(), t.rated(), t.chains())) {
            return Optional.empty();
        }
        String at = side + ", tyre";
        return Optional.of(FieldFigures.checked(
                at,
                () -> new Tyre(
                        figures.length(at + " width", t.width()),
                        figures.length(at + " diameter", t.diameter()),
                        t.rated().isBlank()
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(figures.quantity(at + " rating", t.rated(), Dimension.MASS)),
                        t.chains().isBlank() ? 0 : figures.length(at + " chains", t.chains()))));
    }

    private Optional<HoseEnd> hose(String side, HoseText h) {
        if (FieldFigures.allBlank(h.x(), h.forward(), h.up(), h.thread())) {
            return Optional.empty();
        }
        String at = side + ", hose";
        return Optional.of(FieldFigures.checked(
                at,
                () -> new HoseEnd(
                        new Point3(
                                figures.length(at + " x", h.x()),
                                figures.length(at + " forward", h.forward()),
                                figures.length(at + " up", h.up())),
                        h.thread().isBlank() ? Optional.empty() : Optional.of(Thread.parse(h.thread())))));
    }
}
