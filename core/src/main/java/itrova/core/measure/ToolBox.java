package itrova.core.measure;

import itrova.core.quantity.ShopNotation;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The shop's own instruments: half-limits from their calibration and when the next is due. */
public final class ToolBox {
    /** A tool box in which every instrument is as good as its kind usually is, never calibrated. */
    public static final ToolBox USUAL = new ToolBox(Map.of());

    private final Map<Instrument, Entry> entries;

    /**
     * What the shop knows of one instrument.
     *
     * @param instrument its kind
     * @param halfLimit half-limit of its error (mm) from its certificate; absent if the usual one is taken
     * @param due when its calibration runs out; absent if it has none
     */
    public record Entry(Instrument instrument, OptionalDouble halfLimit, Optional<LocalDate> due) {
        /** Largest half-limit taken (mm): a coarser instrument decides nothing. */
        private static final double COARSEST = 5;

        /** @throws IllegalArgumentException if the half-limit is not more than 0 and at most 5 mm */
        public Entry {
            if (halfLimit.isPresent() && !(halfLimit.getAsDouble() > 0 && halfLimit.getAsDouble() <= COARSEST)) {
                throw new IllegalArgumentException("The half-limit of the " + instrument.title()
                        + " must be more than 0 and at most " + ShopNotation.inBoth(COARSEST) + ", not "
                        + ShopNotation.inBoth(halfLimit.getAsDouble()) + ".");
            }
        }
    }

    private ToolBox(Map<Instrument, Entry> entries) {
        this.entries = entries;
    }

    public static ToolBox of(Iterable<Entry> entries) {
        Map<Instrument, Entry> map = new EnumMap<>(Instrument.class);
        entries.forEach(e -> map.put(e.instrument(), e));
        return new ToolBox(map);
    }

    /** Every kind of instrument that measures lengths, as the shop has it. */
    public Map<Instrument, Entry> all() {
        return Arrays.stream(Instrument.values())
                .filter(Instrument::isForLengths)
                .collect(Collectors.toMap(
                        Function.identity(), this::entry, (a, b) -> a, () -> new EnumMap<>(Instrument.class)));
    }

    private Entry entry(Instrument instrument) {
        return entries.getOrDefault(instrument, new Entry(instrument, OptionalDouble.empty(), Optional.empty()));
    }

    /** Half-limit of an instrument's error (mm). */
    public double halfLimit(Instrument instrument) {
        return entry(instrument).halfLimit().orElse(instrument.halfLimit());
    }

    /** A warning when an instrument's calibration has run out on the given day. */
    public Optional<String> warning(Instrument instrument, LocalDate today) {
        return entry(instrument)
                .due()
                .filter(due -> due.isBefore(today))
                .map(due -> "The calibration of the " + instrument.title() + " ran out on " + due
                        + ": check it on a known gauge before trusting what hangs on it.");
    }
}
