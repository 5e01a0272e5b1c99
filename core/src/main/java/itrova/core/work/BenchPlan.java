package itrova.core.work;

import itrova.core.finding.CheckId;
import itrova.core.judge.KitReport;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Kit;
import itrova.core.kit.TorqueSpec;
import itrova.core.remedy.Work;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Side;
import itrova.core.work.BenchStep.Tighten;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * The steps for one kit on one axle: prepare, then each side, then close.
 *
 * @param steps in order
 */
public record BenchPlan(List<BenchStep> steps) {
    public BenchPlan {
        steps = List.copyOf(steps);
    }

    /** A step by its id. */
    public Optional<BenchStep> step(String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The steps that must be done before one and are not. */
    public List<BenchStep> open(BenchStep step, Set<String> done) {
        return step.after().stream()
                .filter(id -> !done.contains(id))
                .flatMap(id -> step(id).stream())
                .toList();
    }

    /** The steps that are done and come after one: it cannot be undone before they are. */
    public List<BenchStep> resting(BenchStep step, Set<String> done) {
        return steps.stream()
                .filter(s -> s.after().contains(step.id()) && done.contains(s.id()))
                .toList();
    }

    /** The plan for a report's kit, with the work proven for it. */
    public static BenchPlan of(KitReport report, AxleEndKind kind) {
        Builder b = new Builder();
        b.after();
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
        List<String> ends = new ArrayList<>();
        for (Side side : Side.values()) {
            b.after("fluid");
            side(b, report, kind, side);
            ends.add(b.last());
        }
        b.after(ends.toArray(String[]::new));
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
                torque(report.kit(), TorqueSpec.Place.WHEEL_NUT));
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
        b.add(
                s + "-mockup",
                "Mock up, " + s,
                "Bracket, disc and caliper on with temporary nuts, no grease"
                        + (isWelded(kit) ? ", the bracket clamped at its angle" : "") + ". Wheel on. Turn it, "
                        + (kind.isSteered() ? "lock to lock, " : "") + "slide the caliper both ways.",
                "Before cutting, welding or painting anything: what does not go together now is not mended by going on.",
                "Nothing touches beyond what the planned work takes away.");
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
        bracket(b, kit, s);
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
                torque(kit, TorqueSpec.Place.CALIPER_BOLT));
        b.add(
                s + "-hose",
                "Hose, " + s,
                "Hose with new copper washers, one each side of the fitting. Route it clear of wheel and frame.",
                "",
                "Not stretched, not rubbing at full travel.",
                torque(kit, TorqueSpec.Place.BANJO_BOLT));
    }

    private static boolean isWelded(Kit kit) {
        return kit.bracket().mount().way() == BracketMount.Way.WELD_ON;
    }

    private static void bracket(Builder b, Kit kit, String s) {
        if (!isWelded(kit)) {
            b.add(
                    s + "-bracket",
                    "Bracket, " + s,
                    "Bolt the bracket on, crosswise, threadlocker as the bolt calls for.",
                    "",
                    "Bracket square to the face.",
                    torque(kit, TorqueSpec.Place.BRACKET_BOLT));
            return;
        }
        b.add(
                s + "-tack",
                "Tack the bracket, " + s,
                "Paint and coating ground off to bare metal, zinc too. Equal shims both sides, caliper slid to its middle, pistons home, then tack. The clock angle is the same left and right to a tenth of a degree.",
                "Qualified welder only. No chlorinated cleaner near (its fumes under an arc are deadly), earth clamp beside the weld and never through bearings, away from fuel.",
                "Angle read left and right, bracket square to the tube.");
        b.add(
                s + "-weld",
                "Weld the bracket, " + s,
                "Strip caliper, disc and hub off again, then have it welded in passes, cooling between them so that the tube stays straight. Paint only after it has been looked at.",
                "Qualified welder only; local rules may want an inspection. Nobody rides on a weld that was not looked at.",
                "Weld looked at and signed for by whoever welded it; tube straight.");
    }

    private static Optional<Tighten> torque(Kit kit, TorqueSpec.Place place) {
        return kit.torques().stream()
                .filter(t -> t.place() == place)
                .findFirst()
                .map(t -> new Tighten(t.torque(), kit.threadFor(t)));
    }

    /** Each step comes after the one added before it, unless said otherwise. */
    private static final class Builder {
        private final List<BenchStep> steps = new ArrayList<>();
        private List<String> before = List.of();

        void after(String... ids) {
            before = List.of(ids);
        }

        String last() {
            return before.get(0);
        }

        void add(String id, String title, String text, String caution, String hold) {
            add(id, title, text, caution, hold, Optional.empty());
        }

        void add(String id, String title, String text, String caution, String hold, Optional<Tighten> torque) {
            steps.add(new BenchStep(id, title, text, caution, hold, torque, before));
            before = List.of(id);
        }
    }
}
