package itrova.core.vehicle;

import itrova.core.fastener.Thread;
import itrova.core.quantity.Measured;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/** One side of an axle with its wheel, consolidated from its readings. What was not read is absent. Immutable. */
public final class AxleEnd {
    /** What goes with the wheel found and is known of another only where its papers say so. */
    private static final List<Callout> WITH_THE_WHEEL =
            List.of(Callout.WHEEL_OVERALL, Callout.WHEEL_OFFSET, Callout.WHEEL_FLANGE);

    private static final List<Callout> WORDS_OF_THE_WHEEL = List.of(Callout.WHEEL_NUT_SEAT, Callout.WHEEL_MARKING);

    private final Side side;
    private final AxleForm form;
    private final Map<Callout, Measured> lengths;
    private final Map<Callout, Integer> counts;
    private final Map<Callout, Thread> threads;
    private final Map<Callout, String> words;
    private final Optional<Measured> boltCircle;
    private final List<Station> barrel;
    private final List<Station> spokes;
    private final Surroundings around;
    private final Optional<Wheel> otherWheel;
    private final Optional<AxleEnd> found;

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
        around = b.around;
        otherWheel = b.otherWheel;
        found = b.found;
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

    /** What stands around the wheel, and how it moves there. */
    public Surroundings around() {
        return around;
    }

    /** The wheel put on instead of the one found, if there is one. */
    public Optional<Wheel> otherWheel() {
        return otherWheel;
    }

    /** Seat of the nuts in use, as read at the wheel found. */
    public Optional<String> foundNutSeat() {
        return found.orElse(this).word(Callout.WHEEL_NUT_SEAT);
    }

    /**
     * How much further outboard the tyre's middle stands than with the wheel found (mm), by the offsets of both; 0 without another.
     * Absent until backspacing and width of both are known.
     */
    public Optional<Measured> wheelShift() {
        if (found.isEmpty()) {
            return Optional.of(Measured.exact(0));
        }
        return found.get().wheelOffset().flatMap(old -> wheelOffset().map(old::minus));
    }

    /** The wheel's offset (mm), positive where its mounting face is outboard of the rim's middle; absent until it is known. */
    public Optional<Measured> wheelOffset() {
        return length(Callout.WHEEL_BACKSPACING)
                .flatMap(b -> length(Callout.WHEEL_OVERALL).map(w -> b.minus(w.times(0.5))));
    }

    /** The size marked on the wheel, if it was read. */
    public Optional<RimSize> rimSize() {
        return word(Callout.WHEEL_MARKING).flatMap(RimSize::parse);
    }

    /** The end with another wheel on it. */
    public AxleEnd withWheel(Wheel wheel) {
        Builder b = toBuilder()
                .length(Callout.WHEEL_BACKSPACING, wheel.backspacing())
                .length(Callout.WHEEL_PAD, wheel.pad())
                .length(Callout.WHEEL_BORE, wheel.bore())
                .length(Callout.WHEEL_STUD_HOLE, wheel.studHole())
                .barrel(wheel.barrel())
                .spokes(wheel.spokes());
        b.found = Optional.of(found.orElse(this));
        WITH_THE_WHEEL.forEach(b.lengths::remove);
        wheel.overall().ifPresent(w -> b.length(Callout.WHEEL_OVERALL, w));
        WORDS_OF_THE_WHEEL.forEach(b.words::remove);
        wheel.seat().ifPresent(seat -> b.word(Callout.WHEEL_NUT_SEAT, seat));
        b.otherWheel = Optional.of(wheel);
        return b.build();
    }

    /** The end with the wheel found back on it. */
    public AxleEnd withWheelFound() {
        if (found.isEmpty()) {
            return this;
        }
        AxleEnd before = found.get();
        Builder b = toBuilder().barrel(before.barrel).spokes(before.spokes);
        Stream.concat(
                        Stream.of(
                                Callout.WHEEL_BACKSPACING,
                                Callout.WHEEL_PAD,
                                Callout.WHEEL_BORE,
                                Callout.WHEEL_STUD_HOLE),
                        WITH_THE_WHEEL.stream())
                .forEach(c -> {
                    b.lengths.remove(c);
                    before.length(c).ifPresent(value -> b.length(c, value));
                });
        WORDS_OF_THE_WHEEL.forEach(c -> {
            b.words.remove(c);
            before.word(c).ifPresent(word -> b.word(c, word));
        });
        b.otherWheel = Optional.empty();
        b.found = Optional.empty();
        return b.build();
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
        b.around = around;
        b.otherWheel = otherWheel;
        b.found = found;
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
        private Surroundings around = Surroundings.UNSEEN;
        private Optional<Wheel> otherWheel = Optional.empty();
        private Optional<AxleEnd> found = Optional.empty();

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

        public Builder around(Surroundings surroundings) {
            around = surroundings;
            return this;
        }

        /** Takes out everything read of these. */
        public Builder without(Set<Callout> callouts) {
            callouts.forEach(c -> {
                lengths.remove(c);
                counts.remove(c);
                threads.remove(c);
                words.remove(c);
            });
            return this;
        }

        public AxleEnd build() {
            return new AxleEnd(this);
        }
    }
}
