package itrova.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class MeasuredTest {
    /** JCGM 100:2008 (GUM), example H.1, table H.1: 25, 9.7, 2.9 and 16.6 nm combine to 32 nm. */
    @Test
    void combinesAsInTheGuideExampleH1() {
        Measured block = Measured.of(
                50_000_838,
                Component.standard(Source.named("standard"), 25),
                Component.standard(Source.named("comparator"), 9.7),
                Component.standard(Source.named("temperature"), 2.9),
                Component.standard(Source.named("expansion"), 16.6));
        assertThat(block.u()).isEqualTo(32, within(0.5));
    }

    /** JCGM 100:2008, example H.1.6: components with 18, 25.6, 50 and 2 degrees of freedom give ν_eff = 16.7, t99(16) = 2.92. */
    @Test
    void effectiveDegreesOfFreedomAsInTheGuide() {
        Measured block = Measured.of(
                0,
                new Component(Source.named("standard"), 25, 18),
                new Component(Source.named("comparator"), 9.7, 25.6),
                new Component(Source.named("temperature"), 2.9, 50),
                new Component(Source.named("expansion"), 16.6, 2));
        assertThat(block.effectiveDof()).isEqualTo(16.7, within(0.3));
    }

    /** Student's t, two-sided 95 %: 2.776 at 4, 2.262 at 9, 2.042 at 30 (JCGM 100:2008, table G.2); never below 2. */
    @Test
    void coverageIsStudentsWithAFloorOfTwo() {
        assertThat(Coverage.factor(4)).isEqualTo(2.776, within(0.001));
        assertThat(Coverage.factor(9.9)).isEqualTo(2.262, within(0.001));
        assertThat(Coverage.factor(30)).isEqualTo(2.042, within(0.001));
        assertThat(Coverage.factor(1000)).isEqualTo(2, within(0.0));
        assertThat(Coverage.factor(Double.POSITIVE_INFINITY)).isEqualTo(2, within(0.0));
    }

    @Test
    void anInstrumentsErrorCancelsInDifferencesAndAddsInSums() {
        Measured a = Measured.of(100, Component.rectangular(Source.named("instrument:TAPE"), 1));
        Measured b = Measured.of(90, Component.rectangular(Source.named("instrument:TAPE"), 1));
        assertThat(a.minus(b).u()).isEqualTo(0, within(1e-12));
        assertThat(a.plus(b).u()).isEqualTo(2 / Math.sqrt(3), within(1e-12));
    }

    @Test
    void differentSourcesAddBySquares() {
        Measured a = Measured.of(100, Component.standard(Source.named("a"), 3));
        Measured b = Measured.of(90, Component.standard(Source.named("b"), 4));
        assertThat(a.minus(b).u()).isEqualTo(5, within(1e-12));
        assertThat(a.minus(b).largest().orElseThrow().source()).isEqualTo(Source.named("b"));
    }

    @Test
    void scalingAndMagnitudeKeepTheDoubt() {
        Measured a = Measured.of(-2, Component.standard(Source.named("a"), 0.5));
        assertThat(a.magnitude().value()).isEqualTo(2, within(0.0));
        assertThat(a.times(3).u()).isEqualTo(1.5, within(1e-12));
        assertThat(a.expanded()).isEqualTo(1, within(1e-12));
    }

    /** What a factor of nothing leaves of a doubt is no doubt, and its source is not named any more. */
    @Test
    void whatHasNoEffectLeavesNoComponent() {
        Measured a = Measured.of(10, Component.standard(Source.named("a"), 0.5));
        Measured b = Measured.of(20, Component.standard(Source.named("b"), 0.5));
        assertThat(a.times(0).components()).isEmpty();
        assertThat(a.with(Component.standard(Source.named("c"), 0)).components())
                .isEqualTo(a.components());
        assertThat(a.derive(7, 1, b, 0).components()).isEqualTo(a.components());
        assertThat(a.derive(7, 0, b, 2).components())
                .extracting(Component::source)
                .containsExactly(Source.named("b"));
    }

    /** JCGM 100:2008, G.4.1: an infinite number of degrees of freedom adds nothing to the denominator. */
    @Test
    void statedLimitsBesideRepeatsKeepTheRepeatsDegreesOfFreedom() {
        Measured repeats = Measured.of(10, new Component(Source.named("repeats"), 0.3, 4));
        Measured limit = Measured.of(5, Component.rectangular(Source.named("limit"), 0.4));
        Measured sum = repeats.plus(limit);
        double u = 0.3 * 0.3 + 0.4 * 0.4 / 3;
        assertThat(sum.effectiveDof()).isEqualTo(u * u / (Math.pow(0.3, 4) / 4), within(1e-9));
        assertThat(limit.plus(limit.times(2)).effectiveDof()).isInfinite();
        assertThat(limit.plus(repeats).effectiveDof()).isEqualTo(sum.effectiveDof(), within(1e-12));
    }

    /** The merge of sorted components against a plain map from source to effect. */
    @Test
    void combiningAgreesWithAPlainMap() {
        Random random = new Random(31);
        for (int n = 0; n < 2_000; n++) {
            Map<String, Double> effects = new TreeMap<>();
            Map<String, Double> dofs = new TreeMap<>();
            Measured sum = Measured.exact(0);
            double value = 0;
            int terms = 1 + random.nextInt(5);
            for (int t = 0; t < terms; t++) {
                double factor = random.nextInt(-2, 3);
                Measured term = Measured.exact(random.nextDouble(-5, 5));
                for (int c = random.nextInt(4); c > 0; c--) {
                    String source = "s" + random.nextInt(5);
                    double dof = random.nextBoolean() ? Double.POSITIVE_INFINITY : 1 + random.nextInt(9);
                    double effect = random.nextDouble(0.1, 2);
                    term = term.with(new Component(Source.named(source), effect, dof));
                    if (Math.abs(factor) > 0) {
                        effects.merge(source, factor * effect, Double::sum);
                        dofs.merge(source, dof, Math::min);
                    }
                }
                value += factor * term.value();
                sum = sum.derive(value, 1, term, factor);
            }
            double squares = effects.values().stream().mapToDouble(e -> e * e).sum();
            assertThat(sum.u()).isEqualTo(Math.sqrt(squares), within(1e-9));
            assertThat(sum.components()).extracting(c -> c.source().id()).containsExactlyElementsOf(effects.keySet());
            for (Component c : sum.components()) {
                assertThat(c.effect()).isEqualTo(effects.get(c.source().id()), within(1e-9));
                assertThat(c.dof()).isEqualTo(dofs.get(c.source().id()));
            }
        }
    }
}
