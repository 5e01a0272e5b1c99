package itrova.core.kit;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * A choice a kit is sold with: another part in place of one of its own.
 *
 * @param code its code, unique within the kit
 * @param name what it is called
 * @param group at most one option of a group is taken
 * @param priceCents what it adds to the price (cents); may be negative
 * @param leadDays working days until it is there
 * @param change the parts it replaces
 */
public record KitOption(String code, String name, String group, long priceCents, int leadDays, Change change) {
    /**
     * Parts put in place of the kit's own.
     *
     * @param disc another disc
     * @param caliper another caliper
     * @param bracket another bracket
     * @param studs other studs
     * @param nuts other nuts
     * @param hose another hose
     */
    public record Change(
            Optional<Disc> disc,
            Optional<Caliper> caliper,
            Optional<Bracket> bracket,
            Optional<KitStuds> studs,
            Optional<WheelNuts> nuts,
            Optional<Hose> hose) {
        /** Which parts it replaces. */
        public Set<KitPart> parts() {
            EnumSet<KitPart> parts = EnumSet.noneOf(KitPart.class);
            disc.ifPresent(d -> parts.add(KitPart.DISC));
            caliper.ifPresent(c -> parts.add(KitPart.CALIPER));
            bracket.ifPresent(b -> parts.add(KitPart.BRACKET));
            studs.ifPresent(s -> parts.add(KitPart.STUDS));
            nuts.ifPresent(n -> parts.add(KitPart.NUTS));
            hose.ifPresent(h -> parts.add(KitPart.HOSE));
            return parts;
        }
    }
}
