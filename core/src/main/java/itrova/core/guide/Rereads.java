package itrova.core.guide;

import itrova.core.measure.Instrument;
import itrova.core.measure.InstrumentSource;
import itrova.core.measure.ReadAt;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSource;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.Component;
import itrova.core.vehicle.Callout;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What taking a reading again, once more or with the usual instrument, would take away of its doubt. */
final class Rereads {
    /** A reading is worth taking again only when it takes away at least this share of the margin's variance. */
    private static final double WORTHWHILE = 0.10;

    /** From this many repeats on, handling and instrument are what is left of the doubt. */
    private static final int REPEATS_THAT_HELP = 3;

    private final Map<ReadAt, Shares> byKey = new HashMap<>();

    /** Shares of variance that go away: of the scatter, of the resolution, of the instrument's error. */
    private record Shares(double repeat, double resolution, double instrument) {}

    Rereads(List<Reading> readings) {
        Map<ReadAt, Integer> counts = new HashMap<>();
        Map<ReadAt, Reading> coarsest = new HashMap<>();
        for (Reading r : readings) {
            if (r.callout().kind() != Callout.Kind.LENGTH) {
                continue;
            }
            ReadAt key = ReadAt.of(r);
            counts.merge(key, 1, Integer::sum);
            coarsest.merge(key, r, (a, b) -> b.halfLimit() > a.halfLimit() ? b : a);
        }
        coarsest.forEach((key, r) -> byKey.put(key, shares(r, counts.get(key))));
    }

    private static Shares shares(Reading r, int n) {
        Instrument preferred = ReadingSpec.of(r.callout()).preferred();
        boolean isFiner = preferred.halfLimit() < r.halfLimit();
        if (!isFiner) {
            return new Shares(n < REPEATS_THAT_HELP ? 1.0 / (n + 1) : 0, 0, 0);
        }
        double limits = preferred.halfLimit() / r.halfLimit();
        double finest = preferred.graduation(false, false) / 2;
        double resolutions = Math.min(1, finest / r.halfResolution());
        return new Shares(0, 1 - resolutions * resolutions, 1 - limits * limits);
    }

    /** Readings worth taking again for a margin, with the signed spread (mm) each would take out of it. */
    Map<Worthwhile, Double> removable(List<Component> components) {
        double variance = 0;
        Map<ReadAt, Double> removed = new HashMap<>();
        for (Component c : components) {
            double square = c.effect() * c.effect();
            variance += square;
            if (c.source() instanceof ReadingSource read && byKey.containsKey(read.at())) {
                removed.merge(read.at(), share(read) * square, Double::sum);
            }
        }
        addInstruments(components, removed);
        double worth = WORTHWHILE * variance;
        Map<Worthwhile, Double> effects = new HashMap<>();
        removed.forEach((at, square) -> {
            if (square > worth) {
                effects.put(new Worthwhile(at, true), Math.sqrt(square));
            }
        });
        return effects;
    }

    private double share(ReadingSource read) {
        Shares shares = byKey.get(read.at());
        return switch (read.kind()) {
            case REPEAT -> shares.repeat();
            case RESOLUTION -> shares.resolution();
            case TECHNIQUE, PLACE -> 0;
        };
    }

    /** An instrument's error goes where a coarse one is replaced; it is laid on the reading that would replace it. */
    private void addInstruments(List<Component> components, Map<ReadAt, Double> removed) {
        for (Component c : components) {
            if (!(c.source() instanceof InstrumentSource)) {
                continue;
            }
            double square = c.effect() * c.effect();
            removed.replaceAll((at, sofar) -> sofar + byKey.get(at).instrument() * square);
        }
    }
}
