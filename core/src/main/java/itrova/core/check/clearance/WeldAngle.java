package itrova.core.check.clearance;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Finding;
import itrova.core.finding.Verdict;
import itrova.core.geometry.ClockWindow;
import itrova.core.kit.Kit;
import itrova.core.placed.KitOnSide;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Sets a weld-on bracket to one angle that serves every check at once.
 *
 * <p>An angle that suits the nipple and another that suits the rib are of no use to a bracket that can be welded on only once. So one
 * angle, the same left and right, is looked for over all checks that hang on it; where none serves all, the one that comes nearest is
 * judged, and fails.
 */
public final class WeldAngle {
    /** Angles tried are so far apart (degrees); the doubt of a welded angle is larger than half of it. */
    private static final double STEP = 1;
    /** How many of the angles that serve what is near at hand are tried lock to lock. */
    private static final int TRIED_FAR = 6;

    /** What hangs on the angle and is quickly judged. */
    private static final List<Check> NEAR = List.of(new NippleCheck(), new InboardCheck());

    private static final List<Check> FAR = List.of(new SweepCheck(), new HoseCheck());

    private WeldAngle() {}

    /** An angle with how well it serves. */
    private record Tried(Kit kit, Verdict worst, double left) {}

    /** The side's kit, set by what is near at hand on that side alone. */
    public static Kit near(KitOnSide side) {
        return settled(side.kit(), List.of(side), NEAR);
    }

    /**
     * The kit with its bracket set; unchanged where the angle is fixed or no range is stated.
     *
     * @param sides one or both sides of the axle with that kit
     * @param checks the checks all of which are to be judged; those that hang on the angle count
     */
    public static Kit settled(Kit kit, List<KitOnSide> sides, List<Check> checks) {
        Optional<ClockWindow> range = kit.bracket().mount().weldRange();
        if (range.isEmpty() || kit.bracket().mount().caliperClock().isPresent()) {
            return kit;
        }
        List<Tried> near = new ArrayList<>();
        for (double at = range.get().from(); at < range.get().to(); at += STEP) {
            near.add(tried(kit.withBracket(kit.bracket().setTo(at)), sides, NEAR));
        }
        near.add(tried(kit.withBracket(kit.bracket().setTo(range.get().to())), sides, NEAR));
        near.sort(BEST_FIRST);
        if (checks.stream().noneMatch(c -> c.id() == CheckId.SWEEP)) {
            return near.get(0).kit();
        }
        List<Tried> serving =
                near.stream().filter(t -> t.worst() == near.get(0).worst()).toList();
        List<Tried> whole = new ArrayList<>();
        for (int i = 0; i < Math.min(TRIED_FAR, serving.size()); i++) {
            int spread = i * (serving.size() - 1) / Math.max(1, Math.min(TRIED_FAR, serving.size()) - 1);
            Tried far = tried(serving.get(spread).kit(), sides, FAR);
            whole.add(far);
            if (far.worst() == Verdict.FITS) {
                break;
            }
        }
        return whole.stream().min(BEST_FIRST).orElseThrow().kit();
    }

    private static final Comparator<Tried> BEST_FIRST = Comparator.comparing(Tried::worst)
            .thenComparing(Comparator.comparingDouble(Tried::left).reversed());

    private static Tried tried(Kit set, List<KitOnSide> sides, List<Check> checks) {
        Verdict worst = Verdict.FITS;
        double left = Double.POSITIVE_INFINITY;
        for (KitOnSide side : sides) {
            KitOnSide c = side.withKit(set);
            for (Check check : checks) {
                if (check.appliesTo(c)) {
                    Finding f = check.judge(c);
                    worst = worst.worst(f.verdict());
                    left = Math.min(
                            left, f.margin().map(m -> m.value() - m.expanded()).orElse(left));
                }
            }
        }
        return new Tried(set, worst, left);
    }
}
