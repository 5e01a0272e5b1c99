package itrova.core.work;

import static itrova.core.work.Draft.of;

import itrova.core.brakes.BrakeCircuit.Parking;
import itrova.core.finding.CheckId;
import itrova.core.kit.BracketMount;
import itrova.core.kit.Kit;
import itrova.core.part.PartSort;
import itrova.core.phrase.Phrase;
import itrova.core.remedy.Work;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * The rules a plan is made by: what each kind of axle end, bracket, hub and circuit adds, and what it waits for. Common practice, as the
 * table of steps tells.
 */
final class PlanRules {
    private final Draft draft;
    private final PlanCase planned;
    private final AxleEndKind kind;

    private PlanRules(Draft draft) {
        this.draft = draft;
        this.planned = draft.planned();
        this.kind = planned.form().kind();
    }

    static void plan(Draft draft) {
        PlanRules rules = new PlanRules(draft);
        rules.prepare();
        rules.vehicle();
        if (rules.isClipped()) {
            draft.add("cover-off", "fluid", "neutral");
            draft.add("pin-out", "cover-off");
        }
        for (Side side : Side.values()) {
            rules.takeApart(side);
            rules.tryOut(side);
            rules.putTogether(side);
        }
        rules.close();
    }

    private boolean isRear() {
        return kind == AxleEndKind.REAR_LIVE_AXLE || kind == AxleEndKind.REAR_UPRIGHT;
    }

    private boolean isClipped() {
        return kind == AxleEndKind.REAR_LIVE_AXLE && planned.form().retention() == Retention.C_CLIP;
    }

    private boolean isPressed() {
        return kind == AxleEndKind.REAR_LIVE_AXLE && !isClipped();
    }

    private boolean bringsHub() {
        return draft.kit().fitting().hub().isPresent();
    }

    private boolean bringsSpindle() {
        return draft.kit().fitting().spindle().isPresent();
    }

    private boolean isWelded() {
        return draft.kit().bracket().mount().way() == BracketMount.Way.WELD_ON;
    }

    private void prepare() {
        if (kind == AxleEndKind.REAR_UPRIGHT) {
            draft.add("axle-nut-loose");
        }
        draft.add("lift", "axle-nut-loose");
        if (kind == AxleEndKind.TRAILER_SPINDLE) {
            draft.addAs("fluid", "wires", "lift");
        } else {
            draft.add("fluid", "lift");
        }
        if (isRear()) {
            draft.add("neutral", "lift");
        }
    }

    /** What is done once for the vehicle, with the axle that carries it. */
    private void vehicle() {
        if (planned.plans(PartSort.BOOSTER)) {
            draft.add("booster", "fluid");
        }
        if (planned.plans(PartSort.MASTER)) {
            draft.add("master-bench");
            draft.add("master", "fluid", "booster", "master-bench");
            draft.add("push-rod", "master");
        }
        if (planned.plans(PartSort.VALVE) || planned.plans(PartSort.RESIDUAL_VALVE)) {
            draft.add("valve", "fluid");
        }
        if (planned.plans(PartSort.ACTUATOR)) {
            draft.add("actuator", "fluid");
        }
        if (planned.plans(PartSort.LINE) || planned.plans(PartSort.ADAPTER) || planned.plans(PartSort.ACTUATOR)) {
            draft.add("lines", "master", "valve", "actuator", "fluid");
        }
        if (planned.plans(PartSort.ACTUATOR)) {
            draft.add("breakaway", "actuator", "lines");
        }
    }

    private void takeApart(Side side) {
        planned.report().findings().stream()
                .filter(f -> f.side() == side && f.check() == CheckId.HUB_HELD)
                .forEach(f -> draft.add(side, "held", List.of(f.explain().why()), "fluid"));
        String[] before = {"fluid", "neutral", of(side, "held")};
        draft.add(side, "strip", before);
        switch (kind) {
            case FRONT_SPINDLE, TRAILER_SPINDLE -> draft.add(side, "hub-off", of(side, "strip"));
            case CLOSED_KNUCKLE -> {
                draft.add(side, "drive-off", of(side, "strip"));
                draft.add(side, "hub-off", of(side, "drive-off"));
                draft.add(side, "spindle-off", of(side, "hub-off"));
            }
            case REAR_LIVE_AXLE -> {
                if (isClipped()) {
                    draft.add(side, "clip-out", of(side, "strip"), "pin-out");
                } else {
                    draft.add(side, "shaft-out", of(side, "strip"));
                }
            }
            case PORTAL_HUB, REAR_UPRIGHT -> {
                // the drum comes off the flange, which stays
            }
        }
        if (bringsSpindle()) {
            draft.add(side, "old-spindle-off", of(side, "strip"), of(side, "hub-off"));
        }
        if (isPressed() && !draft.kit().terms().reversible()) {
            draft.add(side, "plate-cut", of(side, "shaft-out"));
        } else {
            if (isPressed()) {
                draft.add(side, "press-off", of(side, "shaft-out"));
            }
            draft.add(
                    side,
                    "backing",
                    of(side, "strip"),
                    of(side, "hub-off"),
                    of(side, "spindle-off"),
                    of(side, "press-off"),
                    of(side, "clip-out"));
        }
        draft.add(
                side,
                "clean",
                of(side, "backing"),
                of(side, "plate-cut"),
                of(side, "press-off"),
                of(side, "old-spindle-off"),
                of(side, "spindle-off"));
        if (kind == AxleEndKind.CLOSED_KNUCKLE) {
            draft.add(side, "knuckle-seals", of(side, "clean"));
        }
        if (bringsSpindle()) {
            draft.add(side, "spindle-new", of(side, "clean"));
        }
        if (kind == AxleEndKind.PORTAL_HUB) {
            draft.add(side, "portal-spacer", of(side, "clean"));
        }
    }

    /** Nothing is cut, welded or painted before everything was together once. */
    private void tryOut(Side side) {
        Kit kit = draft.kit();
        draft.add(
                side,
                "mockup",
                List.of(
                        isWelded() ? Phrase.of("bench-plan.bracket-clamped-at-its-angle") : "",
                        kind.isSteered() ? Phrase.of("bench-plan.lock-lock") : ""),
                of(side, "clean"),
                of(side, "spindle-new"),
                of(side, "knuckle-seals"),
                of(side, "portal-spacer"));
        for (Work work : planned.report().works()) {
            if (work.side() == side) {
                draft.add(work, of(side, "mockup"));
            }
        }
        draft.add(side, "make-good", of(side, "mockup"), of(side, "work-*"));
        if (kit.bracket().mount().way() == BracketMount.Way.WELD_ON) {
            draft.add(side, "tack", of(side, "mockup"), of(side, "work-*"), of(side, "make-good"));
            draft.add(side, "square", of(side, "tack"));
            draft.add(side, "weld", of(side, "square"));
        }
        draft.add(side, "paint", of(side, "make-good"), of(side, "weld"));
    }

    private void putTogether(Side side) {
        if (isPressed() && !draft.kit().terms().reversible()) {
            draft.add(side, "bracket", of(side, "paint"));
            draft.add(side, "shaft-in", of(side, "bracket"));
        } else if (isPressed()) {
            draft.add(side, "press-on", of(side, "paint"));
            draft.add(side, "bracket", of(side, "press-on"), of(side, "paint"));
            draft.add(side, "shaft-in", of(side, "press-on"), of(side, "bracket"));
        } else {
            if (!isWelded()) {
                draft.add(side, "bracket", of(side, "paint"));
            }
            if (isClipped()) {
                draft.add(side, "clip-in", of(side, "bracket"), of(side, "paint"));
            }
        }
        if (kind == AxleEndKind.CLOSED_KNUCKLE) {
            draft.add(side, "spindle-on", of(side, "bracket"), of(side, "paint"), of(side, "knuckle-seals"));
        }
        hub(side);
        if (planned.parking().filter(p -> p == Parking.DRUM_IN_HAT).isPresent()) {
            draft.add(side, "park-shoes", of(side, "bracket"), of(side, "shaft-in"), of(side, "clip-in"));
        }
        draft.add(side, "disc-thickness", of(side, "make-good"));
        draft.add(
                side,
                "disc",
                of(side, "disc-thickness"),
                of(side, "bracket"),
                of(side, "paint"),
                of(side, "shaft-in"),
                of(side, "clip-in"),
                of(side, "adjust"),
                of(side, "park-shoes"));
        draft.add(side, "caliper", of(side, "disc"));
        if (planned.parking()
                .filter(p -> p == Parking.LEVER_CALIPER || p == Parking.SPOT_CALIPER)
                .isPresent()) {
            draft.add(side, "park-lever", of(side, "caliper"));
        }
        draft.add(side, "hose", of(side, "caliper"));
    }

    /** The kit's own hub is built up anew; the old one goes back where only its drum came off. */
    private void hub(Side side) {
        boolean wasOff = kind == AxleEndKind.FRONT_SPINDLE
                || kind == AxleEndKind.TRAILER_SPINDLE
                || kind == AxleEndKind.CLOSED_KNUCKLE;
        if (bringsHub()) {
            draft.add(side, "cups", of(side, "make-good"));
            draft.add(side, "pack", of(side, "cups"));
            draft.add(side, "seal", of(side, "pack"));
        } else if (wasOff) {
            draft.add(side, "pack", of(side, "make-good"));
            draft.add(side, "seal", of(side, "pack"));
        }
        if (bringsHub() || wasOff) {
            draft.add(
                    side,
                    "hub-on",
                    of(side, "seal"),
                    of(side, "bracket"),
                    of(side, "weld"),
                    of(side, "paint"),
                    of(side, "spindle-on"));
            draft.add(side, "adjust", of(side, "hub-on"));
            draft.add(side, "cap", of(side, "adjust"));
            if (planned.form().greaseThrough()) {
                draft.add(side, "grease-through", of(side, "cap"));
            }
        }
        if (kind == AxleEndKind.CLOSED_KNUCKLE) {
            draft.add(side, "drive-on", of(side, "adjust"), of(side, "cap"));
        }
    }

    private void close() {
        String[] ends = Arrays.stream(Side.values())
                .flatMap(s -> Stream.of("hose", "park-lever", "cap", "grease-through", "drive-on")
                        .map(key -> of(s, key)))
                .toArray(String[]::new);
        draft.add("compare", ends);
        if (isClipped()) {
            draft.add("pin-in", of(Side.LEFT, "clip-in"), of(Side.RIGHT, "clip-in"));
            draft.add("gear-oil", "pin-in");
        }
        if (kind == AxleEndKind.CLOSED_KNUCKLE || kind == AxleEndKind.PORTAL_HUB) {
            draft.add("gear-oil", "compare");
        }
        draft.add("wheel-nuts", "compare", "gear-oil");
        if (kind == AxleEndKind.REAR_UPRIGHT) {
            draft.add("axle-nut-tight", "wheel-nuts");
        }
        if (bringsSpindle()) {
            draft.add("alignment", "wheel-nuts");
        }
        if (planned.carriesVehicle() && planned.keepsDrums()) {
            draft.add("adjust-drums");
        }
        draft.add("bleed", "compare", "wheel-nuts", "push-rod", "valve", "lines", "actuator", "adjust-drums");
        if (planned.parking()
                .filter(p -> p != Parking.NONE && p != Parking.NOT_LOOKED)
                .isPresent()) {
            draft.add("park-test", "bleed", "wheel-nuts");
        }
    }
}
