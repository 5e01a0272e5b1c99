package itrova.core.brakes;

import itrova.core.finding.Verdict;
import itrova.core.phrase.Phrase;

/** Whether the vehicle stays where it stands. */
final class Standing {
    private static final String SOURCE = "ECE R13-H and FMVSS 135: laden on 20 %, no more than 400 N by hand";

    private Standing() {}

    /** @param isNeeded whether the law asks for it; else it only advises */
    static void judge(BrakeReportBuilder j, boolean isNeeded) {
        j.figure(BrakeFigureKind.STANDING_FORCE_WANTED, StandingModel::wantedStanding);
        if (j.circuit.measured(QuantityAt.vehicle(BrakeQuantity.GRADE_HELD)).isPresent()
                && j.circuit.parking() != BrakeCircuit.Parking.NONE) {
            j.judge(
                    BrakeCheck.PARKING,
                    isNeeded,
                    "%",
                    v -> v.of(BrakeQuantity.GRADE_HELD) - v.of(BrakeQuantity.PARKING_GRADE),
                    Phrase.of("brakes.parking-tried"),
                    SOURCE);
            return;
        }
        switch (j.circuit.parking()) {
            case NOT_LOOKED ->
                told(j, isNeeded, Verdict.NOT_PROVEN, "brakes.parking", "brakes.look-at-the-parking-brake");
            case TRANSMISSION ->
                told(j, isNeeded, Verdict.NOT_PROVEN, "brakes.parking", "brakes.transmission-brake-is-tried");
            case NONE ->
                told(
                        j,
                        isNeeded,
                        isNeeded ? Verdict.DOES_NOT_FIT : Verdict.NOT_PROVEN,
                        "brakes.no-parking-brake",
                        "brakes.choose-a-parking-brake");
            case DRUM_SHOES, DRUM_IN_HAT, LEVER_CALIPER, SPOT_CALIPER -> {
                boolean isDisc = j.circuit.axles().get(BrakeModel.REAR).isDisc();
                if (isDisc == (j.circuit.parking() == BrakeCircuit.Parking.DRUM_SHOES)) {
                    told(
                            j,
                            isNeeded,
                            Verdict.DOES_NOT_FIT,
                            isDisc ? "brakes.its-drums-are-gone" : "brakes.its-discs-are-not-there",
                            "brakes.choose-a-parking-brake");
                    return;
                }
                j.figure(BrakeFigureKind.STANDING_FORCE_HELD, StandingModel::held);
                j.judge(
                        BrakeCheck.PARKING,
                        isNeeded,
                        "N",
                        v -> StandingModel.held(v) - StandingModel.wantedStanding(v),
                        Phrase.of("brakes.parking"),
                        SOURCE);
            }
        }
    }

    private static void told(BrakeReportBuilder j, boolean isNeeded, Verdict verdict, String why, String next) {
        j.told(BrakeCheck.PARKING, isNeeded, verdict, Phrase.of(why), Phrase.of(next), SOURCE);
    }
}
