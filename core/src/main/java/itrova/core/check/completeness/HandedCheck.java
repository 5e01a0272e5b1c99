package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Hubs stamped left and right, and discs with a direction of turning, want parts for each side. */
final class HandedCheck implements Check {
    @Override
    public CheckId id() {
        return CheckId.HANDED;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.end().form().handed() || c.kit().disc().make().directional();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.HANDED, c, "");
        boolean directional = c.kit().disc().make().directional();
        Optional<KitNeeds.Sides> sides = c.kit().fitting().needs().sides();
        Phrase found =
                directional ? Phrase.of("handed.disc-s-vanes-or-slots") : Phrase.of("handed.axle-s-parts-stamped-left");
        if (sides.isEmpty()) {
            return ruling.missing(Phrase.of("handed.whether-kit-s-parts-come"))
                    .finding(r -> why(Phrase.of("handed.papers-do-not-say-for", found)));
        }
        if (directional && sides.get() == KitNeeds.Sides.EITHER) {
            return ruling.outright(why(Phrase.of("handed.but-both-discs-same-one", found)));
        }
        return ruling.satisfied()
                .finding(r -> why(Phrase.all(
                        found,
                        sides.get() == KitNeeds.Sides.EITHER
                                ? Phrase.of("handed.kit-s-parts-serve-either")
                                : Phrase.of("handed.kit-s-parts-come-for"))));
    }

    private static Explanation why(Phrase words) {
        return new Explanation(
                words,
                "handed ⇒ parts for left and right",
                List.of(),
                "Common practice: hubs, calipers and vaned discs can be handed; follow the arrow");
    }
}
