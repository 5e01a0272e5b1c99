package itrova.core.road;

import itrova.core.phrase.Phrase;
import java.util.List;
import java.util.Optional;

/**
 * What a vehicle is let onto the road by.
 *
 * @param axles axles something was ordered for
 * @param bleeding how bleeding stands; absent where nothing can be said of the circuit
 * @param isTrailer whether it is a trailer
 * @param moves first moves that were tried since the last work, with how they went, in the order they were tried
 * @param bedding stops counted; absent where no rule was taken yet
 */
public record RoadCase(
        List<AxleWork> axles,
        Optional<Bleeding> bleeding,
        boolean isTrailer,
        List<Tried> moves,
        Optional<BeddingLog> bedding) {
    public RoadCase {
        axles = List.copyOf(axles);
        moves = List.copyOf(moves);
    }

    /**
     * Work on an axle.
     *
     * @param openSteps titles of the steps of its plan that are not done
     * @param overturned verdicts the order was placed by that do not hold any more
     * @param replanned what a new plan would change
     */
    public record AxleWork(String name, List<Phrase> openSteps, List<Phrase> overturned, List<Phrase> replanned) {
        public AxleWork {
            openSteps = List.copyOf(openSteps);
            overturned = List.copyOf(overturned);
            replanned = List.copyOf(replanned);
        }
    }

    /**
     * Bleeding of the circuit.
     *
     * @param openPoints wheels that are not clear
     * @param openJoints joints not looked at since, or wet
     * @param isPedalRead whether the pedal was read twice since a nipple was last open; true where there is no pedal
     */
    public record Bleeding(List<String> openPoints, List<String> openJoints, boolean isPedalRead) {
        public Bleeding {
            openPoints = List.copyOf(openPoints);
            openJoints = List.copyOf(openJoints);
        }
    }

    /** A first move that was tried. */
    public record Tried(String move, boolean isFine) {}

    /** How a move went when it was tried last; absent if it was not. */
    public Optional<Boolean> went(String move) {
        return moves.stream()
                .filter(t -> t.move().equals(move))
                .reduce((first, second) -> second)
                .map(Tried::isFine);
    }
}
