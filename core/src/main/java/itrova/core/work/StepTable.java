package itrova.core.work;

import itrova.core.bench.HoldKind;
import itrova.core.kit.TorqueSpec;
import itrova.core.phrase.Phrase;
import itrova.core.table.Table;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is said of each kind of step: one table, so that the rules only say when and in which order. */
final class StepTable {
    private static final int COLUMNS = 13;
    private static final Map<StepKind, Row> ROWS = read();

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
            Phrase caution,
            Phrase hold,
            List<String> tools,
            Minutes minutes,
            int people,
            Optional<TorqueSpec.Place> place,
            String source,
            Optional<HoldKind> reading) {}

    private static Map<StepKind, Row> read() {
        Map<StepKind, Row> rows = new EnumMap<>(StepKind.class);
        for (String[] c : Table.rows(StepTable.class, "steps.psv", COLUMNS)) {
            rows.put(
                    StepKind.of(c[0]).orElseThrow(() -> new IllegalStateException("No kind of step is called " + c[0])),
                    new Row(
                            c[1],
                            c[2],
                            phrase(c[3]),
                            phrase(c[4]),
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

    private static Phrase phrase(String code) {
        return code.isEmpty() ? Phrase.NOTHING : Phrase.of(code);
    }

    static Row row(StepKind kind) {
        Row row = ROWS.get(kind);
        if (row == null) {
            throw new IllegalStateException("steps.psv has no row for " + kind);
        }
        return row;
    }
}
