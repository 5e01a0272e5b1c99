package itrova.core.work;

import static itrova.core.work.StepKind.ACTUATOR;
import static itrova.core.work.StepKind.ADJUST;
import static itrova.core.work.StepKind.ADJUST_DRUMS;
import static itrova.core.work.StepKind.ALIGNMENT;
import static itrova.core.work.StepKind.AXLE_NUT_LOOSE;
import static itrova.core.work.StepKind.AXLE_NUT_TIGHT;
import static itrova.core.work.StepKind.BACKING;
import static itrova.core.work.StepKind.BLEED;
import static itrova.core.work.StepKind.BOOSTER;
import static itrova.core.work.StepKind.BRACKET;
import static itrova.core.work.StepKind.BREAKAWAY;
import static itrova.core.work.StepKind.CALIPER;
import static itrova.core.work.StepKind.CAP;
import static itrova.core.work.StepKind.CLEAN;
import static itrova.core.work.StepKind.CLIP_IN;
import static itrova.core.work.StepKind.CLIP_OUT;
import static itrova.core.work.StepKind.COMPARE;
import static itrova.core.work.StepKind.COVER_OFF;
import static itrova.core.work.StepKind.CUPS;
import static itrova.core.work.StepKind.DISC;
import static itrova.core.work.StepKind.DISC_THICKNESS;
import static itrova.core.work.StepKind.DRIVE_OFF;
import static itrova.core.work.StepKind.DRIVE_ON;
import static itrova.core.work.StepKind.FLUID;
import static itrova.core.work.StepKind.GEAR_OIL;
import static itrova.core.work.StepKind.GREASE_THROUGH;
import static itrova.core.work.StepKind.HELD;
import static itrova.core.work.StepKind.HOSE;
import static itrova.core.work.StepKind.HUB_OFF;
import static itrova.core.work.StepKind.HUB_ON;
import static itrova.core.work.StepKind.KNUCKLE_SEALS;
import static itrova.core.work.StepKind.LIFT;
import static itrova.core.work.StepKind.LINES;
import static itrova.core.work.StepKind.MAKE_GOOD;
import static itrova.core.work.StepKind.MASTER;
import static itrova.core.work.StepKind.MASTER_BENCH;
import static itrova.core.work.StepKind.MOCKUP;
import static itrova.core.work.StepKind.NEUTRAL;
import static itrova.core.work.StepKind.OLD_SPINDLE_OFF;
import static itrova.core.work.StepKind.PACK;
import static itrova.core.work.StepKind.PAINT;
import static itrova.core.work.StepKind.PARK_LEVER;
import static itrova.core.work.StepKind.PARK_SHOES;
import static itrova.core.work.StepKind.PARK_TEST;
import static itrova.core.work.StepKind.PIN_IN;
import static itrova.core.work.StepKind.PIN_OUT;
import static itrova.core.work.StepKind.PLATE_CUT;
import static itrova.core.work.StepKind.PORTAL_SPACER;
import static itrova.core.work.StepKind.PRESS_OFF;
import static itrova.core.work.StepKind.PRESS_ON;
import static itrova.core.work.StepKind.PUSH_ROD;
import static itrova.core.work.StepKind.SEAL;
import static itrova.core.work.StepKind.SHAFT_IN;
import static itrova.core.work.StepKind.SHAFT_OUT;
import static itrova.core.work.StepKind.SPINDLE_NEW;
import static itrova.core.work.StepKind.SPINDLE_OFF;
import static itrova.core.work.StepKind.SPINDLE_ON;
import static itrova.core.work.StepKind.SQUARE;
import static itrova.core.work.StepKind.STRIP;
import static itrova.core.work.StepKind.TACK;
import static itrova.core.work.StepKind.VALVE;
import static itrova.core.work.StepKind.WELD;
import static itrova.core.work.StepKind.WHEEL_NUTS;
import static itrova.core.work.StepKind.WIRES;
import static itrova.core.work.StepName.of;

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
            draft.add(COVER_OFF, of(FLUID), of(NEUTRAL));
            draft.add(PIN_OUT, of(COVER_OFF));
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
            draft.add(AXLE_NUT_LOOSE);
        }
        draft.add(LIFT, of(AXLE_NUT_LOOSE));
        if (kind == AxleEndKind.TRAILER_SPINDLE) {
            draft.addAs(FLUID, WIRES, of(LIFT));
        } else {
            draft.add(FLUID, of(LIFT));
        }
        if (isRear()) {
            draft.add(NEUTRAL, of(LIFT));
        }
    }

    /** What is done once for the vehicle, with the axle that carries it. */
    private void vehicle() {
        if (planned.plans(PartSort.BOOSTER)) {
            draft.add(BOOSTER, of(FLUID));
        }
        if (planned.plans(PartSort.MASTER)) {
            draft.add(MASTER_BENCH);
            draft.add(MASTER, of(FLUID), of(BOOSTER), of(MASTER_BENCH));
            draft.add(PUSH_ROD, of(MASTER));
        }
        if (planned.plans(PartSort.VALVE) || planned.plans(PartSort.RESIDUAL_VALVE)) {
            draft.add(VALVE, of(FLUID));
        }
        if (planned.plans(PartSort.ACTUATOR)) {
            draft.add(ACTUATOR, of(FLUID));
        }
        if (planned.plans(PartSort.LINE) || planned.plans(PartSort.ADAPTER) || planned.plans(PartSort.ACTUATOR)) {
            draft.add(LINES, of(MASTER), of(VALVE), of(ACTUATOR), of(FLUID));
        }
        if (planned.plans(PartSort.ACTUATOR)) {
            draft.add(BREAKAWAY, of(ACTUATOR), of(LINES));
        }
    }

    private void takeApart(Side side) {
        planned.report().findings().stream()
                .filter(f -> f.side() == side && f.check() == CheckId.HUB_HELD)
                .forEach(f -> draft.add(side, HELD, List.of(f.explain().why()), of(FLUID)));
        StepName[] before = {of(FLUID), of(NEUTRAL), of(side, HELD)};
        draft.add(side, STRIP, before);
        switch (kind) {
            case FRONT_SPINDLE, TRAILER_SPINDLE -> draft.add(side, HUB_OFF, of(side, STRIP));
            case CLOSED_KNUCKLE -> {
                draft.add(side, DRIVE_OFF, of(side, STRIP));
                draft.add(side, HUB_OFF, of(side, DRIVE_OFF));
                draft.add(side, SPINDLE_OFF, of(side, HUB_OFF));
            }
            case REAR_LIVE_AXLE -> {
                if (isClipped()) {
                    draft.add(side, CLIP_OUT, of(side, STRIP), of(PIN_OUT));
                } else {
                    draft.add(side, SHAFT_OUT, of(side, STRIP));
                }
            }
            case PORTAL_HUB, REAR_UPRIGHT -> {
                // the drum comes off the flange, which stays
            }
        }
        if (bringsSpindle()) {
            draft.add(side, OLD_SPINDLE_OFF, of(side, STRIP), of(side, HUB_OFF));
        }
        if (isPressed() && !draft.kit().terms().reversible()) {
            draft.add(side, PLATE_CUT, of(side, SHAFT_OUT));
        } else {
            if (isPressed()) {
                draft.add(side, PRESS_OFF, of(side, SHAFT_OUT));
            }
            draft.add(
                    side,
                    BACKING,
                    of(side, STRIP),
                    of(side, HUB_OFF),
                    of(side, SPINDLE_OFF),
                    of(side, PRESS_OFF),
                    of(side, CLIP_OUT));
        }
        draft.add(
                side,
                CLEAN,
                of(side, BACKING),
                of(side, PLATE_CUT),
                of(side, PRESS_OFF),
                of(side, OLD_SPINDLE_OFF),
                of(side, SPINDLE_OFF));
        if (kind == AxleEndKind.CLOSED_KNUCKLE) {
            draft.add(side, KNUCKLE_SEALS, of(side, CLEAN));
        }
        if (bringsSpindle()) {
            draft.add(side, SPINDLE_NEW, of(side, CLEAN));
        }
        if (kind == AxleEndKind.PORTAL_HUB) {
            draft.add(side, PORTAL_SPACER, of(side, CLEAN));
        }
    }

    /** Nothing is cut, welded or painted before everything was together once. */
    private void tryOut(Side side) {
        Kit kit = draft.kit();
        draft.add(
                side,
                MOCKUP,
                List.of(
                        isWelded() ? Phrase.of("bench-plan.bracket-clamped-at-its-angle") : "",
                        kind.isSteered() ? Phrase.of("bench-plan.lock-lock") : ""),
                of(side, CLEAN),
                of(side, SPINDLE_NEW),
                of(side, KNUCKLE_SEALS),
                of(side, PORTAL_SPACER));
        for (Work work : planned.report().works()) {
            if (work.side() == side) {
                draft.add(work, of(side, MOCKUP));
            }
        }
        draft.add(side, MAKE_GOOD, draft.withWorks(side, of(side, MOCKUP)));
        if (kit.bracket().mount().way() == BracketMount.Way.WELD_ON) {
            draft.add(side, TACK, draft.withWorks(side, of(side, MOCKUP), of(side, MAKE_GOOD)));
            draft.add(side, SQUARE, of(side, TACK));
            draft.add(side, WELD, of(side, SQUARE));
        }
        draft.add(side, PAINT, of(side, MAKE_GOOD), of(side, WELD));
    }

    private void putTogether(Side side) {
        if (isPressed() && !draft.kit().terms().reversible()) {
            draft.add(side, BRACKET, of(side, PAINT));
            draft.add(side, SHAFT_IN, of(side, BRACKET));
        } else if (isPressed()) {
            draft.add(side, PRESS_ON, of(side, PAINT));
            draft.add(side, BRACKET, of(side, PRESS_ON), of(side, PAINT));
            draft.add(side, SHAFT_IN, of(side, PRESS_ON), of(side, BRACKET));
        } else {
            if (!isWelded()) {
                draft.add(side, BRACKET, of(side, PAINT));
            }
            if (isClipped()) {
                draft.add(side, CLIP_IN, of(side, BRACKET), of(side, PAINT));
            }
        }
        if (kind == AxleEndKind.CLOSED_KNUCKLE) {
            draft.add(side, SPINDLE_ON, of(side, BRACKET), of(side, PAINT), of(side, KNUCKLE_SEALS));
        }
        hub(side);
        if (planned.parking().filter(p -> p == Parking.DRUM_IN_HAT).isPresent()) {
            draft.add(side, PARK_SHOES, of(side, BRACKET), of(side, SHAFT_IN), of(side, CLIP_IN));
        }
        draft.add(side, DISC_THICKNESS, of(side, MAKE_GOOD));
        draft.add(
                side,
                DISC,
                of(side, DISC_THICKNESS),
                of(side, BRACKET),
                of(side, PAINT),
                of(side, SHAFT_IN),
                of(side, CLIP_IN),
                of(side, ADJUST),
                of(side, PARK_SHOES));
        draft.add(side, CALIPER, of(side, DISC));
        if (planned.parking()
                .filter(p -> p == Parking.LEVER_CALIPER || p == Parking.SPOT_CALIPER)
                .isPresent()) {
            draft.add(side, PARK_LEVER, of(side, CALIPER));
        }
        draft.add(side, HOSE, of(side, CALIPER));
    }

    /** The kit's own hub is built up anew; the old one goes back where only its drum came off. */
    private void hub(Side side) {
        boolean wasOff = kind == AxleEndKind.FRONT_SPINDLE
                || kind == AxleEndKind.TRAILER_SPINDLE
                || kind == AxleEndKind.CLOSED_KNUCKLE;
        if (bringsHub()) {
            draft.add(side, CUPS, of(side, MAKE_GOOD));
            draft.add(side, PACK, of(side, CUPS));
            draft.add(side, SEAL, of(side, PACK));
        } else if (wasOff) {
            draft.add(side, PACK, of(side, MAKE_GOOD));
            draft.add(side, SEAL, of(side, PACK));
        }
        if (bringsHub() || wasOff) {
            draft.add(
                    side,
                    HUB_ON,
                    of(side, SEAL),
                    of(side, BRACKET),
                    of(side, WELD),
                    of(side, PAINT),
                    of(side, SPINDLE_ON));
            draft.add(side, ADJUST, of(side, HUB_ON));
            draft.add(side, CAP, of(side, ADJUST));
            if (planned.form().greaseThrough()) {
                draft.add(side, GREASE_THROUGH, of(side, CAP));
            }
        }
        if (kind == AxleEndKind.CLOSED_KNUCKLE) {
            draft.add(side, DRIVE_ON, of(side, ADJUST), of(side, CAP));
        }
    }

    private void close() {
        StepName[] ends = Arrays.stream(Side.values())
                .flatMap(s -> Stream.of(HOSE, PARK_LEVER, CAP, GREASE_THROUGH, DRIVE_ON)
                        .map(key -> of(s, key)))
                .toArray(StepName[]::new);
        draft.add(COMPARE, ends);
        if (isClipped()) {
            draft.add(PIN_IN, of(Side.LEFT, CLIP_IN), of(Side.RIGHT, CLIP_IN));
            draft.add(GEAR_OIL, of(PIN_IN));
        }
        if (kind == AxleEndKind.CLOSED_KNUCKLE || kind == AxleEndKind.PORTAL_HUB) {
            draft.add(GEAR_OIL, of(COMPARE));
        }
        draft.add(WHEEL_NUTS, of(COMPARE), of(GEAR_OIL));
        if (kind == AxleEndKind.REAR_UPRIGHT) {
            draft.add(AXLE_NUT_TIGHT, of(WHEEL_NUTS));
        }
        if (bringsSpindle()) {
            draft.add(ALIGNMENT, of(WHEEL_NUTS));
        }
        if (planned.carriesVehicle() && planned.keepsDrums()) {
            draft.add(ADJUST_DRUMS);
        }
        draft.add(
                BLEED, of(COMPARE), of(WHEEL_NUTS), of(PUSH_ROD), of(VALVE), of(LINES), of(ACTUATOR), of(ADJUST_DRUMS));
        if (planned.parking()
                .filter(p -> p != Parking.NONE && p != Parking.NOT_LOOKED)
                .isPresent()) {
            draft.add(PARK_TEST, of(BLEED), of(WHEEL_NUTS));
        }
    }
}
