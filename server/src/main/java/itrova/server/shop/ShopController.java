package itrova.server.shop;

import itrova.core.identity.Family;
import itrova.core.measure.Instrument;
import itrova.core.measure.ToolBox;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.ShopNotation;
import itrova.core.quantity.Unit;
import itrova.formats.FamiliesDocument;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.FamilyStore;
import itrova.server.store.InstrumentStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What belongs to the shop: its instruments and the families it knows. */
@RestController
@RequestMapping("/api")
public class ShopController {
    private final InstrumentStore instruments;
    private final FamilyStore families;
    private final CurrentPerson me;

    ShopController(InstrumentStore instruments, FamilyStore families, CurrentPerson me) {
        this.instruments = instruments;
        this.families = families;
        this.me = me;
    }

    public record InstrumentCard(
            Instrument id,
            String title,
            double defaultHalfLimit,
            @Nullable Double halfLimit,
            @Nullable LocalDate due,
            @Nullable String warning,
            int version) {}

    public record InstrumentChange(
            int version,
            @NotNull @Size(max = 60) String halfLimit,
            @Nullable LocalDate due) {}

    public record FamilyView(
            Family.Kind table, String tableTitle, String name, String figures, String source, boolean own) {}

    public record FamiliesTaken(int taken) {}

    @GetMapping("/instruments")
    public List<InstrumentCard> instruments() {
        Map<Instrument, InstrumentStore.Row> set = instruments.all().stream()
                .collect(Collectors.toMap(r -> r.entry().instrument(), Function.identity()));
        ToolBox tools = instruments.tools();
        return Arrays.stream(Instrument.values())
                .filter(Instrument::isForLengths)
                .map(i -> card(i, Optional.ofNullable(set.get(i)), tools))
                .toList();
    }

    private static InstrumentCard card(Instrument i, Optional<InstrumentStore.Row> row, ToolBox tools) {
        OptionalDouble half = row.map(r -> r.entry().halfLimit()).orElse(OptionalDouble.empty());
        return new InstrumentCard(
                i,
                i.title(),
                i.halfLimit(),
                half.isPresent() ? (Double) half.getAsDouble() : null,
                row.flatMap(r -> r.entry().due()).orElse(null),
                tools.warning(i, LocalDate.now()).orElse(null),
                row.map(InstrumentStore.Row::version).orElse(0));
    }

    @PutMapping("/instruments/{id}")
    public List<InstrumentCard> change(@PathVariable Instrument id, @Valid @RequestBody InstrumentChange body) {
        OptionalDouble half = OptionalDouble.empty();
        try {
            if (!body.halfLimit().isBlank()) {
                half = OptionalDouble.of(ShopNotation.parse(
                                body.halfLimit(), Dimension.LENGTH, Unit.defaultFor(Dimension.LENGTH, me.units()))
                        .si());
            }
            instruments.save(
                    new ToolBox.Entry(id, half, Optional.ofNullable(body.due())),
                    body.version(),
                    me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of("halfLimit", body.halfLimit(), e.getMessage());
        }
        return instruments();
    }

    @GetMapping("/families")
    public List<FamilyView> families() {
        List<Family> own = families.own();
        return Arrays.stream(Family.Kind.values())
                .flatMap(kind -> families.all().of(kind).stream())
                .map(f -> new FamilyView(
                        f.table(),
                        f.table().word(),
                        f.name(),
                        FamiliesDocument.figures(f),
                        f.source(),
                        own.contains(f)))
                .toList();
    }

    @GetMapping(value = "/families/document", produces = "text/csv")
    public ResponseEntity<String> document() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"families.csv\"")
                .body(FamiliesDocument.writeCsv(families.own()));
    }

    @PostMapping(
            value = "/families/import",
            consumes = {MediaType.APPLICATION_JSON_VALUE, "text/csv", MediaType.TEXT_PLAIN_VALUE})
    public FamiliesTaken take(@RequestParam(defaultValue = "families.csv") String file, @RequestBody String text) {
        List<Family> taken = FamiliesDocument.read(file, text);
        families.save(taken, me.get().id());
        return new FamiliesTaken(taken.size());
    }
}
