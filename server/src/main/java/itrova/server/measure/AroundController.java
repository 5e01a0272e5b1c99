package itrova.server.measure;

import itrova.core.quantity.Dimension;
import itrova.core.quantity.Unit;
import itrova.core.stopping.TyreSize;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.Wheel;
import itrova.core.vehicle.WheelDetails.Spare;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.WheelChoice;
import itrova.server.axle.Workbench;
import itrova.server.measure.AroundText.SideText;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.WheelStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What stands around the wheels of an axle, and how they move there. */
@RestController
@RequestMapping("/api/axles/{axleId}/around")
public class AroundController {
    private final Workbench bench;
    private final JobStore jobs;
    private final WheelStore wheels;
    private final AroundChanges changes;
    private final CurrentPerson me;

    AroundController(Workbench bench, JobStore jobs, WheelStore wheels, AroundChanges changes, CurrentPerson me) {
        this.changes = changes;
        this.bench = bench;
        this.jobs = jobs;
        this.wheels = wheels;
        this.me = me;
    }

    public record AroundView(
            long axleId,
            long jobId,
            String jobTitle,
            String name,
            int version,
            @Nullable String chosenKit,
            boolean steered,
            List<HeldChoice> held,
            List<WheelChoice> wheels,
            SideText left,
            SideText right,
            List<StandingView> shapes) {}

    public record HeldChoice(HubHeld held, String word) {}

    /** Boxes and obstacles of one side in mm, to be drawn. */
    public record StandingView(
            Side side,
            String name,
            boolean onChassis,
            double xFrom,
            double xTo,
            double forwardFrom,
            double forwardTo,
            double upFrom,
            double upTo,
            double clockFrom,
            double clockTo,
            double rFrom,
            double rTo) {}

    public record AroundChange(
            int version,
            @NotNull @Valid SideText left,
            @NotNull @Valid SideText right) {}

    /** A tyre as large as its marking lets it be, in the reader's units; what the marking does not say is empty. */
    public record TyreText(String width, String diameter, String rated) {}

    /** What a tyre's marking says of its size and load. */
    @GetMapping("/tyre")
    public TyreText tyre(@PathVariable long axleId, @RequestParam @Size(max = 40) String marking) {
        bench.axle(axleId);
        TyreSize size = TyreSize.parse(marking)
                .orElseThrow(() -> BadInputException.of(
                        "marking",
                        marking,
                        "“" + marking
                                + "” is no marking of a tyre. Write it like 165/80 R 13 82 S, 165 R 13 or 6.40-13."));
        Unit unit = Unit.usual(Dimension.LENGTH, me.units());
        return new TyreText(
                text(size.widest(), unit),
                text(size.largest(), unit),
                size.ratedKg().isPresent()
                        ? String.format(Locale.ROOT, "%.0f kg", size.ratedKg().getAsDouble())
                        : "");
    }

    private static String text(double mm, Unit unit) {
        return unit == Unit.INCH
                ? String.format(Locale.ROOT, "%.1f in", Math.ceil(mm / unit.toSi() * 10) / 10)
                : String.format(Locale.ROOT, "%.0f mm", Math.ceil(mm));
    }

    @GetMapping
    public AroundView around(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        AroundWriter text = new AroundWriter(me.units());
        return new AroundView(
                axleId,
                row.jobId(),
                jobs.job(row.jobId()).title(),
                row.name(),
                row.version(),
                row.chosenKit().orElse(null),
                row.form().kind().isSteered(),
                Arrays.stream(HubHeld.values())
                        .map(h -> new HeldChoice(h, h.word()))
                        .toList(),
                wheels.all().stream()
                        .map(w -> new WheelChoice(w.code(), w.name()))
                        .toList(),
                text.write(side(row, Side.LEFT)),
                text.write(side(row, Side.RIGHT)),
                Arrays.stream(Side.values())
                        .flatMap(side -> shapes(side, side(row, side)))
                        .toList());
    }

    private static Surroundings side(AxleRow row, Side side) {
        return row.around().getOrDefault(side, Surroundings.UNSEEN);
    }

    private static java.util.stream.Stream<StandingView> shapes(Side side, Surroundings s) {
        return java.util.stream.Stream.concat(
                s.chassis().things().stream()
                        .map(b -> new StandingView(
                                side,
                                b.name(),
                                true,
                                b.low().x(),
                                b.high().x(),
                                b.low().f(),
                                b.high().f(),
                                b.low().z(),
                                b.high().z(),
                                0,
                                0,
                                0,
                                0)),
                s.inboard().things().stream()
                        .map(o -> new StandingView(
                                side,
                                o.name(),
                                false,
                                o.xFrom(),
                                o.xTo(),
                                0,
                                0,
                                0,
                                0,
                                o.window().from(),
                                o.window().to(),
                                o.rFrom(),
                                o.rTo())));
    }

    @PutMapping
    public AroundView change(@PathVariable long axleId, @Valid @RequestBody AroundChange body) {
        AxleRow row = bench.lockedAxle(axleId);
        Map<Side, Surroundings> sides = new EnumMap<>(Side.class);
        put(sides, Side.LEFT, reader(row, Side.LEFT).read("left", body.left()));
        put(sides, Side.RIGHT, reader(row, Side.RIGHT).read("right", body.right()));
        changes.write(row, body.version(), sides);
        return around(axleId);
    }

    /** A spare kept with the axle may stay, though no such wheel is on the wall any more. */
    private AroundReader reader(AxleRow row, Side side) {
        Optional<Wheel> kept = side(row, side).details().spare().flatMap(Spare::wheel);
        return new AroundReader(me.units(), code -> wheels.find(code)
                .or(() -> kept.filter(w -> w.code().equals(code))));
    }

    private static void put(Map<Side, Surroundings> sides, Side side, Surroundings s) {
        if (!s.equals(Surroundings.UNSEEN)) {
            sides.put(side, s);
        }
    }
}
