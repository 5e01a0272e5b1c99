package itrova.core.work;

import itrova.core.finding.CheckId;
import itrova.core.judge.KitReport;
import itrova.core.kit.Kit;
import itrova.core.remedy.Work;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchStep.Tighten;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The steps for one kit on one axle: prepare, then each side, then close.
 *
 * @param steps in order
 */
public record BenchPlan(List<BenchStep> steps) {
    public BenchPlan {
        steps = List.copyOf(steps);
    }

    /** The plan for a report's kit, with the work proven for it. */
    public static BenchPlan of(KitReport report, AxleEndKind kind) {
        Builder b = new Builder();
        b.add(
                "lift",
                "Lift and secure",
                "Chock the wheels that stay down. Lift by the frame or the axle, set stands at each corner, wheels off.",
                "Never rely on a hydraulic jack alone. Rock the vehicle on its stands before going under.",
                "");
        b.add(
                "fluid",
                kind == AxleEndKind.TRAILER_SPINDLE ? "Make wires and lines safe" : "Catch the fluid, cap the lines",
                kind == AxleEndKind.TRAILER_SPINDLE
                        ? "Disconnect the battery and the breakaway. Insulate the wires of the electric brakes."
                        : "Open the lines over a tray and cap them at once.",
                "Brake fluid attacks paint, skin and eyes. Never use it again.",
                "");
        for (Side side : Side.values()) {
            side(b, report, kind, side);
        }
        b.add(
                "compare",
                "Compare left and right",
                "Caliper position, gaps and torque marks are the same on both sides.",
                "",
                "Any difference is explained before going on.");
        b.add(
                "wheel-nuts",
                "Wheels on",
                "Wheels on, nuts by hand, then crosswise with the torque wrench, in two stages. Turn each wheel: nothing touches.",
                "Check the nuts again after the first drive and after 50 to 100 miles.",
                "Feeler between caliper and wheel all round: at least the gap the section shows.",
                torque(report.kit(), "wheel nut"));
        b.add(
                "bleed",
                "Bleed and test the pedal",
                "Bleed, then full pressure with dry paper at every fitting.",
                "Use paper, not a finger: a fine jet can pierce skin. Nothing moves on the road before the pedal is firm. Local rules and licensed inspection come first.",
                "Pedal firm and high, no leak.");
        return new BenchPlan(b.steps);
    }

    private static void side(Builder b, KitReport report, AxleEndKind kind, Side side) {
        String s = side.word();
        Kit kit = report.kit();
        report.findings().stream()
                .filter(f -> f.side() == side && f.check() == CheckId.HUB_HELD)
                .forEach(f -> b.add(
                        s + "-held",
                        "Hub, " + s,
                        f.explain().why(),
                        "Eye protection; stand aside of a puller under load.",
                        ""));
        b.add(
                s + "-strip",
                "Strip the drum, " + s,
                "Drum off, shoes and springs off, backing plate off. Keep and label all of it.",
                "Old linings may hold asbestos: no dry brushing, no compressed air, wear a respirator. Springs fly: eye protection.",
                "");
        b.add(
                s + "-clean",
                "Clean and inspect, " + s,
                "Clean register, flange and bolt holes to metal. Look for cracks, burrs and worn journals.",
                "",
                "Register and flange without burrs.");
        for (Work work : report.works()) {
            if (work.side() == side) {
                b.add(
                        s + "-work-"
                                + work.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        work.kind().title() + ", " + s,
                        work.sentence(),
                        work.kind().caution(),
                        work.kind().hold());
            }
        }
        b.add(
                s + "-mockup",
                "Mock up, " + s,
                "Bracket, disc and caliper on with temporary nuts, no grease. Wheel on. Turn it, "
                        + (kind.isSteered() ? "lock to lock, " : "") + "slide the caliper both ways.",
                "Before modifying or painting anything.",
                "Nothing touches; the disc sits flat on the hub.");
        b.add(
                s + "-bracket",
                "Bracket, " + s,
                "Bolt the bracket on, crosswise, threadlocker as the bolt calls for.",
                "",
                "Bracket square to the face.",
                torque(kit, "bracket bolt"));
        b.add(
                s + "-disc",
                "Disc, " + s,
                "Clean the film off with solvent, no fingerprints. Arrow or vanes as the papers say. Hold it with two nuts.",
                "Solvent: gloves, air, no flame.",
                "Run-out read with all nuts on and torqued.");
        b.add(
                s + "-caliper",
                "Caliper, " + s,
                "Pads in, caliper on, centred over the disc with the same shims on both bolts.",
                "Never press the pedal with nothing between the pads.",
                "Bleed nipple is the highest point.",
                torque(kit, "caliper bolt"));
        b.add(
                s + "-hose",
                "Hose, " + s,
                "Hose with new copper washers, one each side of the fitting. Route it clear of wheel and frame.",
                "",
                "Not stretched, not rubbing at full travel.",
                torque(kit, "banjo bolt"));
    }

    private static Optional<Tighten> torque(Kit kit, String fastener) {
        return kit.torques().stream()
                .filter(t -> t.fastener().toLowerCase(Locale.ROOT).contains(fastener))
                .findFirst()
                .map(t -> new Tighten(t.torque(), kit.threadFor(t)));
    }

    private static final class Builder {
        private final List<BenchStep> steps = new ArrayList<>();

        void add(String id, String title, String text, String caution, String hold) {
            add(id, title, text, caution, hold, Optional.empty());
        }

        void add(String id, String title, String text, String caution, String hold, Optional<Tighten> torque) {
            steps.add(new BenchStep(id, title, text, caution, hold, torque));
        }
    }
}
