package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.BracketMount;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.remedy.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

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
        List<String> against = new ArrayList<>();
        if (c.kit().bracket().mount().way() == BracketMount.Way.WELD_ON) {
            against.add("its bracket is welded on");
        }
        if (!c.kit().terms().reversible()) {
            against.add("its papers say that drums do not go back");
        }
        String done = works.stream()
                .map(Work::kind)
                .filter(k -> k.isOnVehicle() && !k.isReversible())
                .distinct()
                .map(k -> "“" + k.title() + "”")
                .collect(Collectors.joining(", "));
        if (!done.isEmpty()) {
            against.add("the work it takes cannot be undone: " + done);
        }
        return against.isEmpty()
                ? ruling.satisfied().finding(r -> why("Drums can be put back."))
                : ruling.outright(why("The owner wants to be able to go back to drums, but "
                                + String.join("; ", against) + "."))
                        .refusing(GIVE_UP, List.of());
    }

    private static Explanation why(String words) {
        return new Explanation(words, FORMULA, List.of(), SOURCE);
    }
}
