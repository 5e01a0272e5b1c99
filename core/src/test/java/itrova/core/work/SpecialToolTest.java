package itrova.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.core.table.Table;
import itrova.core.vehicle.Side;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Tools a shop may lack are those the steps name. */
class SpecialToolTest {
    private static BenchStep step(StepName name, String... tools) {
        return Steps.step(name, new BenchStep.Effort(List.of(tools), Optional.empty(), 1, "", ""));
    }

    @Test
    void everySpecialToolIsNamedByAStep() {
        Set<String> named = Table.rows(BenchPlan.class, "steps.psv", 13).stream()
                .flatMap(c -> Arrays.stream(c[5].split(";")).map(String::strip))
                .collect(Collectors.toSet());
        assertThat(named)
                .containsAll(SpecialTool.all().stream().map(SpecialTool::name).toList());
    }

    @Test
    void whatAPlanWantsAndTheShopHasNotIsListedOnceWithItsSteps() {
        BenchPlan plan = new BenchPlan(List.of(
                step(StepName.of(Side.LEFT, StepKind.PRESS_OFF), "press", "goggles"),
                step(StepName.of(Side.RIGHT, StepKind.PRESS_OFF), "press"),
                step(StepName.of(Side.LEFT, StepKind.CUPS), "press", "seal driver")));
        assertThat(SpecialTool.lacking(plan, Set.of("seal driver")))
                .singleElement()
                .satisfies(w -> {
                    assertThat(w.tool().name()).isEqualTo("press");
                    assertThat(w.steps()).containsExactly(StepKind.PRESS_OFF, StepKind.CUPS);
                    assertThat(w.tool().ways()).contains("outside work");
                });
        assertThat(SpecialTool.lacking(plan, Set.of("press", "seal driver"))).isEmpty();
    }
}
