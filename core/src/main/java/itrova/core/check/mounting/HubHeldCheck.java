package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.HubHeld;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A hub on a keyed taper, a full-floating hub, a centre-lock wheel, swaged studs: the kit must be made for it. */
final class HubHeldCheck implements Check {
    private static final String FORMULA = "way of holding found ∈ ways the kit is made for";
    private static final String SOURCE =
            "Common practice: a kit for a plain flange does not go on a taper or a centre lock; swaged studs do not survive being pressed out";

    @Override
    public CheckId id() {
        return CheckId.HUB_HELD;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.STUDS);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        Optional<HubHeld> held = c.end().around().details().held();
        return held.isPresent()
                && (held.get() != HubHeld.PLAIN_FLANGE
                        || !c.kit().fitting().held().isEmpty());
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.HUB_HELD, c, "");
        HubHeld found = c.end().around().details().held().orElseThrow();
        Set<HubHeld> madeFor = c.kit().fitting().held();
        return switch (found) {
            case SWAGED_STUDS -> swaged(c, ruling);
            case PLAIN_FLANGE -> ruling.outright(why(Phrase.of("hub-held.axle-has-plain-flange-kit", words(madeFor))));
            case KEYED_TAPER, FULL_FLOATING, CENTRE_LOCK -> {
                if (madeFor.isEmpty()) {
                    yield ruling.missing(Phrase.of("hub-held.whether-kit-made-for-ask", found))
                            .finding(r -> why(Phrase.of("hub-held.axle-has-papers-do-not", found)));
                }
                yield madeFor.contains(found)
                        ? ruling.satisfied()
                                .finding(r -> why(Phrase.of("hub-held.kit-made-for", found, found.caution())))
                        : ruling.outright(why(Phrase.of("hub-held.axle-has-kit-made-for", found, words(madeFor))));
            }
        };
    }

    /** Swaged studs are lost with the drum: the kit brings others, or a hub of its own. */
    private static Finding swaged(KitOnSide c, FindingBuilder ruling) {
        HubHeld found = HubHeld.SWAGED_STUDS;
        if (c.bringsHub()) {
            return ruling.satisfied().finding(r -> why(Phrase.of("hub-held.old-hub-goes-its-swaged")));
        }
        if (c.kit().studs().isPresent()) {
            return ruling.satisfied().finding(r -> why(Phrase.of("hub-held.kit-brings-new-studs", found.caution())));
        }
        return ruling.missing(Phrase.of("hub-held.new-studs-press-in-swaged"))
                .finding(r -> why(Phrase.of("hub-held.drum-comes-off-only-with", found.caution())));
    }

    private static Phrase words(Set<HubHeld> held) {
        return Phrase.either(held.stream().sorted().toList());
    }

    private static Explanation why(Phrase words) {
        return new Explanation(words, FORMULA, List.of(), SOURCE);
    }
}
