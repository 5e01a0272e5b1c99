package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.hydraulics.ProportioningValve;
import itrova.core.phrase.Amount;
import itrova.core.phrase.Phrase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Whether the front locks before the rear. */
final class Balance {
    private static final String SOURCE =
            "ECE R13-H annex 5 (from memory): the front uses more adhesion than the rear, 0.15 ≤ z ≤ 0.8";
    /** Pressure of a hard stop, at which valves are compared (MPa). */
    private static final double HARD_STOP = 7;

    private final BrakeReportBuilder j;

    private Balance(BrakeReportBuilder j) {
        this.j = j;
    }

    static void judge(BrakeReportBuilder j) {
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
        return tried().stream()
                .filter(this::isProven)
                .findFirst()
                .map(v -> Phrase.of(
                        "brakes.a-valve-would-do", Amount.megapascals(v.knee(), 1), Amount.number(v.slope(), 2)))
                .orElse(Phrase.of("brakes.no-valve-does"));
    }

    /** Valves as they are made, the one that leaves the rear most first: the first that is proven needs no other to be tried. */
    private static List<ProportioningValve> tried() {
        List<ProportioningValve> all = new ArrayList<>();
        for (double slope = 0.25; slope < 0.61; slope += 0.05) {
            for (double knee = 0.5; knee < 6.1; knee += 0.5) {
                all.add(new ProportioningValve(knee, slope));
            }
        }
        all.sort(Comparator.comparingDouble(v -> -v.behind(HARD_STOP)));
        return all;
    }

    private boolean isProven(ProportioningValve tried) {
        return j.isProven(v -> BalanceModel.balance(v, Load.EMPTY, tried))
                && j.isProven(v -> BalanceModel.balance(v, Load.LADEN, tried));
    }
}
