package itrova.server.measure;

import itrova.core.vehicle.KingPinTape;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.TapedThing;
import itrova.core.vehicle.ThingKind;
import itrova.server.api.BadInputException;
import itrova.server.measure.AroundText.KingPinText;
import itrova.server.measure.AroundText.TapedText;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads what a person took around a wheel by tape; an empty far end means that it was not reached. */
final class TapedReader {
    private final FieldFigures figures;
    private final List<String> notes = new ArrayList<>();

    TapedReader(FieldFigures figures) {
        this.figures = figures;
    }

    /** What was turned round. */
    List<String> notes() {
        return notes;
    }

    TapedThing thing(String side, TapedText t) {
        ThingKind kind = one(ThingKind.values(), t.kind(), side + ", what stands there");
        String name = t.name().isBlank()
                ? kind.title().toLowerCase(java.util.Locale.ROOT)
                : t.name().strip();
        String at = side + ", " + name;
        Ends in = ends(at, "in to its outboard side", t.in(), "to its inboard side", t.inFar());
        if (in.near().isEmpty()) {
            throw wanted(at, "in to its outboard side");
        }
        return FieldFigures.checked(
                at, () -> t.beside() ? beside(at, kind, name, t, in) : onVehicle(at, kind, name, t, in));
    }

    private TapedThing beside(String at, ThingKind kind, String name, TapedText t, Ends in) {
        Ends radius = ends(at, "to its nearest edge", t.near(), "to its farthest edge", t.far());
        if (t.clock().isBlank()) {
            throw wanted(at, "direction: touch the drawing");
        }
        if (t.across().isBlank()) {
            throw wanted(at, "width across");
        }
        return new TapedThing.Beside(
                kind,
                name,
                FieldFigures.number(at + ", direction", t.clock()),
                figures.length(at + ", width across", t.across()),
                radius.near().orElseThrow(() -> wanted(at, "to its nearest edge")),
                radius.far(),
                in.near().getAsDouble(),
                in.far(),
                t.mayBeGround().isBlank()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(figures.ground(at + ", may be ground", t.mayBeGround())));
    }

    private TapedThing onVehicle(String at, ThingKind kind, String name, TapedText t, Ends in) {
        Ends along = ends(at, "rear end", t.rear(), "front end", t.front());
        Ends up = ends(at, "lower edge", t.low(), "upper edge", t.high());
        return new TapedThing.OnVehicle(
                kind,
                name,
                one(TapeFace.values(), t.from(), at + ", taken from"),
                in.near().getAsDouble(),
                in.far(),
                along.near(),
                along.far(),
                up.near(),
                up.far());
    }

    Optional<KingPinTape> kingPin(String side, KingPinText k) {
        if (FieldFigures.allBlank(
                k.lowerIn(),
                k.lowerDown(),
                k.upperIn(),
                k.upperUp(),
                k.lowerAhead(),
                k.upperAhead(),
                k.lockIn(),
                k.lockOut())) {
            return Optional.empty();
        }
        String at = side + ", king-pin";
        return Optional.of(FieldFigures.checked(
                at,
                () -> new KingPinTape(
                        figures.length(at + ", lower joint in", k.lowerIn()),
                        figures.length(at + ", lower joint down", k.lowerDown()),
                        figures.length(at + ", upper joint in", k.upperIn()),
                        figures.length(at + ", upper joint up", k.upperUp()),
                        figures.lengthIfTold(at + ", lower joint ahead", k.lowerAhead()),
                        figures.lengthIfTold(at + ", upper joint ahead", k.upperAhead()),
                        FieldFigures.number(at + ", turns in", k.lockIn()),
                        FieldFigures.number(at + ", turns out", k.lockOut()))));
    }

    private record Ends(OptionalDouble near, OptionalDouble far) {}

    /** Two ends in their order; those told the wrong way round are turned, and that is said. */
    private Ends ends(String at, String firstName, String first, String secondName, String second) {
        OptionalDouble near = figures.lengthIfTold(at + ", " + firstName, first);
        OptionalDouble far = figures.lengthIfTold(at + ", " + secondName, second);
        if (near.isPresent() && far.isPresent() && far.getAsDouble() < near.getAsDouble()) {
            notes.add(at + ": " + firstName + " " + first.strip() + " and " + secondName + " " + second.strip()
                    + " were turned round.");
            return new Ends(far, near);
        }
        return new Ends(near, far);
    }

    private static BadInputException wanted(String at, String what) {
        return BadInputException.of(at, "", at + ", " + what + ": measure it, or take the thing out.");
    }

    private static <E extends Enum<E>> E one(E[] all, String name, String field) {
        return Arrays.stream(all)
                .filter(e -> e.name().equals(name))
                .findFirst()
                .orElseThrow(() ->
                        BadInputException.of(field, name, field + ": choose one of " + Arrays.toString(all) + "."));
    }
}
