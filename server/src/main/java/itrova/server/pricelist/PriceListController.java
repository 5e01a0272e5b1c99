package itrova.server.pricelist;

import itrova.core.part.PartSort;
import itrova.formats.pricelist.Columns;
import itrova.formats.pricelist.ListField;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.ListReport;
import itrova.server.store.PriceListStore;
import itrova.server.store.PriceListStore.Phase;
import itrova.server.store.PriceListStore.PriceListRow;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Suppliers' price lists: brought, their columns told, looked over, taken or stopped. */
@RestController
@RequestMapping("/api/price-lists")
public class PriceListController {
    private final PriceLists lists;
    private final PriceListStore store;
    private final CurrentPerson me;

    PriceListController(PriceLists lists, PriceListStore store, CurrentPerson me) {
        this.lists = lists;
        this.store = store;
        this.me = me;
    }

    /** A thing a column can tell; the units a bare number of it can be in, none where it has none. */
    public record FieldView(String key, String title, List<String> units) {}

    /** A column of a list: its heading, some of what stands in it. */
    public record ColumnView(String heading, List<String> samples) {}

    /** What a column tells; the unit is empty for what has none. */
    public record UseView(
            @NotBlank @Size(max = 80) String heading,
            @NotBlank @Size(max = 40) String field,
            @NotNull @Size(max = 10) String unit) {}

    /** What columns tell, of a supplier. */
    public record ColumnsForm(
            @NotBlank @Size(max = 80) String supplier,
            @Nullable PartSort sort,
            @NotNull @Size(max = 100) List<@Valid @NotNull UseView> uses) {}

    /**
     * A list.
     *
     * @param columns as chosen, else as remembered of the list's supplier, else as its headings seem to mean
     * @param done rows gone through
     */
    public record PriceListView(
            String id,
            String file,
            Phase phase,
            int rows,
            int done,
            List<ColumnView> headings,
            ColumnsForm columns,
            @Nullable ListReport report,
            String said,
            Instant startedAt) {}

    /** What can be told, and what suppliers' columns told last time. */
    public record ListTerms(List<FieldView> fields, List<ColumnsForm> remembered) {}

    /** The last few lists, newest first. */
    @GetMapping
    public List<PriceListView> last() {
        return store.last().stream().map(this::view).toList();
    }

    @GetMapping("/terms")
    public ListTerms terms() {
        return new ListTerms(
                ListField.all().stream()
                        .map(f -> new FieldView(f.key(), f.title(), f.units()))
                        .toList(),
                store.remembered().stream().map(PriceListController::form).toList());
    }

    @GetMapping("/{id}")
    public PriceListView list(@PathVariable @Size(max = 36) String id) {
        return view(lists.find(id));
    }

    /** Brings a list (CSV or XLSX). */
    @PostMapping(value = "/import", consumes = MediaType.ALL_VALUE)
    public PriceListView bring(
            @RequestParam(defaultValue = "prices.csv") @Size(max = 200) String file, @RequestBody byte[] bytes) {
        return view(lists.open(file, bytes, me.get().id()));
    }

    /** Says what the columns tell; what the list would do is then found out. */
    @PutMapping("/{id}/columns")
    public PriceListView look(@PathVariable @Size(max = 36) String id, @Valid @RequestBody ColumnsForm body) {
        Columns columns;
        try {
            columns = new Columns(
                    body.supplier(),
                    Optional.ofNullable(body.sort()),
                    body.uses().stream()
                            .map(u -> new Columns.Use(u.heading(), u.field(), u.unit()))
                            .toList());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("columns", "", e.getMessage());
        }
        return view(lists.look(id, columns, me.get().id()));
    }

    /** Takes the list, all of it. */
    @PostMapping("/{id}/take")
    public PriceListView take(@PathVariable @Size(max = 36) String id) {
        return view(lists.take(id));
    }

    /** Stops it; nothing of it is taken. */
    @DeleteMapping("/{id}")
    public PriceListView stop(@PathVariable @Size(max = 36) String id) {
        return view(lists.stop(id));
    }

    private PriceListView view(PriceListRow row) {
        List<String> headings = row.contents().headings();
        List<ColumnView> columns = new ArrayList<>();
        for (int i = 0; i < headings.size(); i++) {
            columns.add(new ColumnView(headings.get(i), row.contents().samples().get(i)));
        }
        return new PriceListView(
                row.id(),
                row.file(),
                row.phase(),
                row.contents().rows(),
                row.done(),
                columns,
                row.columns().map(PriceListController::form).orElseGet(() -> proposed(headings)),
                row.report().orElse(null),
                row.said(),
                row.startedAt());
    }

    /** As the supplier's list with the same columns told last time, otherwise as the headings seem to mean. */
    private ColumnsForm proposed(List<String> headings) {
        return store.remembered().stream()
                .filter(c -> c.uses().stream().allMatch(u -> headings.contains(u.heading())))
                .findFirst()
                .map(PriceListController::form)
                .orElseGet(() -> new ColumnsForm(
                        "",
                        null,
                        Columns.proposed(headings).stream()
                                .map(u -> new UseView(u.heading(), u.field(), u.unit()))
                                .toList()));
    }

    private static ColumnsForm form(Columns c) {
        return new ColumnsForm(
                c.supplier(),
                c.sort().orElse(null),
                c.uses().stream()
                        .map(u -> new UseView(u.heading(), u.field(), u.unit()))
                        .toList());
    }
}
