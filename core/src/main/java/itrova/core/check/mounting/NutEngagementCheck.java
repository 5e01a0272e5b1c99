package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.finding.Input;
import itrova.core.finding.Requirement;
import itrova.core.kit.KitPart;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.quantity.Measured;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.settings.Limit;
import itrova.core.vehicle.Callout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** After disc hat and wheel are on the studs, the nut must still hold enough full thread. */
final class NutEngagementCheck implements Check {
    private static final String BOTTOMING = "nut-engagement.closed-nut-does-not-bottom";
    static final String FORMULA =
            "m = L_stud − t_hat − t_spacer − t_wheel − P − k·d; closed nuts: L_closed − P − (L_stud − t_hat − t_spacer − t_wheel)";
    private static final String SOURCE =
            "Common practice: a steel nut holds at least one stud diameter of full thread; one pitch P is lost at the stud's end";
    /** Studs are sold in lengths that step by this (mm); common practice. */
    private static final double LENGTH_STEP = 5;
    /** A stud is made longer by no more than this (mm); common practice. */
    private static final double LONGER_MOST = 40;

    @Override
    public CheckId id() {
        return CheckId.NUT_ENGAGEMENT;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.DISC, KitPart.STUDS, KitPart.NUTS);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.NUT_ENGAGEMENT, c);
        Optional<Measured> stickOut = c.studStickOut();
        Optional<Measured> pad = c.length(Callout.WHEEL_PAD);
        Optional<itrova.core.fastener.Thread> thread = c.studThread();
        ruling.wantStuds(stickOut, Callout.STUD_STICK_OUT);
        ruling.want(pad, Callout.WHEEL_PAD);
        if (!(c.bringsHub() && stickOut.isEmpty())) {
            ruling.wantStuds(thread, Callout.STUD_THREAD);
        }
        Measured hat = c.hat().plus(c.worked().spacer());
        if (stickOut.isPresent() && pad.isPresent() && thread.isPresent()) {
            double need = thread.get().pitch()
                    + c.settings().of(Limit.ENGAGEMENT) * thread.get().diameter();
            Measured past = stickOut.get().minus(hat).minus(pad.get());
            ruling.require(Phrase.of("nut-engagement.full-thread-in-nut"), past.plus(-need));
            double pitch = thread.get().pitch();
            c.kit().fitting().nuts().ifPresent(nuts -> nuts.closedDepth()
                    .ifPresent(depth ->
                            ruling.require(Phrase.of(BOTTOMING), past.times(-1).plus(depth - pitch))));
        }
        return ruling.finding(r -> explain(c, r, stickOut, pad, hat, thread));
    }

    private static Explanation explain(
            KitOnSide c,
            Optional<Requirement> worst,
            Optional<Measured> stickOut,
            Optional<Measured> pad,
            Measured hat,
            Optional<itrova.core.fastener.Thread> thread) {
        List<Input> inputs = new ArrayList<>();
        stickOut.ifPresent(m -> inputs.add(new Input("L_stud", m, "mm")));
        inputs.add(new Input("t_hat", hat, "mm"));
        pad.ifPresent(m -> inputs.add(new Input("t_wheel", m, "mm")));
        thread.ifPresent(t -> {
            inputs.add(new Input("P", Measured.exact(t.pitch()), "mm"));
            inputs.add(new Input("d", Measured.exact(t.diameter()), "mm"));
        });
        boolean bottoms = worst.filter(NutEngagementCheck::isBottoming).isPresent();
        if (bottoms) {
            return new Explanation(
                    Phrase.of(
                            "nut-engagement.stud-stands-past-wheel-closed",
                            Amount.mm(
                                    stickOut.orElseThrow().value()
                                            - hat.value()
                                            - pad.orElseThrow().value(),
                                    1),
                            worst.get().margin().value() < 0
                                    ? Phrase.of("nut-engagement.runs-into")
                                    : Phrase.of("nut-engagement.clears"),
                            Amount.mm(Math.abs(worst.get().margin().value()), 1)),
                    FORMULA,
                    inputs,
                    SOURCE);
        }
        Phrase why = worst.isEmpty()
                ? Phrase.of("nut-engagement.thread-left-for-nut-not")
                : Phrase.of(
                        "nut-engagement.full-thread-left-for-nut",
                        Amount.mm(
                                worst.get().margin().value()
                                        + c.settings().of(Limit.ENGAGEMENT)
                                                * thread.orElseThrow().diameter(),
                                1),
                        thread.get().designation(),
                        Amount.mm(
                                c.settings().of(Limit.ENGAGEMENT) * thread.get().diameter(), 1),
                        Amount.number(
                                (worst.get().margin().value()
                                                + c.settings().of(Limit.ENGAGEMENT)
                                                        * thread.get().diameter())
                                        / thread.get().pitch(),
                                1));
        return new Explanation(why, FORMULA, inputs, SOURCE);
    }

    private static boolean isBottoming(Requirement r) {
        return r.name().code().equals(BOTTOMING);
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Finding now = judge(c);
        if (now.margin().isEmpty() || c.studStickOut().isEmpty()) {
            return List.of();
        }
        boolean bottoms = now.requirements().stream()
                .anyMatch(r -> isBottoming(r) && r.margin().value() + r.margin().expanded() < 0);
        if (bottoms) {
            return new NutSeatCheck().remedies(c);
        }
        double lacking = now.margin().get().expanded() - now.margin().get().value() + WorkKind.LONGER_STUDS.tolerance();
        double longer = Math.ceil(lacking / LENGTH_STEP) * LENGTH_STEP;
        double before = c.studStickOut().get().value();
        if (longer > LONGER_MOST) {
            return List.of(WorkOffer.refused(Phrase.of(
                    "nut-engagement.studs-longer-would-be-needed", Amount.mm(longer, 0), Amount.mm(LONGER_MOST, 0))));
        }
        return List.of(WorkOffer.of(Work.to(
                WorkKind.LONGER_STUDS,
                c.end().side(),
                before,
                before + longer,
                Phrase.of("nut-engagement.open-nuts-only-closed-one"))));
    }
}
