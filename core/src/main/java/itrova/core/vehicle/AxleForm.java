package itrova.core.vehicle;

/**
 * What is seen of an axle end before anything is measured; decides the drawing and the callouts.
 *
 * @param kind kind of axle end
 * @param bracketShape how the bracket's bolt holes lie
 * @param nut how the bearings of a spindle are held; without meaning where there is no spindle
 * @param retention what keeps a live axle's shaft in; without meaning elsewhere
 * @param greaseThrough whether grease is pumped through the spindle
 * @param handed whether parts are stamped left and right
 * @param toneRing whether an anti-lock tone ring sits on the hub: it may be lost with the drum
 * @param electricBrakes whether the drums are worked by electric magnets
 */
public record AxleForm(
        AxleEndKind kind,
        BracketShape bracketShape,
        SpindleNut nut,
        Retention retention,
        boolean greaseThrough,
        boolean handed,
        boolean toneRing,
        boolean electricBrakes) {

    /** The usual form of a kind of axle end. */
    public static AxleForm defaultFor(AxleEndKind kind, BracketShape shape) {
        return new AxleForm(kind, shape, SpindleNut.CASTLE, Retention.PRESSED_BEARING, false, false, false, false);
    }
}
