package itrova.core.bearing;

import itrova.core.identity.Families;
import itrova.core.identity.Family;
import itrova.core.identity.Feature;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Boundary sizes of a tapered roller bearing from the standard tables that ship.
 *
 * @param designation cone, or cone and cup
 * @param bore bore of the cone (mm)
 * @param outside outside diameter of the cup (mm)
 */
public record StandardBearing(String designation, double bore, double outside) {
    private static final List<StandardBearing> ALL = Families.SHIPPED.of(Family.Kind.BEARING).stream()
            .filter(f -> f.figures().containsKey(Feature.BORE) && f.figures().containsKey(Feature.OUTSIDE))
            .map(f -> new StandardBearing(
                    f.name(),
                    f.figures().get(Feature.BORE).centre(),
                    f.figures().get(Feature.OUTSIDE).centre()))
            .toList();

    public static List<StandardBearing> all() {
        return ALL;
    }

    /** The bearing of a designation: the whole one, or that of its cone alone. */
    public static Optional<StandardBearing> find(String designation) {
        String wanted = designation.strip().toUpperCase(Locale.ROOT);
        return ALL.stream()
                .filter(b -> b.designation().equalsIgnoreCase(wanted)
                        || Arrays.asList(
                                        b.designation().toUpperCase(Locale.ROOT).split("/"))
                                .contains(wanted))
                .findFirst();
    }
}
