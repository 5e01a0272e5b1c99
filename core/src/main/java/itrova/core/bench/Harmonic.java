package itrova.core.bench;

import java.util.List;

/**
 * First harmonic of readings taken at evenly spaced positions round a face, by least squares.
 *
 * @param mean of the readings
 * @param cosine amplitude along the first position
 * @param sine amplitude a quarter turn on
 * @param residual most a reading is off mean and harmonic together
 */
public record Harmonic(double mean, double cosine, double sine, double residual) {
    /** Fewer positions do not tell a harmonic from a bump. */
    public static final int LEAST_POSITIONS = 4;

    /** @throws IllegalArgumentException if there are fewer than four readings */
    public static Harmonic of(List<Double> readings) {
        int n = readings.size();
        if (n < LEAST_POSITIONS) {
            throw new IllegalArgumentException("Run-out wants readings at " + LEAST_POSITIONS
                    + " or more evenly spaced positions; told were " + n + ".");
        }
        double mean = 0;
        double cosine = 0;
        double sine = 0;
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            mean += readings.get(i) / n;
            cosine += 2 * readings.get(i) * Math.cos(angle) / n;
            sine += 2 * readings.get(i) * Math.sin(angle) / n;
        }
        double residual = 0;
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double told = mean + cosine * Math.cos(angle) + sine * Math.sin(angle);
            residual = Math.max(residual, Math.abs(readings.get(i) - told));
        }
        return new Harmonic(mean, cosine, sine, residual);
    }

    /** Half of what the dial shows over a turn, without the residual. */
    public double amplitude() {
        return Math.hypot(cosine, sine);
    }

    /** Where it stands out most, in degrees on from the first position. */
    public double phase() {
        double degrees = Math.toDegrees(Math.atan2(sine, cosine));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    /** Greatest less least reading over a turn that can be counted on: the harmonic with the residual to both sides (mm). */
    public double totalReading() {
        return 2 * (amplitude() + residual);
    }
}
