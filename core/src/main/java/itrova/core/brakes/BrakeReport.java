package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;
import java.util.List;
import java.util.Optional;

/**
 * Every figure and every finding of a vehicle's brakes in one state.
 *
 * @param figures what they do
 * @param findings what is proven of them
 */
public record BrakeReport(List<BrakeFigure> figures, List<BrakeFinding> findings) {
    public BrakeReport {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /**
     * Works a circuit out.
     *
     * @param parkingNeeded whether a parking brake is legally needed on it
     */
    public static BrakeReport of(BrakeCircuit circuit, boolean parkingNeeded) {
        return of(circuit, parkingNeeded, Depth.WHOLE);
    }

    /** How much is worked out. */
    enum Depth {
        /** As if nothing were in doubt, findings only: to sort out what is not worth more. */
        MIDDLE,
        /** Findings with their doubt. */
        FINDINGS,
        /** Findings with what would mend them, and every figure. */
        WHOLE
    }

    static BrakeReport of(BrakeCircuit circuit, boolean parkingNeeded, Depth depth) {
        BrakeReportBuilder j = new BrakeReportBuilder(circuit, depth);
        if (circuit.isTrailer()) {
            TrailerBrakes.judge(j);
        } else {
            PedalBrakes.judge(j);
            Balance.judge(j);
            Standing.judge(j, parkingNeeded);
            Heat.judge(j);
        }
        SeenThings.judge(j);
        return j.report();
    }

    /** The finding of a check, if it was made. */
    public Optional<BrakeFinding> of(BrakeCheck check) {
        return findings.stream().filter(f -> f.check() == check).findFirst();
    }

    /** Whether every critical finding is proven. */
    public boolean isProven() {
        return verdict() == Verdict.FITS;
    }

    /** Worst over all critical findings. */
    public Verdict verdict() {
        return findings.stream()
                .filter(BrakeFinding::isCritical)
                .map(BrakeFinding::verdict)
                .reduce(Verdict.FITS, Verdict::worst);
    }

    /** In a sentence what of the critical findings is open or proven not; nothing where all are proven. */
    public Phrase summary() {
        int misfits = critical(Verdict.DOES_NOT_FIT);
        int open = critical(Verdict.NOT_PROVEN);
        return misfits + open == 0 ? Phrase.NOTHING : Phrase.of("brakes.summary", misfits, open);
    }

    private int critical(Verdict verdict) {
        return (int) findings.stream()
                .filter(f -> f.isCritical() && f.verdict() == verdict)
                .count();
    }
}
