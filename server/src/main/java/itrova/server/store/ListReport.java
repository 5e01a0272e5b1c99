package itrova.server.store;

import itrova.formats.DocumentProblem;
import itrova.formats.pricelist.ListRow;
import java.util.ArrayList;
import java.util.List;

/**
 * What a price list would do, or did.
 *
 * @param added rows that are parts the catalogue did not have
 * @param changed rows that differ from the catalogue
 * @param same rows that do not
 * @param refused rows with faults; one is enough to keep the whole list out
 * @param faults the first of them
 * @param remarked how many things are odd and keep nothing out
 * @param remarks the first of them
 * @param examples some of what is added or changed
 */
public record ListReport(
        int added,
        int changed,
        int same,
        int refused,
        List<DocumentProblem> faults,
        int remarked,
        List<DocumentProblem> remarks,
        List<Example> examples) {
    private static final int MOST_TOLD = 500;
    private static final int MOST_EXAMPLES = 60;

    /** A row that adds or changes a part; what changes, in words. */
    public record Example(int row, String code, String name, List<String> changes) {}

    /** Gathers a report row by row. */
    public static final class Gathering {
        private final int[] counts = new int[ListRow.Effect.values().length];
        private final List<DocumentProblem> faults = new ArrayList<>();
        private final List<DocumentProblem> remarks = new ArrayList<>();
        private final List<Example> examples = new ArrayList<>();
        private int remarked;

        public void add(ListRow row) {
            counts[row.effect().ordinal()]++;
            remarked += row.remarks().size();
            row.faults().stream().limit(MOST_TOLD - faults.size()).forEach(faults::add);
            row.remarks().stream().limit(MOST_TOLD - remarks.size()).forEach(remarks::add);
            boolean isNews = row.effect() == ListRow.Effect.ADDED || row.effect() == ListRow.Effect.CHANGED;
            if (isNews && examples.size() < MOST_EXAMPLES) {
                examples.add(new Example(row.row(), row.code(), row.name(), row.changes()));
            }
        }

        public boolean hasFaults() {
            return counts[ListRow.Effect.REFUSED.ordinal()] > 0;
        }

        public int rows() {
            return java.util.Arrays.stream(counts).sum();
        }

        public ListReport report() {
            return new ListReport(
                    counts[ListRow.Effect.ADDED.ordinal()],
                    counts[ListRow.Effect.CHANGED.ordinal()],
                    counts[ListRow.Effect.SAME.ordinal()],
                    counts[ListRow.Effect.REFUSED.ordinal()],
                    List.copyOf(faults),
                    remarked,
                    List.copyOf(remarks),
                    List.copyOf(examples));
        }
    }
}
