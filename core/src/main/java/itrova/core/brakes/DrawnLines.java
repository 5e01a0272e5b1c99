package itrova.core.brakes;

import itrova.core.brakes.BrakeCircuit.Split;
import itrova.core.lines.LineNetwork;
import itrova.core.lines.LinePoint.Outlet;
import itrova.core.lines.LinePoint.Wheel;
import itrova.core.lines.LineRun;
import itrova.core.quantity.Component;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.Side;
import java.util.List;
import java.util.Map;

/** What drawn lines tell of a circuit. */
final class DrawnLines {
    /** How far a pipe's inner diameter may be off (mm); common practice. */
    private static final double BORE_HALF_LIMIT = 0.3;

    private DrawnLines() {}

    /**
     * Length and bore of each axle's lines, into what is given.
     *
     * @throws IllegalArgumentException if the lines do not hang together, or a length is told beside the drawing
     */
    static void measure(List<LineRun> runs, int axles, Map<QuantityAt, Measured> given) {
        if (runs.isEmpty()) {
            return;
        }
        LineNetwork network = LineNetwork.of(runs, axles);
        for (int axle = 0; axle < axles; axle++) {
            LineNetwork.AxleLine line = network.of(axle);
            put(BrakeQuantity.LINE_LENGTH, axle, line.length(), line.halfLimit(), given);
            put(BrakeQuantity.LINE_BORE, axle, line.bore(), BORE_HALF_LIMIT, given);
        }
    }

    private static void put(
            BrakeQuantity quantity, int axle, double value, double half, Map<QuantityAt, Measured> given) {
        QuantityAt at = new QuantityAt(quantity, axle);
        if (given.containsKey(at)) {
            throw new IllegalArgumentException(quantity.title() + ", axle " + (axle + 1)
                    + " is told as a figure and by the lines drawn. Take out one of both.");
        }
        given.put(at, Measured.of(value, Component.rectangular(at, half)));
    }

    /** Lines that are laid anew are as long as usual until somebody draws them. */
    static void forget(int axles, Map<QuantityAt, Measured> given) {
        for (int axle = 0; axle < axles; axle++) {
            given.remove(new QuantityAt(BrakeQuantity.LINE_LENGTH, axle));
            given.remove(new QuantityAt(BrakeQuantity.LINE_BORE, axle));
        }
    }

    /**
     * How the lines split the circuits of a vehicle with two axles.
     *
     * @param told what was told of it
     * @throws IllegalArgumentException if the lines say otherwise than what was told
     */
    static Split split(List<LineRun> runs, int axles, Split told) {
        LineNetwork network = LineNetwork.of(runs, axles);
        Split drawn = split(network);
        if (told != Split.NOT_LOOKED && told != drawn) {
            throw new IllegalArgumentException(
                    "Circuits are told as " + words(told) + ", and the lines drawn make them " + words(drawn)
                            + ". Look again, and correct the one or the other.");
        }
        return drawn;
    }

    private static Split split(LineNetwork network) {
        if (network.circuits() == 1) {
            return Split.SINGLE;
        }
        Outlet front = network.feeding(new Wheel(BrakeModel.FRONT, Side.LEFT));
        Outlet rear = network.feeding(new Wheel(BrakeModel.REAR, Side.LEFT));
        boolean isFrontOne = front.equals(network.feeding(new Wheel(BrakeModel.FRONT, Side.RIGHT)));
        boolean isRearOne = rear.equals(network.feeding(new Wheel(BrakeModel.REAR, Side.RIGHT)));
        if (isFrontOne && isRearOne) {
            return Split.FRONT_REAR;
        }
        if (!isFrontOne && !isRearOne && !front.equals(rear)) {
            return Split.DIAGONAL;
        }
        throw new IllegalArgumentException("The lines feed the wheels of one axle from two outlets and not crosswise."
                + " Such a split is not worked out: draw front and rear apart, or crosswise.");
    }

    private static String words(Split split) {
        return switch (split) {
            case NOT_LOOKED -> "not looked at";
            case SINGLE -> "one circuit";
            case FRONT_REAR -> "front and rear apart";
            case DIAGONAL -> "crosswise";
        };
    }
}
