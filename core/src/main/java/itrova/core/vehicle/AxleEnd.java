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
    private final AxleEndKind kind;
    private final BracketShape bracketShape;
    private final Map<Callout, Measured> lengths;
    private final Map<Callout, Integer> counts;
    private final Optional<Thread> studThread;
    private final Optional<Measured> boltCircle;
    private final List<Station> barrel;
    private final List<Station> spokes;

    private AxleEnd(Builder b) {
        side = b.side;
        kind = b.kind;
        bracketShape = b.bracketShape;
        lengths = Map.copyOf(b.lengths);
        counts = Map.copyOf(b.counts);
        studThread = b.studThread;
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

    public AxleEndKind kind() {
        return kind;
    }

    public BracketShape bracketShape() {
        return bracketShape;
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
        return studThread;
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

    private Builder toBuilder() {
        Builder b = new Builder(side, kind, bracketShape);
        b.lengths.putAll(lengths);
        b.counts.putAll(counts);
        b.studThread = studThread;
        b.boltCircle = boltCircle;
        b.barrel = barrel;
        b.spokes = spokes;
        return b;
    }

    /** Collects an axle end. */
    public static final class Builder {
        private final Side side;
        private final AxleEndKind kind;
        private final BracketShape bracketShape;
        private final Map<Callout, Measured> lengths = new EnumMap<>(Callout.class);
        private final Map<Callout, Integer> counts = new EnumMap<>(Callout.class);
        private Optional<Thread> studThread = Optional.empty();
        private Optional<Measured> boltCircle = Optional.empty();
        private List<Station> barrel = List.of();
        private List<Station> spokes = List.of();

        public Builder(Side side, AxleEndKind kind, BracketShape bracketShape) {
            this.side = side;
            this.kind = kind;
            this.bracketShape = bracketShape;
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
            studThread = Optional.of(thread);
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
