package itrova.core.measure;

import itrova.core.geometry.Point;
import itrova.core.quantity.ShopNotation;
import java.util.ArrayList;
import java.util.List;

/**
 * A paper template of a wheel's inside, photographed flat with a scale bar in view and traced by clicking points: pixels become places in
 * the wheel. Pixels run right and down.
 *
 * @param barFrom one end of the scale bar (pixels)
 * @param barTo its other end (pixels)
 * @param barLength length of the bar (mm)
 * @param faceInner a point on the mounting face, the nearer one to the axis (pixels)
 * @param faceOuter another point on it, farther out (pixels)
 * @param innerRadius radius the first of them stands at (mm), such as half the centre bore
 * @param points the profile, from the inboard flange edge along the barrel to the spokes (pixels)
 * @param click how far a click may be off, either way (pixels of the picture): more where it was shown smaller than it is
 */
public record TracedPicture(
        Pixel barFrom,
        Pixel barTo,
        double barLength,
        Pixel faceInner,
        Pixel faceOuter,
        double innerRadius,
        List<Pixel> points,
        double click) {
    /** How far a click on a screen may be off at least, either way (pixels); common practice. */
    public static final double CLICK = 2;
    /** A template is worth no reading when it is coarser than a tape (mm). */
    private static final double MOST_DOUBT = Instrument.TAPE.halfLimit();

    private static final int LEAST_POINTS = 6;

    /** A place in the picture. */
    public record Pixel(double x, double y) {
        double to(Pixel other) {
            return Math.hypot(other.x - x, other.y - y);
        }
    }

    /** @throws IllegalArgumentException if it is too small or too coarse to be read, saying what to do */
    public TracedPicture {
        points = List.copyOf(points);
        click = Math.max(CLICK, click);
        if (!(barLength > 0) || !(barFrom.to(barTo) > 0)) {
            throw new IllegalArgumentException("Click both ends of the scale bar and give its length.");
        }
        if (!(innerRadius >= 0 && innerRadius <= 400)) {
            throw new IllegalArgumentException("The radius on the mounting face lies between 0 and "
                    + ShopNotation.inBoth(400) + ", not " + ShopNotation.inBoth(innerRadius) + ".");
        }
        if (!(faceInner.to(faceOuter) > 10 * click)) {
            throw new IllegalArgumentException("Click two points on the mounting face that lie well apart.");
        }
        if (points.size() < LEAST_POINTS) {
            throw new IllegalArgumentException("Click at least " + LEAST_POINTS + " points of the profile, not "
                    + points.size() + ": begin at the inboard flange edge.");
        }
        double doubt = doubt(barFrom, barTo, barLength, faceInner, faceOuter, points, click);
        if (!(doubt <= MOST_DOUBT)) {
            throw new IllegalArgumentException("A place in this picture is known to " + ShopNotation.inBoth(doubt)
                    + " at best, and a tape is better. Show it larger while you click, click the mounting face far apart, or take the"
                    + " picture from nearer with a longer bar.");
        }
    }

    /**
     * How far a traced place may be off (mm): by its click and that of the face, by the bar's two over the distance, and by the face's two,
     * which lean the picture.
     */
    public double doubt() {
        return doubt(barFrom, barTo, barLength, faceInner, faceOuter, points, click);
    }

    private static double doubt(
            Pixel barFrom,
            Pixel barTo,
            double barLength,
            Pixel faceInner,
            Pixel faceOuter,
            List<Pixel> points,
            double click) {
        double bar = barFrom.to(barTo);
        double farthest = points.stream().mapToDouble(faceInner::to).max().orElse(0);
        double pair = Math.sqrt(2) * click; // of two clicks, each off by as much
        double byBar = pair / bar * farthest;
        double byFace = pair / faceInner.to(faceOuter) * farthest;
        return barLength / bar * Math.sqrt(pair * pair + byBar * byBar + byFace * byFace);
    }

    /**
     * The profile in the order it was clicked, x from the mounting face (mm, outboard positive).
     *
     * @throws IllegalArgumentException if it runs the wrong way
     */
    public List<Point> profile() {
        double scale = barLength / barFrom.to(barTo);
        double length = faceInner.to(faceOuter);
        double ux = (faceOuter.x() - faceInner.x()) / length;
        double uy = (faceOuter.y() - faceInner.y()) / length;
        double first = across(points.get(0), ux, uy);
        if (Math.abs(first) * scale < 5) {
            throw new IllegalArgumentException(
                    "The first point lies on the mounting face: begin at the inboard flange edge.");
        }
        double inboard = Math.signum(first);
        List<Point> profile = new ArrayList<>();
        for (Pixel p : points) {
            double out = (p.x() - faceInner.x()) * ux + (p.y() - faceInner.y()) * uy;
            double r = innerRadius + out * scale;
            profile.add(new Point(-inboard * across(p, ux, uy) * scale, r));
        }
        if (!(profile.get(0).r() > profile.get(profile.size() - 1).r())) {
            throw new IllegalArgumentException(
                    "The profile runs from the inboard flange inward to the spokes, and the first"
                            + " point on the mounting face is the one nearer to the axis: one of the two is the wrong way round.");
        }
        return profile;
    }

    private double across(Pixel p, double ux, double uy) {
        return (p.x() - faceInner.x()) * -uy + (p.y() - faceInner.y()) * ux;
    }
}
