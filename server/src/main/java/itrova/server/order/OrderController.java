package itrova.server.order;

import itrova.core.check.completeness.NotChecked;
import itrova.core.choice.Overturned;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderLine;
import itrova.core.order.OrderSheet;
import itrova.core.placed.VehicleCase;
import itrova.core.work.BenchPlan;
import itrova.formats.paper.OrderCsv;
import itrova.formats.paper.OrderPaper;
import itrova.formats.paper.OrderPdf;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.SeenOtherException;
import itrova.server.axle.Chosen;
import itrova.server.axle.FindingViews;
import itrova.server.axle.Releases;
import itrova.server.axle.Releases.Taken;
import itrova.server.axle.Workbench;
import itrova.server.store.Decision.OrderPlaced;
import itrova.server.store.Decision.OrderSigned;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.ReleaseStore;
import itrova.server.store.ShopStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The order sheet and its gate. */
@RestController
@RequestMapping("/api/axles/{axleId}")
public class OrderController {
    private static final String CURRENCY = "EUR";

    private final Workbench bench;
    private final JobStore jobs;
    private final EventStore events;
    private final ShopStore shop;
    private final Releases releases;
    private final ReleaseStore plans;
    private final CurrentPerson me;

    OrderController(
            Workbench bench,
            JobStore jobs,
            EventStore events,
            ShopStore shop,
            Releases releases,
            ReleaseStore plans,
            CurrentPerson me) {
        this.releases = releases;
        this.plans = plans;
        this.shop = shop;
        this.bench = bench;
        this.jobs = jobs;
        this.events = events;
        this.me = me;
    }

    public record LineView(
            OrderLine.Kind kind,
            String supplier,
            String item,
            int quantity,
            long unitCents,
            long totalCents,
            int leadDays,
            String remark) {}

    public record SignatureView(String by, Instant at, String reason) {}

    public record OrderView(
            long axleId,
            long jobId,
            String jobTitle,
            String name,
            String kit,
            String kitName,
            Verdict verdict,
            OrderGate.State gate,
            String gateText,
            boolean signable,
            List<FindingViews.FindingView> holding,
            @Nullable SignatureView signature,
            @Nullable Instant placedAt,
            @Nullable String placedBy,
            List<LineView> lines,
            long totalCents,
            int leadDays,
            String currency,
            List<String> notChecked,
            @Nullable String newerEdition,
            String selection,
            List<String> alarms,
            List<EarlierOrderView> earlierOrders,
            String seal) {}

    /** An order placed for something else than what is chosen now. */
    public record EarlierOrderView(String what, Instant at, String by, long totalCents) {}

    /** What somebody means who has seen a sheet: that sheet and no other. */
    public record PlacementRequest(@NotNull @Size(max = 64) String seal) {}

    public record SignatureRequest(
            @NotNull @NotBlank @Size(min = 10, max = 500) String reason,
            @NotNull @Size(max = 64) String seal) {}

    /** All about the order of one axle. */
    private record State(
            Chosen chosen,
            String seal,
            OrderGate gate,
            OrderSheet sheet,
            Optional<Taken<OrderSigned>> signature,
            Optional<Taken<OrderPlaced>> placed) {
        AxleRow row() {
            return chosen.row();
        }

        KitReport report() {
            return chosen.report();
        }

        boolean mayOrder() {
            return gate.state() == OrderGate.State.OPEN
                    || gate.state() == OrderGate.State.HELD && signature.isPresent();
        }
    }

    private State state(long axleId) {
        Chosen chosen = bench.chosen(bench.axle(axleId));
        OrderGate gate = OrderGate.of(chosen.report());
        List<AxleRow> vehicleRows = jobs.axles(chosen.row().jobId());
        VehicleCase vehicle = new VehicleCase(vehicleRows.stream()
                .map(row -> new VehicleCase.OnAxle(
                        row.name(),
                        bench.chosenKit(row),
                        row.chosen().flatMap(s -> releases.order(row.id(), s)).isPresent()))
                .toList());
        return new State(
                chosen,
                chosen.seal(),
                gate,
                chosen.sheet().on(vehicle, indexIn(vehicleRows, axleId)),
                gate.state() == OrderGate.State.HELD ? releases.signature(chosen) : Optional.empty(),
                releases.order(axleId, chosen.selection()));
    }

    private static int indexIn(List<AxleRow> rows, long axleId) {
        return rows.stream().map(AxleRow::id).toList().indexOf(axleId);
    }

    /** The order as it stands, if it is the one seen; else both are told. */
    private State seen(long axleId, String seal) {
        State s = state(axleId);
        if (!s.seal().equals(seal)) {
            throw new SeenOtherException(
                    "What you saw has changed meanwhile: now it is kit "
                            + s.report().kit().code() + ", "
                            + s.report().verdict().word()
                            + ". Nothing was done. Look at the sheet as it is now, then decide again.",
                    seal,
                    s.seal());
        }
        return s;
    }

    @GetMapping("/order")
    public OrderView order(@PathVariable long axleId) {
        State s = state(axleId);
        JobStore.JobRow job = jobs.job(s.row().jobId());
        return new OrderView(
                axleId,
                s.row().jobId(),
                job.title(),
                s.row().name(),
                s.report().kit().code(),
                s.report().kit().name(),
                s.report().verdict(),
                s.gate().state(),
                gateText(s),
                s.gate().state() == OrderGate.State.HELD && s.signature().isEmpty(),
                s.gate().holding().stream()
                        .map(f -> FindingViews.finding(f, me.wording()))
                        .toList(),
                s.signature()
                        .map(t -> new SignatureView(t.by(), t.at(), t.decision().reason()))
                        .orElse(null),
                s.placed().map(Taken::at).orElse(null),
                s.placed().map(Taken::by).orElse(null),
                s.sheet().lines().stream()
                        .map(l -> new LineView(
                                l.kind(),
                                l.supplier(),
                                me.wording().say(l.item()),
                                l.quantity(),
                                l.unitCents(),
                                l.totalCents(),
                                l.leadDays(),
                                me.wording().say(l.remark())))
                        .toList(),
                s.sheet().totalCents(),
                s.sheet().longestLeadDays(),
                CURRENCY,
                me.said(NotChecked.on(bench.ends(s.row()))),
                bench.newerEdition(s.row()).orElse(null),
                s.chosen().selection().describe(),
                releases.overturned(s.chosen()).stream()
                        .map(Overturned::sentence)
                        .toList(),
                releases.orders(axleId).stream()
                        .filter(t ->
                                !t.decision().selection().isSameAs(s.chosen().selection()))
                        .map(t -> new EarlierOrderView(
                                t.decision().subject(),
                                t.at(),
                                t.by(),
                                t.decision().totalCents()))
                        .toList(),
                s.seal());
    }

    private static String gateText(State s) {
        return switch (s.gate().state()) {
            case OPEN -> "Every check made is proven. It may be ordered.";
            case HELD ->
                s.signature().isPresent()
                        ? "Signed for by " + s.signature().get().by() + "."
                        : toSign(s.gate().holding());
            case SHUT ->
                held(s.gate().holding())
                        + " proven not to fit. No signature covers that: choose other work, another kit or another wheel.";
        };
    }

    private static String toSign(List<Finding> holding) {
        List<Finding> open =
                holding.stream().filter(f -> f.verdict() == Verdict.NOT_PROVEN).toList();
        String text = open.isEmpty() ? "" : held(open) + " not proven. Measure, or a lead signs with a reason.";
        return open.size() == holding.size()
                ? text
                : (text + " Drums could not go back. The owner may give that up, and a lead signs with the reason.")
                        .strip();
    }

    private static String held(List<Finding> findings) {
        return findings.size() == 1 ? "1 check is" : findings.size() + " checks are";
    }

    @PostMapping("/order/signature")
    public OrderView sign(@PathVariable long axleId, @Valid @RequestBody SignatureRequest body) {
        bench.lockedAxle(axleId);
        State s = seen(axleId, body.seal());
        if (s.gate().state() == OrderGate.State.SHUT) {
            throw new ConflictException(gateText(s));
        }
        if (s.gate().state() == OrderGate.State.OPEN) {
            throw new ConflictException("Every check is proven; nothing has to be signed for.");
        }
        long person = me.get().id();
        releases.keep(s.chosen(), person);
        events.addOnce(
                Place.axle(s.row().jobId(), axleId),
                new OrderSigned(s.chosen().selection(), s.seal(), body.reason().strip()),
                person,
                "signed " + axleId + " " + s.seal() + " " + person);
        return order(axleId);
    }

    /** Places the order and freezes the plan of the work with it. */
    @PostMapping("/order/placement")
    public OrderView place(@PathVariable long axleId, @Valid @RequestBody PlacementRequest body) {
        bench.lockedAxle(axleId);
        State s = seen(axleId, body.seal());
        if (!s.mayOrder()) {
            throw new ConflictException(gateText(s));
        }
        if (s.placed().isEmpty()) {
            long person = me.get().id();
            releases.keep(s.chosen(), person);
            events.addOnce(
                    Place.axle(s.row().jobId(), axleId),
                    new OrderPlaced(
                            s.chosen().selection(),
                            s.seal(),
                            s.report().verdict().word(),
                            s.sheet().totalCents(),
                            OrderCsv.write(paper(s))),
                    person,
                    "placed " + axleId + " " + s.seal());
            plans.freeze(
                    axleId,
                    s.chosen().selection(),
                    BenchPlan.of(s.report(), s.row().form().kind()),
                    person);
        }
        return order(axleId);
    }

    @GetMapping(value = "/order.csv", produces = "text/csv;charset=UTF-8")
    public ResponseEntity<String> csv(@PathVariable long axleId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"order-" + axleId + ".csv\"")
                .body(OrderCsv.write(paper(released(axleId))));
    }

    @GetMapping(value = "/order.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> pdf(@PathVariable long axleId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"order-" + axleId + ".pdf\"")
                .body(OrderPdf.write(paper(released(axleId))));
    }

    private State released(long axleId) {
        State s = state(axleId);
        if (!s.mayOrder()) {
            throw new ConflictException(gateText(s));
        }
        return s;
    }

    private OrderPaper paper(State s) {
        String signature = s.signature()
                .map(t -> "Signed for what is not proven by " + t.by() + ": "
                        + t.decision().reason())
                .orElse("");
        return new OrderPaper(
                shop.name().orElse(""),
                jobs.job(s.row().jobId()).title(),
                s.row().name(),
                s.report().verdict().word(),
                signature,
                LocalDate.now(Clock.systemDefaultZone()).toString(),
                CURRENCY,
                s.sheet(),
                me.said(NotChecked.on(bench.ends(s.row()))),
                me.wording());
    }
}
