package itrova.core.stopping;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * A stop played over time: the brakes come on in a rise time, then hold, until the vehicle stands.
 *
 * <p>Semi-implicit midpoint steps, the last one cut where the speed is nothing; work at the brakes is counted by force and way, so that
 * the energy balance is a check and not an input.
 */
public final class PlayedStop {
    private static final double STEP = 0.002;
    private static final double LONGEST = 120;

    private PlayedStop() {}

    /**
     * A moment of the stop.
     *
     * @param time (s)
     * @param speed (m/s)
     * @param way (m)
     * @param deceleration (m/s²)
     * @param work done at the brakes so far (J)
     */
    public record Moment(double time, double speed, double way, double deceleration, double work) {}

    /**
     * Plays a stop.
     *
     * @param mass (kg)
     * @param speed at first (m/s)
     * @param rise time in which the brakes come on (s)
     * @param deceleration full deceleration (m/s²) at a speed (m/s)
     * @return moments from the first to standing; empty where it would not stand within two minutes
     */
    public static List<Moment> play(double mass, double speed, double rise, DoubleUnaryOperator deceleration) {
        List<Moment> moments = new ArrayList<>();
        double t = 0;
        double v = speed;
        double way = 0;
        double work = 0;
        moments.add(new Moment(0, v, 0, at(0, rise, v, deceleration), 0));
        while (v > 0) {
            if (t > LONGEST) {
                return List.of();
            }
            double first = at(t, rise, v, deceleration);
            double middle = at(t + STEP / 2, rise, Math.max(0, v - first * STEP / 2), deceleration);
            double step = middle > 0 && v - middle * STEP < 0 ? v / middle : STEP;
            double mean = v - middle * step / 2;
            way += mean * step;
            work += mass * middle * mean * step;
            v = step < STEP ? 0 : v - middle * step;
            t += step;
            moments.add(new Moment(t, v, way, middle, work));
        }
        return List.copyOf(moments);
    }

    private static double at(double t, double rise, double v, DoubleUnaryOperator deceleration) {
        double on = rise > 0 ? Math.min(1, t / rise) : 1;
        return on * deceleration.applyAsDouble(v);
    }
}
