package itrova.core.lines;

import itrova.core.vehicle.Side;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where a brake line begins or ends. */
public sealed interface LinePoint {
    /** An outlet of the master or actuator; the first feeds circuit 1. */
    record Outlet(int number) implements LinePoint {
        @Override
        public String key() {
            return "outlet " + number;
        }
    }

    /** A tee, a valve's body or a joint. */
    record Junction(int number) implements LinePoint {
        @Override
        public String key() {
            return "junction " + number;
        }
    }

    /** The end at a wheel, with its hose. */
    record Wheel(int axle, Side side) implements LinePoint {
        @Override
        public String key() {
            return "axle " + (axle + 1) + " " + side.word();
        }
    }

    /** Its name in documents and drawings: {@code outlet 1}, {@code junction 2}, {@code axle 1 left}. */
    String key();

    /**
     * The point of a name.
     *
     * @throws IllegalArgumentException if the name is none
     */
    static LinePoint of(String key) {
        Matcher m = NAME.matcher(key.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "“" + key + "” is no end of a brake line. Write outlet 1 or 2, junction 1 to 9, or axle 1 left.");
        }
        int number = Integer.parseInt(m.group(2));
        return switch (m.group(1)) {
            case "outlet" -> new Outlet(number);
            case "junction" -> new Junction(number);
            default -> new Wheel(number - 1, Side.valueOf(m.group(4).toUpperCase(Locale.ROOT)));
        };
    }

    Pattern NAME = Pattern.compile("(?:(?=outlet [12]$|junction [1-9]$|axle [1-4] (?:left|right)$))"
            + "(outlet|junction|axle) (\\d)( (left|right))?");
}
