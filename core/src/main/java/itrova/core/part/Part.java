package itrova.core.part;

import itrova.core.fastener.Fitting;
import itrova.core.kit.Figure;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A part as offered.
 *
 * @param code the supplier's
 * @param sort what it is
 * @param name in words
 * @param size designation or size in words, such as a thread or a bearing's number; empty where nothing is told
 * @param figures with their tolerance
 * @param ports what lines screw into
 * @param ends what screws into other parts
 * @param traits what it has that is no figure
 * @param offer price, supplier, days
 */
public record Part(
        String code,
        PartSort sort,
        String name,
        String size,
        Map<PartQuantity, Figure> figures,
        List<Fitting> ports,
        List<Fitting> ends,
        Set<PartTrait> traits,
        Offer offer) {
    /**
     * Terms of a part.
     *
     * @param supplier who sells it
     * @param cents price of one (cents)
     * @param leadDays working days until it is there
     */
    public record Offer(String supplier, long cents, int leadDays) {
        /** @throws IllegalArgumentException if a figure is below 0 */
        public Offer {
            if (cents < 0 || leadDays < 0) {
                throw new IllegalArgumentException("Price and days of a part are 0 or more.");
            }
        }
    }

    /** @throws IllegalArgumentException naming a figure that is out of bounds, or one its sort must tell and does not */
    public Part {
        Map<PartQuantity, Figure> sorted = new EnumMap<>(PartQuantity.class);
        sorted.putAll(figures);
        Set<PartQuantity> told = sorted.keySet();
        figures = Collections.unmodifiableMap(sorted);
        ports = List.copyOf(ports);
        ends = List.copyOf(ends);
        Set<PartTrait> held = EnumSet.noneOf(PartTrait.class);
        held.addAll(traits);
        traits = Collections.unmodifiableSet(held);
        figures.forEach((quantity, figure) -> quantity.checked(figure.value()));
        List<PartQuantity> absent =
                sort.wants().stream().filter(wanted -> !told.contains(wanted)).toList();
        if (!absent.isEmpty()) {
            throw new IllegalArgumentException("A " + sort.title() + " without its "
                    + absent.stream().map(q -> q.title() + " (" + q.key() + ")").collect(Collectors.joining(", "))
                    + " cannot be judged: "
                    + absent.stream().map(PartQuantity::decides).distinct().collect(Collectors.joining("; "))
                    + " could not be told. Take it from the papers or measure it.");
        }
    }

    /** A figure, where it is told. */
    public Optional<Figure> figure(PartQuantity quantity) {
        return Optional.ofNullable(figures.get(quantity));
    }

    /** Whether it has or is something. */
    public boolean is(PartTrait trait) {
        return traits.contains(trait);
    }

    /** Whether its knee is set by hand, within what it tells. */
    public boolean isAdjustable() {
        return figures.containsKey(PartQuantity.KNEE_MOST);
    }
}
