package itrova.core.quantity;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * A value with its uncertainty, kept as signed components by source.
 *
 * <p>First-order propagation (JCGM 100:2008, 5.1.2 and 5.2): components of the same source add with their signs,
 * components of different sources are independent. Immutable.
 */
public final class Measured {
    private static final Source[] NO_SOURCES = {};
    private static final double[] NO_EFFECTS = {};

    private final double value;
    // Three arrays side by side, sorted by source, each source once: scaling shares two of them.
    private final Source[] sources;
    private final double[] effects;
    /** Null where every one is infinite, as for all that rests on stated limits. */
    private final double @Nullable [] dofs;

    private Measured(double value, Source[] sources, double[] effects, double @Nullable [] dofs) {
        this.value = value;
        this.sources = sources;
        this.effects = effects;
        this.dofs = dofs;
    }

    /** A value with one component. */
    public static Measured of(double value, Component part) {
        return new Measured(
                value,
                new Source[] {part.source()},
                new double[] {part.effect()},
                Double.isInfinite(part.dof()) ? null : new double[] {part.dof()});
    }

    /** A value without doubt, such as a count or a rule's own limit. */
    public static Measured exact(double value) {
        return new Measured(value, NO_SOURCES, NO_EFFECTS, null);
    }

    /** A value with the given components; several of the same source are added with their signs. */
    public static Measured of(double value, Component... parts) {
        Measured sum = exact(value);
        for (Component part : parts) {
            sum = combine(value, sum, 1, of(0, part), 1);
        }
        return sum;
    }

    /** Value in its SI unit. */
    public double value() {
        return value;
    }

    /** Components sorted by source; a copy. */
    public List<Component> components() {
        List<Component> list = new ArrayList<>(sources.length);
        for (int i = 0; i < sources.length; i++) {
            list.add(component(i));
        }
        return list;
    }

    private Component component(int i) {
        return new Component(sources[i], effects[i], dof(i));
    }

    private double dof(int i) {
        return dofs == null ? Double.POSITIVE_INFINITY : dofs[i];
    }

    public Measured plus(Measured other) {
        return combine(value + other.value, this, 1, other, 1);
    }

    public Measured minus(Measured other) {
        return combine(value - other.value, this, 1, other, -1);
    }

    public Measured plus(double constant) {
        return at(value + constant);
    }

    public Measured times(double factor) {
        return scaled(value * factor, factor);
    }

    /** The same doubt about another value. */
    public Measured at(double newValue) {
        return new Measured(newValue, sources, effects, dofs);
    }

    /** Absolute value; the sign of the sensitivity follows the sign of the value. */
    public Measured magnitude() {
        return value < 0 ? times(-1) : this;
    }

    /** Adds one more component of uncertainty. */
    public Measured with(Component part) {
        if (!(Math.abs(part.effect()) > 0)) {
            return this;
        }
        return combine(value, this, 1, of(0, part), 1);
    }

    /**
     * A value computed from this one and another, by its first derivatives.
     *
     * @param result the computed value
     * @param byThis derivative of the result with respect to this value
     * @param other the other input
     * @param byOther derivative of the result with respect to the other input
     */
    public Measured derive(double result, double byThis, Measured other, double byOther) {
        return combine(result, this, byThis, other, byOther);
    }

    /**
     * A value computed from several, by its first derivatives; these are taken over one standard uncertainty either way.
     *
     * @param f the computation
     * @param inputs what goes into it, in its order
     */
    public static Measured through(ToDoubleFunction<double[]> f, Measured... inputs) {
        double[] at = new double[inputs.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = inputs[i].value;
        }
        Measured result = exact(f.applyAsDouble(at));
        for (int i = 0; i < at.length; i++) {
            double step = inputs[i].u();
            if (step > 0) {
                at[i] = inputs[i].value + step;
                double above = f.applyAsDouble(at);
                at[i] = inputs[i].value - step;
                double below = f.applyAsDouble(at);
                at[i] = inputs[i].value;
                result = result.derive(result.value, 1, inputs[i], (above - below) / (2 * step));
            }
        }
        return result;
    }

    /** Combined standard uncertainty u, in the value's unit. */
    public double u() {
        double sum = 0;
        for (double effect : effects) {
            sum += effect * effect;
        }
        return Math.sqrt(sum);
    }

    /** Effective degrees of freedom by Welch and Satterthwaite (JCGM 100:2008, G.4.1, equation G.2b). */
    public double effectiveDof() {
        if (dofs == null) {
            return Double.POSITIVE_INFINITY;
        }
        double squares = 0;
        double weighted = 0;
        for (int i = 0; i < effects.length; i++) {
            double variance = effects[i] * effects[i];
            squares += variance;
            weighted += variance * variance / dofs[i];
        }
        return weighted > 0 ? squares * squares / weighted : Double.POSITIVE_INFINITY;
    }

    /** Expanded uncertainty U = max(2, t95(ν_eff))·u, in the value's unit. */
    public double expanded() {
        double u = u();
        return u > 0 ? Coverage.factor(effectiveDof()) * u : 0;
    }

    /** The component that contributes most, if there is any. */
    public Optional<Component> largest() {
        int most = -1;
        for (int i = 0; i < effects.length; i++) {
            if (most < 0 || Math.abs(effects[i]) > Math.abs(effects[most])) {
                most = i;
            }
        }
        return most < 0 ? Optional.empty() : Optional.of(component(most));
    }

    private Measured scaled(double newValue, double factor) {
        if (effects.length == 0 || !(Math.abs(factor) > 0)) {
            return exact(newValue);
        }
        double[] scaled = new double[effects.length];
        for (int i = 0; i < scaled.length; i++) {
            scaled[i] = effects[i] * factor;
        }
        return new Measured(newValue, sources, scaled, dofs);
    }

    /** What has no effect leaves no component. */
    private static Measured combine(double result, Measured a, double fa, Measured b, double fb) {
        if (b.sources.length == 0 || !(Math.abs(fb) > 0)) {
            return a.scaled(result, fa);
        }
        if (a.sources.length == 0 || !(Math.abs(fa) > 0)) {
            return b.scaled(result, fb);
        }
        int most = a.sources.length + b.sources.length;
        Source[] sources = new Source[most];
        double[] effects = new double[most];
        double[] dofs = a.dofs == null && b.dofs == null ? null : new double[most];
        int i = 0;
        int j = 0;
        int n = 0;
        while (i < a.sources.length || j < b.sources.length) {
            int order = order(a, i, b, j);
            if (order < 0) {
                sources[n] = a.sources[i];
                effects[n] = a.effects[i] * fa;
            } else if (order > 0) {
                sources[n] = b.sources[j];
                effects[n] = b.effects[j] * fb;
            } else {
                sources[n] = a.sources[i];
                effects[n] = a.effects[i] * fa + b.effects[j] * fb;
            }
            if (dofs != null) {
                dofs[n] = order < 0 ? a.dof(i) : order > 0 ? b.dof(j) : Math.min(a.dof(i), b.dof(j));
            }
            i += order <= 0 ? 1 : 0;
            j += order >= 0 ? 1 : 0;
            n++;
        }
        return n == most
                ? new Measured(result, sources, effects, dofs)
                : new Measured(
                        result,
                        Arrays.copyOf(sources, n),
                        Arrays.copyOf(effects, n),
                        dofs == null ? null : Arrays.copyOf(dofs, n));
    }

    private static int order(Measured a, int i, Measured b, int j) {
        if (i == a.sources.length) {
            return 1;
        }
        if (j == b.sources.length) {
            return -1;
        }
        Source one = a.sources[i];
        Source other = b.sources[j];
        return one == other ? 0 : one.id().compareTo(other.id()); // the same object is the common case
    }

    @Override
    public String toString() {
        return value + " ± " + expanded();
    }
}
