package itrova.core.work;

import itrova.core.phrase.Phrase;
import itrova.core.work.BenchStep.Effort;
import java.util.List;
import java.util.Optional;

/** Steps of which only what a test looks at is told. */
final class Steps {
    private Steps() {}

    static BenchStep step(StepName name, Effort effort, String... after) {
        return new BenchStep(
                name,
                Phrase.NOTHING,
                Phrase.NOTHING,
                Phrase.NOTHING,
                Phrase.NOTHING,
                Optional.empty(),
                Optional.empty(),
                List.of(after),
                effort);
    }
}
