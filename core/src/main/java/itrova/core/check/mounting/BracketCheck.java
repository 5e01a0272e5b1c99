package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
import itrova.core.finding.Requirement;
import itrova.core.kit.Bracket;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The bracket's holes must lie over the axle end's holes within the play of both around the bolt. */
final class BracketCheck implements Check {
    static final String FORMULA_RECTANGLE = "m = (d_bracket − d_bolt)/2 + (d_hole − d_bolt)/2 − √(ΔH² + ΔV²)/2";
    static final String FORMULA_CIRCLE = "m = (d_bracket − d_bolt)/2 + (d_hole − d_bolt)/2 − |ΔD|/2";
    private static final String SOURCE = "Geometry of two hole patterns and one bolt";
    /** So many times its doubt a distance is to be for its direction to be known. */
    private static final double DIFFERENTIABLE = 2;

    @Override
    public CheckId id() {
        return CheckId.BRACKET;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.BRACKET);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.kit().bracket().isWelded();
    }

    @Override
    public Finding judge(KitOnSide c) {
        Bracket bracket = c.kit().bracket();
        FindingBuilder ruling = new FindingBuilder(CheckId.BRACKET, c);
        if (bracket.shape() != c.end().bracketShape()) {
            return ruling.outright(new Explanation(
                    Phrase.of(
                            "bracket.bracket-s-holes-lie-on",
                            word(bracket.shape()),
                            word(c.end().bracketShape())),
                    formula(bracket.shape()),
                    List.of(),
                    SOURCE));
        }
        if (bracket.count() == Bracket.COUNT_UNKNOWN) {
            ruling.missing(Phrase.of("bracket.how-many-bolts-bracket-takes"));
        }
        int apart = holesApart(c);
        if (apart > 0) {
            return new FindingBuilder(CheckId.BRACKET, c, "holes")
                    .require(Phrase.of("bracket.same-number-holes"), Measured.exact(-apart))
                    .finding(r -> new Explanation(
                            Phrase.of(
                                    "bracket.bracket-has-holes-axle-end",
                                    bracket.count(),
                                    c.end().count(Callout.BRACKET_COUNT).orElseThrow()),
                            "n_bracket = n_axle",
                            List.of(),
                            "Count"));
        }
        Optional<Measured> hole = c.length(Callout.BRACKET_HOLE);
        ruling.want(hole, Callout.BRACKET_HOLE);
        Measured bolt = bracket.bolt().measured(c.kit().source(PaperFigure.BRACKET_BOLT));
        ruling.require(
                Phrase.of("bracket.bolt-through-bracket-s-own"),
                bracket.hole()
                        .measured(c.kit().source(PaperFigure.BRACKET_HOLE))
                        .minus(bolt));
        hole.ifPresent(h -> ruling.require(Phrase.of("bracket.bolt-through-hole"), h.minus(bolt)));
        hole.ifPresent(h -> {
            Measured play = bracket.hole()
                    .measured(c.kit().source(PaperFigure.BRACKET_HOLE))
                    .plus(h)
                    .minus(bolt.times(2));
            if (bracket.shape() == BracketShape.RECTANGLE) {
                rectangle(c)
                        .ifPresent(off -> ruling.require(
                                Phrase.of("bracket.holes-over-holes"),
                                play.minus(off).times(0.5)));
            } else {
                circle(c).ifPresent(off -> ruling.require(
                                Phrase.of("bracket.holes-over-holes-too-wide"),
                                play.minus(off).times(0.5))
                        .require(
                                Phrase.of("bracket.holes-over-holes-too-narrow"),
                                play.plus(off).times(0.5)));
            }
        });
        if (bracket.shape() == BracketShape.RECTANGLE) {
            ruling.want(c.length(Callout.BRACKET_ACROSS), Callout.BRACKET_ACROSS)
                    .want(c.length(Callout.BRACKET_UP), Callout.BRACKET_UP);
        } else {
            ruling.want(c.length(Callout.BRACKET_CIRCLE), Callout.BRACKET_CIRCLE);
            if (c.end().count(Callout.BRACKET_COUNT).isEmpty()) {
                ruling.missing(Callout.BRACKET_COUNT);
            }
        }
        return ruling.finding(r -> explain(c, r, hole));
    }

    private static int holesApart(KitOnSide c) {
        boolean counted = c.end().bracketShape() == BracketShape.CIRCLE
                && c.kit().bracket().count() != Bracket.COUNT_UNKNOWN
                && c.end().count(Callout.BRACKET_COUNT).isPresent();
        return counted
                ? Math.abs(c.end().count(Callout.BRACKET_COUNT).getAsInt()
                        - c.kit().bracket().count())
                : 0;
    }

    /** How far the farthest hole is off, level and upright together (mm). */
    private static Optional<Measured> rectangle(KitOnSide c) {
        Optional<Measured> across = c.length(Callout.BRACKET_ACROSS);
        Optional<Measured> up = c.length(Callout.BRACKET_UP);
        if (across.isEmpty() || up.isEmpty()) {
            return Optional.empty();
        }
        Bracket bracket = c.kit().bracket();
        Measured dh = across.get()
                .minus(bracket.across().orElseThrow().measured(c.kit().source(PaperFigure.BRACKET_ACROSS)))
                .magnitude();
        Measured dv = up.get()
                .minus(bracket.up().orElseThrow().measured(c.kit().source(PaperFigure.BRACKET_UP)))
                .magnitude();
        double off = Math.hypot(dh.value(), dv.value());
        Measured safe = dh.derive(off, 1, dv, 1);
        // Near zero the root has no derivative; taking both at full sensitivity errs to the safe side there.
        return Optional.of(
                off > DIFFERENTIABLE * safe.expanded() ? dh.derive(off, dh.value() / off, dv, dv.value() / off) : safe);
    }

    /** How much wider the axle end's circle is than the bracket's (mm). */
    private static Optional<Measured> circle(KitOnSide c) {
        return c.length(Callout.BRACKET_CIRCLE)
                .map(d -> d.minus(c.kit()
                        .bracket()
                        .circle()
                        .orElseThrow()
                        .measured(c.kit().source(PaperFigure.BRACKET_CIRCLE))));
    }

    private static Explanation explain(KitOnSide c, Optional<Requirement> worst, Optional<Measured> hole) {
        Bracket b = c.kit().bracket();
        List<Input> inputs = new ArrayList<>();
        if (b.shape() == BracketShape.RECTANGLE) {
            c.length(Callout.BRACKET_ACROSS).ifPresent(m -> inputs.add(new Input("H, read", m, "mm")));
            inputs.add(new Input(
                    "H, bracket", b.across().orElseThrow().measured(c.kit().source(PaperFigure.BRACKET_ACROSS)), "mm"));
            c.length(Callout.BRACKET_UP).ifPresent(m -> inputs.add(new Input("V, read", m, "mm")));
            inputs.add(new Input(
                    "V, bracket", b.up().orElseThrow().measured(c.kit().source(PaperFigure.BRACKET_UP)), "mm"));
        } else {
            c.length(Callout.BRACKET_CIRCLE).ifPresent(m -> inputs.add(new Input("D, read", m, "mm")));
            inputs.add(new Input(
                    "D, bracket", b.circle().orElseThrow().measured(c.kit().source(PaperFigure.BRACKET_CIRCLE)), "mm"));
        }
        hole.ifPresent(m -> inputs.add(new Input("d_hole", m, "mm")));
        inputs.add(new Input("d_bracket", b.hole().measured(c.kit().source(PaperFigure.BRACKET_HOLE)), "mm"));
        inputs.add(new Input("d_bolt", b.bolt().measured(c.kit().source(PaperFigure.BRACKET_BOLT)), "mm"));
        Phrase why = worst.map(w -> Phrase.of(
                        "bracket.tightest",
                        w.name(),
                        w.margin().value() < 0 ? Phrase.of("bracket.short-by") : Phrase.of("bracket.room"),
                        Amount.mm(Math.abs(w.margin().value()), 2)))
                .orElse(Phrase.of("bracket.bolt-pattern-was-not-read"));
        return new Explanation(why, formula(b.shape()), inputs, SOURCE);
    }

    private static String formula(BracketShape shape) {
        return shape == BracketShape.RECTANGLE ? FORMULA_RECTANGLE : FORMULA_CIRCLE;
    }

    private static Phrase word(BracketShape shape) {
        return shape == BracketShape.RECTANGLE ? Phrase.of("bracket.rectangle") : Phrase.of("bracket.circle");
    }
}
