package itrova.core.fit;

import itrova.core.clearance.WheelProfile;
import itrova.core.kit.Kit;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.AxleLoad;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Judges kits against an axle.
 *
 * <p>"Fits with work" is given only where the misfit is proven as found and all checks, recomputed with the worked
 * dimensions, are as good as before and the mended one is proven. What is not proven as found stays so.
 */
public final class FitEngine {
    private static final List<Check> CHECKS = List.of(
            new PatternCheck(),
            new StudHoleCheck(),
            new NutEngagementCheck(),
            new RegisterCheck(),
            new HatFlangeCheck(),
            new BracketCheck(),
            new AxleOffsetCheck(),
            WheelClearanceCheck.barrel(),
            WheelClearanceCheck.spokes(),
            new LoadCheck());

    private FitEngine() {}

    /** Judges the kits made for this kind of axle end, best first; kits for other kinds are left out. */
    public static List<KitReport> match(AxleCase axle, List<Kit> kits, ShopSettings settings) {
        List<WheelProfile> wheels = wheels(axle);
        return kits.stream()
                .filter(k -> axle.ends().stream().allMatch(e -> k.fits().contains(e.kind())))
                .map(k -> report(axle, wheels, k, settings))
                .sorted(KitReport.BEST_FIRST)
                .toList();
    }

    /** Findings of one kit on one end as it is, no work thought of. */
    public static List<Finding> asFound(
            AxleEnd end, WheelProfile wheel, Optional<AxleLoad> load, Kit kit, ShopSettings settings) {
        return judgeAll(new FitCase(end, wheel, load, kit, settings));
    }

    /** Judges one kit on every side given. */
    public static KitReport report(AxleCase axle, Kit kit, ShopSettings settings) {
        return report(axle, wheels(axle), kit, settings);
    }

    private static List<WheelProfile> wheels(AxleCase axle) {
        return axle.ends().stream().map(WheelProfile::of).toList();
    }

    private static KitReport report(AxleCase axle, List<WheelProfile> wheels, Kit kit, ShopSettings settings) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < wheels.size(); i++) {
            findings.addAll(side(new FitCase(axle.ends().get(i), wheels.get(i), axle.load(), kit, settings)));
        }
        Verdict verdict = Verdict.FITS;
        double score = Double.POSITIVE_INFINITY;
        for (Finding f : findings) {
            verdict = verdict.worst(f.verdict());
            score = Math.min(score, f.score());
        }
        return new KitReport(kit, List.copyOf(findings), verdict, score);
    }

    private static List<Finding> side(FitCase asFound) {
        List<Finding> findings = judgeAll(asFound);
        List<Finding> refusals = new ArrayList<>(findings);
        FitCase worked = asFound;
        List<Optional<Work>> works = new ArrayList<>();
        boolean any = false;
        for (int i = 0; i < findings.size(); i++) {
            Finding f = findings.get(i);
            Optional<WorkOffer> offer =
                    f.verdict() == Verdict.DOES_NOT_FIT ? check(f).remedy(asFound) : Optional.empty();
            Optional<Work> work = offer.flatMap(WorkOffer::work);
            works.add(work);
            if (work.isPresent()) {
                worked = work.get().applyTo(worked);
                any = true;
            } else if (offer.isPresent()) {
                refusals.set(i, f.refusing(offer.get().refusal(), offer.get().wanted()));
            }
        }
        return any ? afterWork(refusals, judgeAll(worked), works) : refusals;
    }

    private static List<Finding> afterWork(List<Finding> before, List<Finding> after, List<Optional<Work>> works) {
        for (int i = 0; i < before.size(); i++) {
            boolean worsened =
                    after.get(i).verdict().ordinal() > before.get(i).verdict().ordinal();
            if (worsened) {
                return refuseAll(
                        before,
                        works,
                        "The work it would take spoils “" + after.get(i).check().title() + "”.");
            }
        }
        List<Finding> result = new ArrayList<>(before);
        for (int i = 0; i < before.size(); i++) {
            if (works.get(i).isEmpty()) {
                continue;
            }
            Finding then = after.get(i);
            result.set(
                    i,
                    then.verdict() == Verdict.FITS
                            ? before.get(i)
                                    .mendedBy(works.get(i).get(), then.margin().orElseThrow())
                            : before.get(i).refusing("The usual work would not prove it either.", List.of()));
        }
        return result;
    }

    private static List<Finding> refuseAll(List<Finding> before, List<Optional<Work>> works, String reason) {
        List<Finding> result = new ArrayList<>(before);
        for (int i = 0; i < before.size(); i++) {
            if (works.get(i).isPresent()) {
                result.set(i, before.get(i).refusing(reason, List.of()));
            }
        }
        return result;
    }

    private static List<Finding> judgeAll(FitCase c) {
        List<Finding> findings = new ArrayList<>(CHECKS.size());
        for (Check check : CHECKS) {
            if (check.appliesTo(c)) {
                findings.add(check.judge(c));
            }
        }
        return findings;
    }

    private static Check check(Finding f) {
        return CHECKS.stream().filter(c -> c.id() == f.check()).findFirst().orElseThrow();
    }
}
