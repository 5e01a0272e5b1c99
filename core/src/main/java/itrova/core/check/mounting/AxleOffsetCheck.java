package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.fastener.ShimStack;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.Bracket;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Retention;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The caliper must come to stand over the disc within the shims that come with the kit. A weld-on bracket is set so at the mock-up.
 */
final class AxleOffsetCheck implements Check {
    static final String FORMULA = "m = s_shims − |A_read − A_kit| − float/2";
    private static final String SOURCE = "Chain from housing face to disc; common practice";
    /** Shims are cut to this (mm). */
    private static final double SHIM_STEP = 0.1;

    @Override
    public CheckId id() {
        return CheckId.AXLE_OFFSET;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.BRACKET);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return !c.kit().bracket().isWelded() || c.kit().bracket().axleOffset().isPresent();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.AXLE_OFFSET, c);
        Optional<Measured> read = c.hubFace();
        Optional<Measured> wanted = wanted(c);
        ruling.want(read, c.hubFaceCallout()).reads(PaperFigure.BRACKET_SHIM_RANGE);
        if (c.bringsHub() && c.kit().fitting().hub().get().face().isEmpty()) {
            ruling.missing(Phrase.of("axle-offset.how-far-face-kit-s"));
        }
        if (wanted.isEmpty() && c.kit().bracket().mount().caliperPlane().isEmpty()) {
            ruling.missing(Phrase.of("axle-offset.hub-face-kit-made-for"));
        }
        double shims = c.kit().bracket().shimRange();
        plane(c, ruling, shims);
        if (read.isPresent() && wanted.isPresent()) {
            Measured off = read.get().minus(wanted.get()).plus(-c.worked().shims());
            double room = shims - c.halfFloat();
            ruling.require(
                            Phrase.of("axle-offset.caliper-over-disc-shimmed-out"),
                            off.times(-1).plus(room))
                    .require(Phrase.of("axle-offset.caliper-over-disc-shimmed-in"), off.plus(room));
        }
        return ruling.finding(r -> new Explanation(
                read.isPresent() && wanted.isPresent()
                        ? Phrase.all(
                                Phrase.of(
                                        "axle-offset.kit-made-for-and-can",
                                        c.end().kind() == AxleEndKind.REAR_LIVE_AXLE
                                                ? Phrase.of("axle-offset.axle-offset")
                                                : Phrase.of("axle-offset.bracket-face-hub-face"),
                                        Amount.mm(read.get().value(), 1),
                                        Amount.mm(wanted.get().value(), 1),
                                        Amount.mm(shims, 1)),
                                clip(c),
                                stack(c, read.get().value() - wanted.get().value()))
                        : Phrase.of("axle-offset.axle-offset-and-kit-s"),
                FORMULA,
                new Inputs()
                        .add("A_read", read)
                        .add("A_kit", wanted)
                        .add("s_shims", shims, "mm")
                        .add("float/2", c.halfFloat(), "mm")
                        .list(),
                SOURCE));
    }

    /** Where the papers say where the bracket holds the caliper's middle, the disc's must come to stand there. */
    private static void plane(KitOnSide c, FindingBuilder ruling, double shims) {
        Optional<Measured> plane = c.kit()
                .bracket()
                .mount()
                .caliperPlane()
                .map(f -> f.measured(c.kit().source(PaperFigure.BRACKET_CALIPER_PLANE)));
        Optional<Measured> disc = c.midPlane();
        if (plane.isPresent() && disc.isPresent()) {
            Measured off = disc.get().minus(plane.get()).plus(-c.worked().shims());
            double room = shims - c.halfFloat();
            ruling.require(
                            Phrase.of("axle-offset.disc-under-caliper-shimmed-out"),
                            off.times(-1).plus(room))
                    .require(Phrase.of("axle-offset.disc-under-caliper-shimmed-in"), off.plus(room));
        }
    }

    /** What a shaft held by a clip floats, and what is opened to draw it; empty where a bearing holds it. */
    private static Phrase clip(KitOnSide c) {
        return c.end().form().retention() == Retention.C_CLIP && c.end().kind() == AxleEndKind.REAR_LIVE_AXLE
                ? Phrase.of("axle-offset.shaft-floats-between-c-clip", Amount.mm(2 * c.halfFloat(), 2))
                : Phrase.NOTHING;
    }

    /** The stack of the kit's own shims that comes nearest, in words; empty where none are listed or none is wanted. */
    private static Phrase stack(KitOnSide c, double off) {
        var sizes = c.kit().bracket().mount().shims();
        if (sizes.isEmpty() || off <= 0 || c.kit().bracket().count() == Bracket.COUNT_UNKNOWN) {
            return Phrase.NOTHING;
        }
        ShimStack stack = ShimStack.nearest(off, sizes, 2 * c.kit().bracket().count());
        return Phrase.of(
                "axle-offset.shims-in-box-on-every", stack.words(), Amount.mm(Math.abs(off - stack.thickness()), 2));
    }

    private static Optional<Measured> wanted(KitOnSide c) {
        return c.kit().bracket().axleOffset().map(f -> f.measured(c.kit().source(PaperFigure.BRACKET_AXLE_OFFSET)));
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Optional<Measured> read = c.hubFace();
        Optional<Measured> wanted = wanted(c);
        if (read.isEmpty() || wanted.isEmpty()) {
            return List.of();
        }
        if (c.kit().contradicts(PaperFigure.BRACKET_SHIM_RANGE)) {
            return List.of();
        }
        Measured off = read.get().minus(wanted.get());
        if (off.value() < 0) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "axle-offset.caliper-would-have-come-further",
                    Amount.mm(-off.value() - c.kit().bracket().shimRange(), 1))));
        }
        double stack = Math.ceil(off.value() / SHIM_STEP) * SHIM_STEP;
        double most = c.settings().of(Limit.SHIM_MOST);
        if (stack > most) {
            return List.of(WorkOffer.refused(
                    Phrase.of("axle-offset.shims-under-bracket-would-be", Amount.mm(stack, 1), Amount.mm(most, 1))));
        }
        return List.of(WorkOffer.of(Work.to(
                WorkKind.SHIM_STACK,
                c.end().side(),
                0,
                stack,
                Phrase.of("axle-offset.same-stack-on-every-bolt", Amount.mm(most, 1)))));
    }
}
