package itrova.formats.drawing;

import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Station;
import itrova.formats.drawing.Sheet.Style;
import java.util.ArrayList;
import java.util.List;

/** Half-section of the wheel; x = 0 is its mounting face. */
final class WheelView {
    private static final double WIDTH = 380;
    private static final double HEIGHT = 236;
    private static final double MOUNTING_FACE = 196;
    private static final double AXIS = 222;
    private static final double METAL = 4;
    private static final double[][] NOMINAL_BARREL = {{6, 356}, {32, 352}, {46, 336}, {76, 336}, {98, 344}};
    private static final double[][] NOMINAL_SPOKES = {{74, 5}, {110, 16}, {150, 27}};

    private WheelView() {}

    static Sheet draw(Pencil p, List<Callout> wanted) {
        p.at(MOUNTING_FACE, AXIS);
        p.line(Style.CENTRE, true, -150, 0, 150, 0);
        double[][] barrel = barrel(p);
        double[][] spokes = spokes(p);
        double back = p.size(Callout.WHEEL_BACKSPACING);
        boolean barrelKnown = p.end().barrel().size() > 1 && p.has(Callout.WHEEL_BACKSPACING);
        rim(p, barrel, back, barrelKnown);
        disc(p, barrel, spokes, back);
        weights(p, barrel, back);
        hub(p);
        touches(p, barrel, spokes, back);
        p.note(MOUNTING_FACE - 140, AXIS + 11, "inboard");
        p.note(MOUNTING_FACE + 100, AXIS + 11, "outboard");
        return p.sheet(Sheet.View.WHEEL, "Wheel", WIDTH, HEIGHT, wanted);
    }

    private static double[][] barrel(Pencil p) {
        return p.end().barrel().size() > 1 ? stations(p.end().barrel()) : NOMINAL_BARREL;
    }

    private static double[][] spokes(Pencil p) {
        return p.end().spokes().size() > 1 ? stations(p.end().spokes()) : NOMINAL_SPOKES;
    }

    private static double[][] stations(List<Station> read) {
        return read.stream()
                .map(s -> new double[] {s.place().value(), s.size().value()})
                .toArray(double[][]::new);
    }

    /** Barrel between flange and flange, as far as it is known inboard of the disc. */
    private static void rim(Pencil p, double[][] barrel, double back, boolean known) {
        double overall = p.size(Callout.WHEEL_OVERALL);
        double lip = p.size(Callout.WHEEL_FLANGE) / 2;
        double first = barrel[0][1] / 2;
        double last = barrel[barrel.length - 1][1] / 2;
        double flange = Math.max(lip, first + METAL + 3);
        List<Double> line = new ArrayList<>(List.of(-back, first));
        for (double[] s : barrel) {
            line.addAll(List.of(s[0] - back, s[1] / 2));
        }
        outboard(p, barrel[barrel.length - 1][0] - back, overall - back, first, last, flange);
        for (int i = barrel.length - 1; i >= 0; i--) {
            line.addAll(List.of(barrel[i][0] - back, barrel[i][1] / 2 + METAL));
        }
        line.addAll(List.of(-back + 7, first + METAL, -back + 5, flange, -back, flange));
        p.area(Style.WHEEL, known, line.stream().mapToDouble(d -> d).toArray());
        for (double[] s :
                p.end().barrel().isEmpty() ? new double[0][] : stations(p.end().barrel())) {
            dot(p, s[0] - back, s[1] / 2);
        }
    }

    /** The rim outboard of the last reading: nobody measures it, it is drawn from the width over the flanges. */
    private static void outboard(Pencil p, double from, double outer, double first, double last, double flange) {
        p.area(
                Style.WHEEL,
                p.has(Callout.WHEEL_OVERALL, Callout.WHEEL_FLANGE),
                from,
                last,
                outer - 16,
                last,
                outer,
                first,
                outer,
                flange,
                outer - 5,
                flange,
                outer - 8,
                first + METAL,
                outer - 18,
                last + METAL,
                from,
                last + METAL);
    }

    private static void disc(Pencil p, double[][] barrel, double[][] spokes, double back) {
        double pad = p.size(Callout.WHEEL_PAD);
        double bore = p.size(Callout.WHEEL_BORE) / 2;
        double seat = p.circle() / 2 + 12;
        List<Double> front = new ArrayList<>(List.of(0.0, bore, 0.0, seat));
        for (double[] s : spokes) {
            if (s[0] > seat + 1) {
                front.addAll(List.of(s[1], s[0]));
            }
        }
        double endX = front.get(front.size() - 2);
        double rim = barrel[barrel.length - 1][1] / 2;
        front.addAll(List.of(Math.max(endX + 2, barrel[barrel.length - 1][0] - back), rim));
        List<Double> all = new ArrayList<>(front);
        for (int i = front.size() - 2; i >= 0; i -= 2) {
            all.addAll(List.of(front.get(i) + pad, front.get(i + 1)));
        }
        p.area(
                Style.WHEEL,
                p.end().spokes().size() > 1,
                all.stream().mapToDouble(d -> d).toArray());
        for (Station s : p.end().spokes()) {
            dot(p, s.size().value(), s.place().value());
        }
    }

    private static void dot(Pencil p, double x, double r) {
        p.ring(Style.SOLID, true, p.x(x), p.y(r), 1.3);
    }

    private static void weights(Pencil p, double[][] barrel, double back) {
        double height = p.size(Callout.WHEEL_WEIGHTS);
        double[] at = barrel[barrel.length - 1];
        if (height > 0) {
            p.box(
                    Style.SOLID,
                    p.has(Callout.WHEEL_WEIGHTS),
                    at[0] - back - 18,
                    at[1] / 2 - height,
                    at[0] - back - 6,
                    at[1] / 2);
        }
    }

    private static void hub(Pencil p) {
        double circle = p.circle() / 2;
        double hole = p.size(Callout.WHEEL_STUD_HOLE) / 2;
        double pad = p.size(Callout.WHEEL_PAD);
        p.box(Style.VOID, p.has(Callout.WHEEL_STUD_HOLE), 0, circle - hole, pad, circle + hole);
        p.line(Style.CENTRE, true, -12, circle, 30, circle);
    }

    /** The fender outboard and the frame inboard, as lines: how near the tyre comes to them. */
    private static void tyreRoom(Pencil p, double outboard, double inboard, double flange) {
        boolean fender = p.has(Callout.WHEEL_TO_FENDER);
        boolean frame = p.has(Callout.WHEEL_TO_FRAME);
        p.line(Style.PART, fender, outboard + 26, flange - 12, outboard + 26, flange - 62);
        p.touch(Callout.WHEEL_TO_FENDER, outboard + 26, flange - 40);
        p.line(Style.PART, frame, inboard - 22, flange - 12, inboard - 22, flange - 62);
        p.touch(Callout.WHEEL_TO_FRAME, inboard - 22, flange - 40);
    }

    private static void touches(Pencil p, double[][] barrel, double[][] spokes, double back) {
        double overall = p.size(Callout.WHEEL_OVERALL);
        double flange = Math.max(p.size(Callout.WHEEL_FLANGE) / 2, barrel[0][1] / 2 + METAL + 3);
        double circle = p.circle() / 2;
        double pad = p.size(Callout.WHEEL_PAD);
        double bore = p.size(Callout.WHEEL_BORE) / 2;
        double[] middle = barrel[barrel.length / 2];
        double[] lastSpoke = spokes[spokes.length - 1];
        double[] lastBarrel = barrel[barrel.length - 1];
        p.touch(Callout.WHEEL_BACKSPACING, -back, flange - 4);
        p.dimension(Callout.WHEEL_BACKSPACING, -back, flange + 6, 0, flange + 6);
        p.touch(Callout.WHEEL_OVERALL, overall - back, flange - 6);
        p.dimension(Callout.WHEEL_OVERALL, -back, flange + 6, overall - back, flange + 6);
        double centre = overall / 2 - back;
        p.line(Style.CENTRE, p.has(Callout.WHEEL_OVERALL), centre, 8, centre, flange + 10);
        p.touch(Callout.WHEEL_OFFSET, centre, 18);
        p.dimension(Callout.WHEEL_OFFSET, centre, 18, 0, 18);
        p.touch(Callout.WHEEL_MARKING, overall - back - 2, flange);
        p.touch(Callout.WHEEL_FLANGE, -back + 2, flange);
        p.dimension(Callout.WHEEL_FLANGE, -back - 6, 0, -back - 6, flange);
        p.touch(Callout.WHEEL_BARREL, middle[0] - back, middle[1] / 2);
        p.dimension(Callout.WHEEL_BARREL, middle[0] - back, 0, middle[0] - back, middle[1] / 2);
        p.touch(Callout.WHEEL_SPOKE, lastSpoke[1], lastSpoke[0]);
        p.dimension(Callout.WHEEL_SPOKE, 0, lastSpoke[0], lastSpoke[1], lastSpoke[0]);
        p.touch(Callout.WHEEL_WEIGHTS, lastBarrel[0] - back - 10, lastBarrel[1] / 2);
        p.touch(Callout.WHEEL_PAD, pad, (circle + bore) / 2);
        p.dimension(Callout.WHEEL_PAD, 0, (circle + bore) / 2, pad, (circle + bore) / 2);
        p.touch(Callout.WHEEL_BORE, pad / 2, bore);
        p.dimension(Callout.WHEEL_BORE, pad / 2, 0, pad / 2, bore);
        p.touch(Callout.WHEEL_STUD_HOLE, pad / 2, circle);
        p.dimension(
                Callout.WHEEL_STUD_HOLE,
                -4,
                circle - p.size(Callout.WHEEL_STUD_HOLE) / 2,
                -4,
                circle + p.size(Callout.WHEEL_STUD_HOLE) / 2);
        tyreRoom(p, overall - back, -back, flange);
        p.touch(Callout.WHEEL_NUT_SEAT, pad, circle + p.size(Callout.WHEEL_STUD_HOLE) / 2);
    }
}
