package itrova.formats.template;

import itrova.core.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A wheel's profile as places to read: barrel diameters by depth from the inboard flange edge, spoke backs by radius.
 *
 * <p>The profile is drawn from the inboard flange along the barrel to the spokes and down their back; x = 0 is the mounting face,
 * outboard positive, y the radius. The barrel ends where the line, coming from inboard, first turns down towards the axis for good.
 *
 * @param backspacing inboard flange edge to mounting face (mm)
 * @param barrel depth and inside diameter (mm), by depth
 * @param spokes radius and distance from the mounting face (mm), by radius
 */
public record WheelStations(double backspacing, List<double[]> barrel, List<double[]> spokes) {
    /** Stations nearer to each other than this say the same (mm). */
    private static final double SPACING = 2;

    public WheelStations {
        barrel = List.copyOf(barrel);
        spokes = List.copyOf(spokes);
    }

    /**
     * Stations of a profile.
     *
     * @throws IllegalArgumentException if the line is no wheel's profile, with what is wrong
     */
    public static WheelStations of(List<Point> profile) {
        List<Point> line = profile.get(0).x() <= profile.get(profile.size() - 1).x() ? profile : reversed(profile);
        double edge = line.stream().mapToDouble(Point::x).min().orElseThrow();
        if (!(edge < -10) || line.stream().anyMatch(p -> p.r() < 10 || p.r() > 400)) {
            throw new IllegalArgumentException(
                    "This is no wheel's profile: draw it with x = 0 at the mounting face, outboard positive, and y the radius, in mm. The inboard flange must lie at least 10 mm inboard.");
        }
        int corner = corner(line);
        List<double[]> barrel = new ArrayList<>();
        for (Point p : line.subList(0, corner + 1)) {
            add(barrel, p.x() - edge, 2 * p.r());
        }
        List<double[]> spokes = new ArrayList<>();
        List<Point> back = new ArrayList<>(line.subList(corner, line.size()));
        back.sort(Comparator.comparingDouble(Point::r));
        for (Point p : back) {
            add(spokes, p.r(), p.x());
        }
        if (barrel.size() < 2 || spokes.size() < 2) {
            throw new IllegalArgumentException(
                    "The profile must run along the barrel and down the back of the spokes, with at least two points on each.");
        }
        return new WheelStations(-edge, barrel, spokes);
    }

    /** Where the barrel ends: the outermost place before the line's last descent to its lowest point. */
    private static int corner(List<Point> line) {
        int lowest = line.size() - 1;
        for (int i = 0; i < line.size(); i++) {
            if (line.get(i).r() < line.get(lowest).r()) {
                lowest = i;
            }
        }
        int corner = lowest;
        while (corner > 0 && line.get(corner - 1).r() > line.get(corner).r()) {
            corner--;
        }
        return corner;
    }

    private static void add(List<double[]> stations, double place, double size) {
        boolean isNear = !stations.isEmpty() && Math.abs(stations.get(stations.size() - 1)[0] - place) < SPACING;
        if (isNear) {
            // The less favourable of two near places stands: the smaller diameter, the nearer spoke.
            double[] last = stations.get(stations.size() - 1);
            last[1] = Math.min(last[1], size);
        } else {
            stations.add(new double[] {place, size});
        }
    }

    private static List<Point> reversed(List<Point> line) {
        List<Point> turned = new ArrayList<>(line);
        java.util.Collections.reverse(turned);
        return turned;
    }
}
