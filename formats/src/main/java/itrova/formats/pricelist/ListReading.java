package itrova.formats.pricelist;

import itrova.core.kit.Kit;
import itrova.core.part.Part;
import itrova.formats.DocumentProblem;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/** Reads a whole list against the catalogue, some hundred rows at a time. */
public final class ListReading {
    private static final int AT_ONCE = 500;

    private final PriceList list;
    private final RowReader reader;
    private final Catalogue catalogue;
    private final Map<String, Integer> rowOfCode = new HashMap<>();
    private final Map<String, String> codeOfLook = new HashMap<>();
    private final Map<String, String> codeOfWords = new HashMap<>();

    /** What of the catalogue a list is held against. */
    public interface Catalogue {
        /** Parts of these codes, in any case of letters, by the code in lower case. */
        Map<String, Part> known(Collection<String> codes);

        /** The kit of a code, in any case of letters. */
        Optional<Kit> kit(String code);

        /** All there is, briefly. */
        List<Brief> all();
    }

    /** A part as far as likeness goes. */
    public record Brief(String code, String supplier, String sort, String name, String size) {}

    /**
     * A reading of a list.
     *
     * @param currency prices are in (ISO 4217)
     * @throws IllegalArgumentException if the list lacks a column that is used
     */
    public ListReading(PriceList list, Columns columns, List<String> headings, String currency, Catalogue catalogue) {
        this.list = list;
        this.reader = new RowReader(list.file(), columns, headings, currency);
        this.catalogue = catalogue;
    }

    /** Hands over what some hundred rows would do, until that is refused. */
    public void read(Predicate<List<ListRow>> taker) {
        for (Brief brief : catalogue.all()) {
            codeOfLook.put(look(brief.code()), brief.code());
            codeOfWords.put(words(brief), brief.code());
        }
        List<SheetRow> waiting = new ArrayList<>();
        boolean[] goesOn = {true};
        list.rows(row -> {
            waiting.add(row);
            if (waiting.size() == AT_ONCE) {
                goesOn[0] = taker.test(judged(waiting));
                waiting.clear();
            }
            return goesOn[0];
        });
        if (goesOn[0] && !waiting.isEmpty()) {
            taker.test(judged(waiting));
        }
    }

    private List<ListRow> judged(List<SheetRow> rows) {
        Function<SheetRow, String> key = r -> reader.code(r).toLowerCase(Locale.ROOT);
        Map<String, Part> known = catalogue.known(
                rows.stream().map(key).filter(c -> !c.isEmpty()).distinct().toList());
        return rows.stream()
                .map(row -> alike(
                        catalogue
                                .kit(reader.code(row))
                                .map(kit -> reader.read(row, kit))
                                .orElseGet(() -> reader.read(row, Optional.ofNullable(known.get(key.apply(row))))),
                        known))
                .toList();
    }

    /** A row with what it has in common with others. */
    private ListRow alike(ListRow row, Map<String, Part> known) {
        if (row.code().isEmpty()) {
            return row;
        }
        List<DocumentProblem> faults = new ArrayList<>(row.faults());
        List<DocumentProblem> remarks = new ArrayList<>(row.remarks());
        String lower = row.code().toLowerCase(Locale.ROOT);
        Integer first = rowOfCode.putIfAbsent(lower, row.row());
        if (first != null) {
            faults.add(
                    problem(row, "The code " + row.code() + " stands in row " + first + " already. Keep one of both."));
        }
        Optional.ofNullable(known.get(lower))
                .filter(p -> !p.code().equals(row.code()))
                .ifPresent(p -> faults.add(
                        problem(row, "The catalogue writes this code " + p.code() + ". Write it the same way.")));
        String other = codeOfLook.putIfAbsent(look(row.code()), row.code());
        if (other != null && !other.equalsIgnoreCase(row.code())) {
            remarks.add(problem(row, row.code() + " looks like " + other + ". Make sure that both are meant."));
        }
        row.kit()
                .filter(k -> !k.code().equals(row.code()))
                .ifPresent(k -> faults.add(
                        problem(row, "The catalogue writes this code " + k.code() + ". Write it the same way.")));
        row.part().ifPresent(p -> {
            String twin = codeOfWords.putIfAbsent(
                    words(new Brief(p.code(), p.offer().supplier(), p.sort().name(), p.name(), p.size())), p.code());
            if (twin != null && !twin.equalsIgnoreCase(p.code())) {
                remarks.add(
                        problem(row, "Name and size are those of " + twin + " too. Make sure that both are meant."));
            }
        });
        if (faults.isEmpty()) {
            return new ListRow(
                    row.row(), row.code(), row.effect(), row.part(), row.kit(), row.changes(), faults, remarks);
        }
        return ListRow.refused(row.row(), row.code(), faults, remarks);
    }

    private DocumentProblem problem(ListRow row, String why) {
        return new DocumentProblem(list.file(), row.row(), ListField.CODE.key(), why);
    }

    private static String look(String code) {
        return code.toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]", "")
                .replace('o', '0')
                .replace('i', '1')
                .replace('l', '1')
                .replace('s', '5')
                .replace('b', '8')
                .replace('z', '2');
    }

    private static String words(Brief part) {
        return String.join("\n", part.supplier(), part.sort(), part.name(), part.size())
                .toLowerCase(Locale.ROOT);
    }
}
