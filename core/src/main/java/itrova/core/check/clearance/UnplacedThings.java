package itrova.core.check.clearance;

import itrova.core.around.TapePlacing;
import itrova.core.finding.FindingBuilder;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.TapedThing;
import java.util.List;
import java.util.Optional;

/** What was taken by tape from a face that has no place yet: nothing is proven past it, and the face's readings are wanted. */
final class UnplacedThings {
    private UnplacedThings() {}

    /** Asks for what places them. Whether there are any of a kind. */
    static boolean want(FindingBuilder ruling, KitOnSide c, Class<? extends TapedThing> kind) {
        List<TapedThing> things = c.end().around().taped().things().stream()
                .filter(kind::isInstance)
                .toList();
        for (TapedThing thing : things) {
            ruling.missing(Phrase.of("around.where-thing-stands", thing.name(), thing.from()));
            TapePlacing.lacking(thing.from(), c.end()).forEach(callout -> ruling.want(Optional.empty(), callout));
        }
        return !things.isEmpty();
    }
}
