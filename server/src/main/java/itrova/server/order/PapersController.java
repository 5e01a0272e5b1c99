package itrova.server.order;

import itrova.core.order.Bill;
import itrova.core.order.FullCost;
import itrova.core.order.OfferWords;
import itrova.core.order.OrderGate;
import itrova.core.order.OrderLine;
import itrova.core.order.WorkedPart;
import itrova.core.work.BenchPlan;
import itrova.formats.paper.Letterhead;
import itrova.formats.paper.OfferPdf;
import itrova.formats.paper.WorkOrderPdf;
import itrova.server.api.ConflictException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.VehicleAxles;
import itrova.server.store.JobStore;
import itrova.server.store.ShopStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Papers that leave the shop before anything is taken apart: the offer to the owner, the order to the machine shop. */
@RestController
@RequestMapping("/api/axles/{axleId}/order")
public class PapersController {
    private final Orders orders;
    private final JobStore jobs;
    private final VehicleAxles axles;
    private final ShopStore shop;
    private final CurrentPerson me;

    PapersController(Orders orders, JobStore jobs, VehicleAxles axles, ShopStore shop, CurrentPerson me) {
        this.orders = orders;
        this.jobs = jobs;
        this.axles = axles;
        this.shop = shop;
        this.me = me;
    }

    /** What is worked on a machine, each part with its drawing. */
    @GetMapping(value = "/work-order.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> workOrder(@PathVariable long axleId) {
        Orders.State s = offered(axleId);
        List<WorkedPart> worked = s.worked();
        if (worked.isEmpty()) {
            throw new ConflictException(
                    "Nothing is turned, bored or drilled for this kit: there is no order to a machine shop.");
        }
        return pdf(
                "work-order-" + axleId,
                WorkOrderPdf.write(new WorkOrderPdf.WorkOrder(
                        letterhead(),
                        jobs.job(s.row().jobId()).title(),
                        s.row().name(),
                        today(),
                        worked,
                        me.wording())));
    }

    /** What it costs and gives, for the owner to sign. */
    @GetMapping(value = "/offer.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> offer(@PathVariable long axleId) {
        Orders.State s = offered(axleId);
        JobStore.JobRow job = jobs.job(s.row().jobId());
        BenchPlan plan = axles.plan(s.chosen());
        Bill bill = orders.bill(s, plan);
        ShopStore.Settings settings = shop.settings();
        return pdf(
                "offer-" + axleId,
                OfferPdf.write(new OfferPdf.Offer(
                        letterhead(),
                        job.owner(),
                        job.vehicle().isBlank() ? job.title() : job.vehicle(),
                        s.row().name(),
                        today(),
                        s.report().kit().name(),
                        s.report().verdict().word(),
                        Stream.concat(
                                        s.gate().holding().stream()
                                                .map(f -> me.wording().title(f.check()) + ", "
                                                        + f.side().word()),
                                        s.gate().brakes().stream()
                                                .map(b -> me.wording().say(b.title())))
                                .distinct()
                                .toList(),
                        s.sheet().lines().stream()
                                .filter(l -> l.kind() != OrderLine.Kind.KIT && l.quantity() > 0)
                                .map(l -> me.wording().say(l.item()))
                                .distinct()
                                .toList(),
                        FullCost.of(s.sheet(), bill, plan, settings.rateCents()),
                        bill.open().stream().map(Bill.Line::what).distinct().toList(),
                        settings.taxPercent(),
                        settings.currency(),
                        s.sheet().longestLeadDays(),
                        OfferWords.options(
                                s.chosen().kit(), s.chosen().selection().options()),
                        me.said(OfferWords.gained(s.chosen().record().form().kind())),
                        me.said(OfferWords.lasting(s.report())))));
    }

    /** The order of an axle, unless it is proven not to fit: of that no paper leaves the shop. */
    private Orders.State offered(long axleId) {
        Orders.State s = orders.state(axleId);
        if (s.gate().state() == OrderGate.State.SHUT) {
            throw new ConflictException(s.gateText());
        }
        return s;
    }

    private Letterhead letterhead() {
        ShopStore.Settings own = shop.settings();
        return Letterhead.of(own.name(), own.address(), shop.logo());
    }

    private static String today() {
        return LocalDate.now(Clock.systemDefaultZone()).toString();
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] file) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                .body(file);
    }
}
