package itrova.core.check.clearance;

import itrova.core.check.BetweenReadings;
import itrova.core.check.Check;
import itrova.core.clearance.CaliperInWheel;
import itrova.core.clearance.CaliperInWheel.Wall;
import itrova.core.clearance.SectionGap;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.finding.Requirement;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import java.util.Optional;
import java.util.Set;

/** The disc, which turns with the wheel, must have room in the barrel with its weights and behind the spokes. */
final class DiscInWheelCheck implements Check {
    private static final String AT_BARREL = "disc-in-wheel.disc-barrel";
    static final String FORMULA = "m = g − h_weights − g_min to the barrel, m = g − g_min to the spokes";
    private static final String SOURCE =
            "Distance of two profiles in the axial-radial half-plane; disc and wheel turn together, so nothing is deducted for deflection; least gap 3 mm is common practice";

    @Override
    public CheckId id() {
        return CheckId.DISC_IN_WHEEL;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.DISC_IN_WHEEL, c)
                .reads(
                        PaperFigure.DISC_DIAMETER,
                        PaperFigure.DISC_THICKNESS,
                        PaperFigure.DISC_HAT_INSIDE,
                        PaperFigure.DISC_HAT_DEPTH,
                        PaperFigure.DISC_HAT_THICKNESS);
        CaliperInWheel placed = c.placed();
        Optional<Measured> weights = c.length(Callout.WHEEL_WEIGHTS);
        ruling.want(c.length(Callout.WHEEL_BACKSPACING), Callout.WHEEL_BACKSPACING)
                .want(weights, Callout.WHEEL_WEIGHTS);
        if (c.end().barrel().size() < 2) {
            ruling.missing(Callout.WHEEL_BARREL);
        }
        if (c.end().spokes().size() < 2) {
            ruling.missing(Callout.WHEEL_SPOKE);
        }
        placed.unreadBesideDisc().ifPresent(words -> ruling.missingPlace(Callout.WHEEL_BARREL, words));
        placed.unreadBehindDisc().ifPresent(words -> ruling.missingPlace(Callout.WHEEL_SPOKE, words));
        double wanted = c.settings().of(Limit.TURNING_GAP);
        Measured taken = weights.orElse(Measured.exact(0)).plus(wanted);
        Optional<SectionGap> barrel = placed.discToBarrel(Wall.NEAR, taken);
        Optional<SectionGap> spokes = placed.discToSpokes(Wall.NEAR);
        BetweenReadings between = new BetweenReadings(placed, ruling);
        between.require(
                Phrase.of(AT_BARREL), Callout.WHEEL_BARREL, barrel, () -> placed.discToBarrel(Wall.FAR, taken), taken);
        between.require(
                Phrase.of("disc-in-wheel.disc-spokes"),
                Callout.WHEEL_SPOKE,
                spokes,
                () -> placed.discToSpokes(Wall.FAR),
                Measured.exact(wanted));
        return ruling.finding(r -> new Explanation(
                r.map(worst -> Phrase.of(
                                "disc-in-wheel.disc-across-nearest-wants",
                                Amount.mm(c.kit().disc().diameter().value(), 1),
                                isAtBarrel(worst)
                                        ? Phrase.of("disc-in-wheel.barrel")
                                        : Phrase.of("disc-in-wheel.spokes"),
                                size(worst, barrel, spokes) >= 0
                                        ? Phrase.of("disc-in-wheel.clear-by")
                                        : Phrase.of("disc-in-wheel.overlapped-by"),
                                Amount.mm(Math.abs(size(worst, barrel, spokes)), 1),
                                Amount.mm(wanted, 1),
                                isAtBarrel(worst) && weights.isPresent()
                                        ? Phrase.of(
                                                "disc-in-wheel.and-for-weights",
                                                Amount.mm(weights.get().value(), 1))
                                        : Phrase.NOTHING))
                        .orElse(Phrase.of("disc-in-wheel.disc-and-wheel-cannot-be")),
                FORMULA,
                new Inputs()
                        .add("disc to barrel", barrel.map(SectionGap::size))
                        .add("disc to spokes", spokes.map(SectionGap::size))
                        .add("h_weights", weights)
                        .add("g_min", wanted, "mm")
                        .list(),
                SOURCE));
    }

    private static boolean isAtBarrel(Requirement worst) {
        return worst.name().code().equals(AT_BARREL);
    }

    private static double size(Requirement worst, Optional<SectionGap> barrel, Optional<SectionGap> spokes) {
        return (isAtBarrel(worst) ? barrel : spokes).orElseThrow().size().value();
    }
}
