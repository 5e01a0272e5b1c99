package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.hydraulics.ProportioningValve;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import java.util.Optional;

/** Whether the front locks before the rear. */
final class Balance {
    private static final String SOURCE =
            "ECE R13-H annex 5 (from memory): the front uses more adhesion than the rear, 0.15 ≤ z ≤ 0.8";
    /** Pressure of a hard stop, at which valves are compared (MPa). */
    private static final double HARD_STOP = 7;

    private final Judging j;

    private Balance(Judging j) {
        this.j = j;
    }

    static void judge(Judging j) {
        j.figure(BrakeFigureKind.BALANCE_EMPTY, v -> BalanceModel.balance(v, Load.EMPTY));
        j.figure(BrakeFigureKind.BALANCE_LADEN, v -> BalanceModel.balance(v, Load.LADEN));
        Balance balance = new Balance(j);
        balance.judge(BrakeCheck.BALANCE_EMPTY, Load.EMPTY);
        balance.judge(BrakeCheck.BALANCE_LADEN, Load.LADEN);
    }

    private void judge(BrakeCheck check, Load load) {
        BrakeFinding made = j.judge(check, "", v -> BalanceModel.balance(v, load), "brakes.balance", SOURCE);
        if (j.isWhole() && made.verdict() != Verdict.FITS && made.missing().isEmpty()) {
            j.next(Phrase.all(made.next(), " ", idle().orElseGet(this::valve)));
        }
    }

    /** Said of a valve that never works, for the foot does not reach its knee. */
    private Optional<Phrase> idle() {
        if (!j.circuit.valve().isProportioning()) {
            return Optional.empty();
        }
        Optional<Double> reached = j.middle(v -> BrakeModel.pressure(v, BrakeModel.MOST_FOOT));
        Optional<Double> knee = j.middle(v -> v.of(BrakeQuantity.VALVE_KNEE));
        return reached.isPresent() && knee.isPresent() && knee.get() > reached.get()
                ? Optional.of(Phrase.of(
                        "brakes.knee-out-of-reach",
                        Amount.megapascals(knee.get(), 1),
                        Amount.megapascals(reached.get(), 1)))
                : Optional.empty();
    }

    /** The valve that leaves the rear most of its share and is proven to keep it below the front, or that none does. */
    private Phrase valve() {
        double most = 0;
        Phrase words = Phrase.of("brakes.no-valve-does");
        for (double slope = 0.25; slope < 0.61; slope += 0.05) {
            for (double knee = 0.5; knee < 6.1; knee += 0.5) {
                ProportioningValve tried = new ProportioningValve(knee, slope);
                double left = tried.behind(HARD_STOP);
                if (left > most && isProven(tried)) {
                    most = left;
                    words = Phrase.of("brakes.a-valve-would-do", Amount.megapascals(knee, 1), Amount.number(slope, 2));
                }
            }
        }
        return words;
    }

    private boolean isProven(ProportioningValve tried) {
        return j.proven(v -> BalanceModel.balance(v, Load.EMPTY, tried)) >= 0
                && j.proven(v -> BalanceModel.balance(v, Load.LADEN, tried)) >= 0;
    }
}
