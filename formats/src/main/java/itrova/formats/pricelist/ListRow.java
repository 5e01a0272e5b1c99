package itrova.formats.pricelist;

import itrova.core.part.Part;
import itrova.formats.DocumentProblem;
import java.util.List;
import java.util.Optional;

/**
 * What a row of a price list would do to the catalogue.
 *
 * @param row as a spreadsheet counts it
 * @param code of the part; empty if the row tells none
 * @param effect what taking it would do
 * @param part as it would be; absent where the row is refused
 * @param changes what would differ, in words; of a changed part only
 * @param faults why it is refused, by column, with the remedy
 * @param remarks what is odd and keeps nothing out
 */
public record ListRow(
        int row,
        String code,
        Effect effect,
        Optional<Part> part,
        List<String> changes,
        List<DocumentProblem> faults,
        List<DocumentProblem> remarks) {
    public ListRow {
        changes = List.copyOf(changes);
        faults = List.copyOf(faults);
        remarks = List.copyOf(remarks);
    }

    /** What a row does. */
    public enum Effect {
        ADDED,
        CHANGED,
        SAME,
        REFUSED
    }
}
