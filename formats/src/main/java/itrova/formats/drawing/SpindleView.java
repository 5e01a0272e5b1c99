package itrova.formats.drawing;

import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.formats.drawing.Sheet.Style;
import java.util.List;

/** A bare spindle behind its bracket face: journals, seal land, thread and nut, and what the knuckle or axle beam looks like. */
final class SpindleView {
    private static final double WIDTH = 360;
    private static final double HEIGHT = 178;
    private static final double FACE_X = 82;
    private static final double FACE_Y = 92;
    private static final double BRACKET_FACE = 208;
    private static final double AXIS = 160;
    /** Widths drawn for what is not measured (mm). */
    private static final double INNER_WIDTH = 22;

    private static final double OUTER_WIDTH = 17;
    private static final double THREAD = 22;

    private SpindleView() {}

    static Sheet draw(Pencil p, List<Callout> wanted) {
        BracketFace.draw(p, FACE_X, FACE_Y, p.size(Callout.SEAL_JOURNAL) / 2);
        p.at(BRACKET_FACE, AXIS);
        p.line(Style.CENTRE, true, -70, 0, 150, 0);
        behind(p);
        double tip = spindle(p);
        nut(p, tip);
        rib(p);
        hubFace(p);
        p.note(BRACKET_FACE - 62, AXIS + 12, "inboard");
        p.note(BRACKET_FACE + 110, AXIS + 12, "outboard");
        p.touch(Callout.LINE_LENGTH, -50, 20);
        return p.sheet(
                Sheet.View.INNER,
                p.end().kind() == AxleEndKind.CLOSED_KNUCKLE ? "Knuckle and spindle" : "Spindle",
                WIDTH,
                HEIGHT,
                wanted);
    }

    /** Knuckle, ball or axle beam inboard of the bracket face, with a bolt hole. */
    private static void behind(Pencil p) {
        double hole = p.size(Callout.BRACKET_HOLE) / 2;
        double radius = BracketFace.radius(p);
        double seal = p.size(Callout.SEAL_JOURNAL) / 2;
        double plate = radius + hole + 8;
        boolean holeKnown = p.has(Callout.BRACKET_HOLE);
        p.area(Style.CUT, true, -14, 0, -14, plate, 0, plate, 0, 0);
        p.box(Style.VOID, holeKnown, -14, radius - hole, 0, radius + hole);
        p.line(Style.CENTRE, true, -22, radius, 8, radius);
        switch (p.end().kind()) {
            case TRAILER_SPINDLE -> p.box(Style.CUT, true, -66, 0, -14, Math.max(20, seal + 4));
            case CLOSED_KNUCKLE -> {
                double ball = p.size(Callout.SWIVEL_BALL) / 2;
                boolean known = p.has(Callout.SWIVEL_BALL);
                double top = Math.min(ball, 92);
                p.arc(Style.PART, known, -14 - ball + Math.sqrt(ball * ball - top * top), top, ball, -14, 1);
                p.line(Style.PART, known, -14 - ball + Math.sqrt(ball * ball - top * top), top, -66, top);
                p.touch(Callout.SWIVEL_BALL, -14 - ball + Math.sqrt(ball * ball - 60 * 60), 60);
            }
            default -> p.area(Style.CUT, true, -14, 0, -14, seal + 14, -34, seal + 22, -52, seal + 8, -52, 0);
        }
    }

    /** The spindle itself; returns where its thread ends. */
    private static double spindle(Pencil p) {
        double sealStart = p.size(Callout.SEAL_START);
        double shoulder = p.size(Callout.SHOULDER);
        double seal = p.size(Callout.SEAL_JOURNAL) / 2;
        double inner = p.size(Callout.INNER_JOURNAL) / 2;
        double outer = p.size(Callout.OUTER_JOURNAL) / 2;
        double innerEnd = shoulder + INNER_WIDTH;
        double outerStart = Math.max(innerEnd + 6, shoulder + p.size(Callout.BEARING_SPREAD));
        double outerEnd = outerStart + OUTER_WIDTH;
        double tip = outerEnd + THREAD;
        double thread = outer * 0.86;
        double root = Math.max(seal + 4, inner + 4);
        p.box(Style.CUT, true, 0, 0, sealStart, root);
        p.box(Style.CUT, p.has(Callout.SEAL_JOURNAL), sealStart, 0, shoulder, seal);
        p.box(Style.CUT, p.has(Callout.INNER_JOURNAL), shoulder, 0, innerEnd, inner);
        p.area(Style.CUT, true, innerEnd, 0, innerEnd, inner - 1, outerStart, outer + 1, outerStart, 0);
        p.box(Style.CUT, p.has(Callout.OUTER_JOURNAL), outerStart, 0, outerEnd, outer);
        p.box(Style.CUT, p.has(Callout.SPINDLE_THREAD), outerEnd, 0, tip, thread);
        if (p.end().form().greaseThrough()) {
            p.box(Style.VOID, true, -60, 0, tip, 3);
        }
        touches(p, sealStart, shoulder, innerEnd, outerStart, outerEnd, tip);
        return tip;
    }

    private static void touches(
            Pencil p,
            double sealStart,
            double shoulder,
            double innerEnd,
            double outerStart,
            double outerEnd,
            double tip) {
        double seal = p.size(Callout.SEAL_JOURNAL) / 2;
        double inner = p.size(Callout.INNER_JOURNAL) / 2;
        double outer = p.size(Callout.OUTER_JOURNAL) / 2;
        double innerMiddle = (shoulder + innerEnd) / 2;
        double outerMiddle = (outerStart + outerEnd) / 2;
        p.touch(Callout.SEAL_START, sealStart, seal + 3);
        p.dimension(Callout.SEAL_START, 0, seal + 10, sealStart, seal + 10);
        p.touch(Callout.SHOULDER, shoulder, seal);
        p.dimension(Callout.SHOULDER, 0, seal + 18, shoulder, seal + 18);
        p.touch(Callout.SEAL_JOURNAL, (sealStart + shoulder) / 2, seal);
        p.dimension(Callout.SEAL_JOURNAL, (sealStart + shoulder) / 2, 0, (sealStart + shoulder) / 2, seal);
        p.touch(Callout.INNER_JOURNAL, innerMiddle, inner);
        p.dimension(Callout.INNER_JOURNAL, innerMiddle, 0, innerMiddle, inner);
        p.touch(Callout.INNER_NUMBER, innerMiddle + 6, inner + 9);
        p.box(Style.THIN, p.has(Callout.INNER_NUMBER), shoulder, inner, innerEnd, inner + 13);
        p.touch(Callout.OUTER_JOURNAL, outerMiddle, outer);
        p.dimension(Callout.OUTER_JOURNAL, outerMiddle, 0, outerMiddle, outer);
        p.touch(Callout.OUTER_NUMBER, outerMiddle + 4, outer + 8);
        p.box(Style.THIN, p.has(Callout.OUTER_NUMBER), outerStart, outer, outerEnd, outer + 11);
        p.touch(Callout.SPINDLE_THREAD, tip - 4, outer * 0.6);
        p.touch(Callout.BEARING_SPREAD, (innerEnd + outerStart) / 2, 6);
        p.dimension(Callout.BEARING_SPREAD, shoulder, 6, outerStart, 6);
        p.touch(Callout.DRIVE_STYLE, tip + 10, 10);
    }

    private static void nut(Pencil p, double tip) {
        double outer = p.size(Callout.OUTER_JOURNAL) / 2;
        double start = tip - THREAD + 1;
        switch (p.end().form().nut()) {
            case CASTLE -> {
                p.box(Style.SOLID, true, start, 0, start + 11, outer + 6);
                p.box(Style.VOID, true, start + 6, outer - 1, start + 9, outer + 7);
            }
            case TANGED_WASHER -> {
                p.box(Style.SOLID, true, start, 0, start + 7, outer + 7);
                p.box(Style.SOLID, true, start + 7, 0, start + 9, outer + 10);
                p.box(Style.SOLID, true, start + 9, 0, start + 16, outer + 7);
            }
            case PIN_AND_RING -> {
                p.box(Style.SOLID, true, start, 0, start + 8, outer + 7);
                p.box(Style.SOLID, true, start + 8, 0, start + 11, outer + 8);
                p.box(Style.SOLID, true, start + 5, outer + 2, start + 13, outer + 4);
                p.box(Style.SOLID, true, start + 13, 0, start + 19, outer + 7);
            }
        }
        p.note(p.x(start) - 58, p.y(outer + 30), p.end().form().nut().word());
    }

    /** The hub's mounting face, where disc and wheel will sit. */
    private static void hubFace(Pencil p) {
        double face = p.size(Callout.HUB_FACE);
        double inner = p.size(Callout.SEAL_JOURNAL) / 2 + 34;
        p.line(Style.PART, p.has(Callout.HUB_FACE), face, inner, face, inner + 42);
        p.touch(Callout.HUB_FACE, face, inner + 34);
        p.dimension(Callout.HUB_FACE, 0, inner + 30, face, inner + 30);
    }

    private static void rib(Pencil p) {
        if (!p.end().kind().isSteered()) {
            return;
        }
        double height = p.size(Callout.KNUCKLE_RIB);
        double radius = p.size(Callout.KNUCKLE_RIB_RADIUS);
        boolean known = p.has(Callout.KNUCKLE_RIB, Callout.KNUCKLE_RIB_RADIUS);
        p.area(
                Style.CUT,
                known,
                -14,
                radius - 7,
                height - 3,
                radius - 6,
                height,
                radius,
                height - 3,
                radius + 6,
                -14,
                radius + 7);
        p.touch(Callout.KNUCKLE_RIB, height, radius);
        p.dimension(Callout.KNUCKLE_RIB, 0, radius + 10, height, radius + 10);
        p.touch(Callout.KNUCKLE_RIB_RADIUS, height / 2, radius - 5);
        p.dimension(Callout.KNUCKLE_RIB_RADIUS, height + 4, 0, height + 4, radius);
    }
}
