package itrova.bench.campaign;

import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.UnitSystem;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/**
 * A mechanic with a set of instruments, each with one error of its own for as long as the set lasts. What is shown is rounded
 * by the display; what comes out is the text that would be typed.
 */
public final class Hands {
    private final Random random;
    private final Map<Instrument, Double> errors = new EnumMap<>(Instrument.class);

    public Hands(Random random) {
        this.random = random;
        for (Instrument i : Instrument.values()) {
            errors.put(i, i.halfLimit() * (2 * random.nextDouble() - 1));
        }
    }

    /** Reads a true length some times over with the usual instrument; how the hand holds it stays the same meanwhile. */
    public List<Reading> read(Side side, Callout callout, String place, double truth, int times) {
        return read(side, callout, place, truth, times, ReadingSpec.of(callout).preferred());
    }

    /** The same with another instrument. */
    public List<Reading> read(
            Side side, Callout callout, String place, double truth, int times, Instrument instrument) {
        ReadingSpec spec = ReadingSpec.of(callout);
        double held = spec.technique() * random.nextGaussian();
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            double seen = truth + errors.get(instrument) + held + spec.pooledSpread() * random.nextGaussian();
            readings.add(Reading.take(side, callout, place, shown(seen, instrument), instrument, UnitSystem.METRIC));
        }
        return readings;
    }

    /** Anything from −1 to 1, every value equally likely. */
    public double share() {
        return 2 * random.nextDouble() - 1;
    }

    /** A reading by its usual instrument. */
    public static Reading take(Side side, Callout callout, String place, String text) {
        return Reading.take(side, callout, place, text, ReadingSpec.of(callout).preferred(), UnitSystem.METRIC);
    }

    private static String shown(double mm, Instrument instrument) {
        double step =
                switch (instrument) {
                    case TAPE -> 1;
                    case STEEL_RULE -> 0.5;
                    case MICROMETER -> 0.001;
                    default -> 0.01;
                };
        int decimals = step >= 1 ? 0 : step >= 0.1 ? 1 : step >= 0.01 ? 2 : 3;
        return String.format(Locale.ROOT, "%." + decimals + "f", Math.rint(mm / step) * step);
    }
}
