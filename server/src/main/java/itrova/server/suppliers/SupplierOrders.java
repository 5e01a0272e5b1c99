package itrova.server.suppliers;

import itrova.core.order.OrderLine;
import itrova.core.order.OrderSheet;
import itrova.core.order.StillToCome;
import itrova.core.order.SupplierOrder;
import itrova.core.order.SupplierOrder.Confirmed;
import itrova.core.order.SupplierOrder.Line;
import itrova.core.order.SupplierOrder.State;
import itrova.core.wording.Wording;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.NotFoundException;
import itrova.server.store.ShopStore;
import itrova.server.store.SupplierStore;
import itrova.server.store.SupplierStore.SupplierOrderRow;
import itrova.server.store.SupplierStore.SupplierRow;
import itrova.server.suppliers.SupplierClient.Answer;
import itrova.server.suppliers.SupplierClient.NotReachedException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Orders to suppliers: kept with the order that was placed, sent under one key until they are answered, and followed to the parcel. */
@Service
public class SupplierOrders {
    private static final Logger LOG = LoggerFactory.getLogger(SupplierOrders.class);
    private static final int ASKED_AT_ONCE = 8;

    private final SupplierStore store;
    private final ShopStore shop;
    private final EventStore events;
    private final SupplierClient client;
    private final ObjectProvider<SupplierQueue> queue;
    private final TransactionTemplate transaction;
    private final JsonMapper json;

    SupplierOrders(
            SupplierStore store,
            ShopStore shop,
            EventStore events,
            SupplierClient client,
            ObjectProvider<SupplierQueue> queue,
            TransactionTemplate transaction,
            JsonMapper json) {
        this.store = store;
        this.shop = shop;
        this.events = events;
        this.client = client;
        this.queue = queue;
        this.transaction = transaction;
        this.json = json;
    }

    /** What all orders of one placement are called, before their supplier. */
    private static String once(long axleId, String seal) {
        return "order " + axleId + " " + seal;
    }

    /**
     * Splits an order that is being placed among its suppliers, in the same transaction. Done again it changes nothing.
     *
     * @param seal of the report it is placed by
     */
    public void place(long jobId, long axleId, String seal, OrderSheet sheet, Wording wording) {
        Map<String, List<Line>> bySupplier = new LinkedHashMap<>();
        for (OrderLine line : sheet.lines()) {
            if (line.kind() != OrderLine.Kind.WORK && line.quantity() > 0) {
                bySupplier
                        .computeIfAbsent(line.supplier(), s -> new ArrayList<>())
                        .add(SupplierOrder.line(wording.say(line.item()), line));
            }
        }
        String currency = shop.settings().currency();
        bySupplier.forEach((supplier, lines) -> {
            boolean hasService =
                    store.supplier(supplier).filter(s -> !s.address().isBlank()).isPresent();
            String id = UUID.randomUUID().toString();
            SupplierOrder order = SupplierOrder.of(supplier, currency, hasService, lines);
            if (store.add(id, jobId, axleId, once(axleId, seal) + " " + supplier, order) && hasService) {
                queue.getObject().add(id);
            }
        });
    }

    /** Sends an order that waits; thrown out of is tried again later. */
    void send(String id) {
        SupplierOrderRow row = store.find(id).orElse(null);
        if (row == null || row.order().state() != State.WAITING) {
            return; // answered by an earlier try, or taken back
        }
        store.tried(id);
        SupplierRow supplier = store.supplier(row.order().supplier()).orElse(null);
        if (supplier == null || supplier.address().isBlank()) {
            settle(id, o -> o.refused("The supplier has no service any more: send the order on paper."));
            return;
        }
        try {
            Answer answer = client.post(supplier.name(), supplier.address(), "/orders", id, body(row));
            settle(id, o -> answered(o, answer));
        } catch (NotReachedException e) {
            throw new IllegalStateException(e.getMessage(), e); // tried again later
        }
    }

    private String body(SupplierOrderRow row) {
        ObjectNode body = json.createObjectNode()
                .put("order", row.id())
                .put("shop", shop.name().orElse(""))
                .put("currency", row.order().currency());
        ArrayNode lines = body.putArray("lines");
        for (Line line : row.order().lines()) {
            lines.addObject()
                    .put("item", line.item())
                    .put("quantity", line.ordered())
                    .put("unit_cents", line.unitCents())
                    .put("lead_days", line.leadDays());
        }
        return json.writeValueAsString(body);
    }

    private SupplierOrder answered(SupplierOrder order, Answer answer) {
        try {
            JsonNode told = json.readTree(answer.body());
            if (answer.status() != 200) {
                return order.refused("The supplier answered " + answer.status() + ": "
                        + told.path("detail").asString("no reason told") + ".");
            }
            List<Confirmed> lines = new ArrayList<>();
            for (JsonNode line : told.path("lines")) {
                lines.add(new Confirmed(
                        line.path("confirmed").asInt(-1),
                        line.path("back_ordered").asInt(-1),
                        line.path("unit_cents").asLong(-1),
                        line.path("lead_days").asInt(-1)));
            }
            return order.answered(
                    told.path("number").asString(""), told.path("currency").asString(""), lines);
        } catch (JacksonException e) {
            return order.refused("The answer makes no sense: it is no JSON. Ask the supplier.");
        }
    }

    /** The answer is kept once, whoever else changed the order meanwhile. */
    private void settle(String id, UnaryOperator<SupplierOrder> change) {
        transaction.executeWithoutResult(status -> {
            SupplierOrderRow row = store.find(id).orElseThrow();
            boolean isCancelled = row.order().state() == State.CANCELLED;
            if (row.order().state() != State.WAITING && !isCancelled) {
                LOG.warn("Order {} was changed while its supplier answered; the answer is not taken.", id);
                return;
            }
            SupplierOrder answered = change.apply(row.order());
            SupplierOrder now = isCancelled ? row.order().takenAfterAll(answered.number()) : answered;
            store.change(row, now);
            tell(row, now, null);
        });
    }

    private void tell(SupplierOrderRow row, SupplierOrder now, @Nullable Long personId) {
        events.add(
                Place.axle(row.jobId(), row.axleId()),
                EventStore.Kind.SUPPLIER_ORDER,
                now.supplier(),
                Map.of(
                        "order", row.id(),
                        "state", now.state().name(),
                        "number", now.number(),
                        "said", now.said(),
                        "lots", String.join("; ", now.lots()),
                        "lines", json.writeValueAsString(now.lines())),
                personId);
    }

    public List<SupplierOrderRow> ofAxle(long axleId) {
        return store.ofAxle(axleId);
    }

    /**
     * What was ordered for an axle and has not come whole, in words; of cancelled orders only those of one placement.
     *
     * @param covers seal of the report what is chosen now was ordered by; empty if it was not
     */
    public List<String> missing(long axleId, String covers) {
        return StillToCome.of(store.ofAxle(axleId).stream()
                .filter(r -> r.order().state() != State.CANCELLED || r.once().startsWith(once(axleId, covers) + " "))
                .map(SupplierOrderRow::order)
                .toList());
    }

    /** Changes an order that somebody saw. */
    private void change(long axleId, String id, int version, long personId, UnaryOperator<SupplierOrder> change) {
        SupplierOrderRow row = store.find(id)
                .filter(r -> r.axleId() == axleId)
                .orElseThrow(() -> new NotFoundException("Order " + id));
        if (row.version() != version) {
            throw new ConflictException("The order to " + row.order().supplier()
                    + " has changed since you saw it. Look at it as it is now; nothing was changed.");
        }
        SupplierOrder now;
        try {
            now = change.apply(row.order());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("order", row.order().supplier(), e.getMessage());
        }
        store.change(row, now);
        tell(row, now, personId);
    }

    @Transactional
    public void sentByHand(long axleId, String id, int version, long personId) {
        change(axleId, id, version, personId, SupplierOrder::sentByHand);
    }

    @Transactional
    public void cancel(long axleId, String id, int version, long personId) {
        change(axleId, id, version, personId, SupplierOrder::cancelled);
    }

    @Transactional
    public void received(
            long axleId, String id, int version, int line, int whole, int damaged, String lot, long personId) {
        change(axleId, id, version, personId, o -> o.received(line, whole, damaged, lot));
    }

    @Transactional
    public void sentBack(
            long axleId, String id, int version, int line, int whole, int damaged, boolean isReplaced, long personId) {
        change(axleId, id, version, personId, o -> o.sentBack(line, whole, damaged, isReplaced));
    }

    @Transactional
    public void allReceived(long axleId, String id, int version, long personId) {
        change(axleId, id, version, personId, SupplierOrder::allReceived);
    }

    /**
     * What a supplier's service says of a line.
     *
     * @param stock how many are there; absent where that is not told
     * @param said what there is to be said of it; empty if nothing
     */
    public record Offer(String supplier, String item, OptionalInt stock, String said, Instant at) {}

    /** Asks all suppliers with a service for the lines of a sheet at once; one that is slow or fails holds up no other. */
    public List<Offer> ask(OrderSheet sheet, Wording wording) {
        Map<String, SupplierRow> known = new LinkedHashMap<>();
        store.suppliers().stream().filter(s -> !s.address().isBlank()).forEach(s -> known.put(s.name(), s));
        ExecutorService asking = Executors.newFixedThreadPool(ASKED_AT_ONCE);
        try {
            List<Future<Offer>> asked = new ArrayList<>();
            for (OrderLine line : sheet.lines()) {
                Optional<SupplierRow> supplier = Optional.ofNullable(known.get(line.supplier()));
                if (supplier.isPresent() && line.kind() != OrderLine.Kind.WORK && line.quantity() > 0) {
                    asked.add(asking.submit(() -> ask(supplier.get(), wording.say(line.item()))));
                }
            }
            List<Offer> offers = new ArrayList<>();
            for (Future<Offer> offer : asked) {
                offers.add(offer.get());
            }
            return offers;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return List.of();
        } catch (java.util.concurrent.ExecutionException e) {
            throw new IllegalStateException(e);
        } finally {
            asking.shutdownNow();
        }
    }

    private Offer ask(SupplierRow supplier, String item) {
        String path = "/offers?item=" + URLEncoder.encode(item, StandardCharsets.UTF_8);
        try {
            JsonNode told = json.readTree(
                    client.get(supplier.name(), supplier.address(), path).body());
            String other = told.path("superseded_by").asString("");
            return new Offer(
                    supplier.name(),
                    item,
                    told.path("stock").isInt() && told.path("stock").asInt() >= 0
                            ? OptionalInt.of(told.path("stock").asInt())
                            : OptionalInt.empty(),
                    other.isEmpty() ? "" : "superseded by " + other + ": judge that before it is taken",
                    Instant.now());
        } catch (NotReachedException e) {
            return new Offer(supplier.name(), item, OptionalInt.empty(), e.getMessage(), Instant.now());
        } catch (JacksonException e) {
            return new Offer(supplier.name(), item, OptionalInt.empty(), "the answer makes no sense", Instant.now());
        }
    }
}
