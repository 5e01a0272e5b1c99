package itrova.core.check.completeness;

import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.WheelDetails;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Critical matters this program does not check, or not on this axle as far as it was looked at; the mechanic has to, by hand. */
public final class NotChecked {
    private NotChecked() {}

    /** In words, for an axle's ends. */
    public static List<String> on(List<AxleEnd> ends) {
        List<String> words = new ArrayList<>();
        words.add("brake pressure, fluid and parking brake");
        unless(words, ends, d -> d.held().isPresent(), "how hub and wheel are held");
        unless(words, ends, d -> d.valve().isPresent(), "valve stem");
        unless(words, ends, d -> d.spare().isPresent(), "spare wheel");
        words.add("disc thickness, flatness and rust of used parts");
        words.add("steering tapers crack-tested");
        return List.copyOf(words);
    }

    private static void unless(
            List<String> words, List<AxleEnd> ends, Function<WheelDetails, Boolean> isSeen, String matter) {
        if (!ends.stream().allMatch(e -> isSeen.apply(e.around().details()))) {
            words.add(matter);
        }
    }
}
