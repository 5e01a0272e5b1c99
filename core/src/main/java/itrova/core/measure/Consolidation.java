package itrova.core.measure;

import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.Station;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Turns the readings of one side into an axle end with doubts.
 *
 * <p>Per reading u² = a_instrument²/3 + a_resolution²/3 + u_technique² + u_repeat² (JCGM 100:2008, 4.3.7 and 4.2.3);
 * u_repeat is the technique's pooled spread over √n until five repeats are there, then the sample's own.
 */
public final class Consolidation {
    private static final int REPEATS_THAT_SPEAK_FOR_THEMSELVES = 5;

    private Consolidation() {}

    /** Consolidates the readings of the given side; readings of the other side are passed over. */
    public static AxleEnd of(Side side, AxleForm form, List<Reading> readings) {
        AxleEnd.Builder end = new AxleEnd.Builder(side, form);
        Map<Callout, List<Reading>> byCallout = new EnumMap<>(Callout.class);
        for (Reading r : measured(readings)) {
            if (r.side() == side || r.callout().isOfBothEnds()) {
                byCallout.computeIfAbsent(r.callout(), c -> new ArrayList<>()).add(r);
            }
        }
        byCallout.forEach((callout, own) -> put(end, side, callout, own));
        return DerivedValues.complete(end.build());
    }

    /** Each reading of known origin once; one taken over from another end gives way to any taken here. */
    private static List<Reading> measured(List<Reading> readings) {
        Set<ReadingKey> known = new HashSet<>();
        Set<ReadAt> taken = readings.stream()
                .filter(r -> isMeasured(r) && !isCopy(r))
                .map(ReadAt::of)
                .collect(Collectors.toSet());
        return readings.stream()
                .filter(Consolidation::isMeasured)
                .filter(r -> r.origin().isEmpty() || known.add(r.key()))
                .filter(r -> !isCopy(r) || !taken.contains(ReadAt.of(r)))
                .toList();
    }

    /** A length somebody saw but did not measure proves nothing, however it was written down. */
    private static boolean isMeasured(Reading r) {
        return Reading.isMeasuredBy(r.callout(), r.instrument());
    }

    private static boolean isCopy(Reading r) {
        return r.origin().map(Origin::isCopy).orElse(false);
    }

    private static void put(AxleEnd.Builder end, Side side, Callout callout, List<Reading> own) {
        Reading last = own.get(own.size() - 1);
        switch (callout.kind()) {
            case COUNT -> end.count(callout, (int) Math.round(last.value().orElseThrow()));
            case THREAD -> end.thread(callout, last.thread().orElseThrow());
            case WORD -> end.word(callout, last.text());
            case LENGTH -> {
                if (callout == Callout.WHEEL_BARREL) {
                    end.barrel(stations(own));
                } else if (callout == Callout.WHEEL_SPOKE) {
                    end.spokes(stations(own));
                } else {
                    end.length(callout, consolidate(ReadAt.of(side, callout), own));
                }
            }
        }
    }

    private static List<Station> stations(List<Reading> readings) {
        Map<Double, List<Reading>> byPlace = new LinkedHashMap<>();
        readings.forEach(r -> byPlace.computeIfAbsent(r.place().orElseThrow(), p -> new ArrayList<>())
                .add(r));
        List<Station> stations = new ArrayList<>();
        byPlace.forEach((place, same) -> {
            ReadAt at = ReadAt.of(same.get(0));
            double written =
                    same.stream().mapToDouble(Reading::placeHalfLimit).max().orElseThrow();
            Measured where =
                    Measured.of(place, Component.rectangular(ReadingSource.of(ReadingSource.Kind.PLACE, at), written));
            stations.add(new Station(where, consolidate(at, same)));
        });
        stations.sort(Comparator.comparingDouble(s -> s.place().value()));
        return stations;
    }

    /** Mean of repeats with its doubt; repeats with different instruments take the coarsest one's limits. */
    static Measured consolidate(ReadAt at, List<Reading> repeats) {
        ReadingSpec spec = ReadingSpec.of(repeats.get(0).callout());
        Reading coarsest = repeats.get(0);
        double sum = 0;
        for (Reading r : repeats) {
            sum += r.value().orElseThrow();
            if (r.coarseness() > coarsest.coarseness()) {
                coarsest = r;
            }
        }
        double mean = sum / repeats.size();
        return Measured.of(
                mean,
                Component.rectangular(InstrumentSource.of(coarsest.instrument()), coarsest.halfLimit()),
                Component.rectangular(ReadingSource.of(ReadingSource.Kind.RESOLUTION, at), coarsest.halfResolution()),
                Component.standard(ReadingSource.of(ReadingSource.Kind.TECHNIQUE, at), spec.technique()),
                repeatability(at, repeats, mean, spec.pooledSpread()));
    }

    private static Component repeatability(ReadAt at, List<Reading> repeats, double mean, double pooled) {
        int n = repeats.size();
        if (n < REPEATS_THAT_SPEAK_FOR_THEMSELVES) {
            return Component.standard(ReadingSource.of(ReadingSource.Kind.REPEAT, at), pooled / Math.sqrt(n));
        }
        double squares = repeats.stream()
                .mapToDouble(r -> Math.pow(r.value().orElseThrow() - mean, 2))
                .sum();
        return new Component(
                ReadingSource.of(ReadingSource.Kind.REPEAT, at), Math.sqrt(squares / (n - 1) / n), n - 1.0);
    }

    /** One reading by itself, with its doubt. */
    public static Measured single(Reading reading) {
        return consolidate(ReadAt.of(reading), List.of(reading));
    }

    /** The value read at the nearest other place of the same profile, on the same side, if any. */
    public static Optional<Double> nearest(List<Reading> readings, Reading reading) {
        if (reading.place().isEmpty() || reading.callout() == Callout.WHEEL_SPOKE) {
            return Optional.empty(); // spokes may well start at zero: a ratio says nothing there
        }
        double at = reading.place().getAsDouble();
        return readings.stream()
                .filter(r -> r.side() == reading.side() && r.callout() == reading.callout())
                .min(Comparator.comparingDouble(r -> Math.abs(r.place().orElseThrow() - at)))
                .map(r -> r.value().orElseThrow());
    }

    /** The value of one dimension already read on a side, if any, to compare a new reading with. */
    public static Optional<Double> already(List<Reading> readings, Side side, Callout callout, OptionalDouble place) {
        return readings.stream()
                .filter(r ->
                        r.side() == side && r.callout() == callout && r.place().equals(place))
                .flatMap(r -> r.value().stream().boxed())
                .reduce((first, second) -> second);
    }
}
