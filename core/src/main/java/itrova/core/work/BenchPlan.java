package itrova.core.work;

import itrova.core.finding.CheckId;
import itrova.core.judge.KitReport;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Kit;
import itrova.core.kit.TorqueSpec;
import itrova.core.phrase.Phrase;
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
                Phrase.of("bench-plan.chock-wheels-that-stay-down"),
                "Never rely on a hydraulic jack alone. Rock the vehicle on its stands before going under.",
                "");
        b.add(
                "fluid",
                kind == AxleEndKind.TRAILER_SPINDLE ? "Make wires and lines safe" : "Catch the fluid, cap the lines",
                kind == AxleEndKind.TRAILER_SPINDLE
                        ? Phrase.of("bench-plan.disconnect-battery-and-breakaway-insulate")
                        : Phrase.of("bench-plan.open-lines-over-tray-and"),
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
                Phrase.of("bench-plan.caliper-position-gaps-and-torque"),
                "",
                "Any difference is explained before going on.");
        b.add(
                "wheel-nuts",
                "Wheels on",
                Phrase.of("bench-plan.wheels-on-nuts-by-hand"),
                "Check the nuts again after the first drive and after 50 to 100 miles.",
                "Feeler between caliper and wheel all round: at least the gap the section shows.",
                torque(report.kit(), TorqueSpec.Place.WHEEL_NUT));
        b.add(
                "bleed",
                "Bleed and test the pedal",
                Phrase.of("bench-plan.bleed-then-full-pressure-with"),
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
                Phrase.of("bench-plan.drum-off-shoes-and-springs"),
                "Old linings may hold asbestos: no dry brushing, no compressed air, wear a respirator. Springs fly: eye protection.",
                "");
        b.add(
                s + "-clean",
                "Clean and inspect, " + s,
                Phrase.of("bench-plan.clean-register-flange-and-bolt"),
                "",
                "Register and flange without burrs.");
        b.add(
                s + "-mockup",
                "Mock up, " + s,
                Phrase.of(
                        "bench-plan.bracket-disc-and-caliper-on",
                        (isWelded(kit) ? Phrase.of("bench-plan.bracket-clamped-at-its-angle") : ""),
                        (kind.isSteered() ? Phrase.of("bench-plan.lock-lock") : "")),
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
                Phrase.of("bench-plan.clean-film-off-with-solvent"),
                "Solvent: gloves, air, no flame.",
                "Run-out read with all nuts on and torqued.");
        b.add(
                s + "-caliper",
                "Caliper, " + s,
                Phrase.of("bench-plan.pads-in-caliper-on-centred"),
                "Never press the pedal with nothing between the pads.",
                "Bleed nipple is the highest point.",
                torque(kit, TorqueSpec.Place.CALIPER_BOLT));
        b.add(
                s + "-hose",
                "Hose, " + s,
                Phrase.of("bench-plan.hose-with-new-copper-washers"),
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
                    Phrase.of("bench-plan.bolt-bracket-on-crosswise-threadlocker"),
                    "",
                    "Bracket square to the face.",
                    torque(kit, TorqueSpec.Place.BRACKET_BOLT));
            return;
        }
        b.add(
                s + "-tack",
                "Tack the bracket, " + s,
                Phrase.of("bench-plan.paint-and-coating-ground-off"),
                "Qualified welder only. No chlorinated cleaner near (its fumes under an arc are deadly), earth clamp beside the weld and never through bearings, away from fuel.",
                "Angle read left and right, bracket square to the tube.");
        b.add(
                s + "-weld",
                "Weld the bracket, " + s,
                Phrase.of("bench-plan.strip-caliper-disc-and-hub"),
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

        void add(String id, String title, Phrase text, String caution, String hold) {
            add(id, title, text, caution, hold, Optional.empty());
        }

        void add(String id, String title, Phrase text, String caution, String hold, Optional<Tighten> torque) {
            steps.add(new BenchStep(id, title, text, caution, hold, torque, before));
            before = List.of(id);
        }
    }
}
