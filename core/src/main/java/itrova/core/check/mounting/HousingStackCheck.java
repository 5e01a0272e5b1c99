package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Inputs;
import itrova.core.kit.Figure;
import itrova.core.kit.HousingStack;
import itrova.core.kit.KitPart;
import itrova.core.kit.PaperFigure;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.Callout;
import itrova.core.vehicle.Retention;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Bracket, retainer and plate on the housing's bolts must leave enough thread for the nut. */
final class HousingStackCheck implements Check {
    static final String FORMULA = "m = L_bolt − t_bracket − t_retainer − t_plate − t_shims − P − k·d";
    private static final String SOURCE =
            "Common practice: a steel nut holds at least one bolt diameter of full thread; one pitch P is lost at the end";
    private static final double LENGTH_STEP = 5;
    /** A bolt is made longer by no more than this (mm); common practice. */
    private static final double LONGER_MOST = 40;

    @Override
    public CheckId id() {
        return CheckId.HOUSING_STACK;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.BRACKET);
    }

    @Override
    public boolean appliesTo(KitOnSide c) {
        return c.end().kind() == AxleEndKind.REAR_LIVE_AXLE
                && !c.kit().bracket().isWelded();
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.HOUSING_STACK, c);
        Optional<Measured> length = length(c);
        Optional<Thread> thread = thread(c);
        Optional<Measured> bracket = c.kit()
                .bracket()
                .mount()
                .thickness()
                .map(f -> f.measured(c.kit().source(PaperFigure.BRACKET_THICKNESS)));
        Optional<Measured> retainer = retainer(c);
        Optional<Measured> plate = plate(c);
        Optional<Measured> shims = shims(c);
        if (shims.isEmpty()) {
            ruling.want(c.hubFace(), c.hubFaceCallout());
        }
        ruling.want(length, Callout.T_BOLT_LENGTH)
                .want(thread, Callout.T_BOLT_THREAD)
                .want(retainer, Callout.RETAINER)
                .want(plate, Callout.BACKING_PLATE);
        if (bracket.isEmpty()) {
            ruling.missing(Phrase.of("housing-stack.bracket-s-thickness-ask-supplier"));
        }
        if (length.isPresent()
                && thread.isPresent()
                && bracket.isPresent()
                && retainer.isPresent()
                && plate.isPresent()) {
            ruling.require(
                    Phrase.of("housing-stack.full-thread-in-nut"),
                    length.get()
                            .minus(bracket.get())
                            .minus(retainer.get())
                            .minus(plate.get())
                            .minus(shims.orElse(Measured.exact(0)))
                            .plus(-c.worked().shims() - need(c, thread.get())));
        }
        return ruling.finding(r -> new Explanation(
                r.map(worst -> Phrase.of(
                                "housing-stack.bolt-bracket-retainer-and-plate",
                                Amount.mm(length.orElseThrow().value(), 1),
                                Amount.mm(
                                        bracket.orElseThrow().value()
                                                + retainer.orElseThrow().value()
                                                + plate.orElseThrow().value(),
                                        1),
                                Amount.mm(worst.margin().value() + held(c, thread.orElseThrow()), 1),
                                thread.get().designation(),
                                Amount.mm(held(c, thread.get()), 1)))
                        .orElse(Phrase.of("housing-stack.stack-on-housing-s-bolts")),
                FORMULA,
                new Inputs()
                        .add("L_bolt", length)
                        .add("t_bracket", bracket)
                        .add("t_retainer", retainer)
                        .add("t_plate", plate)
                        .add("t_shims", shims)
                        .list(),
                SOURCE));
    }

    /** The kit's own shims it takes to bring the caliper over the disc (mm); they lie under the bracket. Absent until that is known. */
    private static Optional<Measured> shims(KitOnSide c) {
        Optional<Figure> made = c.kit().bracket().axleOffset();
        if (!(c.kit().bracket().shimRange() > 0) || made.isEmpty()) {
            return Optional.of(Measured.exact(0));
        }
        return c.hubFace().map(face -> {
            Measured off = face.minus(made.get().measured(c.kit().source(PaperFigure.BRACKET_AXLE_OFFSET)));
            double most = c.kit().bracket().shimRange();
            return off.value() <= 0 ? Measured.exact(0) : off.value() > most ? Measured.exact(most) : off;
        });
    }

    private static double held(KitOnSide c, Thread thread) {
        return c.settings().of(Limit.ENGAGEMENT) * thread.diameter();
    }

    private static double need(KitOnSide c, Thread thread) {
        return thread.pitch() + held(c, thread);
    }

    private static HousingStack stack(KitOnSide c) {
        return c.kit().fitting().stack();
    }

    private static Optional<Measured> length(KitOnSide c) {
        return stack(c).bolts()
                .map(b -> b.length().measured(c.kit().source(PaperFigure.STACK_BOLTS)))
                .or(() -> c.length(Callout.T_BOLT_LENGTH));
    }

    private static Optional<Thread> thread(KitOnSide c) {
        return stack(c).bolts().map(HousingStack.Bolts::thread).or(() -> c.end().thread(Callout.T_BOLT_THREAD));
    }

    private static Optional<Measured> retainer(KitOnSide c) {
        if (c.end().form().retention() == Retention.C_CLIP) {
            return Optional.of(Measured.exact(0));
        }
        return stack(c).retainer()
                .map(f -> f.measured(c.kit().source(PaperFigure.STACK_RETAINER)))
                .or(() -> c.length(Callout.RETAINER));
    }

    private static Optional<Measured> plate(KitOnSide c) {
        if (stack(c).backingPlateStays()) {
            return c.length(Callout.BACKING_PLATE);
        }
        return Optional.of(stack(c).standIn()
                .map(f -> f.measured(c.kit().source(PaperFigure.STACK_STAND_IN)))
                .orElse(Measured.exact(0)));
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Finding now = judge(c);
        Optional<Measured> length = length(c);
        if (now.margin().isEmpty() || length.isEmpty()) {
            return List.of();
        }
        double lacking =
                now.margin().get().expanded() - now.margin().get().value() + WorkKind.LONGER_T_BOLTS.tolerance();
        double longer = Math.ceil(lacking / LENGTH_STEP) * LENGTH_STEP;
        if (longer > LONGER_MOST) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "housing-stack.bolts-longer-would-be-needed", Amount.mm(longer, 0), Amount.mm(LONGER_MOST, 0))));
        }
        Figure target = Figure.stated(length.get().value() + longer, WorkKind.LONGER_T_BOLTS.tolerance());
        HousingStack old = stack(c);
        HousingStack bolted = new HousingStack(
                old.retainer(),
                old.standIn(),
                old.backingPlateStays(),
                Optional.of(new HousingStack.Bolts(thread(c).orElseThrow(), target)));
        return List.of(WorkOffer.of(new Work(
                WorkKind.LONGER_T_BOLTS,
                c.end().side(),
                length.get().value(),
                target.value(),
                Phrase.of("housing-stack.nothing-behind-housing-s-flange"),
                Optional.of(new NewPart.Bolts(bolted)))));
    }
}
