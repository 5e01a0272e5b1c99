package itrova.server.measure;

import itrova.core.finding.Verdict;
import itrova.core.guide.NextReading;
import itrova.core.measure.ReadingSpec;
import itrova.core.measure.TakenApart;
import itrova.core.record.AxleRecord;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.wording.Wording;
import itrova.server.api.CurrentPerson;
import itrova.server.axle.Workbench;
import itrova.server.match.MatchSnapshot;
import itrova.server.match.MatchTable;
import itrova.server.store.FamilyStore;
import itrova.server.store.JobStore.AxleRow;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Take this next: the readings of an axle, ranked by what they settle, and how the kits stand. */
@RestController
@RequestMapping("/api/axles/{axleId}")
public class AdviceController {
    private static final int MOST_SHOWN = 60;

    private final Workbench bench;
    private final MatchTable table;
    private final FamilyStore families;
    private final CurrentPerson me;

    AdviceController(Workbench bench, MatchTable table, FamilyStore families, CurrentPerson me) {
        this.bench = bench;
        this.table = table;
        this.families = families;
        this.me = me;
    }

    public record SuggestionView(
            Side side,
            Callout callout,
            String title,
            @Nullable Double place,
            boolean again,
            boolean forVerdict,
            double settles,
            double minutes,
            String why,
            String howTo,
            TakenApart needs) {}

    public record AdviceView(
            List<SuggestionView> ranked,
            int fits,
            int fitsWithWork,
            int notProven,
            int doesNotFit,
            @Nullable String finished) {}

    @GetMapping("/advice")
    public AdviceView advice(@PathVariable long axleId) {
        AxleRow row = bench.axle(axleId);
        AxleRecord record = bench.record(row);
        MatchSnapshot judged = table.of(row);
        Map<Verdict, Integer> counts = judged.counts();
        NextReading.Advice advice = NextReading.advise(
                record.toCase(List.of(Side.values())),
                record.readings(),
                judged.best(),
                families.all(),
                bench.settings());
        return new AdviceView(
                advice.ranked().stream()
                        .limit(MOST_SHOWN)
                        .map(s -> view(s, me.wording()))
                        .toList(),
                counts.get(Verdict.FITS),
                counts.get(Verdict.FITS_WITH_WORK),
                counts.get(Verdict.NOT_PROVEN),
                counts.get(Verdict.DOES_NOT_FIT),
                advice.finished().map(me.wording()::say).orElse(null));
    }

    private static SuggestionView view(NextReading.Suggestion s, Wording wording) {
        return new SuggestionView(
                s.side(),
                s.callout(),
                s.callout().title(),
                s.place().isPresent() ? (Double) s.place().getAsDouble() : null,
                s.isAgain(),
                s.bits() > 0,
                s.bits(),
                s.minutes(),
                wording.say(s.why()),
                wording.say(s.howTo()),
                ReadingSpec.of(s.callout()).needs());
    }
}
