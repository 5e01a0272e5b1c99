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
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The disc, which turns with the wheel, must have room in the barrel with its weights and behind the spokes. */
final class DiscInWheelCheck implements Check {
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
                .reads("disc.diameter", "disc.thickness", "disc.hatInside", "disc.hatDepth", "disc.hatThickness");
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
                "disc to barrel", Callout.WHEEL_BARREL, barrel, () -> placed.discToBarrel(Wall.FAR, taken), taken);
        between.require(
                "disc to spokes",
                Callout.WHEEL_SPOKE,
                spokes,
                () -> placed.discToSpokes(Wall.FAR),
                Measured.exact(wanted));
        return ruling.finding(r -> new Explanation(
                r.map(worst -> String.format(
                                Locale.ROOT,
                                "The disc is %.1f mm across; nearest is the %s, %s %.1f mm, wants %.1f mm%s.",
                                c.kit().disc().diameter().value(),
                                worst.name().substring("disc to ".length()),
                                size(worst, barrel, spokes) >= 0 ? "clear by" : "overlapped by",
                                Math.abs(size(worst, barrel, spokes)),
                                wanted,
                                worst.name().endsWith("barrel") && weights.isPresent()
                                        ? String.format(
                                                Locale.ROOT,
                                                " and %.1f for weights",
                                                weights.get().value())
                                        : ""))
                        .orElse("Disc and wheel cannot be compared yet."),
                FORMULA,
                new Inputs()
                        .add("disc to barrel", barrel.map(SectionGap::size))
                        .add("disc to spokes", spokes.map(SectionGap::size))
                        .add("h_weights", weights)
                        .add("g_min", wanted, "mm")
                        .list(),
                SOURCE));
    }

    private static double size(Requirement worst, Optional<SectionGap> barrel, Optional<SectionGap> spokes) {
        return (worst.name().endsWith("barrel") ? barrel : spokes)
                .orElseThrow()
                .size()
                .value();
    }
}
