package itrova.core.check.load;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.KitNeeds;
import itrova.core.kit.KitPart;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.quantity.Unit;
import itrova.core.vehicle.VehicleSheet.Booster;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Line pressure and booster a kit's papers ask for, against what a gauge showed and somebody saw. */
final class PressureCheck implements Check {
    static final String FORMULA = "m = p_line − p_needed";
    private static final String SOURCE =
            "The kit's papers; a gauge at the axle's line under a hard pedal: common practice";
    private static final double PSI = Unit.PSI.toSi();

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
        List<String> words = new ArrayList<>();
        if (needs.booster()) {
            Booster found = c.facts().booster();
            if (found == Booster.NONE) {
                return ruling.outright(why("The pedal has no booster; the kit needs one.", Optional.empty()));
            }
            if (found == Booster.NOT_LOOKED) {
                ruling.missing("whether the pedal has a booster: look, and say so on the vehicle sheet");
            } else {
                words.add("The pedal has a booster, as the kit wants.");
                ruling.satisfied();
            }
        }
        Optional<Measured> found = c.facts().linePressure();
        needs.pressure().ifPresent(needed -> {
            if (found.isEmpty()) {
                ruling.missing(
                        "line pressure under a hard pedal: a gauge at the axle's line, written on the vehicle sheet");
            }
            found.ifPresent(p -> {
                ruling.require("line pressure", p.plus(-needed));
                words.add(String.format(
                        Locale.ROOT,
                        "The line gives %.1f MPa (%.0f psi), the kit needs %.1f MPa (%.0f psi).",
                        p.value(),
                        p.value() / PSI,
                        needed,
                        needed / PSI));
            });
        });
        return ruling.finding(
                r -> why(words.isEmpty() ? "Pressure and booster are not known yet." : String.join(" ", words), found));
    }

    private static Explanation why(String words, Optional<Measured> found) {
        return new Explanation(
                words, FORMULA, new Inputs().add("p_line", found, "MPa").list(), SOURCE);
    }
}
