package itrova.formats.drawing;

import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import itrova.formats.drawing.Sheet.Style;
import java.util.List;

/** A live axle's housing end with bearing, retainer, backing plate and shaft. */
final class HousingView {
    private static final double WIDTH = 350;
    private static final double HEIGHT = 178;
    private static final double FACE_X = 82;
    private static final double FACE_Y = 92;
    private static final double HOUSING_FACE = 236;
    private static final double AXIS = 160;

    private HousingView() {}

    static Sheet draw(Pencil p, List<Callout> wanted) {
        BracketFace.draw(p, FACE_X, FACE_Y, p.size(Callout.BEARING_OUTSIDE) / 2);
        p.at(HOUSING_FACE, AXIS);
        p.line(Style.CENTRE, true, -80, 0, 105, 0);
        double bearing = p.size(Callout.BEARING_OUTSIDE) / 2;
        double hole = p.size(Callout.BRACKET_HOLE) / 2;
        double radius = BracketFace.radius(p);
        double top = radius + hole + 8;
        double bore = p.size(Callout.BEARING_BORE) / 2;
        double width = p.size(Callout.BEARING_WIDTH);
        // tube and flange of the housing, open towards the bearing
        p.area(
                Style.CUT,
                true,
                -78,
                bearing + 1,
                -78,
                bearing + 9,
                -12,
                bearing + 9,
                -12,
                top,
                0,
                top,
                0,
                bearing,
                -width - 4,
                bearing,
                -width - 4,
                bearing - 6,
                -30,
                bearing + 1);
        p.box(Style.VOID, p.has(Callout.BRACKET_HOLE), -12, radius - hole, 0, radius + hole);
        shaft(p, bore);
        bearing(p, bearing, bore, width);
        stack(p, radius, top, bearing);
        offset(p);
        p.note(HOUSING_FACE - 70, AXIS + 12, "inboard");
        p.note(HOUSING_FACE + 70, AXIS + 12, "outboard");
        p.note(HOUSING_FACE - 76, p.y(10), p.end().form().retention().title());
        return p.sheet(Sheet.View.INNER, "Housing end", WIDTH, HEIGHT, wanted);
    }

    private static void shaft(Pencil p, double bore) {
        double face = p.size(Callout.AXLE_OFFSET);
        double thick = p.size(Callout.FLANGE_THICKNESS);
        double flange = Math.min(p.size(Callout.FLANGE) / 2, 100);
        p.area(
                Style.CUT,
                p.has(Callout.AXLE_OFFSET),
                -78,
                0,
                -78,
                bore - 3,
                -30,
                bore,
                face - thick - 12,
                bore,
                face - thick,
                bore + 12,
                face - thick,
                flange,
                face,
                flange,
                face,
                0);
    }

    private static void bearing(Pencil p, double outside, double bore, double width) {
        boolean known = p.has(Callout.BEARING_OUTSIDE) || p.has(Callout.BEARING_NUMBER);
        if (p.end().form().retention() == Retention.C_CLIP) {
            p.box(Style.SOLID, true, -width, bore, 0, outside);
            return;
        }
        double third = (outside - bore) / 3;
        p.box(Style.SOLID, known, -width, bore, 0, bore + third);
        p.box(Style.SOLID, known, -width, outside - third, 0, outside);
        p.touch(Callout.BEARING_NUMBER, -width / 2, bore + third / 2);
        p.touch(Callout.BEARING_OUTSIDE, -width * 0.7, outside);
        p.dimension(Callout.BEARING_OUTSIDE, -width / 2, 0, -width / 2, outside);
        p.touch(Callout.BEARING_BORE, -width * 0.3, bore);
        p.dimension(Callout.BEARING_BORE, -width / 2, 0, -width / 2, bore);
        p.touch(Callout.BEARING_WIDTH, -width, (outside + bore) / 2);
        p.dimension(Callout.BEARING_WIDTH, -width, outside + 3, 0, outside + 3);
    }

    /** Backing plate and retainer on the face, and the T-bolt through all of it. */
    private static void stack(Pencil p, double radius, double top, double bearing) {
        double plate = p.size(Callout.BACKING_PLATE);
        double retainer = p.size(Callout.RETAINER);
        double bolt = p.size(Callout.T_BOLT_LENGTH);
        p.box(Style.PART, p.has(Callout.BACKING_PLATE), 0, bearing - 2, plate, top + 14);
        p.touch(Callout.BACKING_PLATE, plate / 2, top + 12);
        p.dimension(Callout.BACKING_PLATE, 0, top + 17, plate, top + 17);
        if (p.end().form().retention() == Retention.PRESSED_BEARING) {
            p.box(Style.CUT, p.has(Callout.RETAINER), plate, bearing - 12, plate + retainer, top - 2);
            p.touch(Callout.RETAINER, plate + retainer, top - 5);
            p.dimension(Callout.RETAINER, plate, top + 2, plate + retainer, top + 2);
        }
        p.box(Style.SOLID, p.has(Callout.T_BOLT_LENGTH), -17, radius - 4, bolt, radius + 4);
        p.box(Style.SOLID, true, -20, radius - 8, -12, radius + 8);
        p.touch(Callout.T_BOLT_THREAD, bolt - 7, radius - 4);
        p.touch(Callout.T_BOLT_LENGTH, bolt, radius);
        p.dimension(Callout.T_BOLT_LENGTH, 0, radius + 8, bolt, radius + 8);
    }

    private static void offset(Pencil p) {
        double in = p.size(Callout.AXLE_OFFSET);
        p.touch(Callout.AXLE_OFFSET, in, 34);
        p.dimension(Callout.AXLE_OFFSET, 0, 34, in, 34);
        double out = p.has(Callout.AXLE_OFFSET_OUT) ? p.size(Callout.AXLE_OFFSET_OUT) : in + 1;
        p.touch(Callout.AXLE_OFFSET_OUT, out, 22);
        p.dimension(Callout.AXLE_OFFSET_OUT, 0, 22, out, 22);
    }
}
