package itrova.formats.drawing;

import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.formats.drawing.Sheet.Style;
import java.util.List;

/** What lies behind the hub of a portal axle or an independent rear upright. */
final class CastingView {
    private static final double WIDTH = 340;
    private static final double HEIGHT = 196;
    private static final double FACE_X = 82;
    private static final double FACE_Y = 98;
    private static final double MOUNTING_FACE = 276;
    private static final double AXIS = 174;

    private CastingView() {}

    static Sheet draw(Pencil p, List<Callout> wanted) {
        boolean portal = p.end().kind() == AxleEndKind.PORTAL_HUB;
        BracketFace.draw(p, FACE_X, FACE_Y, 26);
        p.at(MOUNTING_FACE, AXIS);
        p.line(Style.CENTRE, true, -120, 0, 45, 0);
        double register = p.size(Callout.REGISTER) / 2;
        double flange = p.size(Callout.FLANGE) / 2;
        p.area(Style.CUT, p.has(Callout.FLANGE), -40, 0, -40, 20, -9, 24, -9, flange, 0, flange, 0, 0);
        p.box(Style.CUT, p.has(Callout.REGISTER), 0, 0, 9, register);
        if (portal) {
            portal(p);
        } else {
            upright(p);
        }
        p.note(MOUNTING_FACE - 112, AXIS + 12, "inboard");
        p.note(MOUNTING_FACE + 14, AXIS + 12, "outboard");
        return p.sheet(Sheet.View.INNER, portal ? "Portal box" : "Upright", WIDTH, HEIGHT, wanted);
    }

    /** The reduction box: the axle tube enters above the wheel's axis by the drop. */
    private static void portal(Pencil p) {
        double drop = Math.min(p.size(Callout.PORTAL_DROP), 130);
        boolean known = p.has(Callout.PORTAL_DROP);
        p.area(Style.CUT, true, -86, 0, -86, drop + 30, -44, drop + 30, -44, 62, -40, 58, -40, 0);
        p.box(Style.CUT, known, -120, drop - 22, -86, drop + 22);
        p.line(Style.CENTRE, known, -120, drop, -30, drop);
        p.touch(Callout.PORTAL_DROP, -86, drop / 2);
        p.dimension(Callout.PORTAL_DROP, -98, 0, -98, drop);
        p.touch(Callout.HUB_FACE, -44, 74);
        p.dimension(Callout.HUB_FACE, -44, 84, 0, 84);
        hole(p, -44);
    }

    private static void upright(Pencil p) {
        double height = p.size(Callout.UPRIGHT_HEIGHT);
        double ear = p.size(Callout.EAR_THICKNESS);
        double radius = BracketFace.radius(p);
        boolean known = p.has(Callout.UPRIGHT_HEIGHT, Callout.EAR_THICKNESS);
        p.area(Style.CUT, true, -100, 0, -100, 34, -80, 44, -44, 44, -40, 34, -40, 0);
        p.area(Style.CUT, known, -height - ear, 40, -height - ear, radius + 14, -height, radius + 14, -height, 40);
        p.touch(Callout.UPRIGHT_HEIGHT, -height, radius + 6);
        p.dimension(Callout.UPRIGHT_HEIGHT, -height, radius + 20, 0, radius + 20);
        p.touch(Callout.EAR_THICKNESS, -height - ear, radius - 8);
        p.dimension(Callout.EAR_THICKNESS, -height - ear, radius + 10, -height, radius + 10);
        hole(p, -height);
    }

    private static void hole(Pencil p, double face) {
        double radius = BracketFace.radius(p);
        double hole = p.size(Callout.BRACKET_HOLE) / 2;
        p.box(Style.VOID, p.has(Callout.BRACKET_HOLE), face - 14, radius - hole, face, radius + hole);
        p.line(Style.CENTRE, true, face - 20, radius, face + 8, radius);
    }
}
