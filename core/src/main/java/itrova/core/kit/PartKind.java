package itrova.core.kit;

import itrova.core.phrase.Titled;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** What a conversion of one axle takes; the list a kit's box is counted against. */
public enum PartKind implements Titled {
    CALIPER("caliper", 2),
    PAD_SET("set of pads", 1),
    DISC("disc", 2),
    BRACKET("bracket", 2),
    BRACKET_BOLTS("set of bracket bolts", 1),
    HOSE("flexible hose", 2),
    BANJO_BOLT("banjo bolt", 2),
    COPPER_WASHER("copper washer", 4),
    HARD_LINE("hard line", 2),
    BEARING_SET("set of wheel bearings", 2),
    HUB_SEAL("hub seal", 2),
    COTTER("cotter or nut lock", 2),
    WHEEL_STUDS("set of wheel studs", 1),
    WHEEL_NUTS("set of wheel nuts", 1),
    PARKING_CABLE("parking cable", 1),
    ACTUATOR("actuator rated for discs", 1),
    GREASE("bearing grease", 1),
    FLUID("brake fluid", 1),
    THREADLOCKER("threadlocker", 1);

    private final String title;
    private final int wanted;

    PartKind(String title, int wanted) {
        this.title = title;
        this.wanted = wanted;
    }

    @Override
    public String title() {
        return title;
    }

    /** How many one axle takes; common practice. */
    public int wanted() {
        return wanted;
    }

    /** Whether one serves the whole vehicle, however many axles are converted. */
    public boolean isOfVehicle() {
        return this == ACTUATOR;
    }

    /** As many of every kind as one axle can take. */
    public static Map<PartKind, Integer> all() {
        return Arrays.stream(values()).collect(Collectors.toMap(k -> k, PartKind::wanted));
    }

    /** Its name in documents. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
