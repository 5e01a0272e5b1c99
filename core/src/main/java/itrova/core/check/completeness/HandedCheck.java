package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitPart;
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
        String found = directional
                ? "The disc's vanes or slots have a direction of turning"
                : "The axle's parts are stamped left and right";
        if (sides.isEmpty()) {
            return ruling.missing("whether the kit's parts come for the left and the right side: ask the supplier")
                    .finding(r -> why(found + "; the papers do not say for which side the parts are."));
        }
        if (directional && sides.get() == KitNeeds.Sides.EITHER) {
            return ruling.outright(why(found + ", but both discs are the same: one side would turn against it."));
        }
        return ruling.satisfied()
                .finding(r -> why(found
                        + (sides.get() == KitNeeds.Sides.EITHER
                                ? "; the kit's parts serve either side."
                                : "; the kit's parts come for left and right: follow the arrow, and record it.")));
    }

    private static Explanation why(String words) {
        return new Explanation(
                words,
                "handed ⇒ parts for left and right",
                List.of(),
                "Common practice: hubs, calipers and vaned discs can be handed; follow the arrow");
    }
}
