package itrova.core.work;

import itrova.core.phrase.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A step that is not what it was when the plan was frozen.
 *
 * @param was the step then; absent where it is new
 * @param now the step now; absent where it is no longer wanted
 */
public record PlanChange(Optional<BenchStep> was, Optional<BenchStep> now) {
    /** What a new revision would change, in the order of the steps now; steps that fell away come last. */
    public static List<PlanChange> between(BenchPlan frozen, BenchPlan live) {
        List<PlanChange> changes = new ArrayList<>();
        for (BenchStep now : live.steps()) {
            Optional<BenchStep> was = frozen.step(now.id());
            if (!was.equals(Optional.of(now))) {
                changes.add(new PlanChange(was, Optional.of(now)));
            }
        }
        for (BenchStep was : frozen.steps()) {
            if (live.step(was.id()).isEmpty()) {
                changes.add(new PlanChange(Optional.of(was), Optional.empty()));
            }
        }
        return changes;
    }

    /** Id of the step. */
    public String stepId() {
        return now.or(() -> was).orElseThrow().id();
    }

    /** In one sentence. */
    public Phrase sentence() {
        if (was.isEmpty()) {
            return Phrase.of("plan-change.new", now.orElseThrow().title());
        }
        return now.map(step -> Phrase.of("plan-change.changed", step.title()))
                .orElseGet(() ->
                        Phrase.of("plan-change.no-longer-wanted", was.get().title()));
    }
}
