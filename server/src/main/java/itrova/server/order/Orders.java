package itrova.server.order;

import itrova.core.check.completeness.NotChecked;
import itrova.core.finding.Verdict;
import itrova.core.judge.KitReport;
import itrova.core.order.Bill;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderSheet;
import itrova.core.order.WorkedPart;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchPlan;
import itrova.formats.paper.Letterhead;
import itrova.formats.paper.OrderCsv;
import itrova.formats.paper.OrderPaper;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.api.SeenOtherException;
import itrova.server.axle.Chosen;
import itrova.server.axle.Releases;
import itrova.server.axle.Releases.Taken;
import itrova.server.axle.VehicleAxles;
import itrova.server.axle.Workbench;
import itrova.server.store.Decision.OrderPlaced;
import itrova.server.store.Decision.OrderSigned;
import itrova.server.store.Decision.ReleasedAnew;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.JobStore;
import itrova.server.store.JobStore.AxleRow;
import itrova.server.store.PartStore;
import itrova.server.store.ReleaseStore;
import itrova.server.store.ShopStore;
import itrova.server.store.StockStore;
import itrova.server.suppliers.SupplierOrders;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Orders of axles: the sheet as it stands, its gate, signatures and placement. Whatever is written is for the sheet that was seen. */
@Service
public class Orders {
    private final Workbench bench;
    private final JobStore jobs;
    private final EventStore events;
    private final ShopStore shop;
    private final PartStore parts;
    private final StockStore stock;
    private final Releases releases;
    private final ReleaseStore plans;
    private final VehicleAxles axles;
    private final SupplierOrders suppliers;
    private final CurrentPerson me;

    Orders(
            Workbench bench,
            JobStore jobs,
            EventStore events,
            ShopStore shop,
            PartStore parts,
            StockStore stock,
            Releases releases,
            ReleaseStore plans,
            VehicleAxles axles,
            SupplierOrders suppliers,
            CurrentPerson me) {
        this.suppliers = suppliers;
        this.axles = axles;
        this.releases = releases;
        this.plans = plans;
        this.shop = shop;
        this.parts = parts;
        this.stock = stock;
        this.bench = bench;
        this.jobs = jobs;
        this.events = events;
        this.me = me;
    }

    /** All about the order of one axle. */
    public record State(
            Chosen chosen,
            String seal,
            OrderGate gate,
            OrderSheet sheet,
            Optional<Taken<OrderSigned>> signature,
            Optional<Taken<OrderPlaced>> placed) {
        public AxleRow row() {
            return chosen.row();
        }

        public KitReport report() {
            return chosen.report();
        }

        /** What of it is worked on a machine. */
        public List<WorkedPart> worked() {
            return WorkedPart.of(
                    report().works(),
                    report().kit(),
                    Stream.of(Side.values()).map(chosen.record()::end).toList());
        }

        public boolean mayOrder() {
            return gate.state() == OrderGate.State.OPEN
                    || gate.state() == OrderGate.State.HELD && signature.isPresent();
        }

        /** What the gate says, in words. */
        public String gateText() {
            return switch (gate.state()) {
                case OPEN -> "Every check made is proven. It may be ordered.";
                case HELD ->
                    signature.isPresent() ? "Signed for by " + signature.get().by() + "." : toSign(gate);
                case SHUT ->
                    gate.brakes().stream().anyMatch(b -> b.verdict() == Verdict.DOES_NOT_FIT)
                            ? "The brakes of the vehicle as planned are proven not to do. No signature covers that: plan other parts for the brakes, or choose another kit."
                            : held(gate.holding().size())
                                    + " proven not to fit. No signature covers that: choose other work, another kit or another wheel.";
            };
        }
    }

    State state(long axleId) {
        Chosen chosen = bench.chosen(bench.axle(axleId));
        OrderGate gate = chosen.gate();
        VehicleAxles.Among among = axles.of(chosen.row());
        return new State(
                chosen,
                chosen.seal(),
                gate,
                chosen.sheet()
                        .on(among.vehicle(), among.index())
                        .with(chosen.vehicle(), chosen.row().name(), among.carriesVehicle()),
                gate.state() == OrderGate.State.HELD ? releases.signature(chosen) : Optional.empty(),
                releases.order(axleId, chosen.selection()));
    }

    /** Everything the steps of a plan take, with what is on the shop's shelf. */
    Bill bill(State s, BenchPlan plan) {
        return Bill.of(
                s.report().kit(),
                plan,
                s.chosen().vehicle().among(parts.byCode()),
                s.row().name(),
                stock.all());
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

    private static String toSign(OrderGate gate) {
        int open = (int) gate.holding().stream()
                        .filter(f -> f.verdict() == Verdict.NOT_PROVEN)
                        .count()
                + gate.brakes().size();
        String text = open == 0 ? "" : held(open) + " not proven. Measure, or a lead signs with a reason.";
        return open == gate.holds()
                ? text
                : (text + " Drums could not go back. The owner may give that up, and a lead signs with the reason.")
                        .strip();
    }

    private static String held(int findings) {
        return findings == 1 ? "1 check is" : findings + " checks are";
    }

    /** Signs for what is not proven of the sheet seen. */
    void sign(long axleId, String seal, String reason) {
        bench.lockedAxle(axleId);
        State s = seen(axleId, seal);
        if (s.gate().state() == OrderGate.State.SHUT) {
            throw new ConflictException(s.gateText());
        }
        if (s.gate().state() == OrderGate.State.OPEN) {
            throw new ConflictException("Every check is proven; nothing has to be signed for.");
        }
        long person = me.get().id();
        releases.keep(s.chosen(), person);
        events.addOnce(
                Place.axle(s.row().jobId(), axleId),
                new OrderSigned(s.chosen().selection(), s.seal(), reason),
                person,
                "signed " + axleId + " " + s.seal() + " " + person);
    }

    /** Places the order and freezes the plan of the work with it. */
    void place(long axleId, String seal) {
        bench.lockedAxle(axleId);
        State s = seen(axleId, seal);
        if (!s.mayOrder()) {
            throw new ConflictException(s.gateText());
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
            plans.freeze(axleId, s.chosen().selection(), axles.plan(s.chosen()), person);
            suppliers.place(s.row().jobId(), axleId, s.seal(), s.sheet(), me.wording());
        }
    }

    /** Releases an order anew as the axle and what came stand now. What is proven not to fit nobody releases. */
    void releaseAnew(long axleId, String seal, String reason) {
        bench.lockedAxle(axleId);
        State s = seen(axleId, seal);
        if (s.placed().isEmpty()) {
            throw new ConflictException("Nothing is ordered yet: place the order instead.");
        }
        if (s.gate().state() == OrderGate.State.SHUT) {
            throw new ConflictException(s.gateText());
        }
        if (releases.overturned(s.chosen()).isEmpty()) {
            throw new ConflictException("What it was released by still holds: there is nothing to release anew.");
        }
        long person = me.get().id();
        releases.keep(s.chosen(), person);
        events.add(
                Place.axle(s.row().jobId(), axleId),
                new ReleasedAnew(s.chosen().selection(), s.seal(), reason),
                person);
    }

    /** The sheet as it stands. */
    public OrderSheet sheet(long axleId) {
        return state(axleId).sheet();
    }

    /** The order as it stands, if it may go out. */
    State released(long axleId) {
        State s = state(axleId);
        if (!s.mayOrder()) {
            throw new ConflictException(s.gateText());
        }
        return s;
    }

    OrderPaper paper(State s) {
        String signature = s.signature()
                .map(t -> "Signed for what is not proven by " + t.by() + ": "
                        + t.decision().reason())
                .orElse("");
        ShopStore.Settings settings = shop.settings();
        return new OrderPaper(
                Letterhead.of(settings.name(), settings.address(), shop.logo()),
                settings.taxPercent(),
                jobs.job(s.row().jobId()).title(),
                s.row().name(),
                s.report().verdict().word(),
                signature,
                LocalDate.now(Clock.systemDefaultZone()).toString(),
                settings.currency(),
                s.sheet(),
                me.said(NotChecked.on(bench.ends(s.row()))),
                me.wording());
    }
}
