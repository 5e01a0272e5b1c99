package itrova.formats.pricelist;

import itrova.core.kit.Kit;
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
 * @param part as it would be; absent where the row is refused, or is a kit's
 * @param kit of that code, as it would be: a list tells its price and days; its figures are changed on its own sheet
 * @param changes what would differ, in words; of a changed part only
 * @param faults why it is refused, by column, with the remedy
 * @param remarks what is odd and keeps nothing out
 */
public record ListRow(
        int row,
        String code,
        Effect effect,
        Optional<Part> part,
        Optional<Kit> kit,
        List<String> changes,
        List<DocumentProblem> faults,
        List<DocumentProblem> remarks) {
    public ListRow {
        changes = List.copyOf(changes);
        faults = List.copyOf(faults);
        remarks = List.copyOf(remarks);
    }

    /** A row that is refused. */
    static ListRow refused(int row, String code, List<DocumentProblem> faults, List<DocumentProblem> remarks) {
        return new ListRow(row, code, Effect.REFUSED, Optional.empty(), Optional.empty(), List.of(), faults, remarks);
    }

    /** What it is of, in words; empty where it is refused. */
    public String name() {
        return part.map(Part::name).or(() -> kit.map(Kit::name)).orElse("");
    }

    /** What a row does. */
    public enum Effect {
        ADDED,
        CHANGED,
        SAME,
        REFUSED
    }
}
