package itrova.server.parts;

import itrova.core.kit.Figure;
import itrova.core.part.Part;
import itrova.core.part.PartQuantity;
import itrova.core.part.PartSort;
import itrova.core.phrase.Amount;
import itrova.formats.PartDocument;
import itrova.formats.pricelist.PartTable;
import itrova.server.api.CurrentPerson;
import itrova.server.store.EventStore;
import itrova.server.store.EventStore.Place;
import itrova.server.store.PartStore;
import itrova.server.store.StockStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Parts that can be bought besides kits and wheels. */
@RestController
@RequestMapping("/api/parts")
public class CatalogueController {
    private static final int PAGE = 200;
    private static final int MOST_ON_SHELF = 100_000;

    private final PartStore parts;
    private final StockStore stock;
    private final EventStore events;
    private final CurrentPerson me;

    CatalogueController(PartStore parts, StockStore stock, EventStore events, CurrentPerson me) {
        this.parts = parts;
        this.stock = stock;
        this.events = events;
        this.me = me;
    }

    /** A part; what it tells, in words. */
    public record PartView(
            String code,
            PartSort sort,
            String sortTitle,
            String name,
            String size,
            List<String> tells,
            String supplier,
            long cents,
            int leadDays,
            int onShelf) {}

    /** A sort of parts with its title. */
    public record SortView(PartSort sort, String title) {}

    /**
     * How many are on the shelf.
     *
     * @param seen how many the sender saw
     */
    public record StockForm(
            @Min(0) @Max(MOST_ON_SHELF) int seen,
            @Min(0) @Max(MOST_ON_SHELF) int pieces) {}

    public record PartsTaken(int taken) {}

    @GetMapping
    public List<PartView> page(
            @RequestParam(required = false) @Nullable PartSort sort,
            @RequestParam(defaultValue = "") @Size(max = 60) String text,
            @RequestParam(defaultValue = "") @Size(max = 40) String after,
            @RequestParam(defaultValue = "50") @Min(1) @Max(PAGE) int limit) {
        Map<String, Integer> shelf = stock.all();
        return parts.page(Optional.ofNullable(sort), text.strip(), after, limit).stream()
                .map(p -> view(p, shelf.getOrDefault(p.code(), 0)))
                .toList();
    }

    @GetMapping("/sorts")
    public List<SortView> sorts() {
        return Stream.of(PartSort.values()).map(s -> new SortView(s, s.title())).toList();
    }

    /** Puts down how many of a part the shop has. */
    @PutMapping("/{code}/stock")
    @Transactional
    public PartView count(@PathVariable @Size(max = 40) String code, @Valid @RequestBody StockForm body) {
        stock.count(code, body.seen(), body.pieces(), me.get().id());
        events.add(
                Place.SHOP,
                EventStore.Kind.CATALOGUE_CHANGED,
                code,
                Map.of(
                        "shelf", "STOCK",
                        "before", Integer.toString(body.seen()),
                        "after", Integer.toString(body.pieces())),
                me.get().id());
        return view(parts.byCode().get(code), body.pieces());
    }

    private PartView view(Part p, int onShelf) {
        List<String> tells = Stream.of(
                        p.figures().entrySet().stream().map(e -> told(e.getKey(), e.getValue())),
                        p.ports().stream().map(f -> "port " + f.words()),
                        p.ends().stream().map(f -> "end " + f.words()),
                        p.traits().stream().map(t -> t.key().replace('_', ' ')))
                .flatMap(s -> s)
                .map(String::strip)
                .toList();
        return new PartView(
                p.code(),
                p.sort(),
                p.sort().title(),
                p.name(),
                p.size(),
                tells,
                p.offer().supplier(),
                p.offer().cents(),
                p.offer().leadDays(),
                onShelf);
    }

    private String told(PartQuantity what, Figure figure) {
        double value = figure.value();
        Amount amount =
                switch (what.unit()) {
                    case "mm" -> Amount.mm(value, 1);
                    case "MPa" -> new Amount(value, Amount.Kind.MEGAPASCALS, 2, false, false);
                    default -> Amount.number(value, value < 10 ? 2 : 0);
                };
        String bare =
                switch (what.unit()) {
                    case "mm", "MPa" -> "";
                    default -> " " + what.unit().replace("cm3", "cm³").replace('_', ' ');
                };
        return what.title() + " " + me.wording().amount(amount) + bare;
    }

    @GetMapping(value = "/document", produces = MediaType.APPLICATION_JSON_VALUE)
    public ResponseEntity<String> document() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"parts.json\"")
                .body(PartDocument.write(parts.all()));
    }

    /** The parts as a table, of one supplier or of all. */
    @GetMapping(value = "/table.csv", produces = "text/csv")
    public ResponseEntity<String> csv(@RequestParam(defaultValue = "") @Size(max = 80) String supplier) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"parts.csv\"")
                .body(PartTable.csv(of(supplier)));
    }

    /** The parts as a workbook, of one supplier or of all. */
    @GetMapping(value = "/table.xlsx", produces = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet")
    public ResponseEntity<byte[]> xlsx(@RequestParam(defaultValue = "") @Size(max = 80) String supplier) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"parts.xlsx\"")
                .body(PartTable.xlsx(of(supplier)));
    }

    private List<Part> of(String supplier) {
        return parts.all().stream()
                .filter(p -> supplier.isEmpty() || p.offer().supplier().equals(supplier))
                .toList();
    }

    /** Takes a document of parts in, all or none. */
    @PostMapping("/import")
    public PartsTaken take(@RequestParam(defaultValue = "parts.json") String file, @RequestBody String text) {
        List<Part> taken = PartDocument.read(file, text);
        parts.save(taken, me.get().id());
        return new PartsTaken(taken.size());
    }
}
