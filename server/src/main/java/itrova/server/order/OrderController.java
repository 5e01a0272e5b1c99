package itrova.server.order;

import itrova.core.check.completeness.NotChecked;
import itrova.core.finding.Verdict;
import itrova.core.order.Bill;
import itrova.core.order.CostRange;
import itrova.core.order.FullCost;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderLine;
import itrova.core.wording.Wording;
import itrova.core.work.BenchPlan;
import itrova.core.work.SpecialTool;
import itrova.formats.paper.OrderCsv;
import itrova.formats.paper.OrderPdf;
import itrova.formats.paper.OrderXlsx;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.FindingViews;
import itrova.server.axle.Releases;
import itrova.server.axle.Releases.Taken;
import itrova.server.axle.VehicleAxles;
import itrova.server.axle.Workbench;
import itrova.server.store.JobStore;
import itrova.server.store.ShopStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
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
    private final Orders orders;
    private final Workbench bench;
    private final JobStore jobs;
    private final Releases releases;
    private final VehicleAxles axles;
    private final ShopStore shop;
    private final CurrentPerson me;

    OrderController(
            Orders orders,
            Workbench bench,
            JobStore jobs,
            Releases releases,
            VehicleAxles axles,
            ShopStore shop,
            CurrentPerson me) {
        this.shop = shop;
        this.axles = axles;
        this.orders = orders;
        this.bench = bench;
        this.jobs = jobs;
        this.releases = releases;
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

    /** @param machined whether something of it is worked on a machine, and an order to a machine shop can be had */
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
            double taxPercent,
            int leadDays,
            String currency,
            List<String> notChecked,
            @Nullable String newerEdition,
            String selection,
            List<String> alarms,
            List<BrakeHoldView> brakes,
            List<EarlierOrderView> earlierOrders,
            boolean machined,
            String seal) {}

    /** An order placed for something else than what is chosen now. */
    public record EarlierOrderView(String what, Instant at, String by, long totalCents) {}

    /** What somebody means who has seen a sheet: that sheet and no other. */
    public record PlacementRequest(@NotNull @Size(max = 64) String seal) {}

    public record SignatureRequest(
            @NotNull @NotBlank @Size(min = 10, max = 500) String reason,
            @NotNull @Size(max = 64) String seal) {}

    /** Money between its least and its most (cents). */
    public record CostRangeView(long low, long likely, long high) {
        static CostRangeView of(CostRange range) {
            return new CostRangeView(range.low(), range.likely(), range.high());
        }
    }

    /** One thing the plan's steps take; the cost is absent where nobody prices it. */
    public record BillLineView(
            String what,
            String step,
            int needed,
            int inBox,
            int toBuy,
            Bill.From from,
            @Nullable CostRangeView cost,
            @Nullable String code,
            boolean usedUp) {
        static BillLineView of(Bill.Line l, Wording wording) {
            return new BillLineView(
                    l.what(),
                    wording.title(l.step()),
                    l.needed(),
                    l.inBox(),
                    l.toBuy(),
                    l.from(),
                    l.cost().map(CostRangeView::of).orElse(null),
                    l.code().orElse(null),
                    l.isUsedUp());
        }
    }

    /** What the axle costs in full, and everything its steps take. */
    public record FullCostView(
            List<BillLineView> bill,
            CostRangeView bought,
            CostRangeView besides,
            CostRangeView hours,
            CostRangeView total,
            long rateCents,
            List<ToolWantedView> tools) {}

    /** A tool the plan's steps want and the shop has not, and how it is had. */
    public record ToolWantedView(String tool, String ways, List<String> steps) {}

    /** What of the vehicle's brakes holds the order. */
    public record BrakeHoldView(String title, Verdict verdict, String next) {}

    @GetMapping("/order")
    public OrderView order(@PathVariable long axleId) {
        Orders.State s = orders.state(axleId);
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
                s.gateText(),
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
                shop.settings().taxPercent().doubleValue(),
                s.sheet().longestLeadDays(),
                shop.currency(),
                me.said(NotChecked.on(bench.ends(s.row()))),
                bench.newerEdition(s.row()).orElse(null),
                s.chosen().selection().describe(),
                releases.overturned(s.chosen()).stream().map(me.wording()::say).toList(),
                s.gate().brakes().stream()
                        .map(b -> new BrakeHoldView(
                                me.wording().say(b.title()),
                                b.verdict(),
                                me.wording().say(b.next())))
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
                !s.worked().isEmpty(),
                s.seal());
    }

    /** The bill by the plan's steps, and the full cost with own hours; asked apart, for the sheet does not wait for it. */
    @GetMapping("/order/cost")
    public FullCostView cost(@PathVariable long axleId) {
        Orders.State s = orders.state(axleId);
        BenchPlan plan = axles.plan(s.chosen());
        Bill bill = orders.bill(s, plan);
        ShopStore.Settings own = shop.settings();
        long rate = own.rateCents();
        FullCost cost = FullCost.of(s.sheet(), bill, plan, rate);
        return new FullCostView(
                bill.lines().stream().map(l -> BillLineView.of(l, me.wording())).toList(),
                CostRangeView.of(cost.bought()),
                CostRangeView.of(cost.besides()),
                CostRangeView.of(cost.hours()),
                CostRangeView.of(cost.total()),
                rate,
                SpecialTool.lacking(plan, own.tools()).stream()
                        .map(w -> new ToolWantedView(
                                w.tool().name(),
                                w.tool().ways(),
                                w.steps().stream().map(me.wording()::title).toList()))
                        .toList());
    }

    @PostMapping("/order/signature")
    public OrderView sign(@PathVariable long axleId, @Valid @RequestBody SignatureRequest body) {
        orders.sign(axleId, body.seal(), body.reason().strip());
        return order(axleId);
    }

    /** Releases an order anew where what it was released by has changed. */
    @PostMapping("/order/release")
    public OrderView release(@PathVariable long axleId, @Valid @RequestBody SignatureRequest body) {
        orders.releaseAnew(axleId, body.seal(), body.reason().strip());
        return order(axleId);
    }

    @PostMapping("/order/placement")
    public OrderView place(@PathVariable long axleId, @Valid @RequestBody PlacementRequest body) {
        orders.place(axleId, body.seal());
        return order(axleId);
    }

    @GetMapping(value = "/order.csv", produces = "text/csv;charset=UTF-8")
    public ResponseEntity<String> csv(@PathVariable long axleId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"order-" + axleId + ".csv\"")
                .body(OrderCsv.write(orders.paper(orders.released(axleId))));
    }

    @GetMapping(value = "/order.xlsx", produces = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet")
    public ResponseEntity<byte[]> xlsx(@PathVariable long axleId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"order-" + axleId + ".xlsx\"")
                .body(OrderXlsx.write(orders.paper(orders.released(axleId))));
    }

    @GetMapping(value = "/order.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> pdf(@PathVariable long axleId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"order-" + axleId + ".pdf\"")
                .body(OrderPdf.write(orders.paper(orders.released(axleId))));
    }
}
