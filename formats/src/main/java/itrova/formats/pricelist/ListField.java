package itrova.formats.pricelist;

import itrova.core.part.PartQuantity;
import itrova.core.quantity.Dimension;
import itrova.core.quantity.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a column of a price list can tell of a part.
 *
 * @param key its name in part documents, figures with their unit
 * @param title in words
 * @param dimension of a figure with a unit
 */
public record ListField(String key, String title, Optional<Dimension> dimension) {
    static final ListField CODE = word("code", "code");
    static final ListField NAME = word("name", "name");
    static final ListField PRICE = word("price", "price of one");
    static final ListField DAYS = word("lead_days", "days until it is there");
    static final ListField SORT = word("sort", "sort");
    static final ListField SIZE = word("size", "size or designation");
    static final ListField PORTS = word("ports", "ports: thread and seat");
    static final ListField ENDS = word("ends", "ends: thread and seat");
    static final ListField TRAITS = word("traits", "what it has: tandem, vacuum …");

    private static final List<ListField> ALL = Stream.concat(
                    Stream.of(CODE, NAME, PRICE, DAYS, SORT, SIZE, PORTS, ENDS, TRAITS),
                    Arrays.stream(PartQuantity.values()).map(ListField::figure))
            .toList();

    private static ListField word(String key, String title) {
        return new ListField(key, title, Optional.empty());
    }

    static ListField figure(PartQuantity quantity) {
        Optional<Dimension> dimension =
                switch (quantity.unit()) {
                    case "mm" -> Optional.of(Dimension.LENGTH);
                    case "MPa" -> Optional.of(Dimension.PRESSURE);
                    default -> Optional.empty();
                };
        String unit = dimension.isPresent() || quantity.unit().isEmpty()
                ? ""
                : " (" + quantity.unit().replace("cm3", "cm³").replace("_", " ") + ")";
        return new ListField(quantity.key(), quantity.title() + unit, dimension);
    }

    /** All of them, those of every part first. */
    public static List<ListField> all() {
        return ALL;
    }

    public static Optional<ListField> named(String key) {
        return ALL.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    /** The figure it is, if it is one. */
    Optional<PartQuantity> quantity() {
        return PartQuantity.named(key);
    }

    /** Symbols of the units a bare number can be in; none of what has no unit of its own. */
    public List<String> units() {
        return dimension
                .map(d -> Arrays.stream(Unit.values())
                        .filter(u -> u.dimension() == d)
                        .map(Unit::symbol)
                        .toList())
                .orElse(List.of());
    }
}
