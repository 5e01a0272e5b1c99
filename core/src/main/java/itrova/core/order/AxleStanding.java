package itrova.core.order;

import itrova.core.measure.WantedReadings;
import itrova.core.phrase.Phrase;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Side;
import java.util.Optional;

/**
 * Where an axle stands in its job: its stage, what holds it up, what to do next.
 *
 * @param stage what is being done
 * @param held what holds it up; nothing where it may go on
 * @param next what to do
 * @param spot where to do it, where it is one reading or one side
 */
public record AxleStanding(Stage stage, Phrase held, Phrase next, Optional<Spot> spot) {
    /**
     * A place to go on at.
     *
     * @param side side of the vehicle
     * @param callout the reading; absent for what stands around the wheel
     */
    public record Spot(Side side, Optional<Callout> callout) {}

    private AxleStanding(Stage stage, Phrase held, Phrase next) {
        this(stage, held, next, Optional.empty());
    }

    /** Stages of a conversion, in their order. */
    public enum Stage {
        MEASURE,
        CHOOSE,
        ORDER,
        FIT
    }

    /**
     * An axle nothing is chosen for, of which something is still wanted.
     *
     * @param wanted how many readings are wanted
     * @param minutes time they take (min)
     * @param first the one to take first
     */
    public static AxleStanding measuring(int wanted, double minutes, WantedReadings.Wanted first) {
        Object about = Math.max(1, Math.round(minutes));
        return new AxleStanding(
                Stage.MEASURE,
                wanted == 1
                        ? Phrase.of("standing.one-reading-wanted", about)
                        : Phrase.of("standing.readings-wanted", wanted, about),
                Phrase.of("standing.read", first.callout(), first.side()),
                Optional.of(new Spot(first.side(), Optional.of(first.callout()))));
    }

    /** An axle that is read, and whose surroundings nobody looked at whole on a side: no kit is proven before. */
    public static AxleStanding lookingAround(Side side) {
        return new AxleStanding(
                Stage.MEASURE,
                Phrase.of("standing.not-looked-around"),
                Phrase.of("standing.look-around", side),
                Optional.of(new Spot(side, Optional.empty())));
    }

    /** A measured axle nothing is chosen for. */
    public static AxleStanding choosing(boolean isAnyProven) {
        return new AxleStanding(
                Stage.CHOOSE,
                isAnyProven ? Phrase.NOTHING : Phrase.of("standing.no-kit-proven"),
                Phrase.of("standing.choose"));
    }

    /** An axle with a kit chosen and not ordered. */
    public static AxleStanding ordering(OrderGate gate, String kit) {
        int holding = gate.holds();
        Phrase held =
                switch (gate.state()) {
                    case OPEN -> Phrase.NOTHING;
                    case HELD, SHUT ->
                        holding == 1
                                ? Phrase.of("standing.one-check-not-proven", kit)
                                : Phrase.of("standing.checks-not-proven", holding, kit);
                };
        return new AxleStanding(Stage.ORDER, held, Phrase.of("standing.order"));
    }

    /**
     * An axle whose order was placed.
     *
     * @param overturned verdicts it was placed by that do not hold any more
     */
    public static AxleStanding fitting(int overturned) {
        return switch (overturned) {
            case 0 -> new AxleStanding(Stage.FIT, Phrase.NOTHING, Phrase.of("standing.work"));
            case 1 ->
                new AxleStanding(
                        Stage.FIT, Phrase.of("standing.one-verdict-overturned"), Phrase.of("standing.look-again"));
            default ->
                new AxleStanding(
                        Stage.FIT,
                        Phrase.of("standing.verdicts-overturned", overturned),
                        Phrase.of("standing.look-again"));
        };
    }

    /** An axle whose choice is not in the catalogue any more. */
    public static AxleStanding lost(boolean isOrdered) {
        return isOrdered
                ? new AxleStanding(Stage.FIT, Phrase.of("standing.ordered-is-gone"), Phrase.of("standing.look-again"))
                : new AxleStanding(Stage.ORDER, Phrase.of("standing.chosen-is-gone"), Phrase.of("standing.choose"));
    }
}
