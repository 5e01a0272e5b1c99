package itrova.core.clearance;

import itrova.core.geometry.Motion;
import itrova.core.geometry.Point;
import itrova.core.geometry.Point3;
import itrova.core.vehicle.Surroundings.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What of a box fixed to the vehicle lies in a half-plane through the axis of a wheel that has moved, as the wheel's section is
 * drawn.
 */
final class BoxCut {
    private BoxCut() {}

    /**
     * Corners of the part cut, in order, in the moved wheel's frame; empty if the half-plane misses the box.
     *
     * @param box the box
     * @param motion how the wheel has moved
     * @param clock clock angle of the half-plane (degrees)
     */
    static List<Point> of(Box box, Motion motion, double clock) {
        double sin = Math.sin(Math.toRadians(clock));
        double cos = Math.cos(Math.toRadians(clock));
        List<Point3> corners = corners(box).stream()
                .map(motion::before)
                .map(p -> new Point3(p.x(), p.f() * cos - p.z() * sin, p.f() * sin + p.z() * cos))
                .toList();
        // In these corners f is the distance from the plane and z the radius.
        List<Point> cut = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            for (int bit = 1; bit < corners.size(); bit <<= 1) {
                if ((i & bit) == 0) {
                    meet(cut, corners.get(i), corners.get(i | bit));
                }
            }
        }
        return outwards(around(cut));
    }

    /** Its corners: each bit of the place in the list says which of two faces. */
    private static List<Point3> corners(Box box) {
        List<Point3> corners = new ArrayList<>(8);
        for (int i = 0; i < 8; i++) {
            corners.add(new Point3(
                    (i & 1) == 0 ? box.low().x() : box.high().x(),
                    (i & 2) == 0 ? box.low().f() : box.high().f(),
                    (i & 4) == 0 ? box.low().z() : box.high().z()));
        }
        return corners;
    }

    private static void meet(List<Point> cut, Point3 a, Point3 b) {
        if ((a.f() > 0) == (b.f() > 0)) {
            return;
        }
        double t = a.f() / (a.f() - b.f());
        cut.add(new Point(a.x() + t * (b.x() - a.x()), a.z() + t * (b.z() - a.z())));
    }

    /** Corners of a convex polygon in order around its middle. */
    private static List<Point> around(List<Point> cut) {
        double x = cut.stream().mapToDouble(Point::x).average().orElse(0);
        double r = cut.stream().mapToDouble(Point::r).average().orElse(0);
        return cut.stream()
                .sorted(Comparator.comparingDouble(p -> Math.atan2(p.r() - r, p.x() - x)))
                .toList();
    }

    /** The part of a polygon on this side of the axis (Sutherland and Hodgman 1974). */
    private static List<Point> outwards(List<Point> polygon) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < polygon.size(); i++) {
            Point a = polygon.get(i);
            Point b = polygon.get((i + 1) % polygon.size());
            if (a.r() >= 0) {
                kept.add(a);
            }
            if (a.r() * b.r() < 0) {
                double t = a.r() / (a.r() - b.r());
                kept.add(new Point(a.x() + t * (b.x() - a.x()), 0));
            }
        }
        return kept.size() < 3 ? List.of() : kept;
    }
}
