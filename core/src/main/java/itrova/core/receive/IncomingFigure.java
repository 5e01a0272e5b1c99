package itrova.core.receive;

import itrova.core.kit.Bracket;
import itrova.core.kit.Disc;
import itrova.core.kit.Figure;
import itrova.core.kit.HolePattern;
import itrova.core.kit.Kit;
import itrova.core.phrase.Titled;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/** What is measured of a kit when it is unpacked: what a caliper reaches and a check goes by. */
public enum IncomingFigure implements Titled {
    DISC_THICKNESS("Disc, thickness over both faces", 0.03, disc(Disc::thickness), discOf(Disc.Builder::thickness)),
    DISC_DIAMETER("Disc, outside diameter", 0.5, disc(Disc::diameter), discOf(Disc.Builder::diameter)),
    DISC_BORE("Disc, centre bore", 0.03, disc(Disc::bore), discOf(Disc.Builder::bore)),
    HAT_INSIDE("Hat, inside diameter", 0.05, disc(Disc::hatInside), discOf(Disc.Builder::hatInside)),
    HAT_THICKNESS("Hat, thickness under the wheel", 0.05, disc(Disc::hatThickness), discOf(Disc.Builder::hatThickness)),
    STUD_HOLE("Stud holes of the disc, the smallest", 0.03, holes(HolePattern::hole), IncomingFigure::holes),
    STUD_CIRCLE("Stud circle of the disc", 0.1, circle(), IncomingFigure::circle),
    BRACKET_HOLE("Bolt holes of the bracket, the smallest", 0.03, bracket(Bracket::hole), IncomingFigure::bracketHole),
    BRACKET_ACROSS("Bracket holes, spacing level", 0.1, k -> k.bracket().across(), IncomingFigure::across),
    BRACKET_UP("Bracket holes, spacing up and down", 0.1, k -> k.bracket().up(), IncomingFigure::up),
    BRACKET_CIRCLE("Bracket holes, bolt circle", 0.1, k -> k.bracket().circle(), IncomingFigure::bracketCircle);

    private final String title;
    private final double half;
    private final Function<Kit, Optional<Figure>> promised;
    private final BiFunction<Kit, Figure, Kit> put;

    IncomingFigure(
            String title, double half, Function<Kit, Optional<Figure>> promised, BiFunction<Kit, Figure, Kit> put) {
        this.title = title;
        this.half = half;
        this.promised = promised;
        this.put = put;
    }

    @Override
    public String title() {
        return title;
    }

    /** What a reading with a caliper or a tape may be off where nobody says (mm, half width); common practice. */
    public double half() {
        return half;
    }

    /** What the papers promise; absent where this kit has none. */
    public Optional<Figure> promised(Kit kit) {
        return promised.apply(kit);
    }

    /** The kit with another figure here. */
    Kit put(Kit kit, Figure figure) {
        return put.apply(kit, figure);
    }

    private static Function<Kit, Optional<Figure>> disc(Function<Disc, Figure> figure) {
        return kit -> Optional.of(figure.apply(kit.disc()));
    }

    private static BiFunction<Kit, Figure, Kit> discOf(BiFunction<Disc.Builder, Figure, Disc.Builder> put) {
        return (kit, f) -> kit.withDisc(put.apply(kit.disc().but(), f).build());
    }

    private static Function<Kit, Optional<Figure>> bracket(Function<Bracket, Figure> figure) {
        return kit -> Optional.of(figure.apply(kit.bracket()));
    }

    /** Where all patterns promise the same: which of two kinds of holes was measured nobody could tell later. */
    private static Function<Kit, Optional<Figure>> holes(Function<HolePattern, Figure> figure) {
        return kit -> kit.disc().patterns().stream().map(figure).distinct().count() == 1
                ? Optional.of(figure.apply(kit.disc().patterns().get(0)))
                : Optional.empty();
    }

    private static Function<Kit, Optional<Figure>> circle() {
        return kit -> kit.disc().patterns().size() == 1
                ? Optional.of(kit.disc().patterns().get(0).circle())
                : Optional.empty();
    }

    private static Kit holes(Kit kit, Figure f) {
        return kit.withDisc(kit.disc()
                .but()
                .patterns(kit.disc().patterns().stream()
                        .map(p -> new HolePattern(p.count(), p.circle(), f))
                        .toList())
                .build());
    }

    private static Kit circle(Kit kit, Figure f) {
        return kit.withDisc(kit.disc()
                .but()
                .patterns(kit.disc().patterns().stream()
                        .map(p -> new HolePattern(p.count(), f, p.hole()))
                        .toList())
                .build());
    }

    private static Kit bracketHole(Kit kit, Figure f) {
        Bracket b = kit.bracket();
        return kit.withBracket(new Bracket(
                b.shape(),
                b.count(),
                b.across(),
                b.up(),
                b.circle(),
                f,
                b.bolt(),
                b.axleOffset(),
                b.shimRange(),
                b.mount()));
    }

    private static Kit across(Kit kit, Figure f) {
        return spaced(kit, Optional.of(f), kit.bracket().up(), kit.bracket().circle());
    }

    private static Kit up(Kit kit, Figure f) {
        return spaced(kit, kit.bracket().across(), Optional.of(f), kit.bracket().circle());
    }

    private static Kit bracketCircle(Kit kit, Figure f) {
        return spaced(kit, kit.bracket().across(), kit.bracket().up(), Optional.of(f));
    }

    private static Kit spaced(Kit kit, Optional<Figure> across, Optional<Figure> up, Optional<Figure> circle) {
        Bracket b = kit.bracket();
        return kit.withBracket(new Bracket(
                b.shape(),
                b.count(),
                across,
                up,
                circle,
                b.hole(),
                b.bolt(),
                b.axleOffset(),
                b.shimRange(),
                b.mount()));
    }
}
