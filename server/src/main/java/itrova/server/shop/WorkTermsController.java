package itrova.server.shop;

import itrova.core.remedy.WorkKind;
import itrova.core.settings.WorkTerms;
import itrova.server.api.BadInputException;
import itrova.server.api.CurrentPerson;
import itrova.server.store.WorkTermsStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What kinds of work take in this shop: who does it, own time, price, days. */
@RestController
@RequestMapping("/api/work-terms")
public class WorkTermsController {
    private final WorkTermsStore works;
    private final CurrentPerson me;

    WorkTermsController(WorkTermsStore works, CurrentPerson me) {
        this.works = works;
        this.me = me;
    }

    public record OwnTerms(@NotNull String who, int minutes, long cents, int days) {}

    public record WorkTermsView(
            WorkKind kind, String title, OwnTerms terms, OwnTerms defaultTerms, boolean own, int version) {}

    public record WorkTermsChange(
            int version, @Valid @Nullable OwnTerms terms) {}

    @GetMapping
    public List<WorkTermsView> all() {
        Map<WorkKind, WorkTermsStore.Row> set =
                works.all().stream().collect(Collectors.toMap(WorkTermsStore.Row::kind, Function.identity()));
        return Arrays.stream(WorkKind.values()).map(k -> view(k, set.get(k))).toList();
    }

    private static WorkTermsView view(WorkKind kind, WorkTermsStore.@Nullable Row row) {
        WorkTerms terms = row == null ? kind.defaultTerms() : row.terms();
        return new WorkTermsView(
                kind,
                kind.title(),
                view(terms),
                view(kind.defaultTerms()),
                !terms.equals(kind.defaultTerms()),
                row == null ? 0 : row.version());
    }

    private static OwnTerms view(WorkTerms t) {
        return new OwnTerms(t.who(), t.minutes(), t.cents(), t.days());
    }

    /** Sets what a kind of work takes; without terms it goes back to what is usual. */
    @PutMapping("/{kind}")
    public List<WorkTermsView> change(@PathVariable WorkKind kind, @Valid @RequestBody WorkTermsChange body) {
        OwnTerms t = body.terms();
        try {
            works.save(
                    kind,
                    t == null
                            ? Optional.empty()
                            : Optional.of(new WorkTerms(t.who().strip(), t.minutes(), t.cents(), t.days())),
                    body.version(),
                    me.get().id());
        } catch (IllegalArgumentException e) {
            throw BadInputException.of(kind.title(), String.valueOf(t), e.getMessage());
        }
        return all();
    }
}
