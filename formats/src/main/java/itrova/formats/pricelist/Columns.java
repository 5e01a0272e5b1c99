package itrova.formats.pricelist;

import itrova.core.part.PartSort;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Unit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which column of a price list tells what.
 *
 * @param supplier whose list it is
 * @param sort of the parts whose row names none
 * @param uses what its columns tell; columns that are absent are passed over
 */
public record Columns(String supplier, Optional<PartSort> sort, List<Use> uses) {
    private static final int LONGEST_SUPPLIER = 80;

    /**
     * What one column tells.
     *
     * @param heading of the column
     * @param field key of what it tells
     * @param unit symbol of the unit a bare number is in; empty for what has none
     */
    public record Use(String heading, String field, String unit) {}

    /** What headings in everyday use mean (common practice). */
    private static final Map<String, ListField> EVERYDAY = Map.ofEntries(
            Map.entry("part", ListField.CODE),
            Map.entry("partno", ListField.CODE),
            Map.entry("partnumber", ListField.CODE),
            Map.entry("article", ListField.CODE),
            Map.entry("item", ListField.CODE),
            Map.entry("itemno", ListField.CODE),
            Map.entry("number", ListField.CODE),
            Map.entry("description", ListField.NAME),
            Map.entry("text", ListField.NAME),
            Map.entry("netprice", ListField.PRICE),
            Map.entry("unitprice", ListField.PRICE),
            Map.entry("listprice", ListField.PRICE),
            Map.entry("each", ListField.PRICE),
            Map.entry("days", ListField.DAYS),
            Map.entry("leadtime", ListField.DAYS),
            Map.entry("delivery", ListField.DAYS),
            Map.entry("kind", ListField.SORT),
            Map.entry("type", ListField.SORT),
            Map.entry("group", ListField.SORT),
            Map.entry("category", ListField.SORT),
            Map.entry("designation", ListField.SIZE),
            Map.entry("thread", ListField.SIZE),
            Map.entry("dimensions", ListField.SIZE));

    private static final Pattern WITH_UNIT = Pattern.compile("(.*?)[\\s_]*[\\s_(\\[]([^\\s_()\\[\\]]+)[)\\]]?");

    /**
     * @throws IllegalArgumentException naming a field that is told twice in the same unit, is unknown, or is needed and absent
     */
    public Columns {
        supplier = supplier.strip();
        uses = List.copyOf(uses);
        if (supplier.isEmpty() || supplier.length() > LONGEST_SUPPLIER) {
            throw new IllegalArgumentException(
                    "Whose list is this? Name the supplier, in at most " + LONGEST_SUPPLIER + " characters.");
        }
        Map<String, String> told = new HashMap<>();
        for (Use use : uses) {
            ListField field = ListField.named(use.field())
                    .orElseThrow(() -> new IllegalArgumentException("“" + use.field() + "” is nothing a part tells."));
            if (field.dimension().isPresent() && !field.units().contains(use.unit())) {
                throw new IllegalArgumentException("The column “" + use.heading() + "” tells the " + field.title()
                        + ": say in which unit, one of " + String.join(", ", field.units()) + ".");
            }
            String other = told.put(use.field() + " " + use.unit(), use.heading());
            if (other != null) {
                throw new IllegalArgumentException("The columns “" + other + "” and “" + use.heading()
                        + "” cannot both tell the " + field.title() + ". Leave one out.");
            }
        }
        for (ListField wanted : List.of(ListField.CODE, ListField.PRICE)) {
            if (uses.stream().noneMatch(u -> u.field().equals(wanted.key()))) {
                throw new IllegalArgumentException(
                        "No column tells the " + wanted.title() + ". Choose the one that does.");
            }
        }
    }

    /** What the headings of a list seem to tell; a lead looks it over. */
    public static List<Use> proposed(List<String> headings) {
        List<Use> uses = new ArrayList<>();
        Set<String> told = new java.util.HashSet<>();
        for (String heading : headings) {
            use(heading).filter(u -> told.add(u.field() + " " + u.unit())).ifPresent(uses::add);
        }
        return uses;
    }

    private static Optional<Use> use(String heading) {
        Optional<ListField> whole = field(heading);
        if (whole.isPresent()) {
            return Optional.of(new Use(
                    heading,
                    whole.get().key(),
                    whole.get().dimension().map(Unit::si).map(Unit::symbol).orElse("")));
        }
        Matcher parted = WITH_UNIT.matcher(heading.strip());
        if (!parted.matches()) {
            return Optional.empty();
        }
        for (ListField field : ListField.all()) {
            Optional<Unit> unit = field.dimension().flatMap(d -> Unit.find(parted.group(2), d));
            if (unit.isPresent() && isCalled(field, parted.group(1))) {
                return Optional.of(new Use(heading, field.key(), unit.get().symbol()));
            }
        }
        return Optional.empty();
    }

    private static Optional<ListField> field(String heading) {
        return ListField.all().stream()
                .filter(f -> squeezed(f.key()).equals(squeezed(heading)) || isCalled(f, heading))
                .findFirst()
                .or(() -> Optional.ofNullable(EVERYDAY.get(squeezed(heading))));
    }

    private static boolean isCalled(ListField field, String words) {
        String bare =
                field.dimension().map(Dimension::siSymbol).map(s -> "_" + s).orElse("");
        String key = field.key().endsWith(bare)
                ? field.key().substring(0, field.key().length() - bare.length())
                : field.key();
        return squeezed(key).equals(squeezed(words));
    }

    private static String squeezed(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    }

    /** The columns of a field by their place in a heading. */
    Map<Integer, Use> places(List<String> headings) {
        Map<Integer, Use> places = new HashMap<>();
        for (Use use : uses) {
            int place = headings.indexOf(use.heading());
            if (place < 0) {
                throw new IllegalArgumentException(
                        "The list has no column “" + use.heading() + "”. Choose the columns anew.");
            }
            places.put(place, use);
        }
        return places;
    }
}
