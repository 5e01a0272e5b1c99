package itrova.core.work;

import static itrova.core.wording.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.geometry.ClockWindow;
import itrova.core.judge.FitEngine;
import itrova.core.judge.KitReport;
import itrova.core.judge.Samples;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Figure;
import itrova.core.kit.Kit;
import itrova.core.settings.ShopSettings;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.BracketShape;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Order of the steps (common practice): mock-up before any cutting or welding, nothing before what it rests on. */
class BenchPlanTest {
    private static final AxleEndKind KIND = AxleEndKind.FRONT_SPINDLE;

    private static BenchPlan plan(Kit kit) {
        return BenchPlan.of(PlanCase.alone(
                FitEngine.report(Samples.axle(KIND), kit, ShopSettings.DEFAULTS),
                AxleForm.defaultFor(KIND, BracketShape.CIRCLE)));
    }

    /** A kit whose bore is to be turned. */
    private static Kit tooTight() {
        return Samples.kit()
                .withDisc(Samples.disc().but().bore(Figure.stated(70.5, 0.02)).build());
    }

    private static Kit weldedOn() {
        Kit kit = Samples.kit();
        BracketMount m = kit.bracket().mount();
        return kit.withBracket(kit.bracket()
                .but()
                .mount(new BracketMount(
                        BracketMount.Way.WELD_ON,
                        m.thickness(),
                        OptionalDouble.of(60),
                        Optional.of(new ClockWindow(40, 80)),
                        m.oblong(),
                        m.shims(),
                        m.orientation()))
                .build());
    }

    private static List<String> ids(BenchPlan plan) {
        return plan.steps().stream().map(BenchStep::id).toList();
    }

    @Test
    void theMockUpComesBeforeAnyCutting() {
        List<String> ids = ids(plan(tooTight()));
        assertThat(ids).contains("left-work-bore-disc");
        assertThat(ids.indexOf("left-mockup")).isLessThan(ids.indexOf("left-work-bore-disc"));
        assertThat(ids.indexOf("left-work-bore-disc")).isLessThan(ids.indexOf("left-bracket"));
    }

    @Test
    void aWeldOnBracketIsNeverBoltedOn() {
        BenchPlan plan = plan(weldedOn());
        assertThat(ids(plan)).contains("left-mockup", "left-tack", "left-weld").doesNotContain("left-bracket");
        assertThat(said(plan.step("left-weld").orElseThrow().caution())).contains("Qualified welder");
        assertThat(plan.steps()).noneMatch(s -> said(s.text()).contains("Bolt the bracket on"));
        assertThat(ids(plan(Samples.kit()))).contains("left-bracket").doesNotContain("left-weld");
    }

    @Test
    void everyStepCanBeReachedAndRestsOnStepsBeforeIt() {
        for (Kit kit : List.of(Samples.kit(), tooTight(), weldedOn())) {
            BenchPlan plan = plan(kit);
            Set<String> done = new HashSet<>();
            for (BenchStep step : plan.steps()) {
                assertThat(plan.open(step, done)).as(step.id()).isEmpty();
                done.add(step.id());
            }
            assertThat(plan.steps().stream().skip(1)).allMatch(s -> !s.after().isEmpty());
        }
    }

    @Test
    void theSidesDoNotWaitForEachOtherButTheWheelsWaitForBoth() {
        BenchPlan plan = plan(Samples.kit());
        Set<String> rightOnly = new HashSet<>(Set.of("lift", "fluid"));
        plan.steps().stream()
                .map(BenchStep::id)
                .filter(id -> id.startsWith("right-"))
                .forEach(rightOnly::add);
        assertThat(plan.open(plan.step("left-strip").orElseThrow(), rightOnly)).isEmpty();
        assertThat(plan.open(plan.step("compare").orElseThrow(), rightOnly))
                .extracting(BenchStep::id)
                .containsExactly("left-hose", "left-cap");
    }

    @Test
    void aTickRestsUnderWhatWasDoneOnTopOfIt() {
        BenchPlan plan = plan(Samples.kit());
        BenchStep strip = plan.step("left-strip").orElseThrow();
        assertThat(plan.resting(strip, Set.of("left-strip"))).isEmpty();
        assertThat(plan.resting(strip, Set.of("left-strip", "left-hub-off")))
                .extracting(BenchStep::id)
                .containsExactly("left-hub-off");
    }

    @Test
    void aNewRevisionTellsWhatIsNewChangedAndNoLongerWanted() {
        BenchPlan frozen = plan(Samples.kit());
        BenchPlan live = plan(tooTight());
        assertThat(PlanChange.between(frozen, frozen)).isEmpty();
        assertThat(PlanChange.between(frozen, live))
                .extracting(c -> said(c.sentence()))
                .contains("New: Bore the disc's centre, left.");
        assertThat(PlanChange.between(live, frozen))
                .extracting(c -> said(c.sentence()))
                .contains(
                        "No longer wanted: Bore the disc's centre, left.",
                        "Changed: What was put in loosely comes out, left.");
    }

    @Test
    void aReportWithoutWorkNamesNone() {
        KitReport report = FitEngine.report(Samples.axle(KIND), Samples.kit(), ShopSettings.DEFAULTS);
        assertThat(report.works()).isEmpty();
        assertThat(ids(plan(Samples.kit()))).noneMatch(id -> id.contains("-work-"));
    }
}
