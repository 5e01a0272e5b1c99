package itrova.server.order;

import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.core.receive.HandTrial;
import itrova.core.receive.Incoming;
import itrova.core.receive.Incoming.Compared;
import itrova.core.receive.IncomingFigure;
import itrova.core.receive.Tried;
import itrova.core.vehicle.Side;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Chosen;
import itrova.server.axle.Releases;
import itrova.server.axle.Workbench;
import itrova.server.store.Decision.DefectNoted;
import itrova.server.store.Decision.PartTried;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Kind;
import itrova.server.store.EventStore.Place;
import itrova.server.store.IncomingStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.suppliers.SupplierOrders;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Unpacking: what came measured against what was promised and tried by hand, defects, and what it changes. Lengths in mm. */
@RestController
@RequestMapping("/api/axles/{axleId}/unpacking")
public class UnpackController {
    private final Workbench bench;
    private final Releases releases;
    private final IncomingStore incoming;
    private final SupplierOrders suppliers;
    private final EventStore events;
    private final Defects defects;
    private final CurrentPerson me;

    UnpackController(
            Workbench bench,
            Releases releases,
            IncomingStore incoming,
            SupplierOrders suppliers,
            EventStore events,
            Defects defects,
            CurrentPerson me) {
        this.bench = bench;
        this.releases = releases;
        this.incoming = incoming;
        this.suppliers = suppliers;
        this.events = events;
        this.defects = defects;
        this.me = me;
    }

    /** A piece as it was measured; absent text where it was not. */
    public record PieceView(
            @Nullable String text,
            @Nullable Double value,
            @Nullable Double half,
            Compared compared) {}

    /**
     * @param promised what the papers say
     * @param tolerance half width of it
     * @param assumed whether the papers state no tolerance and the shop's class stands in
     */
    public record IncomingView(
            IncomingFigure figure,
            String title,
            double promised,
            double tolerance,
            boolean assumed,
            PieceView left,
            PieceView right) {}

    /** One piece as it was tried last; absent where nobody did. */
    public record HandTriedView(@Nullable Boolean good, String note, String by) {}

    public record HandTrialView(HandTrial trial, String title, HandTriedView left, HandTriedView right) {}

    /**
     * @param supplier who sold the kit
     * @param donor what donor parts are told by
     * @param changes verdicts the order was released by that what came, or a later reading, overturns
     * @param released who released the order anew last, and why; empty if nobody did
     */
    public record UnpackView(
            String supplier,
            List<String> suppliers,
            List<IncomingView> figures,
            List<HandTrialView> trials,
            List<String> donor,
            List<Defects.DefectView> defects,
            List<String> changes,
            String verdict,
            String released,
            String seal) {}

    public record IncomingForm(
            @NotNull IncomingFigure figure,
            @NotNull Side side,
            @NotNull @Size(max = 40) String text) {}

    /** @param note what is wrong; empty where the piece is good */
    public record HandTrialForm(
            @NotNull HandTrial trial,
            @NotNull Side side,
            boolean good,
            @NotNull @Size(max = 200) String note) {}

    public record DefectForm(
            @NotBlank @Size(max = 80) String supplier,
            @NotBlank @Size(max = 120) String item,
            @NotBlank @Size(max = 300) String what,
            @NotNull DefectNoted.Then then) {}

    @GetMapping
    public UnpackView look(@PathVariable long axleId) {
        Chosen chosen = bench.chosen(bench.axle(axleId));
        Kit promised = promised(chosen);
        Incoming came = incoming.of(axleId, promised.code());
        List<IncomingStore.Row> rows = incoming.rows(axleId, promised.code());
        return new UnpackView(
                promised.supplier(),
                Stream.concat(
                                Stream.of(promised.supplier()),
                                suppliers.ofAxle(axleId).stream()
                                        .map(r -> r.order().supplier()))
                        .distinct()
                        .sorted()
                        .toList(),
                Incoming.of(promised).stream()
                        .map(f -> view(promised, came, rows, f))
                        .toList(),
                trials(axleId, promised),
                promised.fitting().donorChecks(),
                defects.of(axleId),
                releases.overturned(chosen).stream().map(me.wording()::say).toList(),
                chosen.report().verdict().word(),
                releases.anew(chosen)
                        .map(t -> t.by() + ": " + t.decision().reason())
                        .orElse(""),
                chosen.seal());
    }

    /** The kit as its papers promise it, options taken. */
    static Kit promised(Chosen chosen) {
        return chosen.kit().with(chosen.options());
    }

    private static IncomingView view(Kit promised, Incoming came, List<IncomingStore.Row> rows, IncomingFigure figure) {
        Figure papers = figure.promised(promised).orElseThrow();
        return new IncomingView(
                figure,
                figure.title(),
                papers.value(),
                papers.tolerance(),
                papers.assumed(),
                piece(promised, came, rows, figure, Side.LEFT),
                piece(promised, came, rows, figure, Side.RIGHT));
    }

    private static PieceView piece(
            Kit promised, Incoming came, List<IncomingStore.Row> rows, IncomingFigure figure, Side side) {
        Optional<IncomingStore.Row> last = rows.stream()
                .filter(r -> r.figure() == figure && r.side() == side)
                .reduce((first, second) -> second)
                .filter(r -> r.reading().isPresent());
        return new PieceView(
                last.map(IncomingStore.Row::text).orElse(null),
                last.flatMap(IncomingStore.Row::reading)
                        .map(Incoming.Reading::value)
                        .orElse(null),
                last.flatMap(IncomingStore.Row::reading)
                        .map(Incoming.Reading::half)
                        .orElse(null),
                came.compared(promised, figure, side));
    }

    private List<HandTrialView> trials(long axleId, Kit kit) {
        Map<String, HandTriedView> last = new HashMap<>();
        for (Releases.Taken<PartTried> taken : releases.tried(axleId, kit.code())) {
            Tried t = taken.decision().tried();
            last.put(t.trial() + " " + t.side(), new HandTriedView(t.isGood(), t.note(), taken.by()));
        }
        HandTriedView nobody = new HandTriedView(null, "", "");
        return HandTrial.of(kit).stream()
                .map(t -> new HandTrialView(
                        t,
                        t.title(),
                        last.getOrDefault(t + " " + Side.LEFT, nobody),
                        last.getOrDefault(t + " " + Side.RIGHT, nobody)))
                .toList();
    }

    /** Writes a reading down; an empty one takes the earlier back. The fit is worked out with it from then on. */
    @PostMapping("/readings")
    @Transactional
    public UnpackView read(@PathVariable long axleId, @Valid @RequestBody IncomingForm body) {
        AxleRow row = bench.lockedAxle(axleId);
        Chosen chosen = bench.chosen(row);
        Kit promised = promised(chosen);
        if (releases.orders(axleId).isEmpty()) {
            throw new ConflictException("Nothing is ordered for the " + row.name() + ": nothing can have come.");
        }
        if (body.figure().promised(promised).isEmpty()) {
            throw BadInputException.of(
                    "figure",
                    body.figure().name(),
                    "The papers of kit " + promised.code() + " promise no “"
                            + body.figure().title() + "”.");
        }
        String text = body.text().strip();
        Optional<Incoming.Reading> reading =
                text.isEmpty() ? Optional.empty() : Optional.of(parse(body.figure(), text));
        incoming.add(
                axleId,
                promised.code(),
                new IncomingStore.Row(body.figure(), body.side(), text, reading, "", Instant.now()),
                me.get().id());
        events.add(
                Place.axle(row.jobId(), axleId),
                Kind.PART_MEASURED,
                body.figure().title() + ", " + body.side().word(),
                Map.of("kit", promised.code(), "text", text.isEmpty() ? "taken back" : text),
                me.get().id());
        return look(axleId);
    }

    /** A reading with what it may be off, where that is told: {@code 12,9 ± 0,05 mm}. */
    private Incoming.Reading parse(IncomingFigure figure, String text) {
        String[] parts = text.split("±|\\+/?-", 2);
        try {
            String value = parts[0].strip();
            double mm = mm(value);
            // the doubt may be told with the unit the value leaves out, or the other way round
            double half = parts.length == 1 ? figure.half() : mm(parts[1].strip());
            return new Incoming.Reading(
                    parts.length == 2 && isBare(value) && !isBare(parts[1].strip())
                            ? mm(value + " " + unit(parts[1]))
                            : mm,
                    half);
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("text", text, figure.title() + ": " + e.getMessage());
        }
    }

    private static boolean isBare(String text) {
        return text.matches("[\\d.,/ ]+");
    }

    private static String unit(String text) {
        return text.replaceAll("[\\d.,/ ]", "");
    }

    private double mm(String text) {
        return ShopNotation.parse(text, Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, me.units()))
                .si();
    }

    /** Writes down how a piece did when it was tried by hand. What is not good holds up the steps that want it. */
    @PostMapping("/trials")
    @Transactional
    public UnpackView tried(@PathVariable long axleId, @Valid @RequestBody HandTrialForm body) {
        AxleRow row = bench.lockedAxle(axleId);
        Kit kit = promised(bench.chosen(row));
        if (releases.orders(axleId).isEmpty()) {
            throw new ConflictException("Nothing is ordered for the " + row.name() + ": nothing can have come.");
        }
        if (!HandTrial.of(kit).contains(body.trial())) {
            throw BadInputException.of(
                    "trial",
                    body.trial().name(),
                    "Kit " + kit.code() + " has nothing to try by “"
                            + body.trial().title() + "”.");
        }
        try {
            Tried tried = new Tried(
                    body.trial(), body.side(), body.good(), body.note().strip());
            events.add(
                    Place.axle(row.jobId(), axleId),
                    new PartTried(kit.code(), tried),
                    me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("note", body.note(), body.trial().title() + ": " + e.getMessage());
        }
        return look(axleId);
    }

    /** Notes something that came and cannot be used as it is, and what is done about it. */
    @PostMapping("/defects")
    @Transactional
    public UnpackView defect(@PathVariable long axleId, @Valid @RequestBody DefectForm body) {
        AxleRow row = bench.lockedAxle(axleId);
        if (releases.orders(axleId).isEmpty()) {
            throw new ConflictException("Nothing is ordered for the " + row.name() + ": nothing can have come.");
        }
        events.add(
                Place.axle(row.jobId(), axleId),
                new DefectNoted(
                        body.supplier().strip(),
                        body.item().strip(),
                        body.what().strip(),
                        body.then()),
                me.get().id());
        return look(axleId);
    }
}
