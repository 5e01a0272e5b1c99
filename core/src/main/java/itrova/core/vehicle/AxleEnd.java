package itrova.core.vehicle;

import itrova.core.fastener.Thread;
import itrova.core.quantity.Measured;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** One side of an axle with its wheel, consolidated from its readings. What was not read is absent. Immutable. */
public final class AxleEnd {
    private final Side side;
    private final AxleForm form;
    private final Map<Callout, Measured> lengths;
    private final Map<Callout, Integer> counts;
    private final Map<Callout, Thread> threads;
    private final Map<Callout, String> words;
    private final Optional<Measured> boltCircle;
    private final List<Station> barrel;
    private final List<Station> spokes;

    private AxleEnd(Builder b) {
        side = b.side;
        form = b.form;
        lengths = Map.copyOf(b.lengths);
        counts = Map.copyOf(b.counts);
        threads = Map.copyOf(b.threads);
        words = Map.copyOf(b.words);
        boltCircle = b.boltCircle;
        barrel = b.barrel.stream().sorted(byPlace()).toList();
        spokes = b.spokes.stream().sorted(byPlace()).toList();
    }

    private static Comparator<Station> byPlace() {
        return Comparator.comparingDouble(s -> s.place().value());
    }

    public Side side() {
        return side;
    }

    public AxleForm form() {
        return form;
    }

    public AxleEndKind kind() {
        return form.kind();
    }

    public BracketShape bracketShape() {
        return form.bracketShape();
    }

    /** A length (mm) with its doubt, if it was read. */
    public Optional<Measured> length(Callout callout) {
        return Optional.ofNullable(lengths.get(callout));
    }

    /** A count, if it was read. */
    public OptionalInt count(Callout callout) {
        Integer count = counts.get(callout);
        return count == null ? OptionalInt.empty() : OptionalInt.of(count);
    }

    public Optional<Thread> studThread() {
        return thread(Callout.STUD_THREAD);
    }

    public Optional<Thread> thread(Callout callout) {
        return Optional.ofNullable(threads.get(callout));
    }

    /** A designation or word, if it was read. */
    public Optional<String> word(Callout callout) {
        return Optional.ofNullable(words.get(callout));
    }

    /** Whether anything was read of a dimension. */
    public boolean has(Callout callout) {
        return switch (callout) {
            case WHEEL_BARREL -> !barrel.isEmpty();
            case WHEEL_SPOKE -> !spokes.isEmpty();
            default ->
                switch (callout.kind()) {
                    case LENGTH -> lengths.containsKey(callout);
                    case COUNT -> counts.containsKey(callout);
                    case THREAD -> threads.containsKey(callout);
                    case WORD -> words.containsKey(callout);
                };
        };
    }

    /** Diameter of the circle through the stud centres (mm), derived from whatever was read of it. */
    public Optional<Measured> boltCircle() {
        return boltCircle;
    }

    /** Barrel stations by increasing depth. */
    public List<Station> barrel() {
        return barrel;
    }

    /** Spoke stations by increasing radius. */
    public List<Station> spokes() {
        return spokes;
    }

    /** A copy with one length replaced, as after machining. */
    public AxleEnd with(Callout callout, Measured value) {
        return toBuilder().length(callout, value).build();
    }

    /** A builder that starts from what is known here. */
    public Builder toBuilder() {
        Builder b = new Builder(side, form);
        b.lengths.putAll(lengths);
        b.counts.putAll(counts);
        b.threads.putAll(threads);
        b.words.putAll(words);
        b.boltCircle = boltCircle;
        b.barrel = barrel;
        b.spokes = spokes;
        return b;
    }

    /** Collects an axle end. */
    public static final class Builder {
        private final Side side;
        private final AxleForm form;
        private final Map<Callout, Measured> lengths = new EnumMap<>(Callout.class);
        private final Map<Callout, Integer> counts = new EnumMap<>(Callout.class);
        private final Map<Callout, Thread> threads = new EnumMap<>(Callout.class);
        private final Map<Callout, String> words = new EnumMap<>(Callout.class);
        private Optional<Measured> boltCircle = Optional.empty();
        private List<Station> barrel = List.of();
        private List<Station> spokes = List.of();

        public Builder(Side side, AxleForm form) {
            this.side = side;
            this.form = form;
        }

        public Builder length(Callout callout, Measured value) {
            lengths.put(callout, value);
            return this;
        }

        public Builder count(Callout callout, int value) {
            counts.put(callout, value);
            return this;
        }

        public Builder studThread(Thread thread) {
            return thread(Callout.STUD_THREAD, thread);
        }

        public Builder thread(Callout callout, Thread thread) {
            threads.put(callout, thread);
            return this;
        }

        public Builder word(Callout callout, String word) {
            words.put(callout, word);
            return this;
        }

        public Builder boltCircle(Measured diameter) {
            boltCircle = Optional.of(diameter);
            return this;
        }

        public Builder barrel(List<Station> stations) {
            barrel = List.copyOf(stations);
            return this;
        }

        public Builder spokes(List<Station> stations) {
            spokes = List.copyOf(stations);
            return this;
        }

        public AxleEnd build() {
            return new AxleEnd(this);
        }
    }
}
