package itrova.core.brakes;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.hipparchus.exception.MathRuntimeException;

/**
 * Works out figures of a circuit with their doubt, first order, and notes what went in.
 *
 * <p>What a function asks for it used; what it asked for and nobody told is missing. Where something is missing it is given the middle of
 * its bounds, only so that all that is missing is found at once; no figure comes of it.
 */
final class Reckoning {
    private final BrakeCircuit circuit;

    Reckoning(BrakeCircuit circuit) {
        this.circuit = circuit;
    }

    /**
     * What came of a figure.
     *
     * @param value absent where something is missing or no number comes of it
     * @param missing what must be read or told first
     * @param assumed what was taken from the table
     */
    record Result(Optional<Measured> value, Set<QuantityAt> missing, Set<QuantityAt> assumed) {}

    /** Quantities as a function asks for them. */
    final class Values {
        private final Map<QuantityAt, Double> shifted;
        private final Map<QuantityAt, Measured> used = new LinkedHashMap<>();
        private final Set<QuantityAt> missing = new LinkedHashSet<>();

        private Values(Map<QuantityAt, Double> shifted) {
            this.shifted = shifted;
        }

        BrakeCircuit circuit() {
            return circuit;
        }

        double of(BrakeQuantity quantity) {
            return of(QuantityAt.vehicle(quantity));
        }

        double of(BrakeQuantity quantity, int axle) {
            return of(new QuantityAt(quantity, axle));
        }

        private double of(QuantityAt at) {
            Optional<Measured> known = circuit.measured(at);
            if (known.isEmpty()) {
                missing.add(at);
                return (at.quantity().min() + at.quantity().max()) / 2;
            }
            used.put(at, known.get());
            return known.get().value() + shifted.getOrDefault(at, 0.0);
        }
    }

    Result of(ToDoubleFunction<Values> figure) {
        Values first = new Values(Map.of());
        double value = worked(figure, first);
        Set<QuantityAt> assumed = new LinkedHashSet<>();
        first.used.keySet().stream().filter(circuit::isAssumed).forEach(assumed::add);
        if (!first.missing.isEmpty() || !Double.isFinite(value)) {
            return new Result(Optional.empty(), Set.copyOf(first.missing), assumed);
        }
        Measured result = Measured.exact(value);
        for (Map.Entry<QuantityAt, Measured> input : first.used.entrySet()) {
            double u = input.getValue().u();
            if (u > 0) {
                double above = worked(figure, new Values(Map.of(input.getKey(), u)));
                double below = worked(figure, new Values(Map.of(input.getKey(), -u)));
                double effect = (above - below) / 2;
                // where no number comes of a value within its doubt, the doubt has no bound
                result = result.with(Component.standard(
                        input.getKey(), Double.isFinite(effect) ? effect : Double.POSITIVE_INFINITY));
            }
        }
        return new Result(Optional.of(result), Set.of(), assumed);
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
