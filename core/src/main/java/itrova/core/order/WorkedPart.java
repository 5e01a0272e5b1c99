package itrova.core.order;

import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.phrase.Titled;
import itrova.core.quantity.Measured;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.vehicle.AxleEnd;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A part a machine shop works, with the dimensions its drawing carries: which is made, which are only as found.
 *
 * @param work what is done; its target is the dimension made
 * @param piece what lies on the machine
 * @param dimensions in the order of the drawing
 * @param holes bolt holes in its face
 */
public record WorkedPart(Work work, Piece piece, List<Dimension> dimensions, Optional<Holes> holes) {
    /** What lies on the machine. */
    public enum Piece implements Titled {
        DISC("Brake disc"),
        RING("Ring, to be made"),
        WHEEL("Wheel"),
        FLANGE("Hub or axle flange"),
        PLATE("Spacer, to be made");

        private final String title;

        Piece(String title) {
            this.title = title;
        }

        @Override
        public String title() {
            return title;
        }
    }

    /** What a dimension is of. */
    public enum Of implements Titled {
        OUTSIDE("outside diameter"),
        INSIDE("bore"),
        CIRCLE("circle of the holes"),
        HOLE("holes"),
        THICKNESS("thickness"),
        CORNER("corner, radius");

        private final String title;

        Of(String title) {
            this.title = title;
        }

        @Override
        public String title() {
            return title;
        }
    }

    /**
     * One dimension.
     *
     * @param value as found, or as it is to be (mm)
     * @param tolerance half width it is to be held to (mm); 0 for one that is only as found
     */
    public record Dimension(Of of, double value, double tolerance) {
        public boolean isMade() {
            return tolerance > 0;
        }
    }

    /** Holes in the face (mm). */
    public record Holes(int count, double circle, double diameter) {}

    public WorkedPart {
        dimensions = List.copyOf(dimensions);
    }

    /** A dimension of the drawing. */
    public Optional<Dimension> dimension(Of of) {
        return dimensions.stream().filter(d -> d.of() == of).findFirst();
    }

    /** What of a report's work is done on a machine, side by side. */
    public static List<WorkedPart> of(List<Work> works, Kit kit, List<AxleEnd> ends) {
        Map<itrova.core.vehicle.Side, AxleEnd> bySide =
                ends.stream().collect(Collectors.toMap(AxleEnd::side, end -> end));
        return works.stream()
                .flatMap(w -> of(w, kit, bySide.get(w.side())).stream())
                .toList();
    }

    private static Optional<WorkedPart> of(Work w, Kit kit, AxleEnd end) {
        Drawing d = new Drawing(w);
        return switch (w.kind()) {
            case DRILL_HOLES ->
                d.found(Of.OUTSIDE, kit.disc().diameter().value())
                        .found(Of.INSIDE, kit.disc().bore().value())
                        .holes(patternOf(kit, end), w.target(), Of.HOLE)
                        .part(Piece.DISC);
            case DRILL_CIRCLE ->
                d.found(Of.OUTSIDE, kit.disc().diameter().value())
                        .found(Of.INSIDE, kit.disc().bore().value())
                        .second(w)
                        .part(Piece.DISC);
            case BORE_DISC ->
                d.found(Of.OUTSIDE, kit.disc().diameter().value())
                        .made(Of.INSIDE)
                        .shown(patternOf(kit, end))
                        .part(Piece.DISC);
            case CENTRING_RING ->
                d.found(Of.OUTSIDE, w.before()).made(Of.INSIDE).part(Piece.RING);
            case WHEEL_RING -> d.made(Of.OUTSIDE).found(Of.INSIDE, w.before()).part(Piece.RING);
            case BORE_WHEEL ->
                d.made(Of.INSIDE).shown(found(end, Callout.WHEEL_STUD_HOLE)).part(Piece.WHEEL);
            case TURN_FLANGE ->
                d.made(Of.OUTSIDE)
                        .found(Of.INSIDE, end.length(Callout.REGISTER))
                        .shown(found(end, Callout.STUD_MAJOR))
                        .part(Piece.FLANGE);
            case ROUND_CORNER ->
                d.found(Of.OUTSIDE, end.length(Callout.FLANGE))
                        .made(Of.CORNER)
                        .shown(found(end, Callout.STUD_MAJOR))
                        .part(Piece.FLANGE);
            case WHEEL_SPACER ->
                d.found(Of.OUTSIDE, end.length(Callout.FLANGE))
                        .found(Of.INSIDE, end.length(Callout.REGISTER))
                        .made(Of.THICKNESS)
                        .shown(found(end, Callout.STUD_MAJOR))
                        .part(Piece.PLATE);
            case REMACHINE_HUB ->
                d.found(Of.OUTSIDE, end.length(Callout.FLANGE))
                        .found(Of.INSIDE, end.length(Callout.REGISTER))
                        .made(Of.CIRCLE)
                        .redrilled(w, end)
                        .part(Piece.FLANGE);
            default -> Optional.empty();
        };
    }

    private static Optional<Holes> patternOf(Kit kit, AxleEnd end) {
        int lugs = end.count(Callout.LUG_COUNT).orElse(0);
        List<HolePattern> patterns = kit.disc().patterns();
        return patterns.stream()
                .filter(p -> p.count() == lugs)
                .findFirst()
                .or(() -> patterns.stream().findFirst())
                .map(p -> new Holes(p.count(), p.circle().value(), p.hole().value()));
    }

    private static Optional<Holes> found(AxleEnd end, Callout hole) {
        return end.boltCircle()
                .filter(circle -> end.count(Callout.LUG_COUNT).isPresent())
                .map(circle -> new Holes(
                        end.count(Callout.LUG_COUNT).getAsInt(),
                        circle.value(),
                        end.length(hole).map(Measured::value).orElse(0.0)));
    }

    /** Gathers the dimensions of one work. */
    private static final class Drawing {
        private final Work work;
        private final List<Dimension> dimensions = new ArrayList<>();
        private Optional<Holes> holes = Optional.empty();

        Drawing(Work work) {
            this.work = work;
        }

        Drawing found(Of of, double value) {
            dimensions.add(new Dimension(of, value, 0));
            return this;
        }

        Drawing found(Of of, Optional<Measured> value) {
            value.ifPresent(m -> found(of, m.value()));
            return this;
        }

        Drawing made(Of of) {
            dimensions.add(new Dimension(of, work.target(), work.kind().tolerance()));
            return this;
        }

        Drawing shown(Optional<Holes> as) {
            holes = as;
            return this;
        }

        /** Holes of a pattern opened to a size. */
        Drawing holes(Optional<Holes> pattern, double size, Of made) {
            holes = pattern.map(p -> new Holes(p.count(), p.circle(), size));
            holes.ifPresent(h -> found(Of.CIRCLE, h.circle()));
            return made(made);
        }

        Drawing second(Work w) {
            w.part().filter(NewPart.SecondCircle.class::isInstance).ifPresent(p -> {
                HolePattern more = ((NewPart.SecondCircle) p).pattern();
                holes = Optional.of(new Holes(
                        more.count(), more.circle().value(), more.hole().value()));
                dimensions.add(
                        new Dimension(Of.CIRCLE, more.circle().value(), w.kind().tolerance()));
                dimensions.add(
                        new Dimension(Of.HOLE, more.hole().value(), w.kind().tolerance()));
            });
            return this;
        }

        Drawing redrilled(Work w, AxleEnd end) {
            w.part()
                    .filter(NewPart.Redrilled.class::isInstance)
                    .ifPresent(p -> holes = Optional.of(new Holes(
                            ((NewPart.Redrilled) p).count(),
                            w.target(),
                            end.length(Callout.STUD_MAJOR).map(Measured::value).orElse(0.0))));
            return this;
        }

        Optional<WorkedPart> part(Piece piece) {
            return Optional.of(new WorkedPart(work, piece, dimensions, holes));
        }
    }
}
