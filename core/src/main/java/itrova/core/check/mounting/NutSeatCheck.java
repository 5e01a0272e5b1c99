package itrova.core.check.mounting;

import itrova.core.check.Check;
import itrova.core.fastener.Thread;
import itrova.core.finding.CheckId;
import itrova.core.finding.Explanation;
import itrova.core.finding.Finding;
import itrova.core.finding.FindingBuilder;
import itrova.core.kit.KitPart;
import itrova.core.kit.NutSeat;
import itrova.core.kit.WheelNuts;
import itrova.core.phrase.Phrase;
import itrova.core.placed.KitOnSide;
import itrova.core.remedy.NewPart;
import itrova.core.remedy.Work;
import itrova.core.remedy.WorkKind;
import itrova.core.remedy.WorkOffer;
import itrova.core.vehicle.Callout;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** The nuts' thread must be the studs', and their seat the wheel's. */
final class NutSeatCheck implements Check {
    static final String FORMULA = "thread of nut = thread of stud, seat of nut = seat of wheel";
    private static final String SOURCE =
            "Common practice: new studs often mean new nuts; a nut of another seat works loose";

    @Override
    public CheckId id() {
        return CheckId.NUT_SEAT;
    }

    @Override
    public Set<KitPart> reads() {
        return Set.of(KitPart.STUDS, KitPart.NUTS);
    }

    @Override
    public Finding judge(KitOnSide c) {
        FindingBuilder ruling = new FindingBuilder(CheckId.NUT_SEAT, c, "");
        Optional<Thread> stud = c.studThread();
        Optional<WheelNuts> nuts = c.kit().fitting().nuts();
        Optional<String> written = c.end().word(Callout.WHEEL_NUT_SEAT);
        Optional<NutSeat> seat = written.flatMap(NutSeat::of);
        Optional<Thread> nutThread =
                nuts.map(WheelNuts::thread).or(() -> c.end().studThread());
        ruling.want(stud, Callout.STUD_THREAD);
        if (stud.isPresent() && nutThread.isPresent() && !same(stud.get(), nutThread.get())) {
            return ruling.outright(why(Phrase.of(
                    "nut-seat.studs-nuts",
                    stud.get().designation(),
                    nutThread.get().designation())));
        }
        boolean oldNutsOnOldWheel = nuts.isEmpty() && c.end().otherWheel().isEmpty();
        if (oldNutsOnOldWheel) {
            // Nuts and wheel were together before; only the thread can have changed.
            return ruling.satisfied().finding(r -> why(Phrase.of("nut-seat.old-nuts-stay-on-old")));
        }
        ruling.want(seat, Callout.WHEEL_NUT_SEAT);
        Optional<NutSeat> nutSeat =
                nuts.map(WheelNuts::seat).or(() -> c.end().foundNutSeat().flatMap(NutSeat::of));
        if (nutSeat.isEmpty()) {
            ruling.missing(Phrase.of("nut-seat.seat-nuts-in-use-cone"));
        } else if (seat.isPresent() && seat.get() != nutSeat.get()) {
            return ruling.outright(why(Phrase.of("nut-seat.nuts-seat-on-wheel-has", nutSeat.get(), seat.get())));
        }
        return ruling.satisfied().finding(r -> why(Phrase.of("nut-seat.thread-and-seat-nuts-suit")));
    }

    private static boolean same(Thread a, Thread b) {
        return a.metric() == b.metric()
                && Math.abs(a.diameter() - b.diameter()) < 0.05
                && Math.abs(a.pitch() - b.pitch()) < 0.01;
    }

    private static Explanation why(Phrase words) {
        return new Explanation(words, FORMULA, List.of(), SOURCE);
    }

    @Override
    public List<WorkOffer> remedies(KitOnSide c) {
        Optional<NutSeat> seat = c.end().word(Callout.WHEEL_NUT_SEAT).flatMap(NutSeat::of);
        if (c.studThread().isEmpty() || seat.isEmpty()) {
            return List.of(
                    WorkOffer.wanting(Phrase.of("nut-seat.other-nuts-want-seat-in"), List.of(Callout.WHEEL_NUT_SEAT)));
        }
        WheelNuts nuts = new WheelNuts(c.studThread().get(), seat.get(), OptionalDouble.empty());
        return List.of(WorkOffer.of(Work.with(
                WorkKind.OTHER_NUTS,
                c.end().side(),
                new NewPart.Nuts(nuts),
                Phrase.of("nut-seat.open-nuts-with-seat", nuts.thread().designation(), nuts.seat()))));
    }
}
