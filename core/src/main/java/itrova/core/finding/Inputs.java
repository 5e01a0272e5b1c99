package itrova.core.finding;

import itrova.core.quantity.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Collects what a computation went by, as far as it is known; what is not known is left out. */
public final class Inputs {
    private final List<Input> list = new ArrayList<>();

    /** A length (mm). */
    public Inputs add(String name, Measured value) {
        list.add(new Input(name, value, "mm"));
        return this;
    }

    /** A length (mm). */
    public Inputs add(String name, Optional<Measured> value) {
        value.ifPresent(v -> add(name, v));
        return this;
    }

    /** A quantity in a unit. */
    public Inputs add(String name, Optional<Measured> value, String unit) {
        value.ifPresent(v -> list.add(new Input(name, v, unit)));
        return this;
    }

    /** A figure without doubt, as a limit of the shop. */
    public Inputs add(String name, double exact, String unit) {
        list.add(new Input(name, Measured.exact(exact), unit));
        return this;
    }

    /** A figure without doubt, as a limit of the shop. */
    public Inputs add(String name, OptionalDouble exact, String unit) {
        exact.ifPresent(v -> add(name, v, unit));
        return this;
    }

    /** What was collected, in order. */
    public List<Input> list() {
        return List.copyOf(list);
    }
}
