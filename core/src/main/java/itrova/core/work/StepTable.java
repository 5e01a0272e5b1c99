package itrova.core.work;

import itrova.core.bench.HoldKind;
import itrova.core.kit.TorqueSpec;
import itrova.core.table.Table;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is said of each kind of step: one table, so that the rules only say when and in which order. */
final class StepTable {
    private static final int COLUMNS = 13;
    private static final Map<String, Row> ROWS = read();

    private StepTable() {}

    /**
     * A kind of step.
     *
     * @param code code of its text
     * @param place which fastener is tightened, if one is
     * @param reading what is read at its hold, if a figure is
     */
    record Row(
            String title,
            String code,
            String caution,
            String hold,
            List<String> tools,
            Minutes minutes,
            int people,
            Optional<TorqueSpec.Place> place,
            String source,
            Optional<HoldKind> reading) {}

    private static Map<String, Row> read() {
        Map<String, Row> rows = new LinkedHashMap<>();
        for (String[] c : Table.rows(StepTable.class, "steps.psv", COLUMNS)) {
            rows.put(
                    c[0],
                    new Row(
                            c[1],
                            c[2],
                            c[3],
                            c[4],
                            Arrays.stream(c[5].split(";"))
                                    .map(String::strip)
                                    .filter(t -> !t.isEmpty())
                                    .toList(),
                            new Minutes(Double.parseDouble(c[6]), Double.parseDouble(c[7]), Double.parseDouble(c[8])),
                            Integer.parseInt(c[9]),
                            c[10].isEmpty() ? Optional.empty() : Optional.of(TorqueSpec.Place.valueOf(c[10])),
                            c[11],
                            c[12].isEmpty() ? Optional.empty() : Optional.of(HoldKind.valueOf(c[12]))));
        }
        return rows;
    }

    static Row row(String key) {
        Row row = ROWS.get(key);
        if (row == null) {
            throw new IllegalStateException("steps.psv has no row for " + key);
        }
        return row;
    }
}
