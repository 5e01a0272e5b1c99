package itrova.core.measure;

import itrova.core.quantity.Measured;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A standard wheel pattern.
 *
 * @param name usual name, such as {@code 5 on 4 1/2 in} or {@code 5 x 120 mm}
 * @param count number of studs
 * @param circle bolt-circle diameter (mm)
 */
public record WheelPattern(String name, int count, double circle) {
    /** Patterns in common use on cars, light trucks and trailers (common practice). */
    public static final List<WheelPattern> COMMON = List.of(
            inch("4 on 4 in", 4, 4.0),
            inch("4 on 4 1/4 in", 4, 4.25),
            inch("4 on 4 1/2 in", 4, 4.5),
            new WheelPattern("4 x 98 mm", 4, 98),
            new WheelPattern("4 x 100 mm", 4, 100),
            new WheelPattern("4 x 110 mm", 4, 110),
            inch("5 on 4 in", 5, 4.0),
            inch("5 on 4 1/4 in", 5, 4.25),
            inch("5 on 4 1/2 in", 5, 4.5),
            inch("5 on 4 3/4 in", 5, 4.75),
            inch("5 on 5 in", 5, 5.0),
            inch("5 on 5 1/2 in", 5, 5.5),
            new WheelPattern("5 x 100 mm", 5, 100),
            new WheelPattern("5 x 112 mm", 5, 112),
            new WheelPattern("5 x 120 mm", 5, 120),
            new WheelPattern("5 x 130 mm", 5, 130),
            new WheelPattern("5 x 205 mm", 5, 205),
            inch("6 on 5 1/2 in", 6, 5.5),
            new WheelPattern("6 x 205 mm", 6, 205),
            inch("8 on 6 1/2 in", 8, 6.5));

    /** Beyond this many standard uncertainties from every candidate, it is none of them. */
    private static final double NONE_BEYOND_U = 3;
    /** Width of the range over which "none of these" is spread evenly (mm). */
    private static final double NONE_RANGE = 200;
    /** Manufacturing scatter of a pattern's circle, standard uncertainty (mm); common practice. */
    private static final double MAKING_U = 0.05;

    private static WheelPattern inch(String name, int count, double inches) {
        return new WheelPattern(name, count, inches * 25.4);
    }

    /** A candidate with its share of belief, 0 to 1. */
    public record Candidate(String name, double probability) {}

    /**
     * Which standard patterns a measured circle leaves, by normal likelihood over a flat prior shared with "none".
     *
     * @param count studs counted
     * @param circle measured circle (mm)
     * @return candidates above 1 %, most likely first; the single candidate "none of these" when all are over 3 u away
     */
    public static List<Candidate> identify(int count, Measured circle) {
        double u = Math.hypot(circle.u(), MAKING_U);
        List<WheelPattern> sameCount =
                COMMON.stream().filter(p -> p.count() == count).toList();
        boolean anyNear = sameCount.stream().anyMatch(p -> Math.abs(p.circle() - circle.value()) <= NONE_BEYOND_U * u);
        if (!anyNear) {
            return List.of(new Candidate("none of these", 1));
        }
        List<Candidate> weighted = new ArrayList<>();
        double total = 1 / NONE_RANGE;
        for (WheelPattern p : sameCount) {
            double z = (p.circle() - circle.value()) / u;
            double density = Math.exp(-z * z / 2) / (u * Math.sqrt(2 * Math.PI));
            weighted.add(new Candidate(p.name(), density));
            total += density;
        }
        weighted.add(new Candidate("none of these", 1 / NONE_RANGE));
        double sum = total;
        return weighted.stream()
                .map(c -> new Candidate(c.name(), c.probability() / sum))
                .filter(c -> c.probability() > 0.01)
                .sorted(Comparator.comparingDouble(Candidate::probability).reversed())
                .toList();
    }
}
