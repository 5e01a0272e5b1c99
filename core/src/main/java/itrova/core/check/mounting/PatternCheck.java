package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
import itrova.core.finding.Verdict;
import itrova.core.kit.HolePattern;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.measure.BoltCircle;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.RemachinedHub;
import itrova.core.remedy.SecondCircle;
import itrova.core.remedy.WorkOffer;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Wheel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The disc's stud holes must lie where the studs are: half the difference of the circles stays within the holes' play. */
public final class PatternCheck implements Check {
    static final String FORMULA = "m = (d_hole − d_stud)/2 − |D_studs − D_disc|/2";
    private static final String SOURCE = "Geometry of holes on circles; D = c/sin(k·π/n)";

    @Override
    public CheckId id() {
        return CheckId.PATTERN;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.STUDS);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.PATTERN, c);
        if (c.end().count(Callout.LUG_COUNT).isEmpty()) {
            return ruling.missing(Callout.LUG_COUNT)
                    .finding(r -> new Explanation(
                            Phrase.of("pattern.studs-were-not-counted-yet"), FORMULA, List.of(), SOURCE));
        }
        int lugs = c.end().count(Callout.LUG_COUNT).getAsInt();
        if (c.bringsHub() || c.end().otherWheel().isPresent()) {
            Optional<Finding> apart = wheelOnHub(c, ruling, lugs);
            if (apart.isPresent()) {
                return apart.get();
            }
        }
        if (c.bringsHub()) {
            return ruling.finding(r -> new Explanation(
                    Phrase.of(
                            "pattern.kit-s-hub-drilled-on",
                            c.kit().disc().patterns().get(0).count(),
                            Phrase.of(
                                    "pattern.first-holes",
                                    Amount.mm(
                                            c.kit()
                                                    .disc()
                                                    .patterns()
                                                    .get(0)
                                                    .circle()
                                                    .value(),
                                            2))),
                    FORMULA,
                    List.of(),
                    SOURCE));
        }
        List<HolePattern> sameCount = c.kit().disc().patterns().stream()
                .filter(p -> p.count() == lugs)
                .toList();
        if (sameCount.isEmpty()) {
            Phrase offered =
                    Phrase.of("pattern.holes", c.kit().disc().patterns().get(0).count());
            FindingBuilder counts = new FindingBuilder(CheckId.PATTERN, c, "studs")
                    .require(
                            Phrase.of("pattern.count"),
                            Measured.exact(-Math.abs(
                                    lugs - c.kit().disc().patterns().get(0).count())));
            return counts.finding(r -> new Explanation(
                    Phrase.of("pattern.hub-has-studs-disc-drilled", lugs, offered),
                    "n_disc = n_hub",
                    List.of(),
                    "Count"));
        }
        Optional<Measured> circle = c.end().boltCircle();
        Optional<Measured> stud = c.studMajor();
        if (circle.isEmpty()) {
            ruling.missing(BoltCircle.lacking(c.end()));
        }
        ruling.want(stud, Callout.STUD_MAJOR);
        if (circle.isEmpty() || stud.isEmpty()) {
            return ruling.finding(
                    r -> new Explanation(Phrase.of("pattern.bolt-circle-not-known-yet"), FORMULA, List.of(), SOURCE));
        }
        HolePattern chosen = meant(c, lugs).orElseThrow();
        Measured off = circle.get().minus(chosen.circle().measured(c.kit().source(PaperFigure.DISC_CIRCLE)));
        Measured play =
                chosen.hole().measured(c.kit().source(PaperFigure.DISC_HOLE)).minus(stud.get());
        if (c.kit().studs().isPresent() && c.end().otherWheel().isEmpty()) {
            // the wheel's own holes were made for the old studs
            Optional<Measured> own = c.length(Callout.WHEEL_STUD_HOLE);
            ruling.want(own, Callout.WHEEL_STUD_HOLE);
            own.ifPresent(
                    hole -> ruling.require(Phrase.of("pattern.new-studs-through-wheel-s"), hole.minus(stud.get())));
        }
        return ruling.require(
                        Phrase.of("pattern.studs-not-too-far-out"),
                        play.minus(off).times(0.5))
                .require(
                        Phrase.of("pattern.studs-not-too-far-in"),
                        play.plus(off).times(0.5))
                .finding(r -> explain(c, chosen, circle.get(), stud.get()));
    }

    /** The wheel's holes over the studs of the hub, where hub or wheel is another than found; a finding if their numbers differ. */
    public static Optional<Finding> wheelOnHub(KitOnSide c, FindingBuilder ruling, int found) {
        HolePattern own = c.kit().disc().patterns().get(0);
        int hubLugs = c.bringsHub() ? own.count() : found;
        int wheelLugs = c.end().otherWheel().map(Wheel::lugs).orElse(found);
        if (hubLugs != wheelLugs) {
            return Optional.of(new FindingBuilder(CheckId.PATTERN, c, "studs")
                    .require(Phrase.of("pattern.wheel-s-holes"), Measured.exact(-Math.abs(hubLugs - wheelLugs)))
                    .finding(r -> new Explanation(
                            Phrase.of("pattern.hub-has-studs-wheel-holes", hubLugs, wheelLugs),
                            "n_wheel = n_hub",
                            List.of(),
                            "Count")));
        }
        Optional<Measured> hub = c.bringsHub()
                ? Optional.of(own.circle().measured(c.kit().source(PaperFigure.DISC_CIRCLE)))
                : c.end().boltCircle();
        Optional<Measured> wheel =
                c.end().otherWheel().map(Wheel::circle).or(() -> c.end().boltCircle());
        Optional<Measured> hole = c.length(Callout.WHEEL_STUD_HOLE);
        Optional<Measured> stud = c.studMajor();
        ruling.want(hole, Callout.WHEEL_STUD_HOLE);
        ruling.wantStuds(stud, Callout.STUD_MAJOR);
        if (hub.isPresent() && wheel.isPresent() && hole.isPresent() && stud.isPresent()) {
            Measured off = hub.get().minus(wheel.get());
            Measured play = hole.get().minus(stud.get());
            ruling.require(
                            Phrase.of("pattern.wheel-over-studs-not-too"),
                            play.minus(off).times(0.5))
                    .require(
                            Phrase.of("pattern.wheel-over-studs-not-too-2"),
                            play.plus(off).times(0.5));
        } else if (hub.isEmpty() || wheel.isEmpty()) {
            ruling.missing(BoltCircle.lacking(c.end()));
        }
        return Optional.empty();
    }

    /**
     * The pattern of the disc the studs go through: of those with as many holes, the one least off, its holes' play taken into account.
     * Absent where none has as many, or where there are several and the circle is not known.
     */
    static Optional<HolePattern> meant(KitOnSide c, int lugs) {
        List<HolePattern> sameCount = c.kit().disc().patterns().stream()
                .filter(p -> p.count() == lugs)
                .toList();
        if (sameCount.size() < 2) {
            return sameCount.stream().findFirst();
        }
        return c.end().boltCircle().flatMap(circle -> sameCount.stream()
                .min(Comparator.comparingDouble(p -> off(p, circle))));
    }

    /** How far a pattern is off the studs, its holes' play taken into account (mm); the least is the pattern meant. */
    private static double off(HolePattern p, Measured circle) {
        return Math.abs(circle.value() - p.circle().value()) - p.hole().value();
    }

    /** Studs too thick for the holes leave no play at all: drilling the holes mends this check too. */
    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        StudHoleCheck studs = new StudHoleCheck();
        if (studs.appliesTo(c) && studs.judge(c).verdict() == Verdict.DOES_NOT_FIT) {
            return studs.remedies(c);
        }
        boolean hasCircle = c.end().count(Callout.LUG_COUNT).isPresent()
                && c.end().boltCircle().isPresent()
                && !c.bringsHub();
        if (!hasCircle) {
            return List.of();
        }
        List<WorkOffer> offers = new ArrayList<>();
        if (!isWheelOff(c)) {
            offers.addAll(SecondCircle.offer(c, c.end().count(Callout.LUG_COUNT).getAsInt()));
        }
        offers.addAll(RemachinedHub.offer(c));
        return offers;
    }

    /** Whether the wheel looked at misses the studs found: whatever is done to the disc, they must be moved. */
    private static boolean isWheelOff(KitOnSide c) {
        double studs = c.end().boltCircle().orElseThrow().value();
        return c.end()
                .otherWheel()
                .filter(w -> w.lugs() != c.end().count(Callout.LUG_COUNT).getAsInt()
                        || Math.abs(w.circle().value() - studs)
                                > w.studHole().value()
                                        - c.studMajor().map(Measured::value).orElse(0.0))
                .isPresent();
    }

    private static Explanation explain(KitOnSide c, HolePattern p, Measured circle, Measured stud) {
        return new Explanation(
                Phrase.of(
                        "pattern.studs-stand-on-circle-disc",
                        Amount.mm(circle.value(), 2).asBare(),
                        Amount.mm(circle.expanded(), 2),
                        p.count(),
                        Amount.mm(p.circle().value(), 2),
                        Amount.mm(p.hole().value(), 2),
                        Amount.mm(stud.value(), 2)),
                FORMULA,
                List.of(
                        new Input("D_studs", circle, "mm"),
                        new Input("D_disc", p.circle().measured(c.kit().source(PaperFigure.DISC_CIRCLE)), "mm"),
                        new Input("d_hole", p.hole().measured(c.kit().source(PaperFigure.DISC_HOLE)), "mm"),
                        new Input("d_stud", stud, "mm")),
                SOURCE);
    }
}
