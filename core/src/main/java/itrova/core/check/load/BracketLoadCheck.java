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
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Surroundings;
import java.util.List;
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
            ruling.missing(Phrase.of("bracket-load.tightening-torque-and-thread-bracket"));
        }
        if (tyre.isEmpty()) {
            ruling.missing(Phrase.of("bracket-load.tyre-width-and-diameter"));
        }
        if (c.load().isEmpty()) {
            ruling.missing(Phrase.of("bracket-load.axle-s-load-from-its"));
        }
        if (c.kit().bracket().count() == Bracket.COUNT_UNKNOWN) {
            return ruling.missing(Phrase.of("bracket-load.how-many-bolts-bracket-takes"))
                    .finding(r -> new Explanation(
                            Phrase.of("bracket-load.what-bracket-s-bolts-hold"), FORMULA, List.of(), SOURCE));
        }
        if (thread.isEmpty() || tyre.isEmpty() || c.load().isEmpty()) {
            return ruling.finding(r ->
                    new Explanation(Phrase.of("bracket-load.what-bracket-s-bolts-hold"), FORMULA, List.of(), SOURCE));
        }
        double preload = Tightening.preload(spec.get().torque(), NUT_FACTOR, thread.get());
        double radius = boltRadius(c) / 1000;
        double held = c.kit().bracket().count() * preload * FRICTION * radius;
        double torque =
                LOAD_TRANSFER * c.load().get().kg() / 2 * GRAVITY * tyre.get().diameter() / 2000;
        double strength = c.kit().bracket().count() * SHEAR_SHARE * BoltGrade.SAE_5.proofLoad(thread.get()) * radius;
        ruling.require(Phrase.of("bracket-load.bolts-in-shear"), Measured.exact(strength - torque));
        return ruling.finding(r -> new Explanation(
                Phrase.of(
                        "bracket-load.braking-turns-bracket-with-bolts",
                        Amount.newtonMetres(torque, 0),
                        c.kit().bracket().count(),
                        thread.get().designation(),
                        Amount.newtonMetres(strength, 0),
                        Amount.newtonMetres(held, 0),
                        Amount.newtonMetres(spec.get().torque(), 0),
                        held < torque ? Phrase.of("bracket-load.face-slips-until-bolts-bear") : ""),
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
