package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.check.mounting.PatternCheck;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
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
        String spare = on.end().otherWheel().map(w -> "Spare " + w.code()).orElse("Spare, like the wheels found");
        FindingBuilder ruling = new FindingBuilder(CheckId.SPARE, c);
        List<Finding> inside = new ArrayList<>(INSIDE.size());
        Set<String> lacking = new LinkedHashSet<>();
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
            f.requirements().forEach(r -> ruling.require("spare, " + check.id().title(), r.margin(), r.atBest()));
            f.missing().stream().map(Callout::title).forEach(lacking::add);
            lacking.addAll(f.missingInWords());
        }
        lacking.forEach(what -> ruling.missing("for the spare: " + what));
        return ruling.finding(r -> why(spare, words(on, inside)));
    }

    private static String words(KitOnSide on, List<Finding> inside) {
        List<String> words = new ArrayList<>();
        on.end()
                .otherWheel()
                .ifPresent(w -> words.add(String.format(
                        Locale.ROOT,
                        "Its holes lie on a circle of %.2f mm.",
                        w.circle().value())));
        inside.forEach(f -> words.add(f.check().title() + ": " + f.explain().why()));
        return String.join(" ", words);
    }

    private static Explanation why(String spare, String words) {
        return new Explanation(spare + ". " + words, FORMULA, List.of(), SOURCE);
    }
}
