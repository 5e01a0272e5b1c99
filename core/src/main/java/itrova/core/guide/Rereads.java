package itrova.core.guide;

import itrova.core.measure.Consolidation;
import itrova.core.measure.Instrument;
import itrova.core.measure.Reading;
import itrova.core.measure.ReadingSpec;
import itrova.core.quantity.Component;
import itrova.core.vehicle.Callout;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What taking a reading again, once more or with the usual instrument, would take away of its doubt. */
final class Rereads {
    /** First part of the name of a reading taken again. */
    static final String SOURCE = "again:";

    /** A reading is worth taking again only when it takes away at least this share of the margin's variance. */
    private static final double WORTHWHILE = 0.10;

    /** From this many repeats on, handling and instrument are what is left of the doubt. */
    private static final int REPEATS_THAT_HELP = 3;

    private final Map<String, Shares> byKey = new HashMap<>();

    /** Shares of variance that go away: of the scatter, of the resolution, of the instrument's error. */
    private record Shares(double repeat, double resolution, double instrument) {}

    Rereads(List<Reading> readings) {
        Map<String, Integer> counts = new HashMap<>();
        Map<String, Reading> coarsest = new HashMap<>();
        for (Reading r : readings) {
            if (r.callout().kind() != Callout.Kind.LENGTH) {
                continue;
            }
            String key = key(r);
            counts.merge(key, 1, Integer::sum);
            coarsest.merge(key, r, (a, b) -> b.halfLimit() > a.halfLimit() ? b : a);
        }
        coarsest.forEach((key, r) -> byKey.put(key, shares(r, counts.get(key))));
    }

    private static String key(Reading r) {
        String key = Consolidation.key(r.side(), r.callout());
        return r.place().isPresent() ? key + "@" + r.place().getAsDouble() : key;
    }

    private static Shares shares(Reading r, int n) {
        Instrument usual = ReadingSpec.of(r.callout()).preferred();
        boolean isFiner = usual.halfLimit() < r.halfLimit();
        if (!isFiner) {
            return new Shares(n < REPEATS_THAT_HELP ? 1.0 / (n + 1) : 0, 0, 0);
        }
        double limits = usual.halfLimit() / r.halfLimit();
        double finest = usual.graduation(false, false) / 2;
        double resolutions = Math.min(1, finest / r.halfResolution());
        return new Shares(0, 1 - resolutions * resolutions, 1 - limits * limits);
    }

    /** Readings worth taking again for a margin, with the signed spread (mm) each would take out of it. */
    Map<String, Double> removable(List<Component> components) {
        double variance = 0;
        Map<String, Double> removed = new HashMap<>();
        for (Component c : components) {
            double square = c.effect() * c.effect();
            variance += square;
            int colon = c.source().indexOf(':');
            String kind = c.source().substring(0, Math.max(0, colon));
            Shares shares = byKey.get(c.source().substring(colon + 1));
            if (shares == null) {
                continue;
            }
            double share =
                    switch (kind) {
                        case "repeat" -> shares.repeat();
                        case "resolution" -> shares.resolution();
                        default -> 0;
                    };
            removed.merge(c.source().substring(colon + 1), share * square, Double::sum);
        }
        addInstruments(components, removed);
        double worth = WORTHWHILE * variance;
        Map<String, Double> effects = new HashMap<>();
        removed.forEach((key, square) -> {
            if (square > worth) {
                effects.put(SOURCE + key, Math.sqrt(square));
            }
        });
        return effects;
    }

    /** An instrument's error goes where a coarse one is replaced; it is laid on the reading that would replace it. */
    private void addInstruments(List<Component> components, Map<String, Double> removed) {
        for (Component c : components) {
            if (!c.source().startsWith("instrument:")) {
                continue;
            }
            double square = c.effect() * c.effect();
            removed.replaceAll((key, sofar) -> sofar + byKey.get(key).instrument() * square);
        }
    }
}
