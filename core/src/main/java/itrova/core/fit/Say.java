package itrova.core.fit;

import itrova.core.quantity.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Small helps for the words of a finding. */
final class Say {
    private Say() {}

    static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }

    /** Inputs as they are known; those not known are left out. */
    static final class Inputs {
        private final List<Input> list = new ArrayList<>();

        Inputs add(String name, Measured value) {
            list.add(new Input(name, value, "mm"));
            return this;
        }

        Inputs add(String name, Optional<Measured> value) {
            value.ifPresent(v -> add(name, v));
            return this;
        }

        Inputs add(String name, Optional<Measured> value, String unit) {
            value.ifPresent(v -> list.add(new Input(name, v, unit)));
            return this;
        }

        Inputs add(String name, double exact, String unit) {
            list.add(new Input(name, Measured.exact(exact), unit));
            return this;
        }

        Inputs add(String name, OptionalDouble exact, String unit) {
            exact.ifPresent(v -> add(name, v, unit));
            return this;
        }

        List<Input> list() {
            return list;
        }
    }
}
