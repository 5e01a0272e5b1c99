package itrova.core.fit;

import java.util.ArrayList;
import java.util.List;

/** All checks, in the order of the trade's list. */
final class Checks {
    /** Worked out for every kit. */
    static final List<Check> QUICK = List.of(
            new PatternCheck(),
            new StudHoleCheck(),
            new NutEngagementCheck(),
            new NutSeatCheck(),
            new RegisterCheck(),
            new WheelCentringCheck(),
            new HatFlangeCheck(),
            new BracketCheck(),
            new BracketLoadCheck(),
            new HousingStackCheck(),
            new AxleOffsetCheck(),
            new BearingCheck(),
            new DriveCheck(),
            new HubHeldCheck(),
            new JointsCheck(),
            new DonorCheck(),
            new NeedsCheck(),
            new PressureCheck(),
            new ToneRingCheck(),
            new DiscInWheelCheck(),
            WheelClearanceCheck.barrel(),
            WheelClearanceCheck.spokes(),
            new ValveCheck(),
            new HubCapCheck(),
            new InboardCheck(),
            new TyreRoomCheck(),
            new NippleCheck(),
            new HandedCheck(),
            new LoadCheck(),
            new RatingsCheck(),
            new ReversibleCheck(),
            new ContentsCheck());

    /** What rules most kits of a large catalogue out, and costs least. */
    static final List<Check> NARROWING =
            List.of(new PatternCheck(), new BracketCheck(), new LoadCheck(), new AxleOffsetCheck());

    /** The quick ones that decide a kit's verdict. */
    static final List<Check> CRITICAL =
            QUICK.stream().filter(c -> c.id().isCritical()).toList();

    /** Dear ones, most of all lock to lock and over the travel: for kits that nothing quicker rules out. */
    private static final List<Check> DEAR = List.of(new SpareCheck(), new SweepCheck(), new HoseCheck());

    static final List<Check> ALL = all();

    private Checks() {}

    private static List<Check> all() {
        List<Check> all = new ArrayList<>(QUICK);
        all.addAll(DEAR);
        all.sort(java.util.Comparator.comparing(Check::id));
        return List.copyOf(all);
    }

    static Check of(CheckId id) {
        return ALL.stream().filter(c -> c.id() == id).findFirst().orElseThrow();
    }

    static List<Finding> judge(List<Check> checks, FitCase c) {
        List<Finding> findings = new ArrayList<>(checks.size());
        for (Check check : checks) {
            if (check.appliesTo(c)) {
                findings.add(check.judge(c));
            }
        }
        return findings;
    }
}
