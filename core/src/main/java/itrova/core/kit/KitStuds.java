package itrova.core.kit;

import itrova.core.fastener.BoltGrade;
import itrova.core.fastener.Thread;
import java.util.Optional;

/**
 * Wheel studs that come with a kit and replace the hub's own.
 *
 * @param thread their thread
 * @param shoulder diameter of shoulder or knurl standing out of the flange (mm)
 * @param stickOut from the hub's mounting face to the stud's end (mm)
 * @param grade their strength, if stated
 */
public record KitStuds(Thread thread, Figure shoulder, Figure stickOut, Optional<BoltGrade> grade) {
    /** Studs whose strength is not stated. */
    public KitStuds(Thread thread, Figure shoulder, Figure stickOut) {
        this(thread, shoulder, stickOut, Optional.empty());
    }

    /** The studs in another length. */
    public KitStuds withStickOut(Figure other) {
        return new KitStuds(thread, shoulder, other, grade);
    }
}
