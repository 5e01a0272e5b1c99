package itrova.core.brakes;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.hipparchus.exception.MathRuntimeException;

/**
 * Works out figures of a circuit with their doubt, first order, and notes what went in.
 *
 * <p>What a function asks for it used; what it asked for and nobody told is missing. Where something is missing it is given the middle of
 * its bounds, only so that all that is missing is found at once; no figure comes of it.
 *
 * <p>Quantities are kept by place in arrays: a figure asks for the same ones thousands of times, and maps took most of the time.
 */
final class Reckoning {
    private static final BrakeQuantity[] QUANTITIES = BrakeQuantity.values();

    private final BrakeCircuit circuit;
    private final boolean isWithDoubt;
    private final int places;
    private final Measured[] known;
    private final double[] middle;
    private final boolean[] isLookedUp;

    Reckoning(BrakeCircuit circuit) {
        this(circuit, true);
    }

    /** @param isWithDoubt false where only the middle is wanted, some forty times quicker */
    Reckoning(BrakeCircuit circuit, boolean isWithDoubt) {
        this.circuit = circuit;
        this.isWithDoubt = isWithDoubt;
        this.places = circuit.axles().size() + 1;
        int all = QUANTITIES.length * places;
        this.known = new Measured[all];
        this.middle = new double[all];
        this.isLookedUp = new boolean[all];
    }

    /**
     * What came of a figure.
     *
     * @param value absent where something is missing or no number comes of it
     * @param missing what must be read or told first
     * @param assumed what was taken from the table
     */
    record Result(Optional<Measured> value, Set<QuantityAt> missing, Set<QuantityAt> assumed) {}

    private int index(BrakeQuantity quantity, int axle) {
        return quantity.ordinal() * places + axle + 1;
    }

    private QuantityAt at(int index) {
        return new QuantityAt(QUANTITIES[index / places], index % places - 1);
    }

    private void lookUp(int index) {
        isLookedUp[index] = true;
        QuantityAt at = at(index);
        Optional<Measured> told = circuit.measured(at);
        middle[index] = told.map(Measured::value)
                .orElse((at.quantity().min() + at.quantity().max()) / 2);
        told.ifPresent(m -> known[index] = m);
    }

    /** Quantities as a function asks for them. */
    final class Values {
        private final boolean[] isUsed = new boolean[middle.length];
        private final double[] shift;

        private Values(double[] shift) {
            this.shift = shift;
        }

        BrakeCircuit circuit() {
            return circuit;
        }

        double of(BrakeQuantity quantity) {
            return of(quantity, QuantityAt.VEHICLE);
        }

        double of(BrakeQuantity quantity, int axle) {
            int index = index(quantity, axle);
            if (!isLookedUp[index]) {
                lookUp(index);
            }
            isUsed[index] = true;
            return middle[index] + shift[index];
        }
    }

    Result of(ToDoubleFunction<Values> figure) {
        double[] shift = new double[middle.length];
        Values first = new Values(shift);
        double value = worked(figure, first);
        Set<QuantityAt> missing = new LinkedHashSet<>();
        Set<QuantityAt> assumed = new LinkedHashSet<>();
        for (int i = 0; i < middle.length; i++) {
            if (first.isUsed[i] && known[i] == null) {
                missing.add(at(i));
            } else if (first.isUsed[i] && circuit.isAssumed(at(i))) {
                assumed.add(at(i));
            }
        }
        if (!missing.isEmpty() || !Double.isFinite(value)) {
            return new Result(Optional.empty(), Set.copyOf(missing), assumed);
        }
        Measured result = Measured.exact(value);
        for (int i = 0; i < middle.length && isWithDoubt; i++) {
            double u = first.isUsed[i] ? known[i].u() : 0;
            if (u > 0) {
                shift[i] = u;
                double above = worked(figure, first);
                shift[i] = -u;
                double below = worked(figure, first);
                shift[i] = 0;
                double effect = (above - below) / 2;
                // where no number comes of a value within its doubt, the doubt has no bound
                result = result.with(
                        Component.standard(at(i), Double.isFinite(effect) ? effect : Double.POSITIVE_INFINITY));
            }
        }
        return new Result(Optional.of(result), Set.of(), assumed);
    }

    /** What a function asks for. */
    List<QuantityAt> used(ToDoubleFunction<Values> figure) {
        Values values = new Values(new double[middle.length]);
        worked(figure, values);
        List<QuantityAt> used = new java.util.ArrayList<>();
        for (int i = 0; i < middle.length; i++) {
            if (values.isUsed[i]) {
                used.add(at(i));
            }
        }
        return used;
    }

    /** What comes of a function with quantities shifted; absent where they contradict each other so that nothing does. */
    <T> Optional<T> at(Map<QuantityAt, Double> shifts, Function<Values, T> function) {
        double[] shift = new double[middle.length];
        shifts.forEach((at, by) -> shift[index(at.quantity(), at.axle())] = by);
        try {
            return Optional.of(function.apply(new Values(shift)));
        } catch (IllegalArgumentException | MathRuntimeException e) {
            return Optional.empty();
        }
    }

    /** NaN where quantities contradict each other so that no number comes of them. */
    private static double worked(ToDoubleFunction<Values> figure, Values values) {
        try {
            return figure.applyAsDouble(values);
        } catch (IllegalArgumentException | MathRuntimeException e) {
            return Double.NaN;
        }
    }
}
