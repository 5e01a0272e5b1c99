package itrova.core.work;

import itrova.core.bench.HoldKind;
import itrova.core.bench.HoldWanted;
import itrova.core.kit.Kit;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.SetLimits;
import itrova.core.kit.TorqueSpec;
import itrova.core.phrase.Phrase;
import itrova.core.remedy.Work;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchStep.Effort;
import itrova.core.work.BenchStep.Tighten;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** A plan while its rules add to it. A step names what it waits for; what the plan does not have it does not wait for. */
final class Draft {
    private final PlanCase planned;
    private final Map<String, BenchStep> steps = new LinkedHashMap<>();

    Draft(PlanCase planned) {
        this.planned = planned;
    }

    PlanCase planned() {
        return planned;
    }

    Kit kit() {
        return planned.report().kit();
    }

    BenchPlan plan() {
        return new BenchPlan(List.copyOf(steps.values()));
    }

    /** A step of the whole axle or vehicle. */
    void add(StepKind kind, StepName... after) {
        add(StepName.of(kind), kind, List.of(), after);
    }

    /** A step of one side. */
    void add(Side side, StepKind kind, StepName... after) {
        add(StepName.of(side, kind), kind, List.of(), after);
    }

    /** A step of one side whose text has gaps. */
    void add(Side side, StepKind kind, List<Object> gaps, StepName... after) {
        add(StepName.of(side, kind), kind, gaps, after);
    }

    /** A step that is told as another kind is. */
    void addAs(StepKind kind, StepKind told, StepName... after) {
        add(StepName.of(kind), told, List.of(), after);
    }

    private void add(StepName name, StepKind told, List<Object> gaps, StepName... after) {
        StepTable.Row row = StepTable.row(told);
        put(new BenchStep(
                name,
                StepName.title(told, name.side()),
                Phrase.of(row.code(), gaps.toArray()),
                row.caution(),
                row.hold(),
                row.reading().map(this::wanted),
                row.place().flatMap(this::torque),
                known(after),
                new Effort(row.tools(), Optional.of(row.minutes()), row.people(), "", row.source())));
    }

    /** Work proven for a side, in the terms of the shop. */
    void add(Work work, StepName... after) {
        StepName name = StepName.of(work.side(), work.kind());
        double minutes = work.terms().minutes();
        put(new BenchStep(
                name,
                StepName.title(work.kind(), name.side()),
                work.sentence(),
                work.kind().caution(),
                work.kind().hold(),
                Optional.empty(),
                Optional.empty(),
                known(after),
                new Effort(
                        List.of(),
                        Optional.of(new Minutes(minutes * 0.7, minutes, minutes * 1.8)),
                        1,
                        work.terms().days() > 0 ? work.terms().who() : "",
                        "the shop's terms of work")));
    }

    /** A step, every work planned so far on a side, and further steps. */
    StepName[] withWorks(Side side, StepName first, StepName... further) {
        Stream<StepName> works = steps.values().stream()
                .map(BenchStep::name)
                .filter(n -> n.kind() == StepKind.WORK && n.side().equals(Optional.of(side)));
        return Stream.of(Stream.of(first), works, Stream.of(further))
                .flatMap(s -> s)
                .toArray(StepName[]::new);
    }

    private void put(BenchStep step) {
        if (steps.put(step.id(), step) != null) {
            throw new IllegalStateException("Two steps are called " + step.id());
        }
    }

    /** Ids of those the plan has. */
    private List<String> known(StepName... names) {
        return Stream.of(names)
                .map(StepName::id)
                .filter(steps::containsKey)
                .distinct()
                .toList();
    }

    /** The reading at a hold: by the kit's papers where they state its limits. */
    private HoldWanted wanted(HoldKind kind) {
        SetLimits set = kit().fitting().needs().set();
        return switch (kind) {
            case END_PLAY -> within(kind, set.endPlay());
            case SEAL_TILT ->
                set.sealDepth().isPresent() ? within(HoldKind.SEAL_DEPTH, set.sealDepth()) : HoldWanted.byDefault(kind);
            case RUN_OUT -> atMost(kind, set.runOut());
            case THICKNESS_VARIATION -> atMost(kind, set.thicknessVariation());
            default -> HoldWanted.byDefault(kind);
        };
    }

    private static HoldWanted within(HoldKind kind, Optional<KitNeeds.Range> stated) {
        return stated.map(r -> HoldWanted.byPapers(kind, OptionalDouble.of(r.from()), OptionalDouble.of(r.to())))
                .orElseGet(() -> HoldWanted.byDefault(kind));
    }

    private static HoldWanted atMost(HoldKind kind, OptionalDouble stated) {
        return stated.isPresent()
                ? HoldWanted.byPapers(kind, OptionalDouble.empty(), stated)
                : HoldWanted.byDefault(kind);
    }

    private Optional<Tighten> torque(TorqueSpec.Place place) {
        return kit().torques().stream()
                .filter(t -> t.place() == place)
                .findFirst()
                .map(t -> new Tighten(t.torque(), kit().threadFor(t)));
    }
}
