package itrova.core.brakes;

import itrova.core.brakes.CircuitSheet.AxleSheet;
import itrova.core.brakes.CircuitSheet.Changes;
import itrova.core.lines.LineRun;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * One thing that two circuits tell differently.
 *
 * @param place where it belongs
 * @param before as typed; empty where it was not told
 * @param after as typed; empty where it is not told
 */
public record CircuitDifference(Place place, String before, String after) {
    /**
     * Where something of a circuit is told.
     *
     * @param planned whether it is planned, and not found
     * @param axle name of the axle; absent for the vehicle
     * @param quantity which figure; absent for what is no figure
     * @param what in words
     */
    public record Place(boolean planned, Optional<String> axle, Optional<BrakeQuantity> quantity, String what) {}

    /** What the later of two circuits tells otherwise, in the order of the circuit. */
    public static List<CircuitDifference> between(CircuitSheet before, CircuitSheet after) {
        Map<Place, String> old = told(before);
        Map<Place, String> now = told(after);
        List<CircuitDifference> all = new ArrayList<>();
        Map<Place, String> places = new LinkedHashMap<>(old);
        places.putAll(now);
        places.keySet().forEach(place -> {
            String was = old.getOrDefault(place, "");
            String is = now.getOrDefault(place, "");
            if (!was.equals(is)) {
                all.add(new CircuitDifference(place, was, is));
            }
        });
        return all;
    }

    private static Map<Place, String> told(CircuitSheet s) {
        Telling t = new Telling();
        t.word(false, "circuits", Optional.of(s.split()));
        t.word(false, "parking brake", Optional.of(s.parking()));
        t.word(false, "stop lamps lit by", Optional.of(s.seen().stopLamp()));
        t.word(false, "actuator", Optional.of(s.seen().actuator()));
        t.word(false, "reverse lock-out", Optional.of(s.seen().reverseLockOut()));
        t.word(false, "lamp for a failed circuit", Optional.of(s.seen().warning()));
        t.text(false, Optional.empty(), "line ends", s.seen().lineEnd());
        t.figures(false, Optional.empty(), s.figures());
        for (AxleSheet axle : s.axles()) {
            Optional<String> name = Optional.of(axle.name());
            t.text(false, name, "brakes", axle.shoes().map(Telling::words).orElse("disc"));
            t.text(
                    false,
                    name,
                    "residual valve",
                    axle.outlet().map(Telling::words).orElse(""));
            t.figures(false, name, axle.figures());
        }
        t.runs(false, s.runs());
        Changes p = s.planned();
        t.word(true, "booster", p.booster());
        t.word(true, "circuits", p.split());
        t.word(true, "residual valve", p.residual());
        t.word(true, "fluid", p.fluid());
        t.word(true, "parking brake", p.parking());
        p.outlets().forEach((axle, outlet) -> t.text(true, Optional.of(axle), "residual valve", Telling.words(outlet)));
        t.runs(true, p.runs());
        t.text(
                true,
                Optional.empty(),
                "parts",
                String.join(
                        ", ",
                        p.parts().stream()
                                .map(f -> f.code()
                                        + f.axle().map(a -> " (" + a + ")").orElse(""))
                                .toList()));
        t.figures(true, Optional.empty(), p.figures());
        return t.told;
    }

    private static final class Telling {
        private final Map<Place, String> told = new LinkedHashMap<>();

        static String words(Enum<?> value) {
            return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        void word(boolean planned, String what, Optional<? extends Enum<?>> value) {
            text(planned, Optional.empty(), what, value.map(Telling::words).orElse(""));
        }

        void text(boolean planned, Optional<String> axle, String what, String value) {
            if (!value.isBlank()) {
                told.put(new Place(planned, axle, Optional.empty(), what), value);
            }
        }

        void figures(boolean planned, Optional<String> axle, Map<BrakeQuantity, String> figures) {
            figures.forEach((q, text) -> told.put(new Place(planned, axle, Optional.of(q), q.title()), text));
        }

        void runs(boolean planned, List<LineRun> runs) {
            for (LineRun run : runs) {
                text(
                        planned,
                        Optional.empty(),
                        "line " + run.from().key() + " to " + run.to().key(),
                        run.length() + (run.bore().isBlank() ? "" : ", bore " + run.bore()));
            }
        }
    }
}
