package itrova.server.shop;

import itrova.core.settings.Limit;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.LimitStore;
import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's limits and schools; all defaults are common practice. */
@RestController
@RequestMapping("/api/limits")
public class LimitsController {
    private final LimitStore limits;
    private final CurrentPerson me;

    LimitsController(LimitStore limits, CurrentPerson me) {
        this.limits = limits;
        this.me = me;
    }

    public record LimitView(
            Limit id,
            String title,
            String unit,
            double value,
            double preset,
            double min,
            double max,
            boolean school,
            int version) {}

    public record LimitChange(int version, @Nullable Double value) {}

    @GetMapping
    public List<LimitView> all() {
        Map<Limit, LimitStore.Row> set =
                limits.all().stream().collect(Collectors.toMap(LimitStore.Row::limit, Function.identity()));
        return Arrays.stream(Limit.values()).map(l -> view(l, set.get(l))).toList();
    }

    private static LimitView view(Limit l, LimitStore.@Nullable Row row) {
        return new LimitView(
                l,
                l.title(),
                l.unit(),
                row == null ? l.preset() : row.value(),
                l.preset(),
                l.min(),
                l.max(),
                l.unit().equals("yes/no"),
                row == null ? 0 : row.version());
    }

    /** Sets a limit; without a value it goes back to its default. */
    @PutMapping("/{id}")
    public List<LimitView> change(@PathVariable Limit id, @Valid @RequestBody LimitChange body) {
        try {
            limits.save(
                    id,
                    body.value() == null ? OptionalDouble.empty() : OptionalDouble.of(body.value()),
                    body.version(),
                    me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(id.title(), String.valueOf(body.value()), e.getMessage());
        }
        return all();
    }
}
