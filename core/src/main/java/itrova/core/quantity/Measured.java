package itrova.core.quantity;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A value with its uncertainty, kept as signed components by source.
 *
 * <p>First-order propagation (JCGM 100:2008, 5.1.2 and 5.2): components of the same source add with their signs,
 * components of different sources are independent. Immutable.
 */
public final class Measured {
    private static final Component[] NONE = {};

    private final double value;
    private final Component[] components; // sorted by source, each source once

    private Measured(double value, Component[] components) {
        this.value = value;
        this.components = components;
    }

    /** A value without doubt, such as a count or a rule's own limit. */
    public static Measured exact(double value) {
        return new Measured(value, NONE);
    }

    /** A value with the given components; several of the same source are added with their signs. */
    public static Measured of(double value, Component... parts) {
        Measured sum = exact(value);
        for (Component part : parts) {
            sum = combine(value, sum, 1, new Measured(0, new Component[] {part}), 1);
        }
        return sum;
    }

    /** Value in its SI unit. */
    public double value() {
        return value;
    }

    /** Components sorted by source; a copy. */
    public List<Component> components() {
        return List.of(components);
    }

    public Measured plus(Measured other) {
        return combine(value + other.value, this, 1, other, 1);
    }

    public Measured minus(Measured other) {
        return combine(value - other.value, this, 1, other, -1);
    }

    public Measured plus(double constant) {
        return new Measured(value + constant, components);
    }

    public Measured times(double factor) {
        return withEffects(value * factor, factor);
    }

    /** The same doubt about another value. */
    public Measured at(double newValue) {
        return new Measured(newValue, components);
    }

    /** Absolute value; the sign of the sensitivity follows the sign of the value. */
    public Measured magnitude() {
        return value < 0 ? times(-1) : this;
    }

    /** Adds one more component of uncertainty. */
    public Measured with(Component part) {
        return combine(value, this, 1, new Measured(0, new Component[] {part}), 1);
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

    /** Combined standard uncertainty u, in the value's unit. */
    public double u() {
        double sum = 0;
        for (Component c : components) {
            sum += c.effect() * c.effect();
        }
        return Math.sqrt(sum);
    }

    /** Effective degrees of freedom by Welch and Satterthwaite (JCGM 100:2008, G.4.1, equation G.2b). */
    public double effectiveDof() {
        double squares = 0;
        double weighted = 0;
        for (Component c : components) {
            double variance = c.effect() * c.effect();
            squares += variance;
            weighted += variance * variance / c.dof();
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
        return Arrays.stream(components).max(Comparator.comparingDouble(c -> Math.abs(c.effect())));
    }

    private Measured withEffects(double newValue, double factor) {
        Component[] scaled = new Component[components.length];
        for (int i = 0; i < components.length; i++) {
            Component c = components[i];
            scaled[i] = new Component(c.source(), c.effect() * factor, c.dof());
        }
        return new Measured(newValue, scaled);
    }

    private static Measured combine(double result, Measured a, double fa, Measured b, double fb) {
        if (b.components.length == 0) {
            return fa == 1 ? new Measured(result, a.components) : a.withEffects(result, fa);
        }
        if (a.components.length == 0) {
            return fb == 1 ? new Measured(result, b.components) : b.withEffects(result, fb);
        }
        List<Component> merged = new ArrayList<>(a.components.length + b.components.length);
        int i = 0;
        int j = 0;
        while (i < a.components.length || j < b.components.length) {
            int order;
            if (i == a.components.length) {
                order = 1;
            } else if (j == b.components.length) {
                order = -1;
            } else {
                order = a.components[i].source().compareTo(b.components[j].source());
            }
            if (order < 0) {
                Component c = a.components[i++];
                merged.add(new Component(c.source(), c.effect() * fa, c.dof()));
            } else if (order > 0) {
                Component c = b.components[j++];
                merged.add(new Component(c.source(), c.effect() * fb, c.dof()));
            } else {
                Component c = a.components[i++];
                Component d = b.components[j++];
                merged.add(new Component(c.source(), c.effect() * fa + d.effect() * fb, Math.min(c.dof(), d.dof())));
            }
        }
        return new Measured(result, merged.toArray(NONE));
    }

    @Override
    public String toString() {
        return value + " ± " + expanded();
    }
}
