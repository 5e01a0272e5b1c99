package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.check.mounting.PatternCheck;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A spare of another profile must go on over the new brakes as well, or a flat tyre leaves the vehicle where it stands. */
final class SpareCheck implements Check {
    private static final String FORMULA =
            "holes over the hub's studs, caliper to barrel and to spokes, on the spare wheel; the least margin counts";
    private static final String SOURCE =
            "Common practice: pattern and inside of the spare are checked like those of the road wheels";
    private static final List<Check> INSIDE = List.of(WheelClearanceCheck.barrel(), WheelClearanceCheck.spokes());

    @Override
    public CheckId id() {
        return CheckId.SPARE;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.CALIPER, KitPart.STUDS);
    }

    @Override
    public boolean isCostly() {
        return true;
    }

    /** A spare like those on the road fits as they do, unless others are put on the road. */
    @Override
    public boolean appliesTo(KitOnSide c) {
        return onSpare(c).isPresent();
    }

    private static Optional<KitOnSide> onSpare(KitOnSide c) {
        return c.end().around().details().spare().flatMap(s -> switch (s.kind()) {
            case NONE -> Optional.empty();
            case ANOTHER -> s.wheel().map(c::onWheel);
            case AS_ON_THE_ROAD -> c.end().otherWheel().isPresent() ? Optional.of(c.onWheelFound()) : Optional.empty();
        });
    }

    @Override
    public Finding judge(KitOnSide c) {
        KitOnSide on = onSpare(c).orElseThrow();
        Phrase spare = on.end()
                .otherWheel()
                .map(w -> Phrase.of("spare.spare", w.code()))
                .orElse(Phrase.of("spare.spare-like-wheels-found"));
        FindingBuilder ruling = new FindingBuilder(CheckId.SPARE, c);
        List<Finding> inside = new ArrayList<>(INSIDE.size());
        Set<Object> lacking = new LinkedHashSet<>();
        if (on.end().count(Callout.LUG_COUNT).isPresent()) {
            Optional<Finding> apart = PatternCheck.wheelOnHub(
                    on, ruling, on.end().count(Callout.LUG_COUNT).getAsInt());
            if (apart.isPresent()) {
                return ruling.outright(why(spare, apart.get().explain().why()));
            }
        } else {
            ruling.missing(Callout.LUG_COUNT);
        }
        for (Check check : INSIDE) {
            Finding f = check.judge(on);
            inside.add(f);
            f.requirements()
                    .forEach(r -> ruling.require(Phrase.of("spare.spare-2", check.id()), r.margin(), r.atBest()));
            lacking.addAll(f.missing());
            lacking.addAll(f.missingInWords());
        }
        lacking.forEach(what -> ruling.missing(Phrase.of("spare.for-spare", what)));
        return ruling.finding(r -> why(spare, words(on, inside)));
    }

    private static Phrase words(KitOnSide on, List<Finding> inside) {
        List<Phrase> words = new ArrayList<>();
        on.end()
                .otherWheel()
                .ifPresent(w -> words.add(Phrase.of(
                        "spare.its-holes-lie-on-circle", Amount.mm(w.circle().value(), 2))));
        inside.forEach(f -> words.add(
                Phrase.of("spare.what-a-check-found", f.check(), f.explain().why())));
        return Phrase.joined(" ", words);
    }

    private static Explanation why(Phrase spare, Phrase words) {
        return new Explanation(Phrase.of("spare.wheel-and-findings", spare, words), FORMULA, List.of(), SOURCE);
    }
}
