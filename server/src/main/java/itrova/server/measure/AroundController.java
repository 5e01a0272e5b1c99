package itrova.server.measure;

import itrova.core.quantity.Dimension;
import itrova.core.quantity.Unit;
import itrova.core.stopping.TyreSize;
import itrova.core.vehicle.HubHeld;
import itrova.core.vehicle.KingPinTape;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.TapeFace;
import itrova.core.vehicle.ThingKind;
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
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
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
            List<KindChoice> kinds,
            List<FaceChoice> faces,
            SideText left,
            SideText right,
            List<SideSketch> sketch,
            List<String> notes) {}

    /** What may stand there; whether it usually stands beside the caliper. */
    public record KindChoice(ThingKind kind, String word, boolean beside) {}

    public record FaceChoice(TapeFace face, String word) {}

    public record HeldChoice(HubHeld held, String word) {}

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
        Unit unit = Unit.defaultFor(Dimension.LENGTH, me.units());
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
        return view(bench.axle(axleId), List.of());
    }

    private AroundView view(AxleRow row, List<String> notes) {
        AroundWriter text = new AroundWriter(me.units());
        return new AroundView(
                row.id(),
                row.jobId(),
                jobs.job(row.jobId()).title(),
                row.name(),
                row.version(),
                row.chosenKit().orElse(null),
                row.form().kind().isSteered(),
                Arrays.stream(HubHeld.values())
                        .map(h -> new HeldChoice(h, me.wording().title(h)))
                        .toList(),
                wheels.all().stream()
                        .map(w -> new WheelChoice(w.code(), w.name()))
                        .toList(),
                Arrays.stream(ThingKind.values())
                        .map(k -> new KindChoice(k, me.wording().title(k), k.beside()))
                        .toList(),
                Arrays.stream(TapeFace.values())
                        .map(f -> new FaceChoice(f, f.title()))
                        .toList(),
                text.write(side(row, Side.LEFT)),
                text.write(side(row, Side.RIGHT)),
                sketch(row, row.around()),
                notes);
    }

    private List<SideSketch> sketch(AxleRow row, Map<Side, Surroundings> around) {
        return bench.ends(row).stream()
                .map(end -> SideSketch.of(end, around.getOrDefault(end.side(), Surroundings.UNSEEN)))
                .toList();
    }

    private static Surroundings side(AxleRow row, Side side) {
        return row.around().getOrDefault(side, Surroundings.UNSEEN);
    }

    /** What somebody is writing, drawn before it is kept. */
    @PostMapping("/sketch")
    public List<SideSketch> sketch(@PathVariable long axleId, @Valid @RequestBody AroundChange body) {
        AxleRow row = bench.axle(axleId);
        return sketch(row, read(row, body, new ArrayList<>()));
    }

    /** Angle of a lock (degrees) by a straight edge along the wheel and a line on the floor. */
    @GetMapping("/lock")
    public double lock(
            @PathVariable long axleId,
            @RequestParam @Size(max = 60) String length,
            @RequestParam @Size(max = 60) String swing) {
        bench.axle(axleId);
        FieldFigures figures = new FieldFigures(me.units());
        return Math.round(FieldFigures.checked(
                                "lock",
                                () -> KingPinTape.lock(
                                        figures.length("between the marks", length), figures.length("swing", swing)))
                        * 10)
                / 10.0;
    }

    private Map<Side, Surroundings> read(AxleRow row, AroundChange body, List<String> notes) {
        Map<Side, Surroundings> sides = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            AroundReader reader = reader(row, side);
            put(sides, side, reader.read(side.word(), side == Side.LEFT ? body.left() : body.right()));
            notes.addAll(reader.notes());
        }
        return sides;
    }

    @PutMapping
    public AroundView change(@PathVariable long axleId, @Valid @RequestBody AroundChange body) {
        AxleRow row = bench.lockedAxle(axleId);
        List<String> notes = new ArrayList<>();
        changes.write(row, body.version(), read(row, body, notes));
        return view(bench.axle(axleId), notes);
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
