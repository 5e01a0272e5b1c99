package itrova.server.pricelist;

import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.formats.DocumentException;
import itrova.formats.pricelist.Columns;
import itrova.formats.pricelist.ListReading;
import itrova.formats.pricelist.ListRow;
import itrova.formats.pricelist.PriceList;
import itrova.server.api.BadInputException;
import itrova.server.api.ConflictException;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.KitStore;
import itrova.server.store.ListReport;
import itrova.server.store.NotFoundException;
import itrova.server.store.PartStore;
import itrova.server.store.PriceListStore;
import itrova.server.store.PriceListStore.Phase;
import itrova.server.store.PriceListStore.PriceListRow;
import itrova.server.store.ShopStore;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes price lists: what a list would do is looked at first and changes nothing; then all of it is taken in one transaction, or nothing. */
@Service
public class PriceLists {
    private static final Logger LOG = LoggerFactory.getLogger(PriceLists.class);
    /** A statement of the data base holds no more (bytes); a list is kept packed. */
    private static final int LARGEST = 14 * 1024 * 1024;
    /** Its row is written and looked at no oftener (ns). */
    private static final long TELL = 250_000_000L;

    private final PriceListStore store;
    private final PartStore parts;
    private final KitStore kits;
    private final ShopStore shop;
    private final EventStore events;
    private final ObjectProvider<PriceListQueue> queue;
    private final TransactionTemplate whole;
    private final TransactionTemplate aside;

    PriceLists(
            PriceListStore store,
            PartStore parts,
            KitStore kits,
            ShopStore shop,
            EventStore events,
            ObjectProvider<PriceListQueue> queue,
            PlatformTransactionManager transactions) {
        this.store = store;
        this.parts = parts;
        this.kits = kits;
        this.shop = shop;
        this.events = events;
        this.queue = queue;
        this.whole = new TransactionTemplate(transactions);
        this.aside = new TransactionTemplate(transactions);
        aside.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    public PriceListRow find(String id) {
        return store.find(id).orElseThrow(() -> new NotFoundException("Price list " + id));
    }

    /** Keeps a list that came, to be asked what its columns tell. */
    @Transactional
    public PriceListRow open(String file, byte[] bytes, long personId) {
        if (bytes.length > LARGEST) {
            throw BadInputException.of(
                    "file", file, "A list of more than " + LARGEST / 1024 / 1024 + " MB. Split it by rows.");
        }
        PriceList.Contents contents = PriceList.of(file, bytes).contents();
        String id = UUID.randomUUID().toString();
        store.add(id, personId, file, bytes, contents);
        return find(id);
    }

    /** Says what the columns tell; the list is then held against the catalogue. */
    @Transactional
    public PriceListRow look(String id, Columns columns, long personId) {
        PriceListRow row = find(id);
        List<String> absent = columns.uses().stream()
                .map(Columns.Use::heading)
                .filter(h -> !row.contents().headings().contains(h))
                .toList();
        if (!absent.isEmpty()) {
            throw BadInputException.of(
                    "columns", absent.get(0), "The list has no column “" + absent.get(0) + "”. Choose one it has.");
        }
        move(row, Phase.LOOKING, Phase.OPEN, Phase.LOOKED, Phase.STOPPED);
        store.choose(id, columns, personId);
        queue.getObject().add(id);
        return find(id);
    }

    /** Lets a list be taken whose effect somebody saw. */
    @Transactional
    public PriceListRow take(String id) {
        PriceListRow row = find(id);
        if (row.report().filter(r -> r.refused() == 0).isEmpty()) {
            throw new ConflictException(
                    "Rows of this list cannot be taken as they are, and a list is taken whole or not at all. Mend them in"
                            + " the file and bring it again; nothing was changed.");
        }
        move(row, Phase.TAKING, Phase.LOOKED);
        queue.getObject().add(id);
        return find(id);
    }

    /** Stops what is under way; nothing of the list is taken then. */
    @Transactional
    public PriceListRow stop(String id) {
        move(find(id), Phase.STOPPED, Phase.OPEN, Phase.LOOKING, Phase.LOOKED, Phase.TAKING);
        return find(id);
    }

    private void move(PriceListRow row, Phase to, Phase... from) {
        if (!store.move(row.id(), to, "", from)) {
            throw new ConflictException("This list is " + row.phase().name().toLowerCase(Locale.ROOT)
                    + " by now. Look at it as it is; nothing was changed.");
        }
    }

    /** Goes on with a list, if it still waits for it. */
    void work(String id, BooleanSupplier leaving) {
        PriceListRow row = store.find(id).orElse(null);
        if (row == null || row.phase() != Phase.LOOKING && row.phase() != Phase.TAKING) {
            return;
        }
        try {
            if (row.phase() == Phase.LOOKING) {
                looked(row, leaving);
            } else {
                taken(row, leaving);
            }
        } catch (DataAccessException | TransactionException | LeavingException e) {
            throw e; // nothing was kept; it is tried again
        } catch (DocumentException | IllegalArgumentException e) {
            store.move(id, Phase.STOPPED, shortened(e.getMessage()), Phase.LOOKING, Phase.TAKING);
        } catch (RuntimeException e) {
            LOG.error("Price list {} broke off.", id, e);
            store.move(
                    id,
                    Phase.STOPPED,
                    "It broke off, and nothing was taken. If it breaks again, tell whoever keeps this program.",
                    Phase.LOOKING,
                    Phase.TAKING);
        }
    }

    private void looked(PriceListRow row, BooleanSupplier leaving) {
        ListReport.Gathering report = new ListReport.Gathering();
        Progress progress = new Progress(row, leaving);
        read(row, report, progress, rows -> {});
        if (!progress.isStopped()) {
            whole.executeWithoutResult(status -> {
                store.report(row.id(), report.report());
                store.move(row.id(), Phase.LOOKED, "", Phase.LOOKING);
            });
        }
    }

    /** All in one transaction with the list's own row: a repeat after a lost answer finds it taken. */
    private void taken(PriceListRow row, BooleanSupplier leaving) {
        ListReport.Gathering report = new ListReport.Gathering();
        Progress progress = new Progress(row, leaving);
        boolean isTaken = Boolean.TRUE.equals(whole.execute(status -> {
            read(row, report, progress, fresh -> {
                parts.saveMany(fresh.stream().flatMap(r -> r.part().stream()).toList(), row.personId());
                kits.save(fresh.stream().flatMap(r -> r.kit().stream()).toList(), row.personId());
            });
            if (report.hasFaults() || progress.isStopped() || !store.move(row.id(), Phase.TAKEN, "", Phase.TAKING)) {
                status.setRollbackOnly();
                return false;
            }
            store.report(row.id(), report.report());
            events.add(
                    Place.SHOP,
                    EventStore.Kind.CATALOGUE_CHANGED,
                    row.columns().orElseThrow().supplier(),
                    told(row, report.report()),
                    row.personId());
            return true;
        }));
        if (!isTaken && report.hasFaults()) {
            whole.executeWithoutResult(status -> {
                store.report(row.id(), report.report());
                store.move(
                        row.id(),
                        Phase.LOOKED,
                        "The catalogue has changed since the list was looked over; nothing was taken.",
                        Phase.TAKING);
            });
        }
    }

    private static Map<String, String> told(PriceListRow row, ListReport report) {
        return Map.of(
                "shelf", "PRICE_LIST",
                "list", row.id(),
                "file", row.file(),
                "added", Integer.toString(report.added()),
                "changed", Integer.toString(report.changed()),
                "same", Integer.toString(report.same()));
    }

    private void read(PriceListRow row, ListReport.Gathering report, Progress progress, Consumer<List<ListRow>> taker) {
        PriceList list = PriceList.of(row.file(), store.content(row.id()));
        ListReading reading = new ListReading(
                list, row.columns().orElseThrow(), row.contents().headings(), shop.currency(), new Catalogue());
        reading.read(rows -> {
            rows.forEach(report::add);
            if (!report.hasFaults()) { // with a fault nothing is kept: the rest is read for the report alone
                taker.accept(rows.stream()
                        .filter(r -> r.effect() == ListRow.Effect.ADDED || r.effect() == ListRow.Effect.CHANGED)
                        .toList());
            }
            return progress.goesOn(report.rows());
        });
    }

    private static String shortened(String text) {
        return text.length() > 400 ? text.substring(0, 399) + "…" : text;
    }

    /** This instance is about to end; the list is left to another. */
    private static final class LeavingException extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** The catalogue as it is now. */
    private final class Catalogue implements ListReading.Catalogue {
        private final Map<String, Kit> byCode = kits.all().stream()
                .collect(Collectors.toMap(k -> k.code().toLowerCase(Locale.ROOT), k -> k, (a, b) -> a));

        @Override
        public Map<String, Part> known(Collection<String> codes) {
            return parts.known(codes);
        }

        @Override
        public Optional<Kit> kit(String code) {
            return Optional.ofNullable(byCode.get(code.toLowerCase(Locale.ROOT)));
        }

        @Override
        public List<ListReading.Brief> all() {
            return parts.brief();
        }
    }

    /** Tells now and then, beside the transaction under way, how far it is, and hears whether it is still wanted. */
    private final class Progress {
        private final PriceListRow row;
        private final BooleanSupplier leaving;
        private long told = System.nanoTime();
        private boolean stopped;

        Progress(PriceListRow row, BooleanSupplier leaving) {
            this.row = row;
            this.leaving = leaving;
        }

        boolean goesOn(int rows) {
            if (leaving.getAsBoolean()) {
                throw new LeavingException();
            }
            if (System.nanoTime() - told > TELL) {
                told = System.nanoTime();
                stopped = !Boolean.TRUE.equals(aside.execute(status -> store.progress(row.id(), row.phase(), rows)));
            }
            return !stopped;
        }

        boolean isStopped() {
            return stopped;
        }
    }
}
