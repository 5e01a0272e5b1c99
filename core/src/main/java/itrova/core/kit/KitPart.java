package itrova.core.kit;

import java.util.Set;

/** Parts of a kit that an option can change. */
public enum KitPart {
    DISC,
    CALIPER,
    BRACKET,
    STUDS,
    NUTS,
    HOSE;

    /** All of them. */
    public static final Set<KitPart> ALL = Set.of(values());
}
