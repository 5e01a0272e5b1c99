package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.BracketMount;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.remedy.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Where the owner wants to be able to go back to drums, neither the kit nor its work may stand in the way.
 *
 * <p>It holds the order and can be signed for: the owner may give it up.
 */
public final class ReversibleCheck implements Check {
    private static final String FORMULA =
            "nothing of the vehicle is cut, turned, ground or welded; drums go back without new parts";
    private static final String SOURCE = "Common practice: what was turned or welded does not grow back";
    private static final String GIVE_UP = "The owner may give it up, signed.";

    @Override
    public CheckId id() {
        return CheckId.REVERSIBLE;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.BRACKET);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.goesBack();
    }

    @Override
    public Finding judge(KitOnSide c) {
        return judge(c, List.of());
    }

    /** What stands in the way of kit and work together. */
    public static Finding judge(KitOnSide c, List<Work> works) {
        FindingBuilder ruling = new FindingBuilder(CheckId.REVERSIBLE, c, "");
        List<Phrase> against = new ArrayList<>();
        if (c.kit().bracket().mount().way() == BracketMount.Way.WELD_ON) {
            against.add(Phrase.of("reversible.its-bracket-welded-on"));
        }
        if (!c.kit().terms().reversible()) {
            against.add(Phrase.of("reversible.its-papers-say-that-drums"));
        }
        Phrase done = works.stream()
                .map(Work::kind)
                .filter(k -> k.isOnVehicle() && !k.isReversible())
                .distinct()
                .map(k -> Phrase.of("reversible.work", k))
                .collect(Phrase.joining(", "));
        if (!done.isEmpty()) {
            against.add(Phrase.of("reversible.work-takes-cannot-be-undone", done));
        }
        return against.isEmpty()
                ? ruling.satisfied().finding(r -> why(Phrase.of("reversible.drums-can-be-put-back")))
                : ruling.outright(why(Phrase.of("reversible.owner-wants-be-able-go", Phrase.joined("; ", against))))
                        .refusing(Phrase.of("reversible.give-up"), List.of());
    }

    private static Explanation why(Phrase words) {
        return new Explanation(words, FORMULA, List.of(), SOURCE);
    }
}
