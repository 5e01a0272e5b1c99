package itrova.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Where a disc sits best on its hub. The hub's tilt grows with the radius; the disc's own is turned with it from stud to stud.
 *
 * @param positions every position on the studs, the best first
 */
public record DiscIndexing(List<Position> positions) {
    public DiscIndexing {
        positions = List.copyOf(positions);
    }

    /**
     * One position.
     *
     * @param studs studs the disc is turned on from where its readings were taken, in the direction the positions were numbered
     * @param totalReading run-out over a turn to be expected at the disc's radius (mm)
     */
    public record Position(int studs, double totalReading) {}

    /**
     * Predicts every position.
     *
     * @param hub readings at the hub's face (mm), evenly spaced
     * @param hubRadius radius they were taken at (mm)
     * @param disc readings of the disc's own face (mm), taken with the disc flat on a plate or less the hub's, evenly spaced from the same stud
     * @param discRadius radius they were taken at (mm)
     * @param studs number of studs
     * @throws IllegalArgumentException if there are too few readings, or a radius or the studs make no sense
     */
    public static DiscIndexing of(List<Double> hub, double hubRadius, List<Double> disc, double discRadius, int studs) {
        if (!(hubRadius > 0 && discRadius > 0)) {
            throw new IllegalArgumentException("Both radii are more than 0 mm: measure where the dial's tip ran.");
        }
        if (studs < 3 || studs > 12) {
            throw new IllegalArgumentException("A hub has 3 to 12 studs; told were " + studs + ".");
        }
        Harmonic tilt = Harmonic.of(hub);
        Harmonic own = Harmonic.of(disc);
        double scale = discRadius / hubRadius;
        double residual = scale * tilt.residual() + own.residual();
        List<Position> all = new ArrayList<>();
        for (int k = 0; k < studs; k++) {
            double turn = 2 * Math.PI * k / studs;
            double cosine = scale * tilt.cosine() + own.cosine() * Math.cos(turn) - own.sine() * Math.sin(turn);
            double sine = scale * tilt.sine() + own.sine() * Math.cos(turn) + own.cosine() * Math.sin(turn);
            all.add(new Position(k, 2 * (Math.hypot(cosine, sine) + residual)));
        }
        all.sort(Comparator.comparingDouble(Position::totalReading));
        return new DiscIndexing(all);
    }
}
