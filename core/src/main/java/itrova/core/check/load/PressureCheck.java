package itrova.core.check.load;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.VehicleSheet.Booster;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Line pressure and booster a kit's papers ask for, against what a gauge showed and somebody saw. */
final class PressureCheck implements Check {
    static final String FORMULA = "m = p_line − p_needed";
    private static final String SOURCE =
            "The kit's papers; a gauge at the axle's line under a hard pedal: common practice";

    @Override
    public CheckId id() {
        return CheckId.PRESSURE;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of();
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        KitNeeds needs = c.kit().fitting().needs();
        return needs.booster() || needs.pressure().isPresent();
    }

    @Override
    public Finding judge(KitOnSide c) {
        KitNeeds needs = c.kit().fitting().needs();
        FindingBuilder ruling = new FindingBuilder(CheckId.PRESSURE, c, "MPa");
        List<Phrase> words = new ArrayList<>();
        if (needs.booster()) {
            Booster found = c.facts().booster();
            if (found == Booster.NONE) {
                return ruling.outright(why(Phrase.of("pressure.pedal-has-no-booster-kit"), Optional.empty()));
            }
            if (found == Booster.NOT_LOOKED) {
                ruling.missing(Phrase.of("pressure.whether-pedal-has-booster-look"));
            } else {
                words.add(Phrase.of("pressure.pedal-has-booster-as-kit"));
                ruling.satisfied();
            }
        }
        Optional<Measured> found = c.facts().linePressure();
        needs.pressure().ifPresent(needed -> {
            if (found.isEmpty()) {
                ruling.missing(Phrase.of("pressure.line-pressure-under-hard-pedal"));
            }
            found.ifPresent(p -> {
                ruling.require(Phrase.of("pressure.line-pressure"), p.plus(-needed));
                words.add(Phrase.of(
                        "pressure.line-gives-kit-needs",
                        Amount.megapascals(p.value(), 1),
                        Amount.megapascals(needed, 1)));
            });
        });
        return ruling.finding(r -> why(
                words.isEmpty() ? Phrase.of("pressure.pressure-and-booster-not-known") : Phrase.joined(" ", words),
                found));
    }

    private static Explanation why(Phrase words, Optional<Measured> found) {
        return new Explanation(
                words, FORMULA, new Inputs().add("p_line", found, "MPa").list(), SOURCE);
    }
}
