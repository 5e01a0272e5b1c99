package itrova.core.work;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The steps for one kit on one axle.
 *
 * @param steps in an order in which they can be done; what each really waits for it says itself
 */
public record BenchPlan(List<BenchStep> steps) {
    public BenchPlan {
        steps = List.copyOf(steps);
    }

    /** The plan of a case, by the rules of its kind of axle end, bracket, hub and circuit. */
    public static BenchPlan of(PlanCase planned) {
        Draft draft = new Draft(planned);
        PlanRules.plan(draft);
        return draft.plan();
    }

    /** A step by its id. */
    public Optional<BenchStep> step(String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** Whether it has a kind of step, on a side or of the whole. */
    public boolean has(StepKind kind) {
        return steps.stream().anyMatch(s -> s.kind() == kind);
    }

    /** Whether a step puts in or tries what was ordered: the mock-up, and all that comes after it. */
    public boolean wantsParts(BenchStep step) {
        return step.isTrial()
                || step.after().stream().flatMap(id -> step(id).stream()).anyMatch(this::wantsParts);
    }

    /** The trial whose loose parts a step makes good. */
    public Optional<BenchStep> trialOf(BenchStep step) {
        return step.side()
                .filter(s -> step.makesGood())
                .flatMap(s -> step(StepName.of(s, StepKind.MOCKUP).id()));
    }

    /** The steps that must be done before one and are not. */
    public List<BenchStep> open(BenchStep step, Set<String> done) {
        return step.after().stream()
                .filter(id -> !done.contains(id))
                .flatMap(id -> step(id).stream())
                .toList();
    }

    /** The steps that are done and come after one: it cannot be undone before they are. */
    public List<BenchStep> resting(BenchStep step, Set<String> done) {
        return steps.stream()
                .filter(s -> s.after().contains(step.id()) && done.contains(s.id()))
                .toList();
    }
}
