package itrova.core.order;

import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.phrase.Phrase;
import itrova.core.vehicle.AxleEndKind;
import java.util.ArrayList;
import java.util.List;

/** What an owner is told before he signs: what discs give, what they do not, and what stays changed (common practice). */
public final class OfferWords {
    private OfferWords() {}

    /** What is gained and what is not, in honest words. */
    public static List<Phrase> gained(AxleEndKind end) {
        List<Phrase> words = new ArrayList<>();
        words.add(Phrase.of("offer.heat-and-water"));
        words.add(Phrase.of("offer.no-shorter-on-a-dry-road"));
        words.add(Phrase.of("offer.pedal"));
        if (end == AxleEndKind.REAR_LIVE_AXLE || end == AxleEndKind.REAR_UPRIGHT) {
            words.add(Phrase.of("offer.parking-brake"));
        }
        words.add(Phrase.of("offer.rules"));
        return words;
    }

    /** What cannot be had back, or that everything can. */
    public static List<Phrase> lasting(KitReport report) {
        List<String> lasting = WayBack.lasting(report);
        return lasting.isEmpty()
                ? List.of(Phrase.of("offer.way-back-open"))
                : lasting.stream()
                        .map(what -> Phrase.of("offer.lasts", Phrase.given(what)))
                        .toList();
    }

    /** Options the kit is sold with and that were not taken. */
    public static List<Option> options(Kit kit, List<String> taken) {
        return kit.choices().options().stream()
                .filter(o -> !taken.contains(o.code()))
                .map(o -> new Option(o.name(), o.priceCents()))
                .toList();
    }

    /**
     * An option.
     *
     * @param cents what it adds to the price; may be negative
     */
    public record Option(String name, long cents) {}
}
