package itrova.server.axle;

import itrova.core.choice.BrakesOverturned;
import itrova.core.choice.Overturned;
import itrova.core.choice.Selection;
import itrova.core.phrase.Phrase;
import itrova.core.receive.Tried;
import itrova.formats.ReleaseDocument;
import itrova.server.store.Decision;
import itrova.server.store.Decision.OrderPlaced;
import itrova.server.store.Decision.OrderSigned;
import itrova.server.store.Decision.PartTried;
import itrova.server.store.Decision.ReleasedAnew;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.EventRow;
import itrova.server.store.ReleaseStore;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What was signed and ordered for an axle, and whether it still holds. */
@Component
public class Releases {
    private final EventStore events;
    private final ReleaseStore released;

    Releases(EventStore events, ReleaseStore released) {
        this.events = events;
        this.released = released;
    }

    /** A decision with who took it and when. */
    public record Taken<D extends Decision>(D decision, String by, Instant at) {}

    private static <D extends Decision> List<Taken<D>> of(List<EventRow> log, Class<D> type) {
        return log.stream()
                .flatMap(e ->
                        Decision.of(e)
                                .filter(type::isInstance)
                                .map(d -> new Taken<>(type.cast(d), e.by(), e.at()))
                                .stream())
                .toList();
    }

    /** All orders placed for an axle, in their order; choosing another kit never makes one vanish. */
    public List<Taken<OrderPlaced>> orders(long axleId) {
        return of(events.ofAxle(axleId), OrderPlaced.class);
    }

    /** The order placed for a selection. */
    public Optional<Taken<OrderPlaced>> order(long axleId, Selection selection) {
        return orders(axleId).stream()
                .filter(t -> t.decision().selection().isSameAs(selection))
                .reduce((first, second) -> second);
    }

    /** The signature that covers a report of a selection exactly as it stands. */
    public Optional<Taken<OrderSigned>> signature(Chosen chosen) {
        return of(events.ofAxle(chosen.row().id()), OrderSigned.class).stream()
                .filter(t -> t.decision().selection().isSameAs(chosen.selection())
                        && t.decision().covers().equals(chosen.seal()))
                .reduce((first, second) -> second);
    }

    /** The last time the selection was released anew after it was ordered. */
    public Optional<Taken<ReleasedAnew>> anew(Chosen chosen) {
        return of(events.ofAxle(chosen.row().id()), ReleasedAnew.class).stream()
                .filter(t -> t.decision().selection().isSameAs(chosen.selection()))
                .reduce((first, second) -> second);
    }

    /** What an order placed for the selection was released by and does not hold any more, in sentences; empty where nothing was ordered. */
    public List<Phrase> overturned(Chosen chosen) {
        return order(chosen.row().id(), chosen.selection())
                .map(t -> anew(chosen)
                        .map(a -> a.decision().covers())
                        .orElse(t.decision().covers()))
                .flatMap(covers -> released.document(chosen.row().id(), covers))
                .map(document -> overturned(chosen, document))
                .orElse(List.of());
    }

    private static List<Phrase> overturned(Chosen chosen, String document) {
        return Stream.concat(
                        Overturned.since(ReleaseDocument.verdicts(document), chosen.report()).stream()
                                .map(Overturned::sentence),
                        chosen
                                .vehicle()
                                .findings()
                                .map(now -> BrakesOverturned.since(ReleaseDocument.brakes(document), now))
                                .orElse(List.of())
                                .stream()
                                .map(BrakesOverturned::sentence))
                .toList();
    }

    /** How the pieces of a kit that came did when they were tried by hand, oldest first. */
    public List<Taken<PartTried>> tried(long axleId, String kit) {
        return of(events.ofAxle(axleId), PartTried.class).stream()
                .filter(t -> t.decision().kit().equals(kit))
                .toList();
    }

    /** Pieces of a kit that came and did not do what they must when they were tried last. */
    public List<Tried> notGood(long axleId, String kit) {
        List<Tried> all =
                tried(axleId, kit).stream().map(t -> t.decision().tried()).toList();
        return Tried.standing(all).stream().filter(t -> !t.isGood()).toList();
    }

    /** Keeps what is signed or ordered now. The axle must be locked. */
    public void keep(Chosen chosen, long personId) {
        released.keep(
                chosen.row().id(),
                chosen.seal(),
                ReleaseDocument.write(
                        chosen.selection(), chosen.record(), chosen.settings(), chosen.report(), chosen.vehicle()),
                personId);
    }
}
