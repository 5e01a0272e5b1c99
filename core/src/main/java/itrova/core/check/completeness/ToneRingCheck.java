package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitNeeds.ToneRing;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** An anti-lock tone ring on the hub: whether it stays, moves or is lost is said before anything is ordered. */
final class ToneRingCheck implements Check {
    @Override
    public CheckId id() {
        return CheckId.TONE_RING;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.end().form().toneRing();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.TONE_RING, c, "");
        Optional<ToneRing> told = c.kit().fitting().needs().toneRing();
        if (told.isEmpty()) {
            return ruling.missing(Phrase.of("tone-ring.whether-anti-lock-tone-ring"))
                    .finding(r -> why(Phrase.of("tone-ring.hub-carries-anti-lock-tone")));
        }
        Explanation why = why(Phrase.of(
                "tone-ring.anti-lock-tone-ring",
                told.get(),
                (told.get() == ToneRing.LOST ? Phrase.of("tone-ring.without-anti-lock-system-dead") : Phrase.NOTHING)));
        return told.get() == ToneRing.LOST
                ? ruling.outright(why)
                : ruling.satisfied().finding(r -> why);
    }

    private static Explanation why(Phrase words) {
        return new Explanation(
                words,
                "ring found ⇒ ring kept or moved",
                List.of(),
                "Common practice: a tone ring on the drum goes with the drum");
    }
}
