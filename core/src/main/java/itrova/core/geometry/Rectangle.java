package itrova.core.geometry;

import java.util.List;

/**
 * A rectangle in the section half-plane.
 *
 * @param minX inboard end (mm)
 * @param maxX outboard end (mm), not before the inboard one
 * @param minR inner radius (mm)
 * @param maxR outer radius (mm), not less than the inner one
 */
public record Rectangle(double minX, double maxX, double minR, double maxR) {
    /** @throws IllegalArgumentException if a range runs backwards */
    public Rectangle {
        if (!(maxX >= minX) || !(maxR >= minR)) {
            throw new IllegalArgumentException("A rectangle's ranges run forward, not from " + minX + " to " + maxX
                    + " and from " + minR + " to " + maxR + ".");
        }
    }

    /** Its corners, in order. */
    public List<Point> corners() {
        return List.of(new Point(minX, minR), new Point(maxX, minR), new Point(maxX, maxR), new Point(minX, maxR));
    }

    /** A size (mm) the gap cannot be less than, from the outline's bounds alone; −∞ where it may overlap the rectangle. */
    public double gapAtLeast(Outline outline) {
        double dx = Math.max(0, Math.max(minX - outline.maxX(), outline.minX() - maxX));
        double dr = Math.max(0, Math.max(minR - outline.maxR(), outline.minR() - maxR));
        return dx > 0 || dr > 0 ? Math.sqrt(dx * dx + dr * dr) : Double.NEGATIVE_INFINITY;
    }

    /**
     * Exact gap between an outline and this rectangle; {@code towardsX} and {@code towardsR} point from the outline to it.
     *
     * <p>An overlap is counted as the shortest way along x or r that the outline would have to move to be free, negative.
     */
    public Gap gap(Outline outline) {
        List<Point> polygon = outline.corners();
        double[] part = gapAtLeast(outline) > 0 ? null : overlap(polygon);
        if (part != null) {
            return penetration(part);
        }
        List<Point> wall = corners();
        Segments.Pair best = null;
        for (int i = 0; i < polygon.size(); i++) {
            Point a = polygon.get(i);
            Point b = polygon.get((i + 1) % polygon.size());
            if (best != null && leastSquare(a, b) >= best.square()) {
                continue;
            }
            for (int j = 0; j < 4; j++) {
                Segments.Pair pair = Segments.nearest(a, b, wall.get(j), wall.get((j + 1) % 4));
                best = best == null ? pair : Segments.nearer(best, pair);
            }
        }
        double size = best.length();
        double nx = size > 0 ? (best.second().x() - best.first().x()) / size : 0;
        double nr = size > 0 ? (best.second().r() - best.first().r()) / size : 1;
        return new Gap(size, nx, nr, best.first(), best.second());
    }

    /** Square of the distance (mm²) of the box round an edge, which the edge itself cannot undercut. */
    private double leastSquare(Point a, Point b) {
        double dx = Math.max(0, Math.max(minX - Math.max(a.x(), b.x()), Math.min(a.x(), b.x()) - maxX));
        double dr = Math.max(0, Math.max(minR - Math.max(a.r(), b.r()), Math.min(a.r(), b.r()) - maxR));
        return dx * dx + dr * dr;
    }

    /** Bounds (minX, maxX, minR, maxR) of the part of a polygon inside this rectangle; null if their insides do not meet. */
    private double @org.jspecify.annotations.Nullable [] overlap(List<Point> polygon) {
        List<Point> clipped = polygon;
        for (int side = 0; side < 4; side++) {
            clipped = clip(clipped, side);
            if (clipped.isEmpty()) {
                return null;
            }
        }
        double[] b = {
            Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Point p : clipped) {
            b[0] = Math.min(b[0], p.x());
            b[1] = Math.max(b[1], p.x());
            b[2] = Math.min(b[2], p.r());
            b[3] = Math.max(b[3], p.r());
        }
        return b[1] > b[0] && b[3] > b[2] ? b : null;
    }

    /** Keeps the part of a polygon on the inner side of one side (Sutherland and Hodgman 1974). */
    private List<Point> clip(List<Point> polygon, int side) {
        List<Point> kept = new java.util.ArrayList<>(polygon.size() + 4);
        for (int i = 0; i < polygon.size(); i++) {
            Point a = polygon.get(i);
            Point b = polygon.get((i + 1) % polygon.size());
            double da = inside(a, side);
            double db = inside(b, side);
            if (da >= 0) {
                kept.add(a);
            }
            if (da * db < 0) {
                double t = da / (da - db);
                kept.add(new Point(a.x() + t * (b.x() - a.x()), a.r() + t * (b.r() - a.r())));
            }
        }
        return kept;
    }

    private double inside(Point p, int side) {
        return switch (side) {
            case 0 -> p.x() - minX;
            case 1 -> maxX - p.x();
            case 2 -> p.r() - minR;
            default -> maxR - p.r();
        };
    }

    /** The least of the four ways out. */
    private Gap penetration(double[] part) {
        double outboard = maxX - part[0];
        double inboard = part[1] - minX;
        double outwards = maxR - part[2];
        double inwards = part[3] - minR;
        double least = Math.min(Math.min(outboard, inboard), Math.min(outwards, inwards));
        double midX = (part[0] + part[1]) / 2;
        double midR = (part[2] + part[3]) / 2;
        if (least >= outboard) {
            return new Gap(-outboard, -1, 0, new Point(part[0], midR), new Point(maxX, midR));
        }
        if (least >= inboard) {
            return new Gap(-inboard, 1, 0, new Point(part[1], midR), new Point(minX, midR));
        }
        return least >= outwards
                ? new Gap(-outwards, 0, -1, new Point(midX, part[2]), new Point(midX, maxR))
                : new Gap(-inwards, 0, 1, new Point(midX, part[3]), new Point(midX, minR));
    }
}
