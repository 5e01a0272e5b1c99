package itrova.core.check.completeness;

import itrova.core.phrase.Phrase;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.WheelDetails;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Critical matters this program does not check, or not on this axle as far as it was looked at; the mechanic has to, by hand. */
public final class NotChecked {
    private NotChecked() {}

    /** In words, for an axle's ends. */
    public static List<Phrase> on(List<AxleEnd> ends) {
        List<Phrase> words = new ArrayList<>();
        unless(words, ends, d -> d.held().isPresent(), Phrase.of("not-checked.how-hub-and-wheel-held"));
        unless(words, ends, d -> d.valve().isPresent(), Phrase.of("not-checked.valve-stem"));
        unless(words, ends, d -> d.spare().isPresent(), Phrase.of("not-checked.spare-wheel"));
        words.add(Phrase.of("not-checked.disc-thickness-flatness-and-rust"));
        words.add(Phrase.of("not-checked.steering-tapers-crack-tested"));
        return List.copyOf(words);
    }

    private static void unless(
            List<Phrase> words, List<AxleEnd> ends, Function<WheelDetails, Boolean> isSeen, Phrase matter) {
        if (!ends.stream().allMatch(e -> isSeen.apply(e.around().details()))) {
            words.add(matter);
        }
    }
}
