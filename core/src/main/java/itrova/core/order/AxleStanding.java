package itrova.core.order;

import itrova.core.phrase.Phrase;

/**
 * Where an axle stands in its job: its stage, what holds it up, what to do next.
 *
 * @param stage what is being done
 * @param held what holds it up; nothing where it may go on
 * @param next what to do
 */
public record AxleStanding(Stage stage, Phrase held, Phrase next) {
    /** Stages of a conversion, in their order. */
    public enum Stage {
        MEASURE,
        CHOOSE,
        ORDER,
        FIT
    }

    /** An axle nothing is chosen for, of which so many readings are still wanted; more than 0. */
    public static AxleStanding measuring(int wanted) {
        return new AxleStanding(
                Stage.MEASURE,
                wanted == 1 ? Phrase.of("standing.one-reading-wanted") : Phrase.of("standing.readings-wanted", wanted),
                Phrase.of("standing.measure"));
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
