package itrova.core.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A disc that slips over the studs of the hub that stays.
 *
 * @param diameter outside diameter (mm)
 * @param thickness thickness over both faces, new (mm)
 * @param bore centre bore that sits on the hub's register (mm)
 * @param hatInside inside diameter of the hat (mm)
 * @param hatThickness thickness of the hat's face under the wheel (mm)
 * @param hatDepth from the hat's face that touches the hub to the disc's mid-plane (mm), positive inboard
 * @param fillet radius inside the hat's corner (mm), if stated
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
        OptionalDouble fillet,
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

    /** A disc like this one, to be changed in what is named. */
    public Builder but() {
        return new Builder(this);
    }

    /** The disc with the holes of all patterns of a count drilled to a new diameter. */
    public Disc withHoles(int count, Figure hole) {
        return but().patterns(patterns.stream()
                        .map(p -> p.count() == count ? new HolePattern(count, p.circle(), hole) : p)
                        .toList())
                .build();
    }

    /** The disc drilled for one more pattern of holes. */
    public Disc withPattern(HolePattern more) {
        List<HolePattern> all = new ArrayList<>(patterns);
        all.add(more);
        return but().patterns(all).build();
    }

    /** Another disc's dimensions, each of which may be replaced; all in mm as in {@link Disc}. */
    public static final class Builder {
        private Figure diameter;
        private Figure thickness;
        private Figure bore;
        private Figure hatInside;
        private Figure hatThickness;
        private Figure hatDepth;
        private OptionalDouble fillet;
        private List<HolePattern> patterns;
        private Optional<Figure> holeToEdge;
        private Optional<Figure> wheelLip;
        private DiscMake make;

        private Builder(Disc like) {
            diameter = like.diameter;
            thickness = like.thickness;
            bore = like.bore;
            hatInside = like.hatInside;
            hatThickness = like.hatThickness;
            hatDepth = like.hatDepth;
            fillet = like.fillet;
            patterns = like.patterns;
            holeToEdge = like.holeToEdge;
            wheelLip = like.wheelLip;
            make = like.make;
        }

        public Builder diameter(Figure other) {
            diameter = other;
            return this;
        }

        public Builder thickness(Figure other) {
            thickness = other;
            return this;
        }

        public Builder bore(Figure other) {
            bore = other;
            return this;
        }

        public Builder hatInside(Figure other) {
            hatInside = other;
            return this;
        }

        public Builder hatThickness(Figure other) {
            hatThickness = other;
            return this;
        }

        public Builder hatDepth(Figure other) {
            hatDepth = other;
            return this;
        }

        public Builder fillet(OptionalDouble other) {
            fillet = other;
            return this;
        }

        public Builder patterns(List<HolePattern> other) {
            patterns = other;
            return this;
        }

        public Builder holeToEdge(Optional<Figure> other) {
            holeToEdge = other;
            return this;
        }

        public Builder wheelLip(Optional<Figure> other) {
            wheelLip = other;
            return this;
        }

        public Builder make(DiscMake other) {
            make = other;
            return this;
        }

        public Disc build() {
            return new Disc(
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
                    make);
        }
    }
}
