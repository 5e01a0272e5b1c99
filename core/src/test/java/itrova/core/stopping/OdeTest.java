package itrova.core.stopping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;

/** Heat and a stop once more with a general integrator (Hipparchus, Dormand-Prince 8(5,3)). */
class OdeTest {
    private static double[] integrated(double[] start, double time, OdeRight right) {
        OrdinaryDifferentialEquation equation = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return start.length;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                return right.at(t, y);
            }
        };
        return new DormandPrince853Integrator(1e-9, 0.1, 1e-10, 1e-10)
                .integrate(equation, new ODEState(0, start), time)
                .getPrimaryState();
    }

    @FunctionalInterface
    private interface OdeRight {
        double[] at(double t, double[] y);
    }

    /** A deceleration that falls with speed and comes on in 0.4 s: speed and way after two seconds within 0.5 %. */
    @Test
    void aStopThatComesOnAndFades() {
        List<PlayedStop.Moment> played = PlayedStop.play(1200, 30, 0.4, v -> 7 - 0.05 * v);
        PlayedStop.Moment two =
                played.stream().filter(m -> m.time() >= 2).findFirst().orElseThrow();
        double[] exact = integrated(new double[] {30, 0}, two.time(), (t, y) ->
                new double[] {-Math.min(1, t / 0.4) * (7 - 0.05 * y[0]), y[0]});
        assertThat(two.speed()).isEqualTo(exact[0], within(0.005 * exact[0]));
        assertThat(two.way()).isEqualTo(exact[1], within(0.005 * exact[1]));
    }

    /** A descent: lumped iron with constant power and Newton's cooling, after ten minutes within 0.5 %. */
    @Test
    void aLongDescent() {
        BrakeHeat disc = new BrakeHeat(6.5, 480, 280);
        double[] exact =
                integrated(new double[] {20}, 600, (t, y) -> new double[] {4200 / (6.5 * 480) - (y[0] - 20) / 280});
        assertThat(disc.afterDescent(20, 20, 4200, 600)).isEqualTo(exact[0], within(0.005 * exact[0]));
    }
}
