package itrova.core.check.load;

import itrova.core.check.Check;
import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.Thread;
import itrova.core.fastener.Tightening;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.Bracket;
import itrova.core.kit.KitPart;
import itrova.core.kit.TorqueSpec;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Surroundings;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The caliper turns its bracket with the wheel's whole braking torque: the bolts must hold it, and had better not slip. */
final class BracketLoadCheck implements Check {
    static final String FORMULA =
            "m = n·0.577·R_p·A_s·r_bolts − T, T = a·W/2·g·r_tyre; slips when n·F·μ·r_bolts < T, F = T_bolt/(K·d)";
    private static final String SOURCE =
            "Shear of the bolts at 0.577 of their proof stress (von Mises), grade 5 taken where none is stated; preload T/(K·d), K = 0.20 (Shigley; VDI 2230 for the fuller model); friction 0.15 of clean steel and one wheel braking at 1 g with 1.3 of its static load: common practice";
    private static final double GRAVITY = 9.80665;
    private static final double NUT_FACTOR = 0.20;
    private static final double SHEAR_SHARE = 0.577;
    private static final double FRICTION = 0.15;
    private static final double LOAD_TRANSFER = 1.3;

    @Override
    public CheckId id() {
        return CheckId.BRACKET_LOAD;
    }

    @Override
    public Set<KitPart> reads() {
        return KitPart.ALL;
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.kit().bracket().isWelded();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.BRACKET_LOAD, c, "N·m");
        Optional<TorqueSpec> spec = c.kit().torques().stream()
                .filter(t -> t.place() == TorqueSpec.Place.BRACKET_BOLT)
                .findFirst();
        Optional<Thread> thread = spec.flatMap(TorqueSpec::thread);
        Optional<Surroundings.Tyre> tyre = c.end().around().tyre();
        if (spec.isEmpty() || thread.isEmpty()) {
            ruling.missing("tightening torque and thread of the bracket bolts: ask the supplier");
        }
        if (tyre.isEmpty()) {
            ruling.missing("tyre width and diameter");
        }
        if (c.load().isEmpty()) {
            ruling.missing("the axle's load: from its plate or the weighbridge");
        }
        if (c.kit().bracket().count() == Bracket.COUNT_UNKNOWN) {
            return ruling.missing("how many bolts the bracket takes: ask the supplier")
                    .finding(r -> new Explanation(
                            "What the bracket's bolts hold cannot be worked out yet.", FORMULA, List.of(), SOURCE));
        }
        if (thread.isEmpty() || tyre.isEmpty() || c.load().isEmpty()) {
            return ruling.finding(r -> new Explanation(
                    "What the bracket's bolts hold cannot be worked out yet.", FORMULA, List.of(), SOURCE));
        }
        double preload = Tightening.preload(spec.get().torque(), NUT_FACTOR, thread.get());
        double radius = boltRadius(c) / 1000;
        double held = c.kit().bracket().count() * preload * FRICTION * radius;
        double torque =
                LOAD_TRANSFER * c.load().get().kg() / 2 * GRAVITY * tyre.get().diameter() / 2000;
        double strength = c.kit().bracket().count() * SHEAR_SHARE * BoltGrade.SAE_5.proofLoad(thread.get()) * radius;
        ruling.require("bolts in shear", Measured.exact(strength - torque));
        return ruling.finding(r -> new Explanation(
                String.format(
                        Locale.ROOT,
                        "Braking turns the bracket with %.0f N·m; %d bolts %s hold %.0f N·m in shear, and %.0f N·m by friction at %.0f N·m.%s",
                        torque,
                        c.kit().bracket().count(),
                        thread.get().designation(),
                        strength,
                        held,
                        spec.get().torque(),
                        held < torque ? " The face slips until the bolts bear: no play in their holes." : ""),
                FORMULA,
                new Inputs()
                        .add("F", preload, "N")
                        .add("μ", FRICTION, "")
                        .add("r_bolts", boltRadius(c), "mm")
                        .add("T", torque, "N·m")
                        .list(),
                SOURCE));
    }

    private static double boltRadius(KitOnSide c) {
        return c.kit().bracket().shape() == BracketShape.CIRCLE
                ? c.kit().bracket().circle().orElseThrow().value() / 2
                : Math.hypot(
                                c.kit().bracket().across().orElseThrow().value(),
                                c.kit().bracket().up().orElseThrow().value())
                        / 2;
    }
}
