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
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
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
    void add(String key, String... after) {
        add(key, key, "", StepTable.row(key).code(), List.of(), after);
    }

    /** A step of one side. */
    void add(Side side, String key, String... after) {
        add(of(side, key), key, ", " + side.word(), StepTable.row(key).code(), List.of(), after);
    }

    /** A step of one side whose text has gaps. */
    void add(Side side, String key, List<Object> gaps, String... after) {
        add(of(side, key), key, ", " + side.word(), StepTable.row(key).code(), gaps, after);
    }

    /** A step under another id. */
    void addAs(String id, String key, String... after) {
        add(id, key, "", StepTable.row(key).code(), List.of(), after);
    }

    /** Id of a side's step. */
    static String of(Side side, String key) {
        return side.word() + "-" + key;
    }

    private void add(String id, String key, String where, String code, List<Object> gaps, String... after) {
        StepTable.Row row = StepTable.row(key);
        put(new BenchStep(
                id,
                row.title() + where,
                Phrase.of(code, gaps.toArray()),
                row.caution(),
                row.hold(),
                row.reading().map(this::wanted),
                row.place().flatMap(this::torque),
                known(after),
                new Effort(row.tools(), Optional.of(row.minutes()), row.people(), "", row.source())));
    }

    /** Work proven for a side, in the terms of the shop. */
    void add(Work work, String... after) {
        String id = of(
                work.side(),
                "work-" + work.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        double minutes = work.terms().minutes();
        put(new BenchStep(
                id,
                work.kind().title() + ", " + work.side().word(),
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

    private void put(BenchStep step) {
        if (steps.put(step.id(), step) != null) {
            throw new IllegalStateException("Two steps are called " + step.id());
        }
    }

    /** Those of the ids the plan has; a name ending in * stands for all that begin so. */
    private List<String> known(String... ids) {
        List<String> known = new ArrayList<>();
        for (String id : ids) {
            Stream<String> meant = id.endsWith("*")
                    ? steps.keySet().stream().filter(s -> s.startsWith(id.substring(0, id.length() - 1)))
                    : Stream.of(id).filter(steps::containsKey);
            meant.filter(s -> !known.contains(s)).forEach(known::add);
        }
        return known;
    }

    /** The reading at a hold: by the kit's papers where they state its limits. */
    private HoldWanted wanted(HoldKind kind) {
        SetLimits set = kit().fitting().needs().set();
        return switch (kind) {
            case END_PLAY -> within(kind, set.endPlay());
            case SEAL_TILT ->
                set.sealDepth().isPresent() ? within(HoldKind.SEAL_DEPTH, set.sealDepth()) : HoldWanted.usual(kind);
            case RUN_OUT -> atMost(kind, set.runOut());
            case THICKNESS_VARIATION -> atMost(kind, set.thicknessVariation());
            default -> HoldWanted.usual(kind);
        };
    }

    private static HoldWanted within(HoldKind kind, Optional<KitNeeds.Range> stated) {
        return stated.map(r -> HoldWanted.byPapers(kind, OptionalDouble.of(r.from()), OptionalDouble.of(r.to())))
                .orElseGet(() -> HoldWanted.usual(kind));
    }

    private static HoldWanted atMost(HoldKind kind, OptionalDouble stated) {
        return stated.isPresent() ? HoldWanted.byPapers(kind, OptionalDouble.empty(), stated) : HoldWanted.usual(kind);
    }

    private Optional<Tighten> torque(TorqueSpec.Place place) {
        return kit().torques().stream()
                .filter(t -> t.place() == place)
                .findFirst()
                .map(t -> new Tighten(t.torque(), kit().threadFor(t)));
    }
}
