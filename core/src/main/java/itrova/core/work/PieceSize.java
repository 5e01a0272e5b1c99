package itrova.core.work;

import itrova.core.bearing.StandardBearing;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import itrova.core.work.ShaftOrder.Piece;
import java.util.OptionalDouble;

/**
 * Size of a part on a shaft as far as it was read at the axle end, or stands in the table of standard bearings, for its picture. No
 * verdict hangs on it, so it carries no doubt.
 *
 * @param across diameter (mm)
 * @param along width along the shaft (mm)
 */
public record PieceSize(OptionalDouble across, OptionalDouble along) {
    /** Nothing of it was read. */
    public static final PieceSize UNREAD = new PieceSize(OptionalDouble.empty(), OptionalDouble.empty());

    static PieceSize of(Piece part, AxleEnd end) {
        return switch (part) {
            case BEARING -> new PieceSize(read(end, Callout.BEARING_OUTSIDE), read(end, Callout.BEARING_WIDTH));
            case RETAINER -> new PieceSize(OptionalDouble.empty(), read(end, Callout.RETAINER));
            case SHAFT_FLANGE -> new PieceSize(read(end, Callout.FLANGE), read(end, Callout.FLANGE_THICKNESS));
            case SPINDLE -> new PieceSize(read(end, Callout.SEAL_JOURNAL), OptionalDouble.empty());
            case INNER_BEARING -> standard(end, Callout.INNER_NUMBER);
            case OUTER_BEARING -> standard(end, Callout.OUTER_NUMBER);
            default -> UNREAD;
        };
    }

    private static OptionalDouble read(AxleEnd end, Callout callout) {
        return end.length(callout).map(Measured::value).map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private static PieceSize standard(AxleEnd end, Callout number) {
        return end.word(number)
                .flatMap(StandardBearing::find)
                .map(b -> new PieceSize(OptionalDouble.of(b.outside()), OptionalDouble.empty()))
                .orElse(UNREAD);
    }
}
