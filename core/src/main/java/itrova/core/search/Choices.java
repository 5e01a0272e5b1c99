package itrova.core.search;

import itrova.core.check.Check;
import itrova.core.check.clearance.WeldAngle;
import itrova.core.clearance.WheelProfile;
import itrova.core.finding.Verdict;
import itrova.core.judge.Checks;
import itrova.core.kit.Kit;
import itrova.core.kit.KitOption;
import itrova.core.kit.KitPart;
import itrova.core.placed.AxleCase;
import itrova.core.placed.KitOnSide;
import itrova.core.placed.SharedResults;
import itrova.core.remedy.WorkKind;
import itrova.core.settings.ShopSettings;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * One kit on one wheel with all its options: which combinations of them no check rules out.
 *
 * <p>A check hangs on few parts; it is judged once for each way its own parts can be chosen, and looked up after that. A choice
 * is ruled out where a critical check is not proven, or is proven not to fit with no work allowed: the engine never makes such a
 * finding good.
 */
final class Choices {
    private static final byte UNKNOWN = 0;
    private static final byte ALIVE = 1;
    private static final byte OPEN = 2;
    private static final byte MISFIT = 3;
    /** A proven misfit weighs as much as so many checks that only want to be proven: readings come cheaper than other parts. */
    private static final int MISFIT_WEIGHT = 25;

    private final AxleCase axle;
    private final List<WheelProfile> wheels;
    private final Kit kit;
    private final ShopSettings settings;
    private final Set<WorkKind> forbidden;
    private final List<List<KitOption>> groups;
    private final List<Screen> screens = new ArrayList<>();
    private final List<SharedResults> shared;

    Choices(
            AxleCase axle,
            List<WheelProfile> wheels,
            List<SharedResults> shared,
            Kit kit,
            ShopSettings settings,
            Set<WorkKind> forbidden) {
        this.axle = axle;
        this.wheels = wheels;
        this.kit = kit;
        this.settings = settings;
        this.forbidden = forbidden;
        Map<String, List<KitOption>> byGroup = new LinkedHashMap<>();
        kit.choices().options().forEach(o -> byGroup.computeIfAbsent(o.group(), g -> new ArrayList<>())
                .add(o));
        groups = List.copyOf(byGroup.values());
        this.shared = shared.stream().map(SharedResults::forAnotherKit).toList();
        for (Check check : Checks.ALL) {
            if (check.id().isCritical()) {
                screens.add(new Screen(check));
            }
        }
        // Quick checks first; a sweep is worked out only for what they leave.
        screens.sort(java.util.Comparator.comparing((Screen s) -> !Checks.QUICK.contains(s.check)));
    }

    /** One check with what it says for each way its parts can be chosen. */
    private final class Screen {
        private final Check check;
        private final int[] radix = new int[groups.size()];
        private final byte[] known;
        private final int lastGroup;

        Screen(Check check) {
            this.check = check;
            int size = 1;
            int last = -1;
            for (int g = 0; g < groups.size(); g++) {
                if (touches(groups.get(g), check.reads())) {
                    radix[g] = size;
                    size *= groups.get(g).size() + 1;
                    last = g;
                }
            }
            known = new byte[size];
            lastGroup = last;
        }

        /** What the check holds against a choice: 0 if nothing. */
        int against(int[] choice) {
            int at = 0;
            for (int g = 0; g <= lastGroup; g++) {
                at += radix[g] * choice[g];
            }
            if (known[at] == UNKNOWN) {
                known[at] = state(choice);
            }
            return known[at] == MISFIT ? MISFIT_WEIGHT : known[at] == OPEN ? 1 : 0;
        }

        private byte state(int[] choice) {
            Kit chosen = kit.with(options(choice));
            byte worst = ALIVE;
            for (int i = 0; i < wheels.size(); i++) {
                KitOnSide c = side(i, chosen);
                if (!check.appliesTo(c)) {
                    continue;
                }
                Verdict verdict = check.judge(c).verdict();
                boolean mendable = verdict == Verdict.DOES_NOT_FIT
                        && check.remedies(c).stream()
                                .flatMap(o -> o.work().stream())
                                .anyMatch(w -> !forbidden.contains(w.kind()));
                if (verdict == Verdict.NOT_PROVEN) {
                    worst = worst == MISFIT ? MISFIT : OPEN;
                } else if (!verdict.isProven() && !mendable) {
                    worst = MISFIT;
                }
            }
            return worst;
        }
    }

    private KitOnSide side(int i, Kit chosen) {
        return KitOnSide.of(axle, i, wheels.get(i), chosen, settings, shared.get(i), WeldAngle::near);
    }

    /** All sides with a kit whose bracket, if it is welded on, is set to one angle for all checks. */
    List<KitOnSide> sides(Kit chosen) {
        List<KitOnSide> sides = new ArrayList<>();
        for (int i = 0; i < wheels.size(); i++) {
            sides.add(side(i, chosen));
        }
        Kit set = WeldAngle.settled(chosen, sides, Checks.ALL);
        return set == chosen ? sides : sides.stream().map(c -> c.withKit(set)).toList();
    }

    /** What looks at choices. */
    interface Visitor {
        /** Whether a choice with so much against it is still worth looking at. */
        boolean wants(int against);

        /** A whole choice with so much against it. */
        void visit(List<KitOption> taken, int against);
    }

    /** Looks at all choices a visitor wants. */
    void walk(Visitor visitor) {
        walk(visitor, new int[groups.size()], 0, 0);
    }

    private void walk(Visitor visitor, int[] choice, int group, int against) {
        int now = against;
        for (Screen s : screens) {
            if (s.lastGroup == group - 1 && visitor.wants(now)) {
                now += s.against(choice);
            }
        }
        if (!visitor.wants(now)) {
            return;
        }
        if (group == groups.size()) {
            visitor.visit(options(choice), now);
            return;
        }
        for (int c = 0; c <= groups.get(group).size(); c++) {
            choice[group] = c;
            walk(visitor, choice, group + 1, now);
        }
        choice[group] = 0;
    }

    private List<KitOption> options(int[] choice) {
        List<KitOption> taken = new ArrayList<>(choice.length);
        for (int g = 0; g < choice.length; g++) {
            if (choice[g] > 0) {
                taken.add(groups.get(g).get(choice[g] - 1));
            }
        }
        return taken;
    }

    private static boolean touches(List<KitOption> group, Set<KitPart> parts) {
        return group.stream().anyMatch(o -> !Collections.disjoint(o.change().parts(), parts));
    }
}
