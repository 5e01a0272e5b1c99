package itrova.core.kit;

import itrova.core.fastener.Thread;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * A tightening torque the kit's papers state.
 *
 * @param fastener what is tightened, as the papers call it
 * @param torque value (N·m)
 * @param thread its thread, if stated
 */
public record TorqueSpec(String fastener, double torque, Optional<Thread> thread) {
    /** Fasteners the rules know; papers may name others. */
    public enum Place {
        WHEEL_NUT("wheel nut"),
        BRACKET_BOLT("bracket bolt"),
        CALIPER_BOLT("caliper bolt"),
        BANJO_BOLT("banjo bolt"),
        OTHER("");

        private final String word;

        Place(String word) {
            this.word = word;
        }

        /** The place a name in the papers tells of. */
        static Place named(String fastener) {
            String name = fastener.toLowerCase(Locale.ROOT);
            return Arrays.stream(values())
                    .filter(p -> name.contains(p.word))
                    .findFirst()
                    .orElse(OTHER);
        }
    }

    /** Which of the fasteners the rules know it is. */
    public Place place() {
        return Place.named(fastener);
    }
}
