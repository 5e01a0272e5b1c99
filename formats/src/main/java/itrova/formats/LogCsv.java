package itrova.formats;

import itrova.core.record.Trail;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What was done in a job, by whom and when, as a table. */
public final class LogCsv {
    private static final List<String> HEADER = List.of("at (UTC)", "by", "axle", "what", "of", "particulars");

    private LogCsv() {}

    /**
     * The log, oldest first.
     *
     * @param axles names of the job's axles, in their order
     */
    public static String write(Trail trail, List<String> axles) {
        return CsvTable.write(
                HEADER, trail.entries().stream().map(e -> row(e, axles)).toList());
    }

    private static List<String> row(Trail.Entry e, List<String> axles) {
        OptionalInt axle = e.axle();
        return List.of(
                e.at().toString(),
                e.by(),
                axle.isPresent() && axle.getAsInt() < axles.size() ? axles.get(axle.getAsInt()) : "",
                e.kind(),
                e.subject(),
                particulars(e.payload()));
    }

    private static String particulars(Map<String, String> payload) {
        return new TreeMap<>(payload)
                .entrySet().stream()
                        .filter(p -> !p.getValue().isEmpty() && !p.getKey().equals("v"))
                        .map(p -> p.getKey() + "=" + p.getValue())
                        .collect(Collectors.joining("; "));
    }
}
