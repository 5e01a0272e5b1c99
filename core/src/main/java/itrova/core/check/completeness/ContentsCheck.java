package itrova.core.check.completeness;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.Kit;
import itrova.core.kit.KitPart;
import itrova.core.kit.MissingPart;
import itrova.core.kit.PartKind;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleEndKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Everything one axle takes must be in the box or on the list of what is bought besides. */
final class ContentsCheck implements Check {
    private static final String SOURCE = "Common practice: the parts one axle's conversion takes, counted";

    @Override
    public CheckId id() {
        return CheckId.CONTENTS;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.BRACKET);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.CONTENTS, c, "");
        if (c.kit().terms().contents().isEmpty()) {
            return ruling.missing(Phrase.of("contents.what-in-box-counted-by"))
                    .finding(r -> new Explanation(Phrase.of("contents.papers-do-not-say-how"), "", List.of(), SOURCE));
        }
        List<Phrase> lacking = lacking(c.kit(), c.end());
        if (lacking.isEmpty()) {
            return ruling.satisfied()
                    .finding(
                            r -> new Explanation(Phrase.of("contents.all-that-one-axle-takes"), "", List.of(), SOURCE));
        }
        return ruling.missing(Phrase.of("contents.priced-and-ordered-besides", Phrase.joined(", ", lacking)))
                .finding(r -> new Explanation(
                        Phrase.of("contents.neither-in-box-nor-priced", Phrase.joined(", ", lacking)),
                        "",
                        List.of(),
                        SOURCE));
    }

    /** What one axle takes with a kit and is neither in its box nor listed as bought besides, with numbers. */
    static List<Phrase> lacking(Kit kit, AxleEnd end) {
        Map<PartKind, Integer> box = kit.terms().contents();
        List<Phrase> lacking = new ArrayList<>();
        for (PartKind kind : wanted(kit, end)) {
            int open = kind.wanted() - box.getOrDefault(kind, 0);
            for (MissingPart besides : kit.terms().missing()) {
                if (besides.kind().orElse(null) == kind) {
                    open -= besides.quantity();
                }
            }
            if (open > 0) {
                lacking.add(Phrase.of("contents.so-many", open, kind));
            }
        }
        return lacking;
    }

    /** The kinds of part one axle takes with a kit; common practice. */
    static Set<PartKind> wanted(Kit kit, AxleEnd end) {
        Set<PartKind> wanted = EnumSet.of(
                PartKind.CALIPER,
                PartKind.PAD_SET,
                PartKind.DISC,
                PartKind.HOSE,
                PartKind.BANJO_BOLT,
                PartKind.COPPER_WASHER,
                PartKind.FLUID,
                PartKind.THREADLOCKER);
        wanted.add(PartKind.BRACKET);
        if (!kit.bracket().isWelded()) {
            wanted.add(PartKind.BRACKET_BOLTS);
        }
        if (kit.fitting().hub().isPresent()) {
            wanted.addAll(Set.of(
                    PartKind.BEARING_SET, PartKind.HUB_SEAL, PartKind.COTTER, PartKind.GREASE, PartKind.WHEEL_STUDS));
        }
        if (end.kind() == AxleEndKind.TRAILER_SPINDLE && end.form().electricBrakes()) {
            wanted.add(PartKind.ACTUATOR);
        }
        return wanted;
    }
}
