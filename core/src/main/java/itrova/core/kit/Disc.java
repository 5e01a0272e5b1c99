package itrova.core.kit;

import java.util.List;
import java.util.Optional;

/**
 * A disc that slips over the studs of the hub that stays.
 *
 * @param diameter outside diameter (mm)
 * @param thickness thickness over both faces, new (mm)
 * @param bore centre bore that sits on the hub's register (mm)
 * @param hatInside inside diameter of the hat (mm)
 * @param hatThickness thickness of the hat's face under the wheel (mm)
 * @param hatDepth from the hat's face that touches the hub to the disc's mid-plane (mm), positive inboard
 * @param fillet radius inside the hat's corner (mm)
 * @param patterns stud-hole patterns, one or more
 * @param holeToEdge from a hole's centre to the nearest edge of the hat's face (mm), if stated
 * @param wheelLip diameter of a lip that centres the wheel (mm), if there is one
 * @param make how it is made
 */
public record Disc(
        Figure diameter,
        Figure thickness,
        Figure bore,
        Figure hatInside,
        Figure hatThickness,
        Figure hatDepth,
        double fillet,
        List<HolePattern> patterns,
        Optional<Figure> holeToEdge,
        Optional<Figure> wheelLip,
        DiscMake make) {

    public Disc {
        patterns = List.copyOf(patterns);
        if (patterns.isEmpty()) {
            throw new IllegalArgumentException("A disc needs at least one stud-hole pattern.");
        }
    }

    /** A plain disc in one piece. */
    public Disc(
            Figure diameter,
            Figure thickness,
            Figure bore,
            Figure hatInside,
            Figure hatThickness,
            Figure hatDepth,
            double fillet,
            List<HolePattern> patterns,
            Optional<Figure> holeToEdge,
            Optional<Figure> wheelLip) {
        this(
                diameter,
                thickness,
                bore,
                hatInside,
                hatThickness,
                hatDepth,
                fillet,
                patterns,
                holeToEdge,
                wheelLip,
                DiscMake.PLAIN);
    }

    /** The disc with its centre bore replaced. */
    public Disc withBore(Figure other) {
        return copy(other, patterns, wheelLip);
    }

    /** The disc with the holes of all patterns of a count drilled to a new diameter. */
    public Disc withHoles(int count, Figure hole) {
        List<HolePattern> drilled = patterns.stream()
                .map(p -> p.count() == count ? new HolePattern(count, p.circle(), hole) : p)
                .toList();
        return copy(bore, drilled, wheelLip);
    }

    /** The disc with the lip that centres the wheel turned to another diameter. */
    public Disc withWheelLip(Figure lip) {
        return copy(bore, patterns, Optional.of(lip));
    }

    private Disc copy(Figure otherBore, List<HolePattern> otherPatterns, Optional<Figure> otherLip) {
        return new Disc(
                diameter,
                thickness,
                otherBore,
                hatInside,
                hatThickness,
                hatDepth,
                fillet,
                otherPatterns,
                holeToEdge,
                otherLip,
                make);
    }
}
