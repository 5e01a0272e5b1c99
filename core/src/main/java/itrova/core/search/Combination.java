package itrova.core.search;

import itrova.core.judge.KitReport;
import itrova.core.kit.KitOption;
import itrova.core.vehicle.Wheel;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A kit with options taken, perhaps another wheel, and the work it takes.
 *
 * @param report everything found about the kit with its options, on that wheel, with that work
 * @param options options taken
 * @param wheel wheel put on instead of the one found
 * @param cost full cost; its money, days and work
 */
public record Combination(KitReport report, List<KitOption> options, Optional<Wheel> wheel, Cost cost) {
    public Combination {
        options = List.copyOf(options);
    }

    /** A name no other combination has: kit, options, wheel, work. */
    public String key() {
        return report.kit().code() + "+"
                + options.stream().map(KitOption::code).sorted().collect(Collectors.joining("+")) + "@"
                + wheel.map(Wheel::code).orElse("") + "#"
                + report.works().stream()
                        .map(w -> w.side().word() + w.kind())
                        .sorted()
                        .collect(Collectors.joining(","));
    }
}
