package itrova.server.order;

import itrova.core.order.SupplierOrder;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.store.SupplierStore;
import itrova.server.store.SupplierStore.SupplierOrderRow;
import itrova.server.store.SupplierStore.SupplierRow;
import itrova.server.suppliers.SupplierOrders;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Suppliers, what was ordered from each for an axle, and what came of it. */
@RestController
public class SuppliersController {
    private final SupplierOrders suppliers;
    private final SupplierStore store;
    private final Orders orders;
    private final Workbench bench;
    private final CurrentPerson me;

    SuppliersController(
            SupplierOrders suppliers, SupplierStore store, Orders orders, Workbench bench, CurrentPerson me) {
        this.suppliers = suppliers;
        this.store = store;
        this.orders = orders;
        this.bench = bench;
        this.me = me;
    }

    public record SupplierView(String name, String address, int version) {}

    public record SupplierForm(
            @NotBlank @Size(max = 80) String name,
            @NotNull @Size(max = 200) String address,
            int version) {}

    public record SupplierOrderView(String id, int version, SupplierOrder order, int attempts, Instant changedAt) {}

    /** Stock is absent where the supplier did not tell. */
    public record OfferView(
            String supplier, String item, @Nullable Integer stock, String said, Instant at) {}

    public record SeenOrder(int version) {}

    public record ReceivedForm(
            int version,
            @Min(0) @Max(1000) int line,
            @Min(0) @Max(10_000) int whole,
            @Min(0) @Max(10_000) int damaged,
            @Nullable @Size(max = 40) String lot) {}

    /** @param replaced whether the supplier sends others for them; else they are paid back */
    public record SentBackForm(
            int version,
            @Min(0) @Max(1000) int line,
            @Min(0) @Max(10_000) int whole,
            @Min(0) @Max(10_000) int damaged,
            boolean replaced) {}

    @GetMapping("/api/suppliers")
    public List<SupplierView> all() {
        return store.suppliers().stream().map(SuppliersController::view).toList();
    }

    private static SupplierView view(SupplierRow s) {
        return new SupplierView(s.name(), s.address(), s.version());
    }

    /** Sets where a supplier's service answers; empty where orders go out on paper. */
    @PutMapping("/api/suppliers")
    public List<SupplierView> set(@Valid @RequestBody SupplierForm body) {
        String address = body.address().strip();
        if (!address.isEmpty() && !isAddress(address)) {
            throw BadInputException.of(
                    "address",
                    address,
                    "“" + address
                            + "” is no address of a service. Write it like https://orders.example, or leave it empty.");
        }
        store.saveSupplier(body.name().strip(), address, body.version());
        return all();
    }

    private static boolean isAddress(String address) {
        try {
            URI uri = URI.create(address);
            return "sim".equals(uri.getScheme())
                    || List.of("http", "https").contains(String.valueOf(uri.getScheme())) && uri.getHost() != null;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    @GetMapping("/api/axles/{axleId}/supplier-orders")
    public List<SupplierOrderView> ofAxle(@PathVariable long axleId) {
        bench.axle(axleId);
        return suppliers.ofAxle(axleId).stream().map(SuppliersController::view).toList();
    }

    private static SupplierOrderView view(SupplierOrderRow row) {
        return new SupplierOrderView(row.id(), row.version(), row.order(), row.attempts(), row.changedAt());
    }

    /** What suppliers' services say of the order sheet's lines now. */
    @GetMapping("/api/axles/{axleId}/offers")
    public List<OfferView> offers(@PathVariable long axleId) {
        return suppliers.ask(orders.sheet(axleId), me.wording()).stream()
                .map(o -> new OfferView(
                        o.supplier(),
                        o.item(),
                        o.stock().isPresent() ? o.stock().getAsInt() : null,
                        o.said(),
                        o.at()))
                .toList();
    }

    @PostMapping("/api/axles/{axleId}/supplier-orders/{id}/sent")
    public List<SupplierOrderView> sent(
            @PathVariable long axleId, @PathVariable String id, @Valid @RequestBody SeenOrder body) {
        suppliers.sentByHand(axleId, id, body.version(), me.get().id());
        return ofAxle(axleId);
    }

    @PostMapping("/api/axles/{axleId}/supplier-orders/{id}/cancelled")
    public List<SupplierOrderView> cancelled(
            @PathVariable long axleId, @PathVariable String id, @Valid @RequestBody SeenOrder body) {
        suppliers.cancel(axleId, id, body.version(), me.get().id());
        return ofAxle(axleId);
    }

    /** Counts what came of one line. */
    @PostMapping("/api/axles/{axleId}/supplier-orders/{id}/received")
    public List<SupplierOrderView> received(
            @PathVariable long axleId, @PathVariable String id, @Valid @RequestBody ReceivedForm body) {
        suppliers.received(
                axleId,
                id,
                body.version(),
                body.line(),
                body.whole(),
                body.damaged(),
                body.lot() == null ? "" : body.lot(),
                me.get().id());
        return ofAxle(axleId);
    }

    /** Something that came goes back. */
    @PostMapping("/api/axles/{axleId}/supplier-orders/{id}/sent-back")
    public List<SupplierOrderView> sentBack(
            @PathVariable long axleId, @PathVariable String id, @Valid @RequestBody SentBackForm body) {
        suppliers.sentBack(
                axleId,
                id,
                body.version(),
                body.line(),
                body.whole(),
                body.damaged(),
                body.replaced(),
                me.get().id());
        return ofAxle(axleId);
    }

    /** Counts every open line as come whole. */
    @PostMapping("/api/axles/{axleId}/supplier-orders/{id}/all-received")
    public List<SupplierOrderView> allReceived(
            @PathVariable long axleId, @PathVariable String id, @Valid @RequestBody SeenOrder body) {
        suppliers.allReceived(axleId, id, body.version(), me.get().id());
        return ofAxle(axleId);
    }
}
